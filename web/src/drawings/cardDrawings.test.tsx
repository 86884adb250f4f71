import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { LengthText, Schemas } from '../api/client';
import { DrawnInch } from './DrawnInch';
import { DrawnThread } from './DrawnThread';
import { FitZones } from './FitZones';
import { LobedRound } from './LobedRound';

const MM = 1_000_000_000;
const INCH = 25.4 * MM;

const points = (path: string): [number, number][] =>
  [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)]);

describe('a round with lobes in its V', () => {
  it.each([
    [3, 60, 0],
    [3, 90, 17],
    [5, 108, 200],
    [2, 120, 45],
    [12, 72, 5],
  ])(
    '%i lobes, %i°, turned %i° touch both sides, and go through neither',
    (lobes, angle, turned) => {
      render(<LobedRound lobes={lobes} angle={angle} turned={turned} label="lying" />);
      const outline = points(screen.getByTestId('round').getAttribute('d') ?? '');
      const half = (angle / 2) * (Math.PI / 180);
      // From the bottom of the V at 200, 330: how far a point is from each side, inward.
      const off = (side: 1 | -1) =>
        Math.min(
          ...outline.map(
            ([x, y]) => (330 - y) * Math.sin(half) - side * (x - 200) * Math.cos(half),
          ),
        );
      expect(off(1)).toBeCloseTo(0, 0);
      expect(off(-1)).toBeCloseTo(0, 0);
      expect(Math.min(off(1), off(-1))).toBeGreaterThan(-0.05);
    },
  );

  it('stands still for the indicator where the V cannot see the lobes', () => {
    const { rerender } = render(<LobedRound lobes={5} angle={60} turned={0} label="lying" />);
    const needle = () => screen.getByTestId('needle').getAttribute('d');
    const before = needle();
    rerender(<LobedRound lobes={5} angle={60} turned={23} label="lying" />);
    expect(points(needle() ?? '')[0]).toEqual(points(before ?? '')[0]);
  });
});

const length = (pm: number): LengthText => ({ pm, text: String(pm / MM), unit: 'mm', other: '' });
const zone = (low: number, high: number): Schemas['ZoneView'] => ({
  letter: 'H',
  grade: 7,
  limits: '40 H7',
  low: length(40 * MM + low),
  high: length(40 * MM + high),
  lowDeviation: length(low),
  highDeviation: length(high),
  sentence: '',
});

describe('zones of a fit', () => {
  it('lie to one scale, above zero and below', () => {
    render(
      <FitZones
        nominal={length(40 * MM)}
        hole={zone(0, 25_000_000)}
        shaft={zone(-25_000_000, -9_000_000)}
        label="zones"
      />,
    );
    const zero = points(screen.getByTestId('zero').getAttribute('d') ?? '')[0]?.[1] ?? NaN;
    const box = (name: string) => {
      const rect = screen.getByTestId(name);
      return { top: Number(rect.getAttribute('y')), high: Number(rect.getAttribute('height')) };
    };
    expect(box('hole').top + box('hole').high).toBeCloseTo(zero);
    expect(box('shaft').top - zero).toBeCloseTo((box('hole').high * 9) / 25);
    expect(box('shaft').high).toBeCloseTo((box('hole').high * 16) / 25);
  });
});

describe('what is left of a thread', () => {
  it('ends where the drill went, above the full thread', () => {
    render(<DrawnThread left={0.75} percent="75" diameter="8 mm" drill="6.8 mm" />);
    const drill = points(screen.getByTestId('drill').getAttribute('d') ?? '')[0]?.[1] ?? NaN;
    const full = points(screen.getAllByTestId('full')[0]?.getAttribute('d') ?? '');
    const top = full[0]?.[1] ?? NaN;
    const tip = full[1]?.[1] ?? NaN;
    expect((drill - top) / (tip - top)).toBeCloseTo(0.75);
  });
});

describe('a size on the inch of a rule', () => {
  it('stands on the line of its 64th', () => {
    render(<DrawnInch pm={INCH * (1 + 17 / 32)} nearest={INCH * (1 + 17 / 32)} label="rule" />);
    const line = document.querySelector('[data-line="34"]');
    const size = points(
      (screen.getByTestId('size').getAttribute('d') ?? '').replace('M', '').replace('V', ' '),
    )[0]?.[0];
    expect(size).toBeCloseTo(Number(line?.getAttribute('x1')));
    expect(line?.getAttribute('stroke-width')).toBe('3');
  });
});
