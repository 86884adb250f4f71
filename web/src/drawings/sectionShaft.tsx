import { endOf, type Laid, thicknessAt } from './sectionLayout';
import { Across, type Draw, edge, isLit, Numbers, type Sheet, weight, WIDTH } from './sectionMarks';

const MARGIN = 34;

/** A turned part from the side. */
export function shaft(draw: Draw): Sheet {
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

/** The indicator stands a third along, beside the feature's own number. */
const runoutAt = ({ from, to }: Laid, end: number) => from + (Math.min(to, end) - from) / 3;

/** Short ticks where the gauge goes, on a surface above and one below. */
function Stations({
  laid,
  at,
  y: [top, bottom],
}: {
  laid: Laid;
  at: (pm: number) => number;
  y: [number, number];
}) {
  return laid.feature.depths.map((depth) => (
    <path
      key={depth}
      d={`M${at(laid.from + depth)} ${top}v7M${at(laid.from + depth)} ${bottom}v-7`}
      className="stroke-quiet"
      strokeWidth="2"
    />
  ));
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
