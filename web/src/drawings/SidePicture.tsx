import { useId } from 'react';
import type { Schemas } from '../api/client';
import { type DrawnLimit, factorSaid, LIMIT_LINES } from './magnified';
import { type Lighting, PlaceDot } from './PlaceDot';

type Wall = Schemas['WallView'];

interface SidePictureProps extends Lighting {
  wall: Wall;
  bands: readonly Schemas['KeptClearView'][];
  /** Of the feature; from the last depth on where nobody has said. */
  lengthPm: number | undefined;
  limits: readonly DrawnLimit[];
  base: number;
  factor: number;
  hollow: boolean;
}

export const SIDE_WIDTH = 300;
const HEIGHT = 300;
const TOP = 34;
const BOTTOM = HEIGHT - 14;
const MIDDLE = SIDE_WIDTH / 2;
/** Where the walls stand at the base size. */
const WALL = 78;

/** Both walls of an axis down the depth, the face on top, their deviation magnified; where it has worn past new is filled. */
export function SidePicture(props: SidePictureProps) {
  const { wall, bands, lengthPm, limits, base, factor, hollow, lit, onLight } = props;
  const id = useId();
  const depths = wall.points.map(({ depthPm }, i) => depthPm ?? i);
  const known = wall.points.every(({ depthPm }) => depthPm != null);
  const span = known ? (lengthPm ?? Math.max(...depths) * 1.1) : wall.points.length - 1;
  const y = (depth: number) => TOP + (depth / (span || 1)) * (BOTTOM - TOP);
  const pxPerPm = WALL / (base / 2);
  const off = (pm: number) => WALL + ((pm - base) / 2) * pxPerPm * factor;
  const points = wall.points.map((point, i) => ({
    ...point,
    y: y(depths[i] ?? 0),
    off: off(point.size.pm),
  }));
  const first = points[0];
  const last = points.at(-1);
  if (first === undefined || last === undefined) {
    return null;
  }
  const run = [{ y: TOP, off: first.off }, ...points, { y: BOTTOM, off: last.off }];
  const side = (sign: 1 | -1) => run.map((at) => `${MIDDLE + sign * at.off} ${at.y}`).join('L');
  const metal = (sign: 1 | -1) => {
    const out = hollow ? MIDDLE + sign * (MIDDLE - 2) : MIDDLE;
    return `M${out} ${TOP}L${side(sign)}L${out} ${BOTTOM}Z`;
  };
  const worn = limits.find(({ name }) => name === (hollow ? 'high' : 'low'));
  return (
    <svg
      viewBox={`0 0 ${SIDE_WIDTH} ${HEIGHT}`}
      className="block w-full"
      role="img"
      aria-label={`Down ${wall.axis}: ${wall.sentence}`}
      data-testid="side"
      data-factor={factor}
    >
      <pattern id={`${id}metal`} width="8" height="8" patternUnits="userSpaceOnUse">
        <path d="M0 8 8 0" className="stroke-quiet" strokeWidth="0.8" />
      </pattern>
      <pattern id={`${id}band`} width="6" height="6" patternUnits="userSpaceOnUse">
        <path d="M0 0 6 6M6 0 0 6" className="stroke-quiet" strokeWidth="0.8" />
      </pattern>
      {([1, -1] as const).map((sign) => (
        <path key={sign} d={metal(sign)} fill={`url(#${id}metal)`} stroke="none" opacity="0.55" />
      ))}
      {known &&
        bands.map((band) => (
          <g key={band.fromPm}>
            <rect
              x="2"
              width={SIDE_WIDTH - 4}
              y={y(band.fromPm)}
              height={Math.max(y(band.toPm) - y(band.fromPm), 2)}
              fill={`url(#${id}band)`}
              opacity="0.5"
            />
            <text
              x={MIDDLE}
              y={y(band.toPm) + 15}
              textAnchor="middle"
              className="fill-quiet text-[13px]"
            >
              {band.what}
            </text>
          </g>
        ))}
      {worn &&
        ([1, -1] as const).map((sign) => (
          <path
            key={sign}
            data-testid="wear"
            d={wornPath(run, off(worn.pm), sign, hollow)}
            className="fill-gone"
            opacity="0.22"
          />
        ))}
      {limits.map(({ name, pm }) =>
        ([1, -1] as const).map((sign) => (
          <line
            key={`${name} ${sign}`}
            data-limit={name}
            x1={MIDDLE + sign * off(pm)}
            x2={MIDDLE + sign * off(pm)}
            y1={TOP}
            y2={BOTTOM}
            className={LIMIT_LINES[name].className}
            strokeWidth="1.8"
            strokeDasharray={LIMIT_LINES[name].dash}
          />
        )),
      )}
      {([1, -1] as const).map((sign) => (
        <path
          key={sign}
          data-wall={sign}
          d={`M${side(sign)}`}
          fill="none"
          className="stroke-ink"
          strokeWidth="3"
        />
      ))}
      <line x1="2" x2={SIDE_WIDTH - 2} y1={TOP} y2={TOP} className="stroke-ink" strokeWidth="1.2" />
      {points.map((point) =>
        ([1, -1] as const).map((sign) => (
          <PlaceDot
            key={`${point.place} ${sign}`}
            place={point.place}
            cx={MIDDLE + sign * point.off}
            cy={point.y}
            lit={lit}
            onLight={onLight}
          />
        )),
      )}
      {points.map((point) => (
        <text
          key={point.place}
          x={MIDDLE}
          y={point.y + 5}
          textAnchor="middle"
          className="fill-ink stroke-paper text-[15px]"
          strokeWidth="4"
          paintOrder="stroke"
        >
          {point.section}
        </text>
      ))}
      <text x="6" y="20" className="fill-ink text-[17px] font-semibold">
        {wall.axis}
      </text>
      <text x={SIDE_WIDTH - 6} y="20" textAnchor="end" className="fill-ink text-[15px]">
        {factorSaid(factor)}
      </text>
    </svg>
  );
}

/** Between the line of new and the wall, wherever the wall lies past it. */
function wornPath(
  run: { y: number; off: number }[],
  line: number,
  sign: 1 | -1,
  hollow: boolean,
): string {
  const past = (off: number) => (hollow ? Math.max(off, line) : Math.min(off, line));
  const wall = run.map(({ off, y }) => `${MIDDLE + sign * past(off)} ${y}`).join('L');
  return `M${MIDDLE + sign * line} ${TOP}L${wall}L${MIDDLE + sign * line} ${BOTTOM}Z`;
}
