import { balancedFigure } from './BoreDial';
import { ringStrip } from './dialRing';
import { ruleStrip } from './RuleFace';
import { partOf, partsAt, type ScaleSum, type Standing } from './scaleSum';
import { sheetWidth } from './sheet';
import { slideStrip } from './slideLines';
import { counted, headStrip } from './thimbleLines';

interface StripProps {
  sum: ScaleSum;
  at: Standing;
  /** The fine part of the sum is pointed at. */
  lit: boolean;
  narrow: boolean;
}

interface StripLine {
  x: number;
  count: number;
  figure?: string | undefined;
}

interface Look {
  moving: StripLine[];
  fixed: StripLine[];
  /** The pair that meets, where a vernier says which. */
  meets: { moving: number | undefined; fixed: number | undefined };
}

const NONE = { moving: undefined, fixed: undefined };

/** An enlarged look at the fine part: where two lines meet, or where an index, a needle or an edge stands among lines. */
function lookOf(sum: ScaleSum, { step }: Standing, width: number): Look | undefined {
  const counts = partsAt(sum, step);
  switch (sum.scale.family) {
    case 'thimble': {
      const { vernier, meets } = counted(sum, step);
      return { ...headStrip(sum, step, width), meets: { moving: meets, fixed: vernier } };
    }
    case 'vernier': {
      const { main = 0, line = 0 } = counts;
      return { ...slideStrip(sum, step, width), meets: { moving: main + line, fixed: line } };
    }
    case 'dial': {
      const lines = partOf(sum, 'dial').last + 1;
      const figure = (count: number) => String((count + lines) % lines);
      return { ...ringStrip(counts['dial'] ?? 0, width, figure), meets: NONE };
    }
    case 'comparator': {
      const lines = partOf(sum, 'needle').last + 1;
      const figure = (count: number) => balancedFigure(Math.abs(count) % lines, lines);
      return { ...ringStrip(counts['needle'] ?? 0, width, figure), meets: NONE };
    }
    case 'rule': {
      const { figureEvery, figures, reach } = sum.scale;
      return { ...ruleStrip(step, reach, figureEvery, figures, width), meets: NONE };
    }
    default:
      return undefined;
  }
}

/** The enlarged look, under the drawing: what moves above, what stands still below. */
export function Strip({ sum, at, lit, narrow }: StripProps) {
  const width = sheetWidth(narrow);
  const look = lookOf(sum, at, width);
  if (look === undefined) {
    return null;
  }
  const now = (is: boolean) => (lit && is ? 'stroke-now' : 'stroke-ink');
  return (
    <svg
      viewBox={`0 0 ${width} 88`}
      className="block w-full"
      aria-hidden="true"
      data-testid="strip"
    >
      <line x1="0" x2={width} y1="48" y2="48" className="stroke-quiet" strokeWidth="1.5" />
      {look.moving.map(({ x, count, figure }) => (
        <g key={`moving ${count}`}>
          <line
            data-line="strip-moving"
            x1={x}
            x2={x}
            y1={figure === undefined ? 26 : 18}
            y2="48"
            className={now(count === look.meets.moving)}
            strokeWidth={lit && count === look.meets.moving ? 4 : 2}
          />
          {figure !== undefined && (
            <text x={x} y="14" textAnchor="middle" className="fill-ink text-[16px] font-semibold">
              {figure}
            </text>
          )}
        </g>
      ))}
      {look.fixed.map(({ x, count, figure }) => (
        <g key={`fixed ${count}`}>
          <line
            data-line="strip-fixed"
            x1={x}
            x2={x}
            y1="48"
            y2={look.fixed.length === 1 ? 84 : 68}
            className={now(look.fixed.length === 1 || count === look.meets.fixed)}
            strokeWidth={lit && count === look.meets.fixed ? 4 : look.fixed.length === 1 ? 3 : 2}
          />
          {figure !== undefined && (
            <text
              x={x}
              y="86"
              textAnchor="middle"
              className={`${lit && count === look.meets.fixed ? 'fill-now' : 'fill-ink'} text-[20px] font-semibold`}
            >
              {figure}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
