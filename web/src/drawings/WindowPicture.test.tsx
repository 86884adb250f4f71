import { render } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { LengthText, Limits } from '../api/client';
import { WindowPicture } from './WindowPicture';

const length = (pm: number): LengthText => ({ pm, text: String(pm), unit: 'mm', other: '' });
const limits: Limits = {
  low: length(1000),
  high: length(2000),
  middle: length(1500),
  sentence: '',
};

function ticks(of: Limits, readings: number[], value: number) {
  const { container } = render(
    <WindowPicture limits={of} readings={readings.map(length)} value={length(value)} />,
  );
  const xOf = (line: Element | null | undefined) => Number(line?.getAttribute('x1'));
  const bracket = (i: number) =>
    Number(
      /H([\d.]+)V/.exec(container.querySelectorAll('g path')[i]?.getAttribute('d') ?? '')?.[1],
    );
  return {
    readings: [...container.querySelectorAll('svg > line.stroke-quiet')].map(xOf),
    value: xOf(container.querySelector('g.fill-ink line')),
    brackets: [bracket(0), bracket(1)] as const,
    broken: container.querySelector('svg > path') !== null,
  };
}

describe('the window', () => {
  it('has the limits low left, and sizes between them in proportion', () => {
    const { brackets, value, readings, broken } = ticks(limits, [1250, 1750], 1500);
    const [low, high] = brackets;
    expect(low).toBeLessThan(high);
    expect(value).toBeCloseTo((low + high) / 2);
    expect(readings[0]).toBeCloseTo(low + (high - low) / 4);
    expect(readings[1]).toBeCloseTo(low + ((high - low) * 3) / 4);
    expect(broken).toBe(false);
  });

  it('draws a size outside on its true side, to scale where it is near', () => {
    const { brackets, value } = ticks(limits, [], 2500);
    const [low, high] = brackets;
    expect(value - high).toBeCloseTo((high - low) / 2);
  });

  it('says with a break that a size far outside is not to scale', () => {
    const { brackets, value, broken } = ticks(limits, [], 90_000);
    expect(value).toBeGreaterThan(brackets[1]);
    expect(broken).toBe(true);
  });

  it('draws how far the value may be off to the same scale, and to both sides', () => {
    const { container } = render(
      <WindowPicture limits={limits} readings={[]} value={length(1500)} expanded={length(250)} />,
    );
    const doubt = container.querySelector('[data-testid=doubt]');
    const from = Number(doubt?.getAttribute('x1'));
    const to = Number(doubt?.getAttribute('x2'));
    const { brackets, value } = ticks(limits, [], 1500);
    expect((from + to) / 2).toBeCloseTo(value);
    expect(to - from).toBeCloseTo((brackets[1] - brackets[0]) / 2);
  });

  it('is dotted about each limit as far as nothing can be told, and not at all where nothing is guarded', () => {
    const bands = (guardPm: number) => {
      const { container } = render(
        <WindowPicture limits={limits} readings={[]} value={length(1500)} guardPm={guardPm} />,
      );
      return [...container.querySelectorAll('[data-testid=guard] rect')].map((band) => {
        const from = Number(band.getAttribute('x'));
        return { from, to: from + Number(band.getAttribute('width')) };
      });
    };
    const { brackets } = ticks(limits, [], 1500);
    const zone = brackets[1] - brackets[0];
    const guarded = bands(100);
    expect(guarded).toHaveLength(2);
    guarded.forEach(({ from, to }, i) => {
      expect((from + to) / 2).toBeCloseTo(brackets[i] ?? NaN);
      expect(to - from).toBeCloseTo(zone / 5);
    });
    expect(bands(0)).toHaveLength(0);
  });

  it.each([
    ['below', 400],
    ['above', 2600],
  ])('has the service limit on its own side, %s, and hatches what is beyond', (side, at) => {
    const { container } = render(
      <WindowPicture limits={limits} readings={[]} value={length(1500)} service={length(at)} />,
    );
    const bar = Number(container.querySelector('g.stroke-gone line')?.getAttribute('x1'));
    const hatched = container.querySelector('g.stroke-gone rect');
    const from = Number(hatched?.getAttribute('x'));
    const to = from + Number(hatched?.getAttribute('width'));
    const value = Number(container.querySelector('g.fill-ink line')?.getAttribute('x1'));
    expect(bar < value).toBe(side === 'below');
    expect(side === 'below' ? [from, to] : [to, from]).toEqual([side === 'below' ? 0 : 336, bar]);
  });

  it('can do with one limit', () => {
    const { value } = ticks({ high: length(2000), sentence: '' }, [1990], 1995);
    expect(value).toBeGreaterThan(0);
  });
});
