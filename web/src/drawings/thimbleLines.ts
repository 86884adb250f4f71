import { partsAt, stepsALine, stepsATurn, type ThimbleScale } from './scaleSum';

/**
 * Where each line of a thimble head lies, for an eye square to the index line. All graduations lie on one cylinder at
 * the thimble's edge, so a line at angle φ above the index is seen at R·sin φ: lines crowd toward the horizon, and on the
 * bevel they lean outward as its radius grows.
 */

export interface Face {
  /** The left edge of the thimble, where sleeve lines disappear. */
  edge: number;
  /** The height of the index line. */
  index: number;
  /** From one sleeve line to the next. */
  pitch: number;
  sleeveRadius: number;
  bevel: number;
  thimbleRadius: number;
}

export interface Line {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
}

export interface SleeveLine extends Line {
  count: number;
  figure: string | undefined;
  figureX: number;
  figureY: number;
}

export interface TurnedLine extends Line {
  count: number;
  figure: string | undefined;
  /** How much of its breadth the eye sees, 0 at the horizon to 1 at the index. */
  breadth: number;
  figureY: number;
}

/** Beyond it a line is too foreshortened to be seen. */
const HORIZON = (80 * Math.PI) / 180;
const FIGURE_EVERY_LINES = 5;
const SHORT = 0.55;

const angleALine = (scale: ThimbleScale): number => (2 * Math.PI) / (scale.thimble.last + 1);

/** Lines of the sleeve from its start to just past the edge; the thimble, drawn over them, hides the rest. */
export function sleeveLines(scale: ThimbleScale, step: number, face: Face): SleeveLine[] {
  const position = step / stepsATurn(scale);
  const halves = scale.unit === 'mm';
  const last = Math.min(scale.sleeve.last, Math.ceil(position));
  const lines: SleeveLine[] = [];
  for (let count = 0; count <= last; count += 1) {
    const x = face.edge - (position - count) * face.pitch;
    const figured = count % scale.figureEvery === 0;
    // Whole millimetres hang below the index, halves stand above it; an inch sleeve has all its lines below.
    const up = halves && count % 2 === 1;
    const length = face.sleeveRadius * (up ? 0.2 : figured ? 0.42 : halves ? 0.34 : 0.28);
    lines.push({
      count,
      x1: x,
      x2: x,
      y1: face.index,
      y2: face.index + (up ? -length : length),
      figure: figured ? figureOf(scale, count) : undefined,
      figureX: x,
      figureY: face.index + face.sleeveRadius * 0.7,
    });
  }
  return lines;
}

function figureOf(scale: ThimbleScale, count: number): string {
  return scale.unit === 'mm'
    ? String((count * scale.sleeve.divisionPm) / 1_000_000_000)
    : String((count / scale.figureEvery) % 10);
}

/** How far the thimble stands past its zero, in its own lines. */
function turned(scale: ThimbleScale, step: number): number {
  return (step % stepsATurn(scale)) / stepsALine(scale);
}

/** The thimble's lines that face the eye, figures growing upward. */
export function thimbleLines(scale: ThimbleScale, step: number, face: Face): TurnedLine[] {
  const lines = scale.thimble.last + 1;
  const at = turned(scale, step);
  const delta = angleALine(scale);
  return Array.from({ length: lines }, (_, count) => {
    const away = count - at;
    return { count, angle: (away - lines * Math.round(away / lines)) * delta };
  })
    .filter(({ angle }) => Math.abs(angle) < HORIZON)
    .map(({ count, angle }) => {
      const figured = count % FIGURE_EVERY_LINES === 0;
      const along = figured ? 1 : SHORT;
      const radius = face.sleeveRadius + (face.thimbleRadius - face.sleeveRadius) * along;
      return {
        count,
        x1: face.edge,
        y1: face.index - face.sleeveRadius * Math.sin(angle),
        x2: face.edge + face.bevel * along,
        y2: face.index - radius * Math.sin(angle),
        figure: figured ? String(count) : undefined,
        figureY: face.index - face.thimbleRadius * Math.sin(angle),
        breadth: Math.cos(angle),
      };
    });
}

/** What a vernier figure says on a thimble: its line's number, in steps of the last decimal. */
export function vernierFigure(scale: ThimbleScale, line: number): string {
  const vernier = scale.vernier;
  return vernier === undefined ? '' : String((line * (10 / (vernier.last + 1))) % 10);
}

/**
 * Vernier lines of the sleeve that face the eye: v of them take up v − 1 lines of the thimble.
 *
 * @param legibleApart how far one figure must stand from the last to be printed
 */
export function vernierLines(
  scale: ThimbleScale,
  face: Face,
  from: number,
  legibleApart: number,
): TurnedLine[] {
  if (scale.vernier === undefined) {
    return [];
  }
  const lines = scale.vernier.last + 1;
  const delta = (angleALine(scale) * (lines - 1)) / lines;
  let lastFigureY = Infinity;
  return Array.from({ length: lines + 1 }, (_, count) => ({ count, angle: count * delta }))
    .filter(({ angle }) => angle < HORIZON)
    .map(({ count, angle }) => {
      const y = face.index - face.sleeveRadius * Math.sin(angle);
      // Toward the horizon the figures would run into one another; the strip below the drawing has them all.
      const legible = lastFigureY - y >= legibleApart;
      lastFigureY = legible ? y : lastFigureY;
      return {
        count,
        x1: from,
        y1: y,
        x2: face.edge,
        y2: y,
        figure: legible ? vernierFigure(scale, count) : undefined,
        figureY: y,
        breadth: Math.cos(angle),
      };
    });
}

export interface Strip {
  /** Lines of the thimble over the vernier, at their places along the unrolled strip. */
  thimble: { x: number; count: number; figured: boolean }[];
  vernier: { x: number; count: number; figure: string }[];
}

/**
 * The coincidence unrolled: thimble lines above, all vernier lines below, to one scale, from one line before the index to
 * one line past the last of the vernier.
 */
export function strip(scale: ThimbleScale, step: number, width: number): Strip {
  const vernier = scale.vernier;
  if (vernier === undefined) {
    return { thimble: [], vernier: [] };
  }
  const lines = vernier.last + 1;
  const onThimble = scale.thimble.last + 1;
  const perLine = width / (lines + 1);
  const at = turned(scale, step);
  // A line on the very end of the strip would be cut in half.
  const first = Math.floor(at - 1) + 1;
  const thimble = [];
  for (let line = first; line - at < lines; line += 1) {
    const count = ((line % onThimble) + onThimble) % onThimble;
    thimble.push({
      x: (line - at + 1) * perLine,
      count,
      figured: count % FIGURE_EVERY_LINES === 0,
    });
  }
  return {
    thimble,
    vernier: Array.from({ length: lines + 1 }, (_, count) => ({
      x: (1 + (count * (lines - 1)) / lines) * perLine,
      count,
      figure: vernierFigure(scale, count),
    })),
  };
}

/** The lines that make the reading at a step: the last sleeve line passed, the thimble's, and where the vernier meets. */
export function counted(scale: ThimbleScale, step: number) {
  const { sleeve = 0, thimble = 0, vernier } = partsAt(scale, step);
  const onThimble = scale.thimble.last + 1;
  return {
    sleeve,
    thimble: Math.floor(thimble),
    vernier,
    meets: vernier === undefined ? undefined : (Math.floor(thimble) + vernier) % onThimble,
  };
}
