import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  addends,
  digitsOf,
  lastStep,
  onScale,
  otherUnit,
  type PartCounts,
  partsAt,
  stepOf,
  sumPm,
  thimbleScale,
} from './scaleSum';
import { scaleOf, scales } from './scales.fixture';

type Row = Record<string, string>;

/** The rows of a vector file that are about the outside thimbles. None of its cells holds a comma or a quote. */
function rowsOf(file: string): Row[] {
  const text = readFileSync(`../core/src/test/resources/vectors/${file}.csv`, 'utf8');
  const [head = '', ...lines] = text.trimEnd().split(/\r?\n/);
  const columns = head.split(',');
  return lines
    .map((line) => {
      const cells = line.split(',');
      expect(cells.length, line).toBe(columns.length);
      return Object.fromEntries(columns.map((column, i) => [column, cells[i] ?? '']));
    })
    .filter(({ scale = '' }) => scale.startsWith('mic-'));
}

const countsOf = (parts = ''): PartCounts =>
  Object.fromEntries(
    parts
      .split(';')
      .map((part) => part.split('='))
      .map(([name, count]) => [name, Number(count)]),
  );

const pmOf = (figure = '', unit = ''): number =>
  Math.round(Number(figure || '0') * 1e6) * (unit === 'in' ? 25_400 : 1_000);

describe('the sum of a thimble', () => {
  const readings = rowsOf('readings').filter(({ error }) => error === '');
  const settings = rowsOf('setting').filter(({ error }) => error === '');

  it('has cases to run', () => {
    expect(readings.length).toBeGreaterThan(20);
    expect(settings.length).toBeGreaterThan(10);
  });

  it.each(readings)('$id: $scale $parts', ({ scale = '', base, unit, parts, value_pm }) => {
    const thimble = thimbleScale(scaleOf(scale));
    expect(sumPm(thimble, pmOf(base, unit), stepOf(thimble, countsOf(parts)))).toBe(
      Number(value_pm),
    );
  });

  it.each(settings)('$id: $scale set to $wanted $unit', (row) => {
    const thimble = thimbleScale(scaleOf(row['scale'] ?? ''));
    const basePm = pmOf(row['base'], row['unit']);
    const leastCounts = Math.floor((Number(row['wanted_pm']) - basePm) / thimble.leastCountPm);
    const step = (leastCounts * thimble.leastCountPm) / thimble.stepPm;
    expect(partsAt(thimble, step)).toEqual(countsOf(row['parts']));
    expect(sumPm(thimble, basePm, step)).toBe(Number(row['value_pm']));
  });

  it.each(scales.map(({ id }) => id))('%s: parts and step are each other’s way back', (id) => {
    const thimble = thimbleScale(scaleOf(id));
    for (let step = 0; step <= lastStep(thimble); step += 7) {
      expect(stepOf(thimble, partsAt(thimble, step))).toBe(step);
    }
    expect(onScale(thimble, -3)).toBe(0);
    expect(onScale(thimble, lastStep(thimble) + 3)).toBe(lastStep(thimble));
  });

  it('is shown line by line, each to the last decimal of the scale', () => {
    const thimble = thimbleScale(scaleOf('mic-mm-0001'));
    const lines = addends(
      thimble,
      25_000_000_000,
      stepOf(thimble, { sleeve: 37, thimble: 41, vernier: 6 }),
    );
    expect(lines.map(({ label, text }) => `${label}: ${text}`)).toEqual([
      'frame: 25.000',
      'sleeve, 37 × 0.5: 18.500',
      'thimble, 41 × 0.01: 0.410',
      'vernier, 6 × 0.001: 0.006',
    ]);
    expect(addends(thimble, 0, 0)[0]?.part).toBe('sleeve');
  });

  it('claims a tenth of a line only where one was judged', () => {
    const plain = thimbleScale(scaleOf('mic-mm-001'));
    const texts = (step: number) => addends(plain, 25_000_000_000, step).map(({ text }) => text);
    expect(texts(stepOf(plain, { sleeve: 14, thimble: 22 }))).toEqual(['25.00', '7.00', '0.22']);
    expect(texts(stepOf(plain, { sleeve: 14, thimble: 22.3 }))).toEqual([
      '25.000',
      '7.000',
      '0.223',
    ]);
    const fine = thimbleScale(scaleOf('mic-in-0001'));
    expect(addends(fine, 0, stepOf(fine, { sleeve: 1, thimble: 2, vernier: 0 }))[0]?.text).toBe(
      '0.0250',
    );
  });

  it('is written exactly in its own unit and honestly in the other', () => {
    expect(digitsOf(43_916_000_000, 'mm', 1_000_000)).toBe('43.916');
    expect(digitsOf(71_051_420_000, 'in', 2_540_000)).toBe('2.7973');
    expect(digitsOf(0, 'mm', 2_000_000)).toBe('0.000');
    expect(otherUnit(43_916_000_000, 'mm', 1_000_000)).toBe('1.72898 in');
    expect(otherUnit(71_051_420_000, 'in', 2_540_000)).toBe('71.0514 mm');
  });

  it('refuses a scale that is no thimble', () => {
    expect(() => thimbleScale({ ...scaleOf('mic-mm-001'), parts: [] })).toThrow('no thimble scale');
    expect(() => digitsOf(1, 'ell', 1)).toThrow('not in ell');
  });
});
