import type { ReactNode } from 'react';
import { type DrawnFeature, endOf, type Laid, layAlong, thicknessAt } from './sectionLayout';
import { VerdictMark } from './VerdictMark';

interface PartSectionProps {
  /** shaft, barrel, bush or plate. */
  shape: string;
  features: readonly DrawnFeature[];
  /** The key of the feature at hand, or pointed at. */
  lit?: string | undefined;
  /** Where on it the gauge goes, from its face. */
  depthPm?: number | undefined;
  onPoint?: ((key: string | undefined) => void) | undefined;
  onPick?: ((key: string) => void) | undefined;
}

/**
 * A simple section of the part, drawn from its features: pointed at from their list, and back. To scale; a part much longer
 * than thick is drawn thicker than it is.
 */
export function PartSection({ shape, features, lit, depthPm, onPoint, onPick }: PartSectionProps) {
  const laid = layAlong(features);
  const draw: Draw = {
    laid,
    lit,
    depthPm,
    numbered: features.length > 1 && features.length <= MOST_NUMBERED,
    point: (key) => ({
      onPointerEnter: () => onPoint?.(key),
      onPointerLeave: () => onPoint?.(undefined),
      onClick: () => onPick?.(key),
      className: onPick ? 'cursor-pointer' : '',
    }),
  };
  const { height, drawing } = (SHAPES[shape] ?? shaft)(draw);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="block w-full shrink-0"
      aria-hidden="true"
      data-testid="part"
    >
      <defs>
        <pattern
          id="cut"
          width="8"
          height="8"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1="0" x2="0" y1="0" y2="8" className="stroke-quiet" strokeWidth="1.2" />
        </pattern>
        <pattern
          id="clear"
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(-45)"
        >
          <line x1="0" x2="0" y1="0" y2="5" className="stroke-ink" strokeWidth="1.6" />
        </pattern>
      </defs>
      {drawing}
    </svg>
  );
}

interface Draw {
  laid: Laid[];
  lit: string | undefined;
  depthPm: number | undefined;
  numbered: boolean;
  point: (key: string) => object;
}

const WIDTH = 420;
const TALLEST = 236;
const MARGIN = 34;
/** With more, the numbers would hide the part. */
const MOST_NUMBERED = 24;

/** What a shape draws, and how high its sheet is. */
interface Sheet {
  height: number;
  drawing: ReactNode;
}

const SHAPES: Record<string, (draw: Draw) => Sheet> = {
  shaft,
  barrel: tube,
  bush: tube,
  plate,
};

const isLit = ({ lit }: Draw, { feature }: Laid) => lit === feature.key;

/** Outline and weight of a feature: the one at hand stands out. */
const edge = (lit: boolean) => (lit ? 'stroke-now' : 'stroke-ink');
const weight = (lit: boolean) => (lit ? 3 : 1.5);

