import type { Scale } from '../api/client';
import { digitsOf, fractionOf, pmPer } from './digits';

/**
 * Adds up the parts of a scale while it is turned, in whole picometres, from the definition that the server gave. The
 * server adds again when the reading is kept, and refuses a difference.
 *
 * Where a scale stands is one whole number: its finest steps from its start. The finest step is the least count, or a tenth
 * of a graduation where the eye may judge between two lines. Of a set of feeler leaves it is the leaves taken, one bit each.
 */

export type PartCounts = Record<string, number>;

/** Which way a comparator's figures go as the bore grows. */
export type Sense = 1 | -1;

/** How a scale stands: turned so far, and on a comparator the sense of its figures. */
/** The sense among counts that were kept; figures grow where there is none. */
export const senseOf = (counts: PartCounts): Sense => (counts['sense'] === -1 ? -1 : 1);

export interface Standing {
  step: number;
  sense: Sense;
}

export interface PartOf {
  name: string;
  divisionPm: number;
  /** Steps that one count takes. */
  steps: number;
  /** Steps after which this part begins anew; absent for the coarsest. */
  anew: number | undefined;
  first: number;
  last: number;
  /** Whether one decimal may be judged between two lines. */
  judged: boolean;
}

/** One look: a printed figure, the short lines after it, the half line; a share of a part's count. */
export type LookOf = Scale['glances'][number] & {
  /** Steps that one of it takes; 0 where it only says how the others are read. */
  steps: number;
};

/** A scale's definition, made ready for turning. */
export interface ScaleSum {
  scale: Scale;
  unit: string;
  parts: PartOf[];
  /** What the eye takes off it, in its order. */
  looks: LookOf[];
  /** What one whole step is worth. */
  stepPm: number;
  leastCountPm: number;
  firstStep: number;
  lastStep: number;
}

const ESTIMATED_TENTHS = 10;

export function scaleSum(scale: Scale): ScaleSum {
  const leastCountPm = scale.leastCount.pm;
  // A display shows every digit it has; on the others an estimate is a tenth judged between two lines.
  const judgesTenths = scale.family !== 'digits' && scale.parts.some(({ estimate }) => estimate);
  const stepPm = judgesTenths ? leastCountPm / ESTIMATED_TENTHS : leastCountPm;
  const parts = scale.parts.map(({ name, divisionPm, first, last, estimate }, i): PartOf => {
    const coarser = scale.parts[i - 1];
    // A dial begins anew at each turn of its needle, which may take in several lines of the beam.
    const anewPm = coarser && (scale.turnPm ?? coarser.divisionPm);
    const anew = anewPm === undefined ? undefined : anewPm / stepPm;
    return { name, divisionPm, steps: divisionPm / stepPm, anew, first, last, judged: estimate };
  });
  const [coarse] = parts;
  if (coarse === undefined) {
    throw new Error(`${scale.id} has no parts`);
  }
  const looks = scale.glances.map((look): LookOf => ({
    ...look,
    steps: look.per * (parts.find(({ name }) => name === look.part)?.steps ?? 0),
  }));
  const sum = { scale, unit: scale.unit, parts, looks, stepPm, leastCountPm };
  if (scale.family === 'feeler') {
    return { ...sum, firstStep: 0, lastStep: 2 ** parts.length - 1 };
  }
  if (scale.family === 'digits') {
    return { ...sum, firstStep: 0, lastStep: scale.reach };
  }
  return { ...sum, firstStep: coarse.first * coarse.steps, lastStep: coarse.last * coarse.steps };
}

/** A step brought back onto the scale. */
export const onScale = ({ firstStep, lastStep }: ScaleSum, step: number): number =>
  Math.min(Math.max(Math.round(step), firstStep), lastStep);

/** One part by its name. Throws for a scale that has none of that name. */
export function partOf(sum: ScaleSum, name: string): PartOf {
  const part = sum.parts.find((each) => each.name === name);
  if (part === undefined) {
    throw new Error(`${sum.scale.id} has no ${name}`);
  }
  return part;
}

/**
 * The counts that show at a step.
 *
 * @example partsAt(micMm0001, 18916) // { sleeve: 37, thimble: 41, vernier: 6 }
 */
export function partsAt(sum: ScaleSum, step: number): PartCounts {
  if (sum.scale.family === 'feeler') {
    return Object.fromEntries(
      sum.parts.filter((_, i) => isTaken(step, i)).map(({ name }) => [name, 1]),
    );
  }
  const counts: PartCounts = {};
  for (const { name, steps, anew, judged } of sum.parts) {
    const within = anew === undefined ? step : step % anew;
    counts[name] = judged ? decimal(within / steps) : Math.floor(within / steps);
  }
  return counts;
}

/** Whether a leaf of a feeler set is among those taken. */
export const isTaken = (step: number, leaf: number): boolean =>
  Math.floor(step / 2 ** leaf) % 2 === 1;

/** A quotient of two whole numbers, freed of the last binary digit that a decimal has none for. */
const decimal = (quotient: number): number => Number(quotient.toPrecision(12));

