import type { TrialResult } from '../api/client';

const MIDDLE = 180;
const REACH = 170;

/** The readings of a trial as ticks about the master's size, and what is held as a bracket. */
export function TrialScatter({ result: { readings, holds } }: { result: TrialResult }) {
  const farthest = Math.max(...readings.map(({ pm }) => Math.abs(pm)), holds.pm, 1) * 1.1;
  const x = (pm: number) => MIDDLE + (pm / farthest) * REACH;
  return (
    <svg viewBox="0 0 360 96" className="block w-full" aria-hidden="true" data-testid="scatter">
      <line x1="0" x2="360" y1="60" y2="60" className="stroke-line" strokeWidth="2" />
      <line x1={MIDDLE} x2={MIDDLE} y1="20" y2="72" className="stroke-ink" strokeWidth="2" />
      <text x={MIDDLE} y="14" textAnchor="middle" className="fill-quiet text-[13px]">
        the master
      </text>
      {readings.map(({ pm }, i) => (
        <line
          key={i}
          x1={x(pm)}
          x2={x(pm)}
          y1="38"
          y2="60"
          className="stroke-ink"
          strokeWidth="2"
          opacity="0.6"
          data-mark="reading"
        />
      ))}
      {[-1, 1].map((side) => (
        <path
          key={side}
          d={`M${x(side * holds.pm) - side * 8} 68h${side * 8}v18h${-side * 8}`}
          className="stroke-quiet"
          fill="none"
          strokeWidth="2"
        />
      ))}
    </svg>
  );
}
