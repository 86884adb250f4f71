import { render } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { GaugeCheck, LengthText, TrialResult } from '../api/client';
import { FitnessMark } from './FitnessMark';
import { StateMark } from './StateMark';
import { TrialScatter } from './TrialScatter';
import { ZeroStrip } from './ZeroStrip';

const length = (pm: number): LengthText => ({ pm, text: String(pm), unit: 'mm', other: '' });

const drawn = (mark: React.ReactElement): string => {
  const { container, unmount } = render(mark);
  const shapes = [...container.querySelectorAll('path, rect')].map((each) =>
    ['d', 'x', 'width', 'stroke-width'].map((name) => each.getAttribute(name)).join(' '),
  );
  unmount();
  return shapes.join('|');
};

describe('marks of gauges', () => {
  it('has no two states drawn alike', () => {
    const marks = [
      drawn(<StateMark state="in-use" />),
      drawn(<StateMark state="in-use" wanted />),
      drawn(<StateMark state="due" />),
      drawn(<StateMark state="quarantined" />),
      drawn(<StateMark state="retired" />),
    ];
    expect(new Set(marks).size).toBe(marks.length);
  });

  it('draws what is not known the wider the less a gauge is fit, and beyond the limits where it cannot decide', () => {
    const widthOf = (fitness: string) => {
      const { container, unmount } = render(<FitnessMark fitness={fitness} />);
      const width = Number(container.querySelector('rect')?.getAttribute('width'));
      unmount();
      return width;
    };
    const [limitsApart] = [31 - 9];
    expect(widthOf('good')).toBeLessThan(widthOf('with-care'));
    expect(widthOf('with-care')).toBeLessThan(limitsApart);
    expect(widthOf('cannot-decide')).toBeGreaterThan(limitsApart);
  });

  it('crosses out what cannot be put to a feature at all', () => {
    const { container } = render(<FitnessMark fitness="out-of-reach" />);
    expect(container.querySelector('rect')).toBeNull();
    expect(container.querySelectorAll('path')).toHaveLength(2);
  });
});

const check = (at: string, found: number, left: number): GaugeCheck => ({
  id: at,
  at,
  person: 'Ansa',
  found: length(found),
  left: length(left),
  allowed: length(1000),
  good: Math.abs(found) <= 1000,
  sentence: '',
});

describe('a zero over time', () => {
  const strip = (checks: GaugeCheck[]) => {
    const { container } = render(<ZeroStrip checks={checks} allowed={length(1000)} />);
    const numbers = (mark: string, name: string) =>
      [...container.querySelectorAll(`[data-mark=${mark}]`)].map((each) =>
        Number(each.getAttribute(name)),
      );
    return { numbers };
  };

  it('stands at its times, too large above, and outside the band where it was off', () => {
    const { numbers } = strip([
      check('2026-01-01T00:00:00Z', 0, 0),
      check('2026-01-11T00:00:00Z', -500, -500),
      check('2026-01-31T00:00:00Z', 3000, 0),
    ]);
    const [first = 0, second = 0, third = 0] = numbers('left', 'cx');
    expect((second - first) * 2).toBeCloseTo(third - second);
    const [zero = 0, small = 0, off = 0] = numbers('found', 'y1');
    expect(small).toBeGreaterThan(zero);
    expect(off).toBeLessThan(zero);
    const [top = 0] = numbers('allowed', 'y');
    expect(off).toBeLessThan(top);
    expect(small).toBeGreaterThan(top);
    // It was set to zero then: found and left stand apart.
    expect(numbers('set', 'x1')).toEqual([third]);
  });

  it('puts a single look in the middle', () => {
    const { numbers } = strip([check('2026-01-01T00:00:00Z', 500, 500)]);
    expect(numbers('left', 'cx')).toEqual([380]);
  });
});

describe('a trial', () => {
  it('stands about the master, with what is held as wide as the farthest reading needs', () => {
    const result = {
      readings: [-2000, 0, 1000].map(length),
      holds: length(2000),
    } as TrialResult;
    const { container } = render(<TrialScatter result={result} />);
    const [low = 0, master = 0, high = 0] = [
      ...container.querySelectorAll('[data-mark=reading]'),
    ].map((each) => Number(each.getAttribute('x1')));
    expect(master).toBe(180);
    expect(master - low).toBeCloseTo(2 * (high - master));
    const [left = ''] = [...container.querySelectorAll('path')].map(
      (each) => each.getAttribute('d') ?? '',
    );
    expect(Number(/M([\d.]+)/.exec(left)?.[1]) - 8).toBeCloseTo(low);
  });
});
