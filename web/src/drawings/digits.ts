/** Whole picometres as digits, while a scale is turned: what is kept and judged is written out by the server. */

const PM_PER_UNIT: Record<string, number> = { mm: 1_000_000_000, in: 25_400_000_000 };

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

/** One inch or one millimetre, in picometres. Throws for any other unit: a scale has none. */
export function pmPer(unit: string): number {
  const pm = PM_PER_UNIT[unit];
  if (pm === undefined) {
    throw new Error(`A scale is in mm or in, not in ${unit}`);
  }
  return pm;
}

function digits(pm: bigint, unitPm: bigint, decimals: number): string {
  const sign = pm < 0n ? '−' : '';
  const scaled = (pm < 0n ? -pm : pm) * 10n ** BigInt(decimals);
  const rest = scaled % unitPm;
  let whole = scaled / unitPm;
  if (2n * rest > unitPm || (2n * rest === unitPm && whole % 2n === 1n)) {
    whole += 1n;
  }
  const text = whole.toString().padStart(decimals + 1, '0');
  return sign + (decimals === 0 ? text : `${text.slice(0, -decimals)}.${text.slice(-decimals)}`);
}

/**
 * An inch size in whole inches and a fraction in lowest terms.
 *
 * @param over of how many parts of an inch it is a whole number: a power of two
 * @example fractionOf(94_654_687_500, 128) // '3 93/128'
 */
export function fractionOf(pm: number, over: number): string {
  const count = Math.round((pm * over) / pmPer('in'));
  let [rest, parts] = [count % over, over];
  while (rest !== 0 && rest % 2 === 0) {
    [rest, parts] = [rest / 2, parts / 2];
  }
  const whole = Math.floor(count / over);
  const fraction = `${rest}/${parts}`;
  return rest === 0 ? String(whole) : whole === 0 ? fraction : `${whole} ${fraction}`;
}

/** All the digits there are, and none more. */
export const exactly = (pm: number, unit: string): string =>
  `${Number((pm / pmPer(unit)).toFixed(9))} ${unit}`;
