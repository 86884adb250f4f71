import { balancedFigure } from './BoreDial';
import { ringStrip } from './dialRing';
import { down, Printed, Tick } from './marks';
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
  const alone = look.fixed.length === 1;
  return (
    <svg
      viewBox={`0 0 ${width} 88`}
      className="block w-full"
      aria-hidden="true"
      data-testid="strip"
    >
      <line x1="0" x2={width} y1="48" y2="48" className="stroke-quiet" strokeWidth="1.5" />
      {look.moving.map(({ x, count, figure }) => {
        const now = lit && count === look.meets.moving;
        const top = figure === undefined ? 26 : 18;
        return (
          <g key={`moving ${count}`}>
            <Tick row="strip-moving" {...down(x, top, 48 - top)} width={2} now={now} />
            {figure !== undefined && (
              <Printed row="strip-moving" x={x} y={9} size="text-[16px]">
                {figure}
              </Printed>
            )}
          </g>
        );
      })}
      {look.fixed.map(({ x, count, figure }) => {
        const now = lit && (alone || count === look.meets.fixed);
        return (
          <g key={`fixed ${count}`}>
            <Tick
              row="strip-fixed"
              {...down(x, 48, alone ? 36 : 20)}
              width={alone ? 3 : 2}
              now={now}
            />
            {figure !== undefined && (
              <Printed row="strip-fixed" x={x} y={79} now={now} size="text-[20px]">
                {figure}
              </Printed>
            )}
          </g>
        );
      })}
    </svg>
  );
}
