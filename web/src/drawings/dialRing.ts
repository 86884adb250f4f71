import type { Line } from './marks';

/** Where the graduations of a round face lie: clockwise from the top. */

export interface RingLine extends Line {
  count: number;
  figure: string | undefined;
  figureX: number;
  figureY: number;
  middle: boolean;
}

/** A point on a circle, an angle in turns clockwise from the top. */
export function onRing(cx: number, cy: number, radius: number, turns: number): [number, number] {
  const angle = 2 * Math.PI * turns;
  return [cx + radius * Math.sin(angle), cy - radius * Math.cos(angle)];
}

/** @param figureOf what is printed at a graduation; undefined for none */
export function ringLines(
  cx: number,
  cy: number,
  radius: number,
  lines: number,
  figureOf: (count: number) => string | undefined,
): RingLine[] {
  return Array.from({ length: lines }, (_, count) => {
    const figure = figureOf(count);
    const middle = count % 5 === 0;
    const length = radius * (figure !== undefined ? 0.14 : middle ? 0.11 : 0.07);
    const turns = count / lines;
    const [x1, y1] = onRing(cx, cy, radius, turns);
    const [x2, y2] = onRing(cx, cy, radius - length, turns);
    const [figureX, figureY] = onRing(cx, cy, radius * 0.74, turns);
    return { count, figure, middle, x1, y1, x2, y2, figureX, figureY };
  });
}

/** Graduations on either side of the needle in the enlarged look. */
const LOOK_LINES = 6;

/** The graduations near the needle laid flat and enlarged; the needle alone stands below them. */
export function ringStrip(at: number, width: number, figureOf: (count: number) => string) {
  const perLine = width / (2 * LOOK_LINES);
  const moving = [];
  for (let count = Math.floor(at - LOOK_LINES) + 1; count - at < LOOK_LINES; count += 1) {
    moving.push({
      x: (count - at + LOOK_LINES) * perLine,
      count,
      figure: count % 5 === 0 ? figureOf(count) : undefined,
    });
  }
  return { moving, fixed: [{ x: width / 2, count: 0, figure: undefined }] };
}