/** A turned part from the side. */
function shaft(draw: Draw): Sheet {
  const { laid, depthPm } = draw;
  const end = endOf(laid);
  const outsides = laid.filter(({ feature }) => feature.kind === 'outside');
  const thickest = Math.max(
    1,
    ...outsides.map(({ size }) => size),
    ...laid.filter(({ feature }) => feature.kind === 'bore').map(({ size }) => size * 1.4),
  );
  const along = Math.min((WIDTH - 2 * MARGIN) / end, 130 / thickest);
  // A long thin part would be a line.
  const across = Math.max(along, 56 / thickest);
  // Room above for the numbers, and for an indicator where the runout is taken.
  const axis = 46 + (thickest * across) / 2;
  const left = (WIDTH - end * along) / 2;
  const x = (pm: number) => left + pm * along;
  const bodies = outsides.length > 0 ? [] : [{ from: 0, to: end, size: thickest }];
  const dims = laid.filter(({ feature }) => feature.kind === 'step' || feature.kind === 'depth');
  const drawing = (
    <>
      {bodies.map(({ from, to, size }) => (
        <rect
          key={from}
          x={x(from)}
          y={axis - (size * across) / 2}
          width={(to - from) * along}
          height={size * across}
          className="fill-panel stroke-quiet"
          strokeWidth="1.5"
        />
      ))}
      {outsides.map((one) => (
        <g key={one.feature.key} {...draw.point(one.feature.key)}>
          <rect
            x={x(one.from)}
            y={axis - (one.size * across) / 2}
            width={(one.to - one.from) * along}
            height={one.size * across}
            className={`fill-panel ${edge(isLit(draw, one))}`}
            strokeWidth={weight(isLit(draw, one))}
          />
          <Stations
            laid={one}
            at={x}
            y={[axis - (one.size * across) / 2, axis + (one.size * across) / 2]}
            along={along}
          />
        </g>
      ))}
      {laid
        .filter(({ feature }) => feature.kind === 'bore' || feature.kind === 'inside')
        .map((one) => (
          <g key={one.feature.key} {...draw.point(one.feature.key)}>
            <path
              d={`M${x(one.from)} ${axis - (one.size * across) / 2}H${x(one.to)}V${axis + (one.size * across) / 2}H${x(one.from)}`}
              className={`fill-transparent ${edge(isLit(draw, one))}`}
              strokeWidth={weight(isLit(draw, one))}
              strokeDasharray="7 4"
            />
          </g>
        ))}
      {laid
        .filter(({ feature }) => feature.kind === 'slot')
        .map((one) => (
          <g key={one.feature.key} {...draw.point(one.feature.key)}>
            {[-1, 1].map((side) => {
              const surface =
                axis + (side * (thicknessAt(laid, one.from) || thickest) * across) / 2;
              return (
                <path
                  key={side}
                  d={`M${x(one.from)} ${surface}v${-side * 9}H${Math.max(x(one.to), x(one.from) + 5)}v${side * 9}`}
                  className={`fill-paper ${edge(isLit(draw, one))}`}
                  strokeWidth={weight(isLit(draw, one))}
                />
              );
            })}
          </g>
        ))}
      {laid
        .filter(({ feature }) => feature.kind === 'runout')
        .map((one) => {
          const at = runoutAt(one, end);
          const top = axis - ((thicknessAt(laid, at) || thickest) * across) / 2;
          return (
            <g key={one.feature.key} {...draw.point(one.feature.key)}>
              <path
                d={`M${x(at)} ${top}v-16m-4 8 4 8 4-8`}
                className={`fill-none ${edge(isLit(draw, one))}`}
                strokeWidth={weight(isLit(draw, one))}
              />
              <circle
                cx={x(at)}
                cy={top - 22}
                r="6"
                className={`fill-panel ${edge(isLit(draw, one))}`}
                strokeWidth="2"
              />
            </g>
          );
        })}
      {dims.map((one, i) => (
        <Across
          key={one.feature.key}
          draw={draw}
          laid={one}
          from={x(one.from)}
          to={x(Math.min(one.to, end))}
          y={axis + (thickest * across) / 2 + 16 + i * 15}
        />
      ))}
      <line
        x1={x(0) - 14}
        x2={x(end) + 14}
        y1={axis}
        y2={axis}
        className="stroke-quiet"
        strokeWidth="1"
        strokeDasharray="14 4 3 4"
      />
      <Numbers
        draw={draw}
        at={(one) => {
          const middle = x((one.from + Math.min(one.to, end)) / 2);
          switch (one.feature.kind) {
            case 'outside':
              return [middle, axis - (one.size * across) / 2 - 14];
            case 'bore':
            case 'inside':
              return [middle, axis + (one.size * across) / 2 - 12];
            case 'slot':
              return [x(one.from) + 3, axis - (thickest * across) / 2 - 14];
            case 'runout':
              return [
                x(runoutAt(one, end)) + 20,
                axis - ((thicknessAt(laid, runoutAt(one, end)) || thickest) * across) / 2 - 22,
              ];
            case 'step':
            case 'depth':
              return [middle, axis + (thickest * across) / 2 + 16 + dims.indexOf(one) * 15];
            default:
              return undefined;
          }
        }}
      />
      {depthPm !== undefined &&
        laid
          .filter((one) => isLit(draw, one) && one.feature.kind === 'outside')
          .map((one) => (
            <Anvils
              key={one.feature.key}
              x={x(one.from + depthPm)}
              axis={axis}
              half={(one.size * across) / 2}
            />
          ))}
    </>
  );
  return { height: axis + (thickest * across) / 2 + 30 + dims.length * 15, drawing };
}

