import type { Scale } from '../api/client';

/**
 * Adds up the parts of a scale while it is turned, in whole picometres, from the definition that the server gave. The
 * server adds again when the reading is kept, and refuses a difference.
 *
 * A thimble's position is one whole number: how many of its finest steps it has been turned out from its start. The
 * finest step is the vernier's least count, or a tenth of a thimble division where the eye may judge between two lines.
 */

export type PartName = 'sleeve' | 'thimble' | 'vernier';
export type PartCounts = Partial<Record<PartName, number>>;

const PM_PER_UNIT: Record<string, number> = { mm: 1_000_000_000, in: 25_400_000_000 };
const ESTIMATED_TENTHS = 10;

interface PartOf {
  name: PartName;
  divisionPm: number;
  last: number;
}

export interface ThimbleScale {
  unit: string;
  figureEvery: number;
  sleeve: PartOf;
  thimble: PartOf;
  /** Absent where the eye judges between two lines. */
  vernier: PartOf | undefined;
  /** What one whole step is worth. */
  stepPm: number;
  leastCountPm: number;
}

/** The thimble in a scale's definition. Throws for a scale of another family. */
export function thimbleScale(scale: Scale): ThimbleScale {
  const part = (name: PartName): PartOf | undefined => {
    const found = scale.parts.find((each) => each.name === name);
    return found && { name, divisionPm: found.divisionPm, last: found.last };
  };
  const sleeve = part('sleeve');
  const thimble = part('thimble');
  if (sleeve === undefined || thimble === undefined) {
    throw new Error(`${scale.id} is no thimble scale`);
  }
  const vernier = part('vernier');
  return {
    unit: scale.unit,
    figureEvery: scale.figureEvery,
    sleeve,
    thimble,
    vernier,
    stepPm: vernier ? vernier.divisionPm : thimble.divisionPm / ESTIMATED_TENTHS,
    leastCountPm: scale.leastCount.pm,
  };
}

/** Steps from one line of the thimble to the next. */
export const stepsALine = (scale: ThimbleScale): number => scale.thimble.divisionPm / scale.stepPm;

/** Steps from one line of the sleeve to the next. */
export const stepsATurn = (scale: ThimbleScale): number => scale.sleeve.divisionPm / scale.stepPm;

/** The step at the end of the travel. */
export const lastStep = (scale: ThimbleScale): number => scale.sleeve.last * stepsATurn(scale);

/** A step brought back onto the scale. */
export const onScale = (scale: ThimbleScale, step: number): number =>
  Math.min(Math.max(Math.round(step), 0), lastStep(scale));

/**
 * The counts that show at a step.
 *
 * @example partsAt(micMm0001, 18916) // { sleeve: 37, thimble: 41, vernier: 6 }
 */
export function partsAt(scale: ThimbleScale, step: number): PartCounts {
  const sleeve = Math.floor(step / stepsATurn(scale));
  const rest = step - sleeve * stepsATurn(scale);
  if (scale.vernier === undefined) {
    return { sleeve, thimble: rest / stepsALine(scale) };
  }
  const thimble = Math.floor(rest / stepsALine(scale));
  return { sleeve, thimble, vernier: rest - thimble * stepsALine(scale) };
}

/** The step at which counts show. */
export function stepOf(
  scale: ThimbleScale,
  { sleeve = 0, thimble = 0, vernier = 0 }: PartCounts,
): number {
  return sleeve * stepsATurn(scale) + Math.round(thimble * stepsALine(scale)) + vernier;
}

/** Exact: every division is a whole number of steps, and every step of picometres. */
export const sumPm = (scale: ThimbleScale, basePm: number, step: number): number =>
  basePm + step * scale.stepPm;

/**
 * The finest step that a setting shows: where no vernier is, a tenth of a line only when one was judged between two lines,
 * so that 32.22 on a head to 0.01 is not shown as 32.220.
 */
export const finestShown = (scale: ThimbleScale, step: number): number =>
  step % stepsALine(scale) === 0 ? scale.leastCountPm : scale.stepPm;

export interface Addend {
  part: PartName | 'base';
  label: string;
  text: string;
}

/** The sum line by line, as it is read: base, sleeve, thimble, vernier. */
export function addends(scale: ThimbleScale, basePm: number, step: number): Addend[] {
  const counts = partsAt(scale, step);
  const finest = finestShown(scale, step);
  const parts = [scale.sleeve, scale.thimble, scale.vernier].flatMap((part) => part ?? []);
  const lines: Addend[] = parts.map(({ name, divisionPm }) => {
    const count = counts[name] ?? 0;
    return {
      part: name,
      label: `${name}, ${count} × ${digitsOf(divisionPm, scale.unit, divisionPm)}`,
      text: digitsOf(Math.round(count * divisionPm), scale.unit, finest),
    };
  });
  return basePm === 0
    ? lines
    : [{ part: 'base', label: 'frame', text: digitsOf(basePm, scale.unit, finest) }, ...lines];
}

/**
 * The digits of a length that is a whole number of steps, to the step's last decimal. Exact.
 *
 * @example digitsOf(43_916_000_000, 'mm', 1_000_000) // '43.916'
 */
export function digitsOf(pm: number, unit: string, stepPm: number): string {
  const unitPm = pmPer(unit);
  let decimals = 0;
  while (stepPm % (unitPm / 10 ** decimals) !== 0) {
    decimals += 1;
  }
  return digits(BigInt(pm), BigInt(unitPm), decimals);
}

/**
 * The same length in the other unit, to a third of the step, rounded half to even: converted back it gives the same.
 *
 * @example otherUnit(43_916_000_000, 'mm', 1_000_000) // '1.72898 in'
 */
export function otherUnit(pm: number, unit: string, stepPm: number): string {
  const other = unit === 'in' ? 'mm' : 'in';
  const otherPm = pmPer(other);
  let decimals = 0;
  while (otherPm / 10 ** decimals > stepPm / 3) {
    decimals += 1;
  }
  return `${digits(BigInt(pm), BigInt(otherPm), decimals)} ${other}`;
}

function pmPer(unit: string): number {
  const pm = PM_PER_UNIT[unit];
  if (pm === undefined) {
    throw new Error(`A scale is in mm or in, not in ${unit}`);
  }
  return pm;
}

function digits(pm: bigint, unitPm: bigint, decimals: number): string {
  const scaled = pm * 10n ** BigInt(decimals);
  const rest = scaled % unitPm;
  let whole = scaled / unitPm;
  if (2n * rest > unitPm || (2n * rest === unitPm && whole % 2n === 1n)) {
    whole += 1n;
  }
  const text = whole.toString().padStart(decimals + 1, '0');
  return decimals === 0 ? text : `${text.slice(0, -decimals)}.${text.slice(-decimals)}`;
}
