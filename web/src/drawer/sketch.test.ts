import { describe, expect, it } from 'vitest';
import type { GaugeKind } from '../api/client';
import { sketchOf } from './sketch';

const kind: GaugeKind = {
  code: 'outside-micrometer',
  name: 'outside micrometer',
  scales: [
    { id: 'mic-in-0001', name: 'to 0.0001 in', unit: 'in' },
    { id: 'mic-mm-0001', name: 'to 0.001 mm', unit: 'mm' },
  ],
  transfer: false,
  bracket: false,
  limits: false,
  threads: false,
  frames: true,
  reader: true,
  usualMillimetres: { low: '0', high: '25' },
  usualInches: { low: '0', high: '1' },
};

describe('a gauge as it begins to be typed', () => {
  it('has the first scale of its kind and the range that is usual in its unit', () => {
    const { scale, unit, rangeLow, rangeHigh } = sketchOf(kind);
    expect([scale, unit, rangeLow, rangeHigh]).toEqual(['mic-in-0001', 'in', '0', '1']);
  });

  it('follows the scale that is picked', () => {
    const { scale, unit, rangeHigh } = sketchOf(kind, 'mic-mm-0001');
    expect([scale, unit, rangeHigh]).toEqual(['mic-mm-0001', 'mm', '25']);
  });

  it('of a kind without a scale is in millimetres', () => {
    const { scale, unit, rangeHigh } = sketchOf({ ...kind, scales: [] });
    expect([scale, unit, rangeHigh]).toEqual(['', 'mm', '25']);
  });
});