/** A tube cut along its axis, its face up: a barrel, a bush. */
function tube(draw: Draw): Sheet {
  const { laid, depthPm } = draw;
  const top = 26;
  const axis = WIDTH / 2;
  const bores = laid.filter(({ feature }) => feature.kind === 'bore' || feature.kind === 'inside');
  const outsides = laid.filter(({ feature }) => feature.kind === 'outside');
  const widestBore = Math.max(0, ...bores.map(({ size }) => size));
  const outside = Math.max(widestBore * 1.3, ...outsides.map(({ size }) => size), 1);
  const bore = widestBore || outside * 0.6;
  const end = endOf(laid);
  const scale = Math.min((TALLEST - top - 26) / end, 190 / outside);
  const across = Math.max(scale, 90 / outside);
  const y = (pm: number) => top + pm * scale;
  const wall = ((outside - bore) * across) / 2;
  const inner = (bore * across) / 2;
  const dims = laid.filter(({ feature }) => feature.kind === 'step' || feature.kind === 'depth');
  const drawing = (
    <>
      {[-1, 1].map((side) => (
        <rect
          key={side}
          x={side < 0 ? axis - inner - wall : axis + inner}
          y={top}
          width={wall}
          height={end * scale}
          fill="url(#cut)"
          className="stroke-ink"
          strokeWidth="1.5"
        />
      ))}
      {outsides.map((one) => (
        <g key={one.feature.key} {...draw.point(one.feature.key)}>
          <path
            d={`M${axis - (one.size * across) / 2} ${y(one.from)}V${y(one.to)}M${axis + (one.size * across) / 2} ${y(one.from)}V${y(one.to)}`}
            className={edge(isLit(draw, one))}
            strokeWidth={isLit(draw, one) ? 4 : 2.5}
          />
        </g>
      ))}
      {bores.map((one) => (
        <g key={one.feature.key} {...draw.point(one.feature.key)}>
          <rect
            x={axis - (one.size * across) / 2}
            y={y(one.from)}
            width={one.size * across}
            height={(one.to - one.from) * scale}
            className={`fill-panel ${edge(isLit(draw, one))}`}
            strokeWidth={weight(isLit(draw, one))}
          />
          {one.feature.bands?.map((band) =>
            [-1, 1].map((side) => (
              <rect
                key={`${band.from.pm} ${side}`}
                x={axis + (side < 0 ? -(one.size * across) / 2 : (one.size * across) / 2 - 12)}
                y={y(one.from + band.from.pm)}
                width="12"
                height={(band.to.pm - band.from.pm) * scale}
                fill="url(#clear)"
              />
            )),
          )}
          {depthsOf(one).map((depth) => (
            <path
              key={depth}
              d={`M${axis - (one.size * across) / 2} ${y(one.from + depth)}h14M${axis + (one.size * across) / 2} ${y(one.from + depth)}h-14`}
              className={edge(isLit(draw, one))}
              strokeWidth={weight(isLit(draw, one))}
            />
          ))}
          {isLit(draw, one) && depthPm !== undefined && (
            <path
              d={`M${axis - (one.size * across) / 2 + 3} ${y(one.from + depthPm)}H${axis + (one.size * across) / 2 - 3}`}
              className="stroke-now"
              strokeWidth="5"
            />
          )}
        </g>
      ))}
      {dims.map((one, i) => (
        <Down
          key={one.feature.key}
          draw={draw}
          laid={one}
          from={y(one.from)}
          to={y(Math.min(one.to, end))}
          x={axis + inner + wall + 22 + i * 20}
        />
      ))}
      <line
        x1={axis}
        x2={axis}
        y1={top - 14}
        y2={y(end) + 14}
        className="stroke-quiet"
        strokeWidth="1"
        strokeDasharray="14 4 3 4"
      />
      <Numbers
        draw={draw}
        at={(one) => {
          const middle = y((one.from + Math.min(one.to, end)) / 2);
          switch (one.feature.kind) {
            case 'outside':
              return [axis - (one.size * across) / 2 - 16, middle];
            case 'bore':
            case 'inside':
              return [axis + 16, middle];
            case 'step':
            case 'depth':
              return [
                axis + inner + wall + 22 + dims.indexOf(one) * 20,
                y(Math.min(one.to, end)) + 14,
              ];
            default:
              return undefined;
          }
        }}
      />
    </>
  );
  return { height: y(end) + 26, drawing };
}

