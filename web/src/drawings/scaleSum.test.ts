import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { digitsOf, otherUnit } from './digits';
import {
  addends,
  distancePm,
  looksAt,
  onScale,
  type PartCounts,
  partsAt,
  type Sense,
  stepOf,
  sumPm,
  trapsAt,
} from './scaleSum';
import { scales, sumOf } from './scales.fixture';

type Row = Record<string, string>;

/** All rows of a vector file that are not refusals. None of its cells holds a comma or a quote. */
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
    .filter(({ error }) => error === '');
}

const countsOf = (parts = ''): PartCounts =>
  Object.fromEntries(
    parts
      .split(';')
      .map((part) => part.split('='))
      .map(([name, count]) => [name, Number(count)]),
  );

const under = (beginning: string, counts: PartCounts): PartCounts =>
  Object.fromEntries(
    Object.entries(counts)
      .filter(([name]) => name.startsWith(beginning))
      .map(([name, count]) => [name.slice(beginning.length), count]),
  );

const senseOf = (counts: PartCounts): Sense => (counts['sense'] === -1 ? -1 : 1);

const pmOf = (figure = '', unit = ''): number =>
  Math.round(Number(figure || '0') * 1e6) * (unit === 'in' ? 25_400 : 1_000);

describe('the sum of a scale', () => {
  const readings = rowsOf('readings');
  const settings = rowsOf('setting');

  it('has cases to run, on every scale that is turned', () => {
    expect(readings.length).toBeGreaterThan(180);
    expect(settings.length).toBeGreaterThan(120);
    const read = new Set(readings.map(({ scale }) => scale));
    const turned = scales.filter(({ family }) => family !== 'feeler');
    expect(turned.filter(({ id }) => !read.has(id))).toEqual([]);
  });

  it.each(readings)('$id: $scale $parts', ({ scale = '', base, unit, parts, value_pm }) => {
    const sum = sumOf(scale);
    const counts = countsOf(parts);
    const distance = counts['start.sleeve'] !== undefined;
    expect(
      distance
        ? distancePm(sum, stepOf(sum, under('start.', counts)), stepOf(sum, under('end.', counts)))
        : sumPm(sum, pmOf(base, unit), { step: stepOf(sum, counts), sense: senseOf(counts) }),
    ).toBe(Number(value_pm));
  });

  it.each(settings)('$id: $scale set to $wanted $unit', (row) => {
    const sum = sumOf(row['scale'] ?? '');
    const basePm = pmOf(row['base'], row['unit']);
    const { sense: sign, ...counts } = countsOf(row['parts']);
    const sense: Sense = sign === -1 ? -1 : 1;
    const leastCounts = Math.floor((Number(row['wanted_pm']) - basePm) / sum.leastCountPm);
    const step = ((leastCounts * sum.leastCountPm) / sum.stepPm) * sense;
    expect(partsAt(sum, step)).toEqual(counts);
    expect(sumPm(sum, basePm, { step, sense })).toBe(Number(row['value_pm']));
  });

  it.each(scales.map(({ id }) => id))('%s: parts and step are each other’s way back', (id) => {
    const sum = sumOf(id);
    const stride = Math.max(1, Math.floor((sum.lastStep - sum.firstStep) / 3001));
    for (let step = sum.firstStep; step <= sum.lastStep; step += stride) {
      expect(stepOf(sum, partsAt(sum, step))).toBe(step);
    }
    expect(onScale(sum, sum.firstStep - 3)).toBe(sum.firstStep);
    expect(onScale(sum, sum.lastStep + 3)).toBe(sum.lastStep);
  });

  const lines = (id: string, basePm: number, step: number, sense: Sense = 1) =>
    addends(sumOf(id), basePm, { step, sense }).map(({ label, text }) => `${label}: ${text}`);

  it('is shown line by line, each to the last decimal of the scale', () => {
    const at = (id: string, counts: PartCounts) => stepOf(sumOf(id), counts);
    expect(
      lines('mic-mm-0001', 25e9, at('mic-mm-0001', { sleeve: 37, thimble: 41, vernier: 6 })),
    ).toEqual([
      'frame: 25.000',
      'millimetres, 18: 18.000',
      'half line: 0.500',
      'thimble, 41: 0.410',
      'vernier, 6: 0.006',
    ]);
    expect(lines('vernier-in-001', 0, at('vernier-in-001', { main: 57, line: 18 }))).toEqual([
      'inches, 1: 1.000',
      'figure, 4: 0.400',
      'lines, 1: 0.025',
      'vernier line, 18: 0.018',
    ]);
    expect(lines('dial-mm-002', 0, at('dial-mm-002', { beam: 17, dial: 63 }))).toEqual([
      'millimetres, 17: 17.00',
      'needle, 63: 0.26',
    ]);
    expect(lines('vernier-in-128', 0, at('vernier-in-128', { main: 59, line: 5 }))).toEqual([
      'inches, 3: 3',
      'sixteenths, 11: 11/16',
      'vernier line, 5: 5/128',
    ]);
    expect(lines('rule-in-64', 0, 25)).toEqual(['inches, 0: 0', '64ths, 25/64: 25/64']);
    expect(lines('vernier-mm-002', 0, at('vernier-mm-002', { main: 46, line: 23 }))).toEqual([
      'millimetres, 46: 46.00',
      'vernier figure, 4: 0.40',
      'lines after it, 3: 0.06',
    ]);
    expect(lines('bore-dial-mm-001', 28e9, 70, -1)).toEqual([
      'set size: 28.00',
      'needle, 7: −0.07',
    ]);
    expect(lines('feeler', 0, at('feeler', { '0.05': 1, '0.3': 1 }))).toEqual([
      'leaf 0.05: 0.05',
      'leaf 0.3: 0.30',
    ]);
  });

  it('claims a tenth of a line only where one was judged', () => {
    const texts = (counts: PartCounts) =>
      addends(sumOf('mic-mm-001'), 25e9, {
        step: stepOf(sumOf('mic-mm-001'), counts),
        sense: 1,
      }).map(({ text }) => text);
    expect(texts({ sleeve: 14, thimble: 22 })).toEqual(['25.00', '7.00', '0.00', '0.22']);
    expect(texts({ sleeve: 14, thimble: 22.3 })).toEqual(['25.000', '7.000', '0.000', '0.223']);
  });

  it.each([
    ['mic-in-0001', { sleeve: 26, thimble: 21, vernier: 6 }, [6, 2, 21, 6]],
    ['mic-mm-001', { sleeve: 37, thimble: 41.3 }, [18, 1, 41.3]],
    ['depth-in-001', { sleeve: 13, thimble: 7 }, [3, 1, 7]],
    ['bore-dial-mm-001', { needle: -7.5 }, [-7.5]],
  ] as const)('on %s at %o is seen as %o', (id, counts, looks) => {
    expect(looksAt(sumOf(id), stepOf(sumOf(id), counts))).toEqual(looks);
  });

  it('knows the server’s traps by their counts', () => {
    const kinds = (id: string, part: string, counts: PartCounts) =>
      trapsAt(sumOf(id), part, counts).map(({ kind }) => kind);
    expect(kinds('mic-mm-0001', 'thimble', { thimble: 48 })).toEqual(['line-not-yet']);
    expect(kinds('mic-mm-0001', 'thimble', { thimble: 25 })).toEqual([]);
    expect(kinds('mic-mm-0001', 'sleeve', { sleeve: 37 })).toEqual(['half-shows']);
    expect(kinds('mic-mm-0001', 'sleeve', { sleeve: 36 })).toEqual([]);
    expect(kinds('dial-mm-002', 'dial', { dial: 51.5 })).toEqual(['line-already']);
    expect(kinds('depth-in-001', 'sleeve', { sleeve: 0 })).toEqual(['figures-covered']);
    expect(kinds('bore-dial-mm-001', 'needle', { needle: -51 })).toEqual([
      'sense-unconfirmed',
      'past-half-a-turn',
    ]);
  });

  it('is written exactly in its own unit and honestly in the other', () => {
    expect(digitsOf(43_916_000_000, 'mm', 1_000_000)).toBe('43.916');
    expect(digitsOf(71_051_420_000, 'in', 2_540_000)).toBe('2.7973');
    expect(digitsOf(0, 'mm', 2_000_000)).toBe('0.000');
    expect(otherUnit(43_916_000_000, 'mm', 1_000_000)).toBe('1.72898 in');
    expect(otherUnit(71_051_420_000, 'in', 2_540_000)).toBe('71.0514 mm');
    expect(() => digitsOf(1, 'ell', 1)).toThrow('not in ell');
  });
});
