import type { Feature } from '../api/client';

/** How a deviation of some micrometres is made as large as the eye needs it, by a factor that can be printed. */

/** Factors that are easily said: 1, 2, 5, 10 … */
const STEPS = [1, 2, 5];

/** The largest factor of those that keeps a deviation within a reach. */
export const factorFor = (deviationPm: number, pxPerPm: number, reach: number): number => {
  const wanted = reach / Math.max(deviationPm * pxPerPm, 1e-12);
  const decade = 10 ** Math.floor(Math.log10(Math.max(wanted, 1)));
  const fit = STEPS.map((step) => step * decade).filter((factor) => factor <= wanted);
  return Math.min(fit.at(-1) ?? 1, 100_000);
};

/** The next factor up or down. */
export const otherFactor = (factor: number, by: 1 | -1): number => {
  const decade = 10 ** Math.floor(Math.log10(factor) + 1e-9);
  const at = STEPS.indexOf(Math.round(factor / decade));
  const next = at + by;
  return next < 0
    ? Math.max(1, 5 * (decade / 10))
    : next > 2
      ? 10 * decade
      : (STEPS[next] ?? 1) * decade;
};

export const factorSaid = (factor: number): string =>
  `× ${factor.toLocaleString('en').replaceAll(',', ' ')}`;

/** A limit that is drawn into a picture of form. */
export interface DrawnLimit {
  name: 'low' | 'high' | 'service';
  pm: number;
  text: string;
}

/** Told apart without colour: new limits dashed, service a chain line. */
export const LIMIT_LINES: Record<DrawnLimit['name'], { dash: string; className: string }> = {
  low: { dash: '7 5', className: 'stroke-in' },
  high: { dash: '7 5', className: 'stroke-in' },
  service: { dash: '12 4 2 4', className: 'stroke-gone' },
};

/** The limits of a feature’s size, as circles and lines. */
export const limitsOf = ({ limits, service }: Pick<Feature, 'limits' | 'service'>): DrawnLimit[] =>
  [
    { name: 'low' as const, size: limits.low },
    { name: 'high' as const, size: limits.high },
    { name: 'service' as const, size: service },
  ].flatMap(({ name, size }) => (size ? [{ name, pm: size.pm, text: size.text }] : []));

/** What stands for itself in the pictures of one feature: its lines, and the size that all deviations are drawn from. */
export function baseOf(limits: readonly DrawnLimit[], sizes: readonly number[]): number {
  const asNew = limits.filter(({ name }) => name !== 'service').map(({ pm }) => pm);
  const from = asNew.length > 0 ? asNew : sizes;
  return from.reduce((sum, pm) => sum + pm, 0) / from.length;
}

/** The farthest that anything drawn lies from the base. */
export const farthest = (
  base: number,
  limits: readonly DrawnLimit[],
  sizes: readonly number[],
): number =>
  Math.max(
    ...limits.map(({ pm }) => Math.abs(pm - base)),
    ...sizes.map((pm) => Math.abs(pm - base)),
    1,
  );
