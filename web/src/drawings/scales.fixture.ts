import type { Scale } from '../api/client';
import all from './scales.fixture.json';
import { scaleSum, type ScaleSum } from './scaleSum';

/** Every scale, as the server describes it: a test of the server keeps the file true. */
export const scales: Scale[] = all;

export function sumOf(id: string): ScaleSum {
  const scale = scales.find((each) => each.id === id);
  if (scale === undefined) {
    throw new Error(`No scale ${id}`);
  }
  return scaleSum(scale);
}
