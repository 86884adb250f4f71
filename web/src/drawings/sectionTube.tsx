import { endOf } from './sectionLayout';
import { Down, type Draw, edge, isLit, Numbers, type Sheet, weight, WIDTH } from './sectionMarks';

const TALLEST = 236;

/** A tube cut along its axis, its face up: a barrel, a bush. */
export function tube(draw: Draw): Sheet {
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
          {one.feature.depths.map((depth) => (
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
              // Above the half, where ports lie more often than not.
              return [axis + 16, y(one.from + (Math.min(one.to, end) - one.from) / 4)];
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
