import type { Schemas } from '../api/client';

type Series = Schemas['SeriesView'];
type Limit = Schemas['TimedLimitView'];

interface OverTimePictureProps {
  series: Series;
  limits: readonly Limit[];
  /** What stands along the foot: hours, days. */
  along: string;
  /** For a narrow screen: the view stands nearer. */
  narrow: boolean;
}

const HEIGHT = 320;
const LEFT = 14;
const TOP = 18;
const BOTTOM = HEIGHT - 40;

/** A size at one inspection after another, each with its U; the line, its band, and where they meet the service limit. */
export function OverTimePicture({ series, limits, along, narrow }: OverTimePictureProps) {
  const width = narrow ? 400 : 960;
  const right = width - (narrow ? 88 : 130);
  const { points, band, meets, earliest, meetsTold, earliestTold } = series;
  const sizes = [
    ...points.flatMap(({ size, expandedPm }) => [size.pm - expandedPm, size.pm + expandedPm]),
    ...limits.map(({ size }) => size.pm),
  ];
  const most = Math.max(...sizes);
  const tall = most - Math.min(...sizes) || 1;
  const xs = [...points.map((point) => point.x), ...band.map((point) => point.x)];
  const from = Math.min(...xs);
  const wide = Math.max(...xs) - from || 1;
  const x = (at: number) => LEFT + 14 + ((at - from) / wide) * (right - LEFT - 28);
  const y = (pm: number) =>
    Math.min(Math.max(TOP + ((most - pm) / tall) * (BOTTOM - TOP), TOP - 14), BOTTOM + 10);
  const lineOf = (of: (point: Schemas['BandPointView']) => number) =>
    band.map((point) => `${x(point.x)} ${y(of(point))}`).join('L');
  const low = lineOf(({ linePm, bandPm }) => linePm - bandPm);
  const high = [...band]
    .reverse()
    .map(({ x: at, linePm, bandPm }) => `${x(at)} ${y(linePm + bandPm)}`)
    .join('L');
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      className="block w-full"
      role="img"
      aria-label={`${series.place}: ${series.sentence}`}
      data-testid="over-time"
    >
      {band.length > 0 && (
        <>
          <path d={`M${low}L${high}Z`} className="fill-ink" opacity="0.1" />
          <path
            d={`M${lineOf(({ linePm }) => linePm)}`}
            fill="none"
            className="stroke-ink"
            strokeWidth="2"
          />
        </>
      )}
      {limits.map(({ name, size }) => (
        <g key={name}>
          <line
            data-limit={name}
            x1={LEFT}
            x2={right}
            y1={y(size.pm)}
            y2={y(size.pm)}
            className={name === 'service' ? 'stroke-gone' : 'stroke-in'}
            strokeWidth={name === 'service' ? 3 : 1.8}
            strokeDasharray={name === 'service' ? '12 4 2 4' : '7 5'}
          />
          <text x={right + 8} y={y(size.pm) + 5} className="fill-ink text-[15px]">
            {size.text}
          </text>
          <text x={right + 8} y={y(size.pm) + 20} className="fill-quiet text-[13px]">
            {name}
          </text>
        </g>
      ))}
      {[
        [earliest, 'at the earliest', earliestTold],
        [meets, 'meets it', meetsTold],
      ].map(
        ([at, words, told]) =>
          typeof at === 'number' &&
          at >= from &&
          at <= from + wide && (
            <g key={words}>
              <line
                x1={x(at)}
                x2={x(at)}
                y1={TOP}
                y2={BOTTOM}
                className="stroke-gone"
                strokeWidth="1.5"
                strokeDasharray={words === 'meets it' ? '' : '3 4'}
              />
              <text
                x={x(at) - 5}
                // Clear of the limit that most often lies highest.
                y={words === 'meets it' ? TOP + 20 : TOP + 38}
                textAnchor="end"
                className="fill-ink stroke-panel text-[14px]"
                strokeWidth="4"
                paintOrder="stroke"
              >
                {words} {told}
              </text>
            </g>
          ),
      )}
      {points.map((point) => (
        <g key={point.at} className="stroke-ink">
          <line
            x1={x(point.x)}
            x2={x(point.x)}
            y1={y(point.size.pm - point.expandedPm)}
            y2={y(point.size.pm + point.expandedPm)}
            strokeWidth="2"
          />
          <circle
            cx={x(point.x)}
            cy={y(point.size.pm)}
            r="6"
            className="fill-ink stroke-paper"
            strokeWidth="1.5"
          />
          <text
            x={x(point.x)}
            y={HEIGHT - 20}
            textAnchor="middle"
            stroke="none"
            className="fill-ink text-[14px]"
          >
            {Math.round(point.x)}
          </text>
        </g>
      ))}
      <line
        x1={LEFT}
        x2={right}
        y1={BOTTOM + 4}
        y2={BOTTOM + 4}
        className="stroke-line"
        strokeWidth="2"
      />
      <text x={right} y={HEIGHT - 20} textAnchor="end" className="fill-quiet text-[14px]">
        {along}
      </text>
    </svg>
  );
}
