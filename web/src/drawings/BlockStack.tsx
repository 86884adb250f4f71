import { useId } from 'react';
import type { LengthText } from '../api/client';
import { MetalDefs, Printed } from './marks';

interface BlockStackProps {
  /** Thin to thick. */
  blocks: LengthText[];
  wear?: LengthText | undefined;
  total: LengthText;
}

const WIDTH = 360;
const BLOCK = 190;
const LEFT = 16;
const THINNEST = 26;
const THICKEST = 74;
const SCALE_PM = 5e9;

/** Height by size, but legible: a thick one is drawn broken off, as on any drawing. */
const heightOf = (pm: number): number =>
  Math.min(THICKEST, Math.max(THINNEST, (pm / SCALE_PM) * 18));

const isBroken = (pm: number): boolean => (pm / SCALE_PM) * 18 > THICKEST;

/** Blocks wrung together, the thickest below, the wear blocks hatched at the ends; the whole length beside them. */
export function BlockStack({ blocks, wear, total }: BlockStackProps) {
  const id = useId();
  const pile = [
    ...(wear ? [{ length: wear, wear: true }] : []),
    ...blocks.map((length) => ({ length, wear: false })),
    ...(wear ? [{ length: wear, wear: true }] : []),
  ].map((block) => ({ ...block, height: heightOf(block.length.pm) }));
  const tops = pile.map((_, i) => pile.slice(0, i).reduce((all, { height }) => all + height, 14));
  const bottom = pile.reduce((all, { height }) => all + height, 14);
  const words = pile.map(({ length }) => length.text).join(' + ');
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${bottom + 14}`}
      role="img"
      aria-label={`Stack, top to bottom: ${words} = ${total.text} ${total.unit}`}
      className="block w-full max-w-sm"
    >
      <MetalDefs id={id} />
      <defs>
        <pattern id={`${id}wear`} width="8" height="8" patternUnits="userSpaceOnUse">
          <path d="M-2 10 10 -2" className="stroke-quiet" strokeWidth="1.2" />
        </pattern>
      </defs>
      {pile.map(({ length, wear: isWear, height }, i) => {
        const y = tops[i] ?? 0;
        return (
          // The same block is never in a stack twice, but for the two at its ends.
          <g key={`${i} ${length.pm}`} data-block={length.text}>
            <rect
              x={LEFT}
              y={y}
              width={BLOCK}
              height={height}
              fill={`url(#${id}flat)`}
              className="stroke-ink"
              strokeWidth="1.5"
            />
            {isWear && (
              <rect x={LEFT} y={y} width={BLOCK} height={height} fill={`url(#${id}wear)`} />
            )}
            {isBroken(length.pm) && (
              <path
                d={`M${LEFT - 6} ${y + height / 2 + 4} l8 -7 l4 9 l8 -7 M${LEFT + BLOCK - 14} ${y + height / 2 + 4} l8 -7 l4 9 l8 -7`}
                className="fill-none stroke-ink"
                strokeWidth="1.4"
              />
            )}
            <Printed row="block" x={LEFT + BLOCK / 2} y={y + height / 2} size="text-[19px]">
              {length.text}
            </Printed>
          </g>
        );
      })}
      <path
        d={`M${LEFT + BLOCK + 8} 14 H${LEFT + BLOCK + 34} M${LEFT + BLOCK + 8} ${bottom} H${LEFT + BLOCK + 34}
          M${LEFT + BLOCK + 24} 14 V${bottom} m-4 -10 l4 10 l4 -10 M${LEFT + BLOCK + 20} 24 l4 -10 l4 10`}
        className="fill-none stroke-ink"
        strokeWidth="1.2"
      />
      <Printed
        row="total"
        x={LEFT + BLOCK + 42}
        y={(14 + bottom) / 2}
        anchor="start"
        size="text-[21px]"
      >
        {`${total.text} ${total.unit}`}
      </Printed>
    </svg>
  );
}
