import type { LookOf, ScaleSum } from './scaleSum';

/** What is said beside a look at a scale. */

/** Its name, for ears and as a field is called. */
export const lookName = ({ label }: LookOf): string => label[0]?.toUpperCase() + label.slice(1);

const FINE_WORDS: Record<string, string> = {
  line: 'lined up',
  vernier: 'lined up',
  thimble: 'on or last passed',
  fraction: 'the nearest',
};

/**
 * How a count is meant, beside it; empty where its name says all.
 *
 * @example lookWords(dialIn001Wide, needle, 142) // 'second half of its turn'
 */
export function lookWords({ scale, unit, parts }: ScaleSum, look: LookOf, count: number): string {
  switch (look.name) {
    case 'needle':
      return count === 0 ? 'at zero' : count > 0 ? 'clockwise of zero' : 'back from zero';
    case 'shown':
      return unit;
    case 'dial': {
      const turn = (scale.turnPm ?? 0) / (parts[0]?.divisionPm ?? 1);
      // With two lines of the beam in one turn, the line tells which half of the face is read.
      return turn === 2
        ? `${2 * count < look.last + 1 ? 'first' : 'second'} half of its turn`
        : 'on or last passed';
    }
    default:
      return FINE_WORDS[look.name] ?? '';
  }
}
