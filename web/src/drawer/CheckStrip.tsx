import type { GaugeCheck, GaugePage, LengthText } from '../api/client';

const WIDTH = 760;
const HEIGHT = 190;
const MIDDLE = 84;
const REACH = 62;

const SHORT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

interface CheckStripProps {
  page: GaugePage;
  /** What it may be off without anything being done. */
  allowed: LengthText;
}

/** Its checks over time: found as a tick, left as a dot, and the band in which nothing needs doing. */
export function CheckStrip({ page: { checks, drift }, allowed }: CheckStripProps) {
  const first = Date.parse(checks[0]?.at ?? '');
  const last = Date.parse(checks.at(-1)?.at ?? '');
  const farthest = Math.max(...checks.map(({ found }) => Math.abs(found.pm)), allowed.pm * 1.5, 1);
  const x = ({ at }: GaugeCheck) =>
    last === first ? WIDTH / 2 : 70 + ((Date.parse(at) - first) / (last - first)) * (WIDTH - 110);
  const y = (pm: number) => MIDDLE - (pm / farthest) * REACH;
  const band = (allowed.pm / farthest) * REACH;
  return (
    <section aria-label="Checks">
      <h2 className="border-b-2 border-ink pb-1 text-body">Its zero over time</h2>
      {drift && <p className="mt-2 font-semibold">{drift}</p>}
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="mt-2 block w-full" aria-hidden="true">
        <rect
          x="60"
          y={MIDDLE - band}
          width={WIDTH - 60}
          height={2 * band}
          className="fill-in"
          opacity="0.13"
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
        {checks.map((check, i) => {
          const before = checks[i - 1];
          return (
            <g key={check.id}>
              {before && (
                <line
                  x1={x(before)}
                  y1={y(before.left.pm)}
                  x2={x(check)}
                  y2={y(check.found.pm)}
                  className="stroke-quiet"
                  strokeWidth="1.5"
                  strokeDasharray="3 4"
                />
              )}
              {check.found.pm !== check.left.pm && (
                <line
                  x1={x(check)}
                  y1={y(check.found.pm)}
                  x2={x(check)}
                  y2={y(check.left.pm)}
                  className="stroke-ink"
                  strokeWidth="1.5"
                />
              )}
              <line
                x1={x(check) - 7}
                x2={x(check) + 7}
                y1={y(check.found.pm)}
                y2={y(check.found.pm)}
                className="stroke-ink"
                strokeWidth={check.good ? 2.5 : 4.5}
              />
              <circle cx={x(check)} cy={y(check.left.pm)} r="4.5" className="fill-ink" />
            </g>
          );
        })}
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
              {SHORT.format(new Date(check.at))}
            </text>
          ))}
      </svg>
      <ul aria-label="Looks at its zero" className="mt-1">
        {checks.toReversed().map(({ id, at, person, sentence, good }) => (
          <li
            key={id}
            className="grid grid-cols-[8rem_minmax(0,1fr)] gap-x-3 border-b border-line py-1 text-label"
          >
            <span className="text-quiet">{SHORT.format(new Date(at))}</span>
            <span className={good ? '' : 'font-semibold'}>
              {sentence} <span className="text-quiet">{person}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
