import { useId } from 'react';
import type { LengthText, Schemas } from '../api/client';
import { signed } from '../ui/signed';

type Zone = Schemas['ZoneView'];

interface FitZonesProps {
  nominal: LengthText;
  hole: Zone | undefined;
  shaft: Zone | undefined;
  label: string;
}

const WIDTH = 560;
const HEIGHT = 270;
const EDGE = 42;
/** Two figures nearer than this would stand on each other. */
const APART = 30;
const BOX = 110;

/** Where hole and shaft may lie, to scale against the nominal size: up is larger. */
export function FitZones({ nominal, hole, shaft, label }: FitZonesProps) {
  const right = useId();
  const left = useId();
  const zones = [hole, shaft].flatMap((zone) => (zone ? [zone] : []));
  const measured = zones.flatMap((zone) => (zone.measured ? [zone.measured.pm - nominal.pm] : []));
  const all = [
    0,
    ...measured,
    ...zones.flatMap((zone) => [zone.lowDeviation.pm, zone.highDeviation.pm]),
  ];
  const most = Math.max(...all);
  const least = Math.min(...all);
  const perPm = (HEIGHT - 2 * EDGE) / Math.max(most - least, 1);
  const isHoleUpper =
    (hole?.highDeviation.pm ?? -Infinity) >= (shaft?.highDeviation.pm ?? -Infinity);
  const y = (pm: number) => EDGE + (most - pm) * perPm;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label} className="block w-full">
      <pattern id={right} width="9" height="9" patternUnits="userSpaceOnUse">
        <path d="M0 9 9 0" className="stroke-ink" strokeWidth="1.1" />
      </pattern>
      <pattern id={left} width="9" height="9" patternUnits="userSpaceOnUse">
        <path d="M0 0 9 9" className="stroke-ink" strokeWidth="1.1" />
      </pattern>
      <path
        d={`M70 ${y(0)}H${WIDTH - 70}`}
        className="stroke-ink"
        strokeWidth="2"
        data-testid="zero"
      />
      <text
        x="66"
        y={y(0) + 6}
        textAnchor="end"
        className="reading fill-ink text-[17px] max-tablet:text-[27px]"
      >
        0
      </text>
      <text
        x={WIDTH - 66}
        y={y(0) + 6}
        className="reading fill-ink text-[17px] max-tablet:text-[27px]"
      >
        {nominal.text}
      </text>
      {hole && (
        <Box
          zone={hole}
          x={140}
          y={y}
          hatch={right}
          side="left"
          nominal={nominal.pm}
          word="hole"
          isUpper={isHoleUpper}
        />
      )}
      {shaft && (
        <Box
          zone={shaft}
          x={310}
          y={y}
          hatch={left}
          side="right"
          nominal={nominal.pm}
          word="shaft"
          isUpper={!isHoleUpper}
        />
      )}
    </svg>
  );
}

interface BoxProps {
  zone: Zone;
  x: number;
  y: (pm: number) => number;
  hatch: string;
  side: 'left' | 'right';
  nominal: number;
  word: string;
  /** Whether it lies above the other: its name stands on its outer side. */
  isUpper: boolean;
}

function Box({ zone, x, y, hatch, side, nominal, word, isUpper }: BoxProps) {
  const high = y(zone.highDeviation.pm);
  const low = y(zone.lowDeviation.pm);
  // A thin zone is drawn as a line that can still be seen; its figures are kept from standing on each other.
  const push = Math.max(0, (APART - (low - high)) / 2);
  const at = side === 'left' ? x - 8 : x + BOX + 8;
  const anchor = side === 'left' ? 'end' : 'start';
  // The name keeps off the zero line, which may lie just there.
  const zero = y(0);
  const above = zero > high - 36 && zero < high ? zero : high;
  const below = zero > low && zero < low + 36 ? zero : low;
  // The zero line has its own figure there.
  const clear = (place: number) => (Math.abs(place - y(0)) < 2 ? (place === high ? -12 : 12) : 0);
  return (
    <g>
      <rect
        data-testid={word}
        x={x}
        y={high}
        width={BOX}
        height={Math.max(low - high, 2)}
        fill={`url(#${hatch})`}
        className="stroke-ink"
        strokeWidth="2.5"
      />
      <text
        x={x + BOX / 2}
        y={isUpper ? above - 12 : below + 26}
        textAnchor="middle"
        className="fill-ink text-[18px] font-semibold max-tablet:text-[27px]"
      >
        {word} {zone.letter}
        {zone.grade}
      </text>
      <text
        x={at}
        y={high + 6 - push + clear(high)}
        textAnchor={anchor}
        className="reading fill-ink text-[17px] max-tablet:text-[27px]"
      >
        {signed(zone.highDeviation)}
      </text>
      <text
        x={at}
        y={low + 6 + push + clear(low)}
        textAnchor={anchor}
        className="reading fill-ink text-[17px] max-tablet:text-[27px]"
      >
        {signed(zone.lowDeviation)}
      </text>
      {zone.measured && (
        <path
          data-testid={`measured ${word}`}
          d={`M${x - 14} ${y(zone.measured.pm - nominal)}h${BOX + 28}`}
          className="stroke-ink"
          strokeWidth="5"
        />
      )}
    </g>
  );
}
