import { useId } from 'react';

/** One crest to the next, in the picture. */
const PITCH = 150;
const TURNS = 4;
const TOP = 56;
/** Three quarters of the sharp triangle: the full height of a thread. */
const FULL = 0.6495 * PITCH;
const FLAT = PITCH / 8;
const FLANK = Math.tan(Math.PI / 6);
/** Deeper than this the teeth would touch. */
const DEEPEST = 1.12;

interface DrawnThreadProps {
  /** Which part of the full height is left, of 1. */
  left: number;
  percent: string;
  diameter: string;
  drill: string;
}

/** A tapped hole cut along its axis: what the drill left of the thread, and dashed what it took away. */
export function DrawnThread({ left, percent, diameter, drill }: DrawnThreadProps) {
  const hatch = useId();
  const shown = Math.min(Math.max(left, 0.02), DEEPEST);
  const bottom = TOP + shown * FULL;
  const width = TURNS * PITCH;
  const teeth = Array.from({ length: TURNS }, (_, i) => i * PITCH + PITCH / 2);
  return (
    <svg
      viewBox={`0 0 ${width + 190} 186`}
      role="img"
      aria-label={`Of the thread ${percent} % of its height are left in the hole`}
      className="block w-full"
    >
      <pattern id={hatch} width="9" height="9" patternUnits="userSpaceOnUse">
        <path d="M0 9 9 0" className="stroke-quiet" strokeWidth="1.2" />
      </pattern>
      <rect x="0" y="10" width={width} height={TOP - 10} fill={`url(#${hatch})`} />
      {teeth.map((x) => (
        <g key={x}>
          <path
            d={tooth(x, 1)}
            className="fill-none stroke-quiet"
            strokeDasharray="5 4"
            data-testid="full"
          />
          <path
            d={tooth(x, shown)}
            fill={`url(#${hatch})`}
            className="stroke-ink"
            strokeWidth="2.5"
          />
        </g>
      ))}
      {[0, ...teeth].map((x, i) => {
        const from = i === 0 ? 0 : x + half(0);
        const to = i === TURNS ? width : (teeth[i] ?? 0) - half(0);
        return (
          <path key={x} d={`M${from} ${TOP}H${to}`} className="stroke-ink" strokeWidth="2.5" />
        );
      })}
      <path d={`M0 ${TOP}H${width + 12}`} className="stroke-quiet" strokeDasharray="12 4 2 4" />
      <path
        d={`M0 ${bottom}H${width + 12}`}
        className="stroke-ink"
        strokeWidth="2"
        data-testid="drill"
      />
      <text
        x={width + 18}
        y={TOP + 5}
        className="reading fill-ink text-[17px] max-tablet:text-[26px]"
      >
        {diameter}
      </text>
      <text
        x={width + 18}
        y={bottom + 6}
        className="reading fill-ink text-[17px] max-tablet:text-[26px]"
      >
        {drill}
      </text>
      <path d={`M${width + 6} ${TOP}V${bottom}`} className="stroke-ink" strokeWidth="2" />
      <text
        x={width + 18}
        y={(TOP + bottom) / 2 + 6}
        className="fill-quiet text-[17px] max-tablet:text-[26px]"
      >
        {percent} % left
      </text>
      <text x="4" y="178" className="fill-quiet text-[17px] max-tablet:text-[26px]">
        the hole
      </text>
      <text
        x="4"
        y="30"
        className="fill-ink stroke-panel text-[17px] max-tablet:text-[26px]"
        paintOrder="stroke"
        strokeWidth="6"
      >
        the part
      </text>
    </svg>
  );
}

/** Half of a tooth's width, so far below its foot. */
const half = (below: number) => (PITCH - FLAT) / 2 - below * FLANK;

function tooth(x: number, part: number): string {
  const below = part * FULL;
  const foot = half(0);
  const tip = Math.max(half(below), 0);
  return `M${x - foot} ${TOP}L${x - tip} ${TOP + below}H${x + tip}L${x + foot} ${TOP}`;
}
