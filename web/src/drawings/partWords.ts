import { digitsOf } from './digits';
import type { PartOf, ScaleSum } from './scaleSum';

/** What each part of a scale is called on the screen, and what a count of it means. */

const NAMES: Record<string, string> = {
  main: 'Main scale lines',
  line: 'Vernier',
  beam: 'Beam lines',
  dial: 'Dial',
  sleeve: 'Sleeve lines',
  thimble: 'Thimble',
  vernier: 'Vernier',
  needle: 'Needle',
  shown: 'Shown',
  mark: 'Graduation',
};

export const partName = (name: string): string => NAMES[name] ?? `Leaf ${name}`;

const FINE_WORDS: Record<string, string> = {
  line: 'lined up',
  vernier: 'lined up',
  thimble: 'on or last passed',
  dial: 'on or last passed',
  mark: 'the nearest',
};

/**
 * A count in words, beside it.
 *
 * @example partWords(micMm0001, sleeve, 37) // '18 and the half'
 */
export function partWords(sum: ScaleSum, part: PartOf, count: number): string {
  const { scale, unit } = sum;
  if (part.name === 'needle') {
    return count === 0 ? 'at zero' : count > 0 ? 'clockwise of zero' : 'back from zero';
  }
  if (part.name === 'shown') {
    return unit;
  }
  const words = FINE_WORDS[part.name];
  if (words !== undefined) {
    return words;
  }
  const hidden = scale.runs === 'covering' ? ' hidden' : '';
  if (part.name === 'sleeve' && unit === 'mm') {
    const half = count % 2 === 1 ? ' and the half' : ', no half';
    return `${Math.floor(count / 2)}${half}${hidden}`;
  }
  const more = count % scale.figureEvery;
  const figurePm = part.divisionPm * scale.figureEvery;
  const figure = digitsOf(((count - more) / scale.figureEvery) * figurePm, unit, figurePm);
  return `${figure}${more === 0 ? '' : ` and ${more} more`}${hidden}`;
}
