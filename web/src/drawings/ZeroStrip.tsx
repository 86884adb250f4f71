import type { GaugeCheck, LengthText } from '../api/client';
import { daySaid } from '../ui/days';

interface ZeroStripProps {
  /** In the order of time, one at the least. */
  checks: GaugeCheck[];
  /** What the zero may be off without anything being done. */
  allowed: LengthText;
}

const WIDTH = 760;
const HEIGHT = 190;
const MIDDLE = 84;
const REACH = 62;
const LEFT = 70;
const RIGHT = 40;

/** A gauge's zero over time: found as a tick, left as a dot, and the band in which nothing needs doing. */
export function ZeroStrip({ checks, allowed }: ZeroStripProps) {
  const first = Date.parse(checks[0]?.at ?? '');
  const last = Date.parse(checks.at(-1)?.at ?? '');
  const farthest = Math.max(...checks.map(({ found }) => Math.abs(found.pm)), allowed.pm * 1.5, 1);
  const x = ({ at }: GaugeCheck) =>
    last === first
      ? WIDTH / 2
      : LEFT + ((Date.parse(at) - first) / (last - first)) * (WIDTH - LEFT - RIGHT);
  const y = (pm: number) => MIDDLE - (pm / farthest) * REACH;
  const band = MIDDLE - y(allowed.pm);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="mt-2 block w-full"
      aria-hidden="true"
      data-testid="zeros"
    >
      <rect
        x="60"
        y={MIDDLE - band}
        width={WIDTH - 60}
        height={2 * band}
        className="fill-in"
        opacity="0.13"
        data-mark="allowed"
      />
      <line x1="60" x2={WIDTH} y1={MIDDLE} y2={MIDDLE} className="stroke-line" strokeWidth="2" />
      <text x="52" y={MIDDLE + 5} textAnchor="end" className="fill-quiet text-[15px]">
        0
      </text>
      {[1, -1].map((side) => (
        <text
          key={side}
          x="52"
          y={MIDDLE - side * band + 5}
          textAnchor="end"
          className="fill-quiet text-[13px]"
        >
          {side > 0 ? '+' : '−'}
          {allowed.text}
        </text>
      ))}
      {checks.map((check, i) => (
        <Check key={check.id} check={check} before={checks[i - 1]} x={x} y={y} />
      ))}
      {checks
        .filter((_, i) => i === 0 || i === checks.length - 1)
        .map((check, i) => (
          <text
            key={check.id}
            x={x(check)}
            y={HEIGHT - 8}
            textAnchor={checks.length === 1 ? 'middle' : i === 0 ? 'start' : 'end'}
            className="fill-quiet text-[15px]"
          >
            {daySaid(check.at)}
          </text>
        ))}
    </svg>
  );
}

interface CheckProps {
  check: GaugeCheck;
  before: GaugeCheck | undefined;
  x: (check: GaugeCheck) => number;
  y: (pm: number) => number;
}

function Check({ check, before, x, y }: CheckProps) {
  const { found, left, good } = check;
  return (
    <g>
      {before && (
        <line
          x1={x(before)}
          y1={y(before.left.pm)}
          x2={x(check)}
          y2={y(found.pm)}
          className="stroke-quiet"
          strokeWidth="1.5"
          strokeDasharray="3 4"
        />
      )}
      {found.pm !== left.pm && (
        <line
          x1={x(check)}
          y1={y(found.pm)}
          x2={x(check)}
          y2={y(left.pm)}
          className="stroke-ink"
          strokeWidth="1.5"
          data-mark="set"
        />
      )}
      <line
        x1={x(check) - 7}
        x2={x(check) + 7}
        y1={y(found.pm)}
        y2={y(found.pm)}
        className="stroke-ink"
        strokeWidth={good ? 2.5 : 4.5}
        data-mark="found"
      />
      <circle cx={x(check)} cy={y(left.pm)} r="4.5" className="fill-ink" data-mark="left" />
    </g>
  );
}
