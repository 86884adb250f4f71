import { describe, expect, it } from 'vitest';
import { unsetFor } from './setFirst';
import type { Measuring } from './useMeasuring';

const mm = (text: string) => ({ pm: Number(text) * 1e9, text, unit: 'mm', other: '' });

const measuring = (set: string | undefined, low?: string, high?: string, reads?: string) =>
  ({
    gauge: { id: 1, shopNumber: 'B2', ...(reads && { reads: mm(reads) }) },
    setting: set && { size: mm(set) },
    sheet: {
      feature: { limits: { ...(low && { low: mm(low) }), ...(high && { high: mm(high) }) } },
    },
  }) as unknown as Measuring;

describe('a gauge that reads from what it is set to', () => {
  it.each([
    ['an ordinary gauge', measuring(undefined, '44.05', '44.112'), undefined],
    ['never set', measuring(undefined, '44.05', '44.112', '2'), 'never'],
    ['set near', measuring('44.08', '44.05', '44.112', '2'), undefined],
    ['set so that it just reaches', measuring('42.05', '44.05', '44.112', '2'), undefined],
    ['set too small', measuring('42.04', '44.05', '44.112', '2'), 'for another size'],
    ['set too large', measuring('82', '44.05', '44.112', '2'), 'for another size'],
    ['one limit', measuring('47', undefined, '44.112', '2'), 'for another size'],
    [
      'no limits: nothing is known against it',
      measuring('47', undefined, undefined, '2'),
      undefined,
    ],
  ])('%s', (_, at, unset) => {
    expect(unsetFor(at)).toBe(unset);
  });
});