/** A plate from above, its holes in a row, its thickness beside. */
function plate(draw: Draw): Sheet {
  const { laid } = draw;
  const round = laid.filter(({ feature }) => ['bore', 'inside', 'outside'].includes(feature.kind));
  const largest = Math.max(1, ...round.map(({ size }) => size));
  const gap = 300 / Math.max(round.length, 1);
  const scale = Math.min(84, gap * 0.7) / largest;
  const at = (i: number) => 60 + gap * (i + 0.5);
  const centres = laid.filter(({ feature }) => feature.kind === 'centre-distance');
  const flat = laid.filter(({ feature }) => ['step', 'depth', 'slot'].includes(feature.kind));
  const most = Math.max(1, ...flat.map(({ size }) => size));
  const drawing = (
    <>
      <rect
        x="46"
        y="24"
        width="328"
        height="112"
        className="fill-panel stroke-ink"
        strokeWidth="1.5"
      />
      {round.map((one, i) => (
        <g key={one.feature.key} {...draw.point(one.feature.key)}>
          <circle
            cx={at(i)}
            cy="80"
            r={(one.size * scale) / 2}
            className={`${one.feature.kind === 'outside' ? 'fill-metal' : 'fill-paper'} ${edge(isLit(draw, one))}`}
            strokeWidth={weight(isLit(draw, one))}
          />
          <path
            d={`M${at(i) - (one.size * scale) / 2 - 5} 80h${one.size * scale + 10}M${at(i)} ${80 - (one.size * scale) / 2 - 5}v${one.size * scale + 10}`}
            className="stroke-quiet"
            strokeWidth="1"
            strokeDasharray="8 3 2 3"
          />
        </g>
      ))}
      {centres.map((one, i) => (
        <Across
          key={one.feature.key}
          draw={draw}
          laid={one}
          from={at(Math.min(i, Math.max(round.length - 2, 0)))}
          to={at(Math.min(i + 1, Math.max(round.length - 1, 1)))}
          y={150 + i * 14}
        />
      ))}
      {flat.map((one, i) => {
        const x = 70 + (280 / flat.length) * (i + 0.5);
        const half = Math.max(9, (one.size / most) * 26);
        return (
          <g key={one.feature.key} {...draw.point(one.feature.key)}>
            <path
              d={
                one.feature.kind === 'step'
                  ? `M${x - 34} ${196 + half / 2}v${-half}h34v${half}`
                  : `M${x - 34} ${196 - half / 2}h22v${half}h24v${-half}h22`
              }
              className={`fill-none ${edge(isLit(draw, one))}`}
              strokeWidth={weight(isLit(draw, one))}
            />
          </g>
        );
      })}
      <Numbers
        draw={draw}
        at={(one) => {
          const i = round.indexOf(one);
          if (i >= 0) {
            return [at(i) + (one.size * scale) / 2 + 8, 80 - (one.size * scale) / 2 - 4];
          }
          const f = flat.indexOf(one);
          if (f >= 0) {
            return [70 + (280 / flat.length) * (f + 0.5) + 34, 214];
          }
          const c = centres.indexOf(one);
          return c >= 0 ? [(at(c) + at(c + 1)) / 2, 150 + c * 14] : undefined;
        }}
      />
    </>
  );
  return { height: 226, drawing };
}

/** The indicator stands a third along, beside the feature's own number. */
const runoutAt = ({ from, to }: Laid, end: number) => from + (Math.min(to, end) - from) / 3;

/** Where a feature is measured down its length, each depth once. */
const depthsOf = ({ feature }: Laid): number[] => [
  ...new Set(feature.places.flatMap(({ depth }) => depth?.pm ?? [])),
];

/** Short ticks where the gauge goes, on a surface above and one below. */
function Stations({
  laid,
  at,
  y: [top, bottom],
}: {
  laid: Laid;
  at: (pm: number) => number;
  y: [number, number];
  along: number;
}) {
  return depthsOf(laid).map((depth) => (
    <path
      key={depth}
      d={`M${at(laid.from + depth)} ${top}v7M${at(laid.from + depth)} ${bottom}v-7`}
      className="stroke-quiet"
      strokeWidth="2"
    />
  ));
}

interface DimensionProps {
  draw: Draw;
  laid: Laid;
  from: number;
  to: number;
}

/** A dimension line along the part. */
function Across({ draw, laid, from, to, y }: DimensionProps & { y: number }) {
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
function Down({ draw, laid, from, to, x }: DimensionProps & { x: number }) {
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

/** The number of each feature beside it, or its verdict's mark where it has one. */
function Numbers({ draw, at }: { draw: Draw; at: (laid: Laid) => [number, number] | undefined }) {
  return draw.laid.map((one) => {
    const where = at(one);
    const lit = isLit(draw, one);
    if (where === undefined || !(draw.numbered || lit)) {
      return null;
    }
    const [x, y] = where;
    return one.feature.verdict ? (
      <g key={one.feature.key} transform={`translate(${x - 18} ${y - 12})`}>
        <rect width="36" height="24" className="fill-paper" />
        <VerdictMark verdict={one.feature.verdict} size={24} />
      </g>
    ) : (
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

/** The gauge's two faces closing on the part. */
function Anvils({ x, axis, half }: { x: number; axis: number; half: number }) {
  return (
    <g className="fill-now stroke-now">
      <line
        x1={x}
        x2={x}
        y1={axis - half}
        y2={axis + half}
        strokeWidth="1.5"
        strokeDasharray="3 3"
      />
      <path d={`M${x} ${axis - half} l-7 -13 h14 Z`} stroke="none" />
      <path d={`M${x} ${axis + half} l-7 13 h14 Z`} stroke="none" />
    </g>
  );
}
