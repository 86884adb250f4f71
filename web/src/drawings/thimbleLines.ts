import type { Line } from './marks';
import { partOf, partsAt, type ScaleSum } from './scaleSum';

/**
 * Where each line of a thimble head lies, for an eye square to the index line. All graduations lie on one cylinder at
 * the thimble's edge, so a line at angle φ above the index is seen at R·sin φ: lines crowd toward the horizon, and on the
 * bevel they lean outward as its radius grows.
 *
 * A depth head is the same head seen in a mirror that lies along the index: its figures run the other way, and its sleeve
 * lines are covered one after the other instead of coming into sight.
 */

export interface HeadFace {
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

export interface SleeveLine extends Line {
  count: number;
  figure: string | undefined;
  /** The other row of a stage head, for the other direction of travel. */
  otherFigure: string | undefined;
  figureY: number;
  otherFigureY: number;
}

export interface TurnedLine extends Line {
  count: number;
  /** Its place in sight, from the line last passed: after a whole line of a turn the next line stands in it. */
  slot: number;
  figure: string | undefined;
  otherFigure: string | undefined;
  /** How much of its breadth the eye sees, 0 at the horizon to 1 at the index. */
  breadth: number;
  figureY: number;
}

/** Beyond it a line is too foreshortened to be seen. */
const HORIZON = (80 * Math.PI) / 180;

/** Lines that lie closer, in the drawing's own units, cannot be told apart. */
const CLOSEST = 1.9;

/** The parts of a thimble head, and how its figures run. */
export function headOf(sum: ScaleSum) {
  const sleeve = partOf(sum, 'sleeve');
  const thimble = partOf(sum, 'thimble');
  const vernier = sum.parts.find(({ name }) => name === 'vernier');
  const lines = thimble.last + 1;
  return {
    sleeve,
    thimble,
    lines,
    vernierLines: vernier === undefined ? 0 : vernier.last + 1,
    /** Upward, or downward on a head whose figures run the other way. */
    up: sum.scale.runs === 'covering' ? -1 : 1,
    isBoth: sum.scale.runs === 'both',
    angleALine: (2 * Math.PI) / lines,
    figureEvery: lines > 200 ? 10 : 5,
  };
}

/** A notch of the wheel, and how far the near side of the thimble moves for one step. */
export function turningOf(sum: ScaleSum, face: HeadFace) {
  const { thimble, angleALine, up } = headOf(sum);
  return {
    unitsPerStep: (up * face.sleeveRadius * angleALine) / thimble.steps,
    notch: thimble.steps,
  };
}

/**
 * Lines of the sleeve, from the sleeve's zero, which stands at `shift`: they move as one. Those hidden just under the
 * thimble's edge are among them: the thimble is drawn over them.
 */
export function sleeveRow(sum: ScaleSum, step: number, face: HeadFace) {
  const { sleeve, up, isBoth } = headOf(sum);
  const { figureEvery, figures } = sum.scale;
  const position = step / sleeve.steps;
  const inSight = Math.ceil(face.edge / face.pitch);
  const [from, to] =
    up > 0
      ? [Math.max(0, Math.floor(position) - inSight), Math.ceil(position)]
      : [Math.floor(position), Math.floor(position) + inSight];
  const halves = sum.unit === 'mm';
  const lines: SleeveLine[] = [];
  for (let count = from; count <= Math.min(to, sleeve.last); count += 1) {
    const x = up * count * face.pitch;
    const figured = count % figureEvery === 0;
    const half = halves && count % 2 === 1;
    const length = face.sleeveRadius * (half ? 0.2 : figured ? 0.42 : halves ? 0.34 : 0.28);
    // Whole millimetres hang on one side of the index, halves stand on the other; an inch sleeve has all on one.
    const side = half ? -up : up;
    const nth = count / figureEvery;
    lines.push({
      count,
      x1: x,
      x2: x,
      y1: face.index,
      y2: face.index + side * length,
      figure: figured ? figures[nth] : undefined,
      otherFigure: figured && isBoth ? figures[sleeve.last / figureEvery - nth] : undefined,
      figureY: face.index + up * face.sleeveRadius * 0.66,
      otherFigureY: face.index - face.sleeveRadius * 0.3,
    });
  }
  return { shift: face.edge - up * position * face.pitch, lines };
}

/** How far the thimble stands past its zero, in its own lines. */
function turned(sum: ScaleSum, step: number): number {
  const { thimble } = headOf(sum);
  return (step % (thimble.anew ?? Infinity)) / thimble.steps;
}

/** The thimble's lines that face the eye. */
export function thimbleLines(sum: ScaleSum, step: number, face: HeadFace): TurnedLine[] {
  const { lines, angleALine, up, isBoth, figureEvery } = headOf(sum);
  const at = turned(sum, step);
  return Array.from({ length: lines }, (_, count) => {
    const around = lines * Math.round((count - at) / lines);
    const slot = count - Math.floor(at) - around;
    return { count, slot, angle: up * (count - at - around) * angleALine };
  })
    .filter(
      ({ count, angle }) =>
        Math.abs(angle) < HORIZON &&
        // Toward the horizon the finest lines run into one another: an eye sees the longer ones alone.
        (count % 5 === 0 || face.sleeveRadius * angleALine * Math.cos(angle) > CLOSEST),
    )
    .map(({ count, slot, angle }) => {
      const figured = count % figureEvery === 0;
      const along = figured ? 1 : lines > 50 && count % 5 !== 0 ? 0.4 : 0.55;
      const radius = face.sleeveRadius + (face.thimbleRadius - face.sleeveRadius) * along;
      return {
        count,
        slot,
        x1: face.edge,
        y1: face.index - face.sleeveRadius * Math.sin(angle),
        x2: face.edge + face.bevel * along,
        y2: face.index - radius * Math.sin(angle),
        figure: figured ? String(count) : undefined,
        otherFigure: figured && isBoth ? String((lines - count) % lines) : undefined,
        figureY: face.index - face.thimbleRadius * Math.sin(angle),
        breadth: Math.cos(angle),
      };
    });
}

/** What a vernier figure says on a thimble: its line's number, in steps of the last decimal. */
function vernierFigure(sum: ScaleSum, line: number): string {
  const { vernierLines: lines } = headOf(sum);
  return lines === 0 ? '' : String((line * (10 / lines)) % 10);
}

/**
 * Vernier lines of the sleeve that face the eye: v of them take up v − 1 lines of the thimble. The first is the index itself.
 *
 * @param legibleApart how far one figure must stand from the last to be printed
 */
export function vernierLines(
  sum: ScaleSum,
  face: HeadFace,
  from: number,
  legibleApart: number,
): TurnedLine[] {
  const { vernierLines: lines, angleALine, up } = headOf(sum);
  if (lines === 0) {
    return [];
  }
  const delta = (up * angleALine * (lines - 1)) / lines;
  let lastFigureY = Infinity;
  return Array.from({ length: lines + 1 }, (_, count) => ({ count, angle: count * delta }))
    .filter(({ angle }) => Math.abs(angle) < HORIZON)
    .map(({ count, angle }) => {
      const y = face.index - face.sleeveRadius * Math.sin(angle);
      // Toward the horizon the figures would run into one another; the strip below the drawing has them all.
      const legible = Math.abs(lastFigureY - y) >= legibleApart;
      lastFigureY = legible ? y : lastFigureY;
      return {
        count,
        slot: count,
        x1: from,
        y1: y,
        x2: face.edge,
        y2: y,
        figure: legible ? vernierFigure(sum, count) : undefined,
        otherFigure: undefined,
        figureY: y,
        breadth: Math.cos(angle),
      };
    })
    .slice(1);
}

/** The lines that make the reading at a step: the last sleeve line, the thimble's, and where the vernier meets. */
export function counted(sum: ScaleSum, step: number) {
  const { sleeve = 0, thimble = 0, vernier } = partsAt(sum, step);
  const passed = Math.floor(thimble);
  return {
    sleeve,
    thimble: passed,
    vernier,
    meets: vernier === undefined ? undefined : (passed + vernier) % headOf(sum).lines,
  };
}

/** How many lines on either side of the index the enlarged look shows, where there is no vernier. */
const LOOK_LINES = 6;

/**
 * The coincidence laid flat and enlarged: thimble lines above, the vernier's below, to one scale, from one line before the
 * index to one line past the last of the vernier. Without a vernier the lines near the index, and the index alone.
 */
export function headStrip(sum: ScaleSum, step: number, width: number) {
  const { lines: onThimble, vernierLines: lines, figureEvery } = headOf(sum);
  const before = lines === 0 ? LOOK_LINES : 1;
  const after = lines === 0 ? LOOK_LINES : lines;
  const perLine = width / (before + after);
  const at = turned(sum, step);
  const moving = [];
  // A line on the very end of the strip would be cut in half.
  for (let line = Math.floor(at - before) + 1; line - at < after; line += 1) {
    const count = ((line % onThimble) + onThimble) % onThimble;
    const figured = count % (lines === 0 ? Math.min(figureEvery, 5) : figureEvery) === 0;
    moving.push({
      x: (line - at + before) * perLine,
      count,
      figure: figured ? String(count) : undefined,
    });
  }
  const fixed = Array.from({ length: lines + 1 }, (_, count) => ({
    x: (before + (lines === 0 ? 0 : (count * (lines - 1)) / lines)) * perLine,
    count,
    figure: lines === 0 ? undefined : vernierFigure(sum, count),
  }));
  return { moving, fixed };
}
