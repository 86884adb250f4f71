import { describe, expect, it } from 'vitest';
import type { Drawer } from '../api/client';
import { asTyped, countedOn, sketchOf } from './sketch';

const drawer = {
  kinds: [
    {
      code: 'outside-micrometer',
      name: 'outside micrometer',
      scales: [
        { id: 'mic-in-0001', name: 'to 0.0001 in', unit: 'in' },
        { id: 'mic-mm-0001', name: 'to 0.001 mm', unit: 'mm' },
      ],
      transfer: false,
      bracket: false,
      frames: true,
    },
  ],
} as unknown as Drawer;

describe('a sketch of gauges', () => {
  it('starts from what is usual for the kind, in the unit of its scale', () => {
    const inch = sketchOf(drawer, 'outside-micrometer');
    expect([inch.scale, inch.unit, inch.rangeLow, inch.rangeHigh]).toEqual([
      'mic-in-0001',
      'in',
      '0',
      '1',
    ]);
    expect(sketchOf(drawer, 'outside-micrometer', 'mic-mm-0001').rangeHigh).toBe('25');
  });

  it('makes a set of frames of one, each beginning where the one before ends', () => {
    const first = {
      ...sketchOf(drawer, 'outside-micrometer', 'mic-mm-0001'),
      shopNumber: 'M5',
      frames: '4',
    };
    expect(
      asTyped(first, 'outside micrometer').map(({ shopNumber, name }) => [shopNumber, name]),
    ).toEqual([
      ['M5', 'Outside micrometer, 0 to 25 mm'],
      ['M6', 'Outside micrometer, 25 to 50 mm'],
      ['M7', 'Outside micrometer, 50 to 75 mm'],
      ['M8', 'Outside micrometer, 75 to 100 mm'],
    ]);
  });

  it('adds tenths of an inch without what binary sums leave behind', () => {
    const first = {
      ...sketchOf(drawer, 'outside-micrometer'),
      shopNumber: 'a',
      rangeLow: '0.1',
      rangeHigh: '0.2',
      frames: '3',
    };
    expect(asTyped(first, 'x').map(({ rangeHigh }) => rangeHigh)).toEqual(['0.2', '0.3', '0.4']);
  });

  it('leaves a range that is none for the server to refuse', () => {
    const first = { ...sketchOf(drawer, 'outside-micrometer'), rangeHigh: 'wide', frames: '4' };
    expect(asTyped(first, 'x')).toHaveLength(1);
  });

  it.each([
    ['M1', 2, 'M3'],
    ['M9', 1, 'M10'],
    ['set', 0, 'set1'],
    ['12-7', 1, '12-8'],
  ])('counts %s on by %i to %s', (number, by, counted) => {
    expect(countedOn(number, by)).toBe(counted);
  });
});
