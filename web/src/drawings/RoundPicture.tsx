import { useId } from 'react';
import type { Schemas } from '../api/client';
import { type DrawnLimit, factorSaid, LIMIT_LINES } from './magnified';
import { type Lighting, PlaceDot } from './PlaceDot';

type Level = Schemas['LevelView'];

interface RoundPictureProps extends Lighting {
  level: Level;
  limits: readonly DrawnLimit[];
  /** The size that is drawn as the middle circle. */
  base: number;
  /** How many times larger than they are deviations are drawn. */
  factor: number;
  /** Whether metal lies outside: a bore. */
  hollow: boolean;
}

export const ROUND = 300;
const MIDDLE = ROUND / 2;
/** Where the base size is drawn, and as far as anything may lie from it. */
export const RADIUS = 92;
export const REACH = 42;
const TURN = 72;

/** Angles go against the clock from the right, as on a protractor. */
const at = (degrees: number, radius: number): [number, number] => {
  const turned = (degrees * Math.PI) / 180;
  return [MIDDLE + radius * Math.cos(turned), MIDDLE - radius * Math.sin(turned)];
};

const outline = (radius: (degrees: number) => number): string =>
  `${Array.from({ length: TURN }, (_, i) => (i * 360) / TURN)
    .map((degrees, i) => {
      const [x, y] = at(degrees, radius(degrees));
      return `${i === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`;
    })
    .join('')}Z`;

/** A section as one looks into it, its deviation magnified, with the circles of its limits. */
export function RoundPicture(props: RoundPictureProps) {
  const { level, limits, base, factor, hollow, lit, onLight } = props;
  const hatch = useId();
  const pxPerPm = RADIUS / (base / 2);
  // Half of a deviation of the diameter lies on each side.
  const radiusOf = (pm: number) => RADIUS + ((pm - base) / 2) * pxPerPm * factor;
  const { ellipse } = level;
  const shape =
    ellipse &&
    outline((degrees) => {
      const twice = (2 * degrees * Math.PI) / 180;
      return radiusOf(
        ellipse.meanPm + ellipse.cosinePm * Math.cos(twice) + ellipse.sinePm * Math.sin(twice),
      );
    });
  const edge = `M0 0H${ROUND}V${ROUND}H0Z`;
  return (
    <svg
      viewBox={`0 0 ${ROUND} ${ROUND}`}
      className="block w-full"
      role="img"
      aria-label={`Section ${level.name}: ${level.sentence}`}
      data-testid="round"
      data-factor={factor}
    >
      <pattern id={hatch} width="8" height="8" patternUnits="userSpaceOnUse">
        <path d="M0 8 8 0" className="stroke-quiet" strokeWidth="0.8" />
      </pattern>
      {shape && (
        <path
          d={hollow ? `${edge}${shape}` : shape}
          fillRule="evenodd"
          fill={`url(#${hatch})`}
          stroke="none"
          opacity="0.55"
        />
      )}
      {level.points.map((point) => (
        <AxisLine key={point.place} degrees={Number(point.degrees)} />
      ))}
      {limits.map(({ name, pm }) => {
        const radius = radiusOf(pm);
        return (
          radius > 4 && (
            <circle
              key={name}
              data-limit={name}
              cx={MIDDLE}
              cy={MIDDLE}
              r={radius}
              fill="none"
              className={LIMIT_LINES[name].className}
              strokeWidth="1.8"
              strokeDasharray={LIMIT_LINES[name].dash}
            />
          )
        );
      })}
      {shape && (
        <path d={shape} fill="none" className="stroke-ink" strokeWidth="3" data-testid="outline" />
      )}
      {level.points.map((point) => (
        <AxisName key={point.place} degrees={Number(point.degrees)} name={point.axis} />
      ))}
      {level.longAxis != null && ellipse && (
        <LongAxis degrees={level.longAxis} reach={radiusOf(ellipse.meanPm) + 4} />
      )}
      {level.points.map((point) =>
        [0, 180].map((half) => {
          const [x, y] = at(Number(point.degrees) + half, radiusOf(point.size.pm));
          return (
            <PlaceDot
              key={`${point.place} ${half}`}
              place={point.place}
              cx={x}
              cy={y}
              lit={lit}
              onLight={onLight}
            />
          );
        }),
      )}
      <text x={ROUND - 6} y={ROUND - 8} textAnchor="end" className="fill-ink text-[15px]">
        {factorSaid(factor)}
      </text>
      {/* Below: what the axes are called stands along the upper half. */}
      <text x="6" y={ROUND - 8} className="fill-ink text-[17px] font-semibold">
        {level.name}
      </text>
    </svg>
  );
}

function AxisLine({ degrees }: { degrees: number }) {
  const [x1, y1] = at(degrees, 132);
  const [x2, y2] = at(degrees + 180, 132);
  return <line x1={x1} y1={y1} x2={x2} y2={y2} className="stroke-line" strokeWidth="1.2" />;
}

/** Over the rings, which are cut out around it: read where the axis meets the rim first, going round from the right. */
function AxisName({ degrees, name }: { degrees: number; name: string }) {
  const [x, y] = at(degrees, 141);
  const anchor = Math.abs(x - MIDDLE) < 40 ? 'middle' : x > MIDDLE ? 'end' : 'start';
  return (
    <text
      x={anchor === 'end' ? ROUND - 4 : anchor === 'start' ? 4 : x}
      y={anchor === 'middle' ? Math.max(y + 4, 15) : y - 5}
      textAnchor={anchor}
      className="fill-ink stroke-paper text-[14px]"
      strokeWidth="4"
      paintOrder="stroke"
    >
      {name}
    </text>
  );
}

/** An arrow at both ends, inside the wall. */
function LongAxis({ degrees, reach }: { degrees: number; reach: number }) {
  const [x1, y1] = at(degrees, reach - 16);
  const [x2, y2] = at(degrees + 180, reach - 16);
  const head = (towards: number) =>
    [-150, 150]
      .map((turn) => {
        const [fromX, fromY] = at(towards, reach - 16);
        const turned = ((towards + turn) * Math.PI) / 180;
        return `M${fromX} ${fromY}L${fromX + 11 * Math.cos(turned)} ${fromY - 11 * Math.sin(turned)}`;
      })
      .join('');
  return (
    <g data-testid="long-axis" data-degrees={degrees}>
      <line x1={x1} y1={y1} x2={x2} y2={y2} className="stroke-ink" strokeWidth="1.6" />
      <path d={head(degrees) + head(degrees + 180)} className="stroke-ink" strokeWidth="1.6" />
    </g>
  );
}
