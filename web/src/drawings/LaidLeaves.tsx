import { useId } from 'react';
import type { LengthText } from '../api/client';
import { MetalDefs, Printed } from './marks';

interface LaidLeavesProps {
  gap: LengthText;
  leaves: LengthText[];
  sum: LengthText;
  /** Whether they pass. */
  goes: boolean;
}

const WIDTH = 300;
const HEIGHT = 190;
const FACE = 34;
const TALLEST = HEIGHT - 2 * FACE - 8;
const LEGIBLE = 13;

/**
 * Leaves and the gap they are for, both enlarged by the same factor: those that go lie in it, those that do not stand before it.
 */
export function LaidLeaves({ gap, leaves, sum, goes }: LaidLeavesProps) {
  const id = useId();
  const perPm = TALLEST / Math.max(gap.pm, sum.pm);
  const open = gap.pm * perPm;
  const top = (HEIGHT - open) / 2;
  const laidBottom = goes ? top + open : (HEIGHT + sum.pm * perPm) / 2;
  const heights = leaves.map(({ pm }) => pm * perPm);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`${leaves.map(({ text }) => text).join(' + ')} = ${sum.text} ${sum.unit} ${goes ? 'goes into' : 'does not go into'} ${gap.text} ${gap.unit}`}
      className="block w-full max-w-xs"
    >
      <MetalDefs id={id} />
      {[0, HEIGHT - top].map((y) => (
        <rect
          key={y}
          x={130}
          y={y}
          width={WIDTH - 130}
          height={top}
          fill={`url(#${id}flat)`}
          className="stroke-ink"
          strokeWidth="1.5"
        />
      ))}
      {leaves.map(({ text }, i) => {
        const height = heights[i] ?? 0;
        const y = laidBottom - heights.slice(0, i + 1).reduce((all, each) => all + each, 0);
        return (
          <g key={text} data-leaf={text}>
            <rect
              x={8}
              y={y}
              width={goes ? WIDTH - 40 : 118}
              height={height}
              className="fill-metal-dark stroke-ink"
              strokeWidth="1"
            />
            {height >= LEGIBLE && (
              <Printed row="laid" x={20} y={y + height / 2} anchor="start" size="text-[14px]">
                {text}
              </Printed>
            )}
          </g>
        );
      })}
    </svg>
  );
}