/** The step at which counts show. The last line of a slide's vernier says what its first says. */
export function stepOf(sum: ScaleSum, counts: PartCounts): number {
  if (sum.scale.family === 'feeler') {
    return sum.parts.reduce((step, { name }, i) => step + (counts[name] ? 2 ** i : 0), 0);
  }
  return sum.parts.reduce((step, { name, steps, last }, i) => {
    const count = counts[name] ?? 0;
    const counted = name === 'line' && count === last + 1 ? 0 : count;
    const inSteps = Math.round(counted * steps);
    // Of a beam only whole turns of the needle count: the needle itself shows the rest.
    const finer = sum.parts[i + 1]?.anew;
    return step + (finer === undefined ? inSteps : inSteps - (inSteps % finer));
  }, 0);
}

/** Exact: every division is a whole number of steps, and every step of picometres. */
export function sumPm(sum: ScaleSum, basePm: number, { step, sense }: Standing): number {
  return basePm + turnedPm(sum, step) * (sum.scale.family === 'comparator' ? sense : 1);
}

function turnedPm(sum: ScaleSum, step: number): number {
  return sum.scale.family === 'feeler'
    ? sum.parts.reduce((pm, { divisionPm }, i) => pm + (isTaken(step, i) ? divisionPm : 0), 0)
    : step * sum.stepPm;
}

/**
 * The finest step that a setting shows: where no vernier is, a tenth of a line only when one was judged between two lines,
 * so that 32.22 on a head to 0.01 is not shown as 32.220.
 */
export const finestShown = ({ leastCountPm, stepPm, scale }: ScaleSum, step: number): number =>
  scale.family === 'feeler' || (step * stepPm) % leastCountPm === 0 ? leastCountPm : stepPm;

/**
 * What each look gives at a step.
 *
 * @example looksAt(micIn0001, 6716) // [6, 2, 21, 6]
 */
export function looksAt(sum: ScaleSum, step: number): number[] {
  const rest = partsAt(sum, step);
  const coarse = sum.parts[0]?.name ?? '';
  rest[coarse] = (rest[coarse] ?? 0) + (sum.looks.find(({ from }) => from > 0)?.from ?? 0);
  return sum.looks.map(({ part, per, first }) => {
    if (per === 0) {
      return first;
    }
    const left = rest[part] ?? 0;
    const count = per === 1 ? left : Math.floor(left / per);
    rest[part] = decimal(left - count * per);
    return count;
  });
}

/** What a setting says, to the finest it shows; a scale that is read in fractions of an inch says one. */
export const figureOf = ({ scale }: ScaleSum, pm: number, finest: number): string =>
  scale.over > 1 && pm >= 0 && (pm * scale.over) % pmPer('in') === 0
    ? fractionOf(pm, scale.over)
    : digitsOf(pm, scale.unit, finest);

/** A count as it is read there: 25/64 on an inch rule. */
export const countText = ({ over, worthPm }: LookOf, count: number): string =>
  over > 1 && count !== 0 ? fractionOf(count * worthPm, over) : String(count);

export interface Addend {
  look: string;
  label: string;
  text: string;
}

/**
 * The sum line by line, as the eye reads it: what the gauge adds, then look by look. On a dial that takes several lines of the beam
 * a turn the needle brings what it stands past the last of them.
 */
export function addends(sum: ScaleSum, basePm: number, { step, sense }: Standing): Addend[] {
  const { scale } = sum;
  const finest = finestShown(sum, step);
  const taken = looksAt(sum, step);
  const sign = scale.family === 'comparator' ? sense : 1;
  let leftPm = sumPm(sum, basePm, { step, sense });
  const line = (look: string, label: string, pm: number): Addend => {
    leftPm -= pm;
    return { look, label, text: figureOf(sum, pm, finest) };
  };
  const besidesPm = basePm - (basePm === 0 ? 0 : scale.own);
  const base = besidesPm === 0 ? [] : [line('base', scale.baseName, besidesPm)];
  const lines = sum.looks.flatMap((look, i) => {
    const count = taken[i] ?? 0;
    const isThere = look.per > 0 && (scale.family !== 'feeler' || count > 0);
    const bringsRest = scale.family === 'dial' && i === sum.looks.length - 1;
    const pm = bringsRest ? leftPm : sign * Math.round(count * look.worthPm);
    return isThere ? [line(look.name, labelOf(look, count), pm)] : [];
  });
  return [...base, ...lines];
}

function labelOf(look: LookOf, count: number): string {
  if (look.none !== '') {
    return count === 0 ? look.none : look.brief;
  }
  return look.counted ? `${look.brief}, ${countText(look, count)}` : look.brief;
}

/** The distance between two positions of a stage, whichever came first. Exact. */
export const distancePm = (sum: ScaleSum, start: number, end: number): number =>
  Math.abs(end - start) * sum.stepPm;

/** What misleads here, by its kind and its sentence: the traps of a part that hold at these counts. */
export function trapsAt({ scale }: ScaleSum, part: string, counts: PartCounts) {
  const count = Math.floor(counts[part] ?? 0);
  return scale.traps.filter(
    (trap) =>
      trap.part === part &&
      trap.runs.some(
        ({ from, to, every }) =>
          count >= from && count <= to && (every === 1 || (count - from) % every === 0),
      ),
  );
}
