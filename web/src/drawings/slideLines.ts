import { partOf, type ScaleSum } from './scaleSum';

/**
 * Where each line of a vernier slide lies. The view travels with the slide, so the vernier stands still and the beam passes
 * under it. n vernier lines take up n − 1 main divisions, so line j meets a main line just when the zero stands j/n of a
 * division past one.
 */

export interface SlideFace {
  /** Where the vernier's zero stands. */
  zero: number;
  /** From one main line to the next. */
  pitch: number;
  width: number;
}

export interface RowLine {
  count: number;
  x: number;
  figure: string | undefined;
  /** Between a figured and a short one. */
  middle: boolean;
}

/** A metric vernier numbers the tenths of a millimetre; an inch one the thous, every fifth, or the 128ths, every fourth. */
function vernierFigure(sum: ScaleSum, line: number): string | undefined {
  const lines = partOf(sum, 'line').last + 1;
  if (sum.unit === 'mm') {
    return (line * 10) % lines === 0 ? String(((line * 10) / lines) % 10) : undefined;
  }
  return line % (lines === 8 ? 4 : 5) === 0 ? String(line) : undefined;
}

/** A row of lines that moves as one: where its zero stands, and the lines of it that are in sight, from that zero. */
export interface MovingRow {
  shift: number;
  lines: RowLine[];
}

/** The beam's lines in sight, those beyond its end left out. */
export function beamRow(
  sum: ScaleSum,
  coarse: 'main' | 'beam',
  step: number,
  { zero, pitch, width }: SlideFace,
): MovingRow {
  const part = partOf(sum, coarse);
  const position = step / part.steps;
  const from = Math.max(0, Math.ceil(position - zero / pitch));
  const to = Math.min(part.last + overrun(sum), Math.floor(position + (width - zero) / pitch));
  const { figureEvery, figures } = sum.scale;
  const middleEvery = figureEvery % 2 === 0 ? figureEvery / 2 : Infinity;
  const lines: RowLine[] = [];
  for (let count = from; count <= to; count += 1) {
    lines.push({
      count,
      x: count * pitch,
      figure: count % figureEvery === 0 ? figures[count / figureEvery] : undefined,
      middle: count % middleEvery === 0,
    });
  }
  return { shift: zero - position * pitch, lines };
}

/** A beam is divided past its last reading, so that the whole vernier has lines to meet. */
const overrun = (sum: ScaleSum): number =>
  sum.scale.family === 'vernier' ? partOf(sum, 'line').last : 0;

/** All lines of the vernier, the last one included. */
export function vernierRow(sum: ScaleSum, { zero, pitch }: SlideFace): RowLine[] {
  const lines = partOf(sum, 'line').last + 1;
  return Array.from({ length: lines + 1 }, (_, count) => ({
    count,
    x: zero + (count * pitch * (lines - 1)) / lines,
    figure: vernierFigure(sum, count),
    middle: lines > 10 && count % 5 === 0,
  }));
}

/** Vernier lines on either side of the one that meets, in the enlarged look. */
const LOOK_LINES = 4;

/** The coincidence enlarged: a few main lines above, a few vernier lines below, around the pair that meets. */
export function slideStrip(sum: ScaleSum, step: number, width: number) {
  const { last } = partOf(sum, 'line');
  const meets = step % (last + 1);
  const middle = Math.min(Math.max(meets, LOOK_LINES), last + 1 - LOOK_LINES);
  const pitch = width / (2 * LOOK_LINES + 1);
  const face: SlideFace = {
    pitch,
    width,
    zero: width / 2 - (middle * pitch * last) / (last + 1),
  };
  const inSight = ({ x }: RowLine) => x > pitch * 0.1 && x < width - pitch * 0.1;
  return {
    moving: standing(beamRow(sum, 'main', step, face)).filter(inSight),
    fixed: vernierRow(sum, face).filter(inSight),
  };
}

/** Each line of a moving row where it stands now. */
const standing = ({ shift, lines }: MovingRow): RowLine[] =>
  lines.map((line) => ({ ...line, x: line.x + shift }));
