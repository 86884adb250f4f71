import { describe, expect, it } from 'vitest';
import type { LengthText } from '../api/client';
import { type DrawnFeature, endOf, layAlong, thicknessAt } from './sectionLayout';

const mm = (size: number): LengthText => ({
  pm: size * 1e9,
  text: String(size),
  unit: 'mm',
  other: '',
});

const feature = (kind: string, size: number, from?: number, length?: number): DrawnFeature => ({
  key: `${kind} ${size} ${from}`,
  kind,
  limits: { low: mm(size), high: mm(size), middle: mm(size), sentence: '' },
  ...(from === undefined ? {} : { starts: mm(from) }),
  ...(length === undefined ? {} : { length: mm(length) }),
  depths: [],
});

describe('the section of a part', () => {
  it('lays a feature where it says it lies, and numbers it as the list does', () => {
    const [left, body] = layAlong([feature('outside', 25, 0, 26), feature('outside', 32, 26, 118)]);
    expect(left).toMatchObject({ number: 1, from: 0, to: 26e9, size: 25e9 });
    expect(body).toMatchObject({ number: 2, from: 26e9, to: 144e9 });
  });

  it('puts features that say nothing one behind the other', () => {
    const laid = layAlong([feature('outside', 20), feature('outside', 30), feature('bore', 10)]);
    expect(laid.map(({ from, to }) => [from, to])).toEqual([
      [0, 20e9],
      [20e9, 40e9],
      [0, 20e9],
    ]);
    expect(endOf(laid)).toBe(40e9);
  });

  it('draws a shoulder as long as its size, from where it begins', () => {
    const [, step] = layAlong([feature('outside', 20, 0, 100), feature('step', 40)]);
    expect(step).toMatchObject({ from: 0, to: 40e9 });
  });

  it('knows how thick the part is at a place', () => {
    const laid = layAlong([feature('outside', 25, 0, 26), feature('outside', 32, 26, 118)]);
    expect(thicknessAt(laid, 10e9)).toBe(25e9);
    expect(thicknessAt(laid, 100e9)).toBe(32e9);
    expect(thicknessAt(laid, 200e9)).toBe(0);
  });
});
