import { render, screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { DrawnLimit } from './magnified';
import { RADIUS, ROUND, RoundPicture } from './RoundPicture';
import { SIDE_WIDTH, SidePicture } from './SidePicture';

const size = (pm: number) => ({ pm, text: String(pm), unit: 'mm', other: '' });
const MIDDLE = ROUND / 2;
const LIMITS: DrawnLimit[] = [
  { name: 'low', pm: 999_000, text: '' },
  { name: 'high', pm: 1_001_000, text: '' },
  { name: 'service', pm: 1_010_000, text: '' },
];
const at = (element: Element | null | undefined, name: string) =>
  Number(element?.getAttribute(name));

/** Long by 8 000 at 30°. */
const LEVEL = {
  name: 'top',
  sentence: 'Oval.',
  longAxis: 30,
  ellipse: {
    meanPm: 1_000_000,
    cosinePm: 4000 * Math.cos(Math.PI / 3),
    sinePm: 4000 * Math.sin(Math.PI / 3),
  },
  points: [
    { place: 1, axis: 'a', degrees: 30, size: size(1_004_000) },
    { place: 2, axis: 'b', degrees: 120, size: size(996_000) },
  ],
};

const drawRound = (hollow: boolean) =>
  render(
    <RoundPicture level={LEVEL} limits={LIMITS} base={1_000_000} factor={10} hollow={hollow} />,
  ).container;

test('a section is longest where its long axis lies, and its readings stand on its outline', () => {
  const drawn = drawRound(true);
  const points = (drawn.querySelector('[data-testid=outline]')?.getAttribute('d') ?? '')
    .split(/[MLZ]/)
    .filter(Boolean)
    .map((pair) => pair.split(' ').map(Number) as [number, number]);
  const far = points
    .map(([x, y]) => ({ x, y, reach: Math.hypot(x - MIDDLE, y - MIDDLE) }))
    .sort((one, other) => other.reach - one.reach)[0];
  const degrees = (Math.atan2(MIDDLE - (far?.y ?? 0), (far?.x ?? 0) - MIDDLE) * 180) / Math.PI;
  expect([30, -150].some((axis) => Math.abs(degrees - axis) < 3)).toBe(true);
  // Half of 4 000 on each side, ten times, of a radius that stands for 500 000.
  const wall = RADIUS * (1 + (10 * 2000) / 500_000);
  expect(far?.reach).toBeCloseTo(wall, 1);
  const [first] = drawn.querySelectorAll('[data-place="1"]');
  expect(Math.hypot(at(first, 'cx') - MIDDLE, at(first, 'cy') - MIDDLE)).toBeCloseTo(wall, 6);
  expect(at(first, 'cx')).toBeGreaterThan(MIDDLE);
  expect(at(first, 'cy')).toBeLessThan(MIDDLE);
});

test('the circles of the limits stand in the order of their sizes', () => {
  const drawn = drawRound(true);
  const radii = ['low', 'high', 'service'].map((name) =>
    at(drawn.querySelector(`[data-limit=${name}]`), 'r'),
  );
  expect(radii).toEqual([...radii].sort((a, b) => a - b));
  expect(screen.getByRole('img', { name: 'Section top: Oval.' })).toBeVisible();
});

test('a wall leans as the size does, and only what is past new is filled', () => {
  const wall = {
    axis: 'thrust',
    degrees: 0,
    sentence: 'Tapered.',
    points: [
      { place: 1, section: 'top', depthPm: 1000, size: size(1_008_000) },
      { place: 2, section: 'bottom', depthPm: 9000, size: size(1_000_000) },
    ],
  };
  const { container } = render(
    <SidePicture
      wall={wall}
      bands={[{ fromPm: 4000, toPm: 5000, what: 'ports' }]}
      lengthPm={10_000}
      limits={LIMITS}
      base={1_000_000}
      factor={10}
      hollow
    />,
  );
  const right = (place: number) =>
    Math.max(
      ...[...container.querySelectorAll(`[data-place="${place}"]`)].map((dot) => at(dot, 'cx')),
    );
  expect(right(1)).toBeGreaterThan(right(2));
  expect(right(2)).toBe(SIDE_WIDTH / 2 + 78);
  const line = at(
    [...container.querySelectorAll('[data-limit=high]')].find((each) => at(each, 'x1') > 150),
    'x1',
  );
  const worn = container.querySelector('[data-testid=wear]')?.getAttribute('d') ?? '';
  const xs = worn
    .split(/[MLZ]/)
    .filter(Boolean)
    .map((pair) => Number(pair.split(' ')[0]));
  expect(Math.min(...xs)).toBeCloseTo(line, 6);
  expect(Math.max(...xs)).toBeCloseTo(right(1), 6);
  expect(screen.getByText('ports')).toBeInTheDocument();
});
