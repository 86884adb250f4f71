import { useId } from 'react';
import type { LengthText, Limits } from '../api/client';

interface WindowPictureProps {
  limits: Limits;
  /** Readings that count, each a thin tick. */
  readings: LengthText[];
  /** The value they come to. */
  value: LengthText | undefined;
  /** U of it: as far as it may be off either way. */
  expanded?: LengthText | undefined;
  /** Nearer than this to a limit nothing can be told, in picometres. */
  guardPm?: number | null | undefined;
  /** How far the size may wear. */
  service?: LengthText | undefined;
}

/**
 * The zone between the limits, low left, dotted about each limit where nothing can be told, with each reading a tick, the value a bold one, and as far as it may be off beside it. Beyond
 * the limits, on the side of wear, what is still serviceable up to its bar, and hatched what is not.
 */
export function WindowPicture(props: WindowPictureProps) {
  const { limits, readings, value, expanded, guardPm, service } = props;
  const { low, high } = limits;
  const { stated, at, perPm, isBroken } = laid(props);
  const left = low ? at(low.pm) : 0;
  const right = high ? at(high.pm) : WIDTH;
  const hatch = useId();
  const dots = useId();
  return (
    <svg
      // Without a size there is nothing to print above the zone.
      viewBox={value ? `0 0 ${WIDTH} 100` : `0 28 ${WIDTH} 72`}
      className="block w-full"
      aria-hidden="true"
      data-testid="window"
    >
      <line x1="0" x2={WIDTH} y1="62" y2="62" className="stroke-line" strokeWidth="2" />
      <rect x={left} y="36" width={right - left} height="26" className="fill-in" opacity="0.13" />
      {guardPm != null && isGuardSeen(props) && (
        <g data-testid="guard">
          <pattern id={dots} width="6" height="6" patternUnits="userSpaceOnUse">
            <circle cx="3" cy="3" r="1.4" className="fill-near" />
          </pattern>
          {stated.map((limit) => (
            <rect
              key={limit}
              x={at(limit) - guardPm * perPm}
              width={2 * guardPm * perPm}
              y="36"
              height="26"
              fill={`url(#${dots})`}
            />
          ))}
        </g>
      )}
      {service && <Service at={at(service.pm)} text={service.text} left={left} hatch={hatch} />}
      {low && low.pm !== service?.pm && <Limit x={left} text={low.text} side="start" />}
      {high && high.pm !== service?.pm && <Limit x={right} text={high.text} side="end" />}
      {readings.map((reading, i) => (
        <line
          key={i}
          x1={at(reading.pm)}
          x2={at(reading.pm)}
          y1="40"
          y2="62"
          className="stroke-quiet"
          strokeWidth="2"
        />
      ))}
      {value && isBroken(value.pm) && (
        <path
          transform={`translate(${(at(value.pm) + (at(value.pm) > right ? right : left)) / 2} 62)`}
          d="M-6 8 0-8M0 8 6-8"
          className="stroke-quiet"
          strokeWidth="2"
        />
      )}
      {value && (
        <g className="fill-ink stroke-ink">
          <line x1={at(value.pm)} x2={at(value.pm)} y1="28" y2="68" strokeWidth="5" />
          {expanded && !isBroken(value.pm) && (
            <line
              data-testid="doubt"
              x1={at(value.pm - expanded.pm)}
              x2={at(value.pm + expanded.pm)}
              y1="49"
              y2="49"
              strokeWidth="2.5"
            />
          )}
          <text
            x={Math.min(Math.max(at(value.pm), 44), WIDTH - 44)}
            y="20"
            textAnchor="middle"
            stroke="none"
            className="reading text-[20px]"
          >
            {value.text}
          </text>
        </g>
      )}
    </svg>
  );
}

/** Where things lie across the picture. */
function laid({ limits: { low, high }, readings, value, expanded, service }: WindowPictureProps) {
  const stated = [low, high, service].flatMap((limit) => limit?.pm ?? []);
  const sizes = [...readings, ...(value ? [value] : [])].map(({ pm }) => pm);
  if (value && expanded) {
    sizes.push(value.pm - expanded.pm, value.pm + expanded.pm);
  }
  return { stated, ...axisOf(stated, sizes) };
}

/** As wide as the line of a limit: what is narrower lies under it. */
const NARROWEST = 5;

/** Whether the dots about the limits are wide enough to be seen, and so to be spoken of. */
export const isGuardSeen = (props: WindowPictureProps): boolean =>
  2 * (props.guardPm ?? 0) * laid(props).perPm >= NARROWEST;

const WIDTH = 336;
const MARGIN = 68;

function Limit({ x, text, side }: { x: number; text: string; side: 'start' | 'end' }) {
  const hook = side === 'start' ? 9 : -9;
  return (
    <g className="stroke-in">
      <path d={`M${x + hook} 34H${x}V64H${x + hook}`} fill="none" strokeWidth="3" />
      <text
        x={x}
        y="88"
        textAnchor={side === 'start' ? 'end' : 'start'}
        stroke="none"
        className="fill-ink text-[20px]"
      >
        {text}
      </text>
    </g>
  );
}

/** The bar up to which it may wear, and beyond it what is past use. */
function Service({
  at,
  text,
  left,
  hatch,
}: {
  at: number;
  text: string;
  left: number;
  hatch: string;
}) {
  const isLow = at < left;
  const [from, to] = isLow ? [0, at] : [at, WIDTH];
  return (
    <g className="stroke-gone">
      <pattern id={hatch} width="7" height="7" patternUnits="userSpaceOnUse">
        <path d="M0 7 7 0" strokeWidth="1.2" />
      </pattern>
      <rect x={from} y="36" width={to - from} height="26" fill={`url(#${hatch})`} stroke="none" />
      <line x1={at} x2={at} y1="30" y2="66" strokeWidth="4" />
      <text
        x={isLow ? 0 : WIDTH}
        y="88"
        textAnchor={isLow ? 'start' : 'end'}
        stroke="none"
        className="fill-gone text-[20px]"
      >
        {text}
      </text>
    </g>
  );
}

/** So many zones beside the window are drawn to scale; what lies farther out is drawn at the margin, past a break. */
const MOST_BESIDE = 4;

interface Axis {
  at: (pm: number) => number;
  perPm: number;
  isBroken: (pm: number) => boolean;
}

function axisOf(stated: number[], sizes: number[]): Axis {
  const low = Math.min(...stated);
  const high = Math.max(...stated);
  const beside = high > low ? MOST_BESIDE * (high - low) : Infinity;
  const from = Math.max(Math.min(low, ...sizes), low - beside);
  const to = Math.min(Math.max(high, ...sizes), high + beside);
  const perPm = (WIDTH - 2 * MARGIN) / (to - from || 1);
  return {
    perPm,
    at: (pm) => MARGIN + (Math.min(Math.max(pm, from), to) - from) * perPm,
    isBroken: (pm) => pm < from || pm > to,
  };
}
