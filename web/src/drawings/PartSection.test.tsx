import { fireEvent, render } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { LengthText } from '../api/client';
import { PartSection } from './PartSection';
import type { DrawnFeature } from './sectionLayout';

const mm = (size: number): LengthText => ({
  pm: size * 1e9,
  text: String(size),
  unit: 'mm',
  other: '',
});

const FEATURES: DrawnFeature[] = [
  'outside',
  'bore',
  'step',
  'depth',
  'slot',
  'runout',
  'centre-distance',
  'looked-at',
].map((kind, i) => ({
  key: kind,
  kind,
  limits: { low: mm(10 + i), high: mm(11 + i), middle: mm(10.5 + i), sentence: '' },
  starts: mm(0),
  length: mm(40),
  depths: [4e9, 36e9],
  bands: [{ from: mm(10), to: mm(15) }],
}));

describe.each(['shaft', 'barrel', 'bush', 'plate'])('a %s', (shape) => {
  const draw = (lit?: string, onPick = vi.fn(), onPoint = vi.fn()) => {
    const { container } = render(
      <PartSection
        shape={shape}
        features={FEATURES}
        numbered
        lit={lit}
        onPick={onPick}
        onPoint={onPoint}
      />,
    );
    return container;
  };

  it('draws every line at a place that is a number', () => {
    for (const element of draw().querySelectorAll('svg *')) {
      for (const { value } of element.attributes) {
        expect(value).not.toMatch(/NaN|Infinity|undefined/);
      }
    }
  });

  it('is pointed at and picked by its features, and lights the one at hand', () => {
    const onPick = vi.fn();
    const onPoint = vi.fn();
    const container = draw('bore', onPick, onPoint);
    const number = [...container.querySelectorAll('text')].find((text) => text.textContent === '2');
    const group = number?.parentElement;
    expect(group?.querySelector('circle')?.getAttribute('class')).toContain('fill-now');
    fireEvent.click(group as Element);
    expect(onPick).toHaveBeenCalledWith('bore');
    fireEvent.pointerEnter(group as Element);
    expect(onPoint).toHaveBeenCalledWith('bore');
  });
});

it('leaves the numbers out where they would hide a long plan', () => {
  const many = Array.from({ length: 40 }, (_, i) => ({
    ...(FEATURES[0] as DrawnFeature),
    key: `journal ${i}`,
  }));
  const { container } = render(<PartSection shape="shaft" features={many} numbered />);
  expect(container.querySelectorAll('text')).toHaveLength(0);
  expect(container.querySelectorAll('rect').length).toBeGreaterThanOrEqual(40);
});
