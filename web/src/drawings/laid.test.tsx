import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { LengthText } from '../api/client';
import { BlockStack } from './BlockStack';
import { LaidLeaves } from './LaidLeaves';

const mm = (figure: number): LengthText => ({
  pm: figure * 1e9,
  text: String(figure),
  unit: 'mm',
  other: '',
});

const boxes = (container: HTMLElement, mark: string) =>
  [...container.querySelectorAll(`[${mark}]`)].map((each) => {
    const box = each.querySelector('rect');
    return {
      text: each.getAttribute(mark),
      y: Number(box?.getAttribute('y')),
      height: Number(box?.getAttribute('height')),
      broken: each.querySelector('path') !== null,
    };
  });

describe('a stack of blocks', () => {
  it('lies without gaps, thin above thick, and says its sum', () => {
    const { container } = render(
      <BlockStack blocks={[1.005, 1.12, 9, 30].map(mm)} total={mm(41.125)} />,
    );
    const pile = boxes(container, 'data-block');
    expect(pile.map(({ text }) => text)).toEqual(['1.005', '1.12', '9', '30']);
    pile.slice(1).forEach(({ y }, i) => {
      expect(y).toBeCloseTo((pile[i]?.y ?? 0) + (pile[i]?.height ?? 0));
    });
    expect(pile[2]?.height).toBeGreaterThan(pile[1]?.height ?? 0);
    expect(
      screen.getByRole('img', {
        name: 'Stack, top to bottom: 1.005 + 1.12 + 9 + 30 = 41.125 mm',
      }),
    ).toBeVisible();
  });

  it('breaks off what is too thick to be drawn, and nothing else', () => {
    const { container } = render(<BlockStack blocks={[mm(9), mm(100)]} total={mm(109)} />);
    expect(boxes(container, 'data-block').map(({ broken }) => broken)).toEqual([false, true]);
  });

  it('has a wear block at each end', () => {
    const { container } = render(<BlockStack blocks={[mm(5)]} wear={mm(2)} total={mm(9)} />);
    expect(boxes(container, 'data-block').map(({ text }) => text)).toEqual(['2', '5', '2']);
  });
});

describe('leaves and their gap', () => {
  const laid = (leaves: number[], goes: boolean) => {
    const sum = leaves.reduce((all, each) => all + each, 0);
    const { container } = render(
      <LaidLeaves gap={mm(0.4)} leaves={leaves.map(mm)} sum={mm(sum)} goes={goes} />,
    );
    const [top, bottom] = [...container.querySelectorAll('svg > rect')].map((each) => ({
      y: Number(each.getAttribute('y')),
      height: Number(each.getAttribute('height')),
    }));
    const pile = boxes(container, 'data-leaf');
    return {
      gap: (bottom?.y ?? 0) - (top?.height ?? 0),
      bottom: bottom?.y,
      height: pile.reduce((all, { height }) => all + height, 0),
      lowest: Math.max(...pile.map(({ y, height }) => y + height)),
    };
  };

  it('are enlarged by one factor: what goes lies in the gap', () => {
    const { gap, bottom, height, lowest } = laid([0.05, 0.3], true);
    expect(height / gap).toBeCloseTo(0.35 / 0.4);
    expect(lowest).toBeCloseTo(bottom ?? 0);
  });

  it('what does not go is taller than the gap', () => {
    const { gap, height } = laid([0.5], false);
    expect(height / gap).toBeCloseTo(0.5 / 0.4);
  });
});
