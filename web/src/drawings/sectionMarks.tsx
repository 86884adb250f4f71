import type { ReactNode } from 'react';
import type { Laid } from './sectionLayout';

/** What a drawing of a part is made from. */
export interface Draw {
  laid: Laid[];
  lit: string | undefined;
  depthPm: number | undefined;
  numbered: boolean;
  point: (key: string) => object;
}

/** What a shape draws, and how high its sheet is. */
export interface Sheet {
  height: number;
  drawing: ReactNode;
}

export const WIDTH = 420;

export const isLit = ({ lit }: Draw, { feature }: Laid) => lit === feature.key;

/** Outline and weight of a feature: the one at hand stands out. */
export const edge = (lit: boolean) => (lit ? 'stroke-now' : 'stroke-ink');
export const weight = (lit: boolean) => (lit ? 3 : 1.5);

interface DimensionProps {
  draw: Draw;
  laid: Laid;
  from: number;
  to: number;
}

/** A dimension line along the part. */
export function Across({ draw, laid, from, to, y }: DimensionProps & { y: number }) {
  const lit = isLit(draw, laid);
  return (
    <g {...draw.point(laid.feature.key)}>
      <path
        d={`M${from} ${y - 6}v12M${to} ${y - 6}v12M${from} ${y}H${to}M${from + 6} ${y - 3}l-6 3 6 3M${to - 6} ${y - 3}l6 3-6 3`}
        className={`fill-none ${edge(lit)}`}
        strokeWidth={lit ? 2.5 : 1.2}
      />
    </g>
  );
}

/** A dimension line down the part. */
export function Down({ draw, laid, from, to, x }: DimensionProps & { x: number }) {
  const lit = isLit(draw, laid);
  return (
    <g {...draw.point(laid.feature.key)}>
      <path
        d={`M${x - 6} ${from}h12M${x - 6} ${to}h12M${x} ${from}V${to}M${x - 3} ${from + 6}l3-6 3 6M${x - 3} ${to - 6}l3 6 3-6`}
        className={`fill-none ${edge(lit)}`}
        strokeWidth={lit ? 2.5 : 1.2}
      />
    </g>
  );
}

/** The number of each feature beside it, as on the list. */
export function Numbers({
  draw,
  at,
}: {
  draw: Draw;
  at: (laid: Laid) => [number, number] | undefined;
}) {
  return draw.laid.map((one) => {
    const where = at(one);
    const lit = isLit(draw, one);
    if (where === undefined || !draw.numbered) {
      return null;
    }
    const [x, y] = where;
    return (
      <g key={one.feature.key} {...draw.point(one.feature.key)}>
        <circle
          cx={x}
          cy={y}
          r="10.5"
          className={lit ? 'fill-now stroke-now' : 'fill-panel stroke-ink'}
          strokeWidth="1.5"
        />
        <text
          x={x}
          y={y + 5}
          textAnchor="middle"
          className={`text-[14px] font-semibold ${lit ? 'fill-on-now' : 'fill-ink'}`}
        >
          {one.number}
        </text>
      </g>
    );
  });
}
