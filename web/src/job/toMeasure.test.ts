import { expect, it } from 'vitest';
import type { Plan } from '../api/client';
import { toMeasure } from './toMeasure';

const feature = (key: string, edition: number, canBeMeasured: boolean) => ({
  key,
  edition,
  limits: canBeMeasured ? {} : undefined,
  places: canBeMeasured ? [{ canBeMeasured }] : [],
});
const plan = (...features: object[]) => ({ features }) as unknown as Plan;

it('leads to the feature at hand, else to the first that a gauge is put to', () => {
  const all = plan(feature('burrs', 1, false), feature('bore', 2, true), feature('end', 3, true));
  expect(toMeasure(all, 7)).toBe('/parts/7/features/2');
  expect(toMeasure(all, 7, 'end')).toBe('/parts/7/features/3');
  expect(toMeasure(all, 7, 'burrs')).toBe('/parts/7/features/2');
});

it('leads to looking where all is looked at, and nowhere while there is nothing', () => {
  expect(toMeasure(plan(feature('burrs', 1, false)), 7)).toBe('/parts/7/ready');
  expect(toMeasure(plan(), 7)).toBeUndefined();
  expect(toMeasure(plan(feature('bore', 2, true)), undefined)).toBeUndefined();
});
