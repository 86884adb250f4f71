import { expect, test } from 'vitest';
import { baseOf, factorFor, factorSaid, farthest, otherFactor } from './magnified';

test('the factor is a round one that keeps the largest deviation within its reach', () => {
  // 0.01 mm at a pixel for each 0.5 mm: 0.02 px, and 42 px are there.
  const pxPerPm = 1 / 500_000_000;
  const factor = factorFor(10_000_000, pxPerPm, 42);
  expect(factor).toBe(2000);
  expect(10_000_000 * pxPerPm * factor).toBeLessThanOrEqual(42);
  expect(10_000_000 * pxPerPm * otherFactor(factor, 1)).toBeGreaterThan(42);
});

test('nothing to magnify is drawn as it is, not endlessly large', () => {
  expect(factorFor(0, 1e-9, 42)).toBeLessThanOrEqual(100_000);
  expect(factorFor(1e12, 1e-9, 42)).toBe(1);
});

test('factors go up and down by steps that are easily said', () => {
  const up = [1, 2, 5, 10, 20, 50, 100];
  up.slice(1).forEach((to, i) => expect(otherFactor(up[i] ?? 0, 1)).toBe(to));
  up.slice(1).forEach((from, i) => expect(otherFactor(from, -1)).toBe(up[i]));
  expect(otherFactor(1, -1)).toBe(1);
  expect(factorSaid(2000)).toBe('× 2 000');
});

test('deviations start from the middle of the limits of a new one; without limits from the sizes', () => {
  const limits = [
    { name: 'low' as const, pm: 100, text: '' },
    { name: 'high' as const, pm: 120, text: '' },
    { name: 'service' as const, pm: 200, text: '' },
  ];
  expect(baseOf(limits, [500])).toBe(110);
  expect(baseOf([], [500, 510])).toBe(505);
  expect(farthest(110, limits, [90])).toBe(90);
});
