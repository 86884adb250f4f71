import type { ThimbleScale } from './scaleSum';
import { counted, strip } from './thimbleLines';

interface CoincidenceStripProps {
  scale: ThimbleScale;
  step: number;
  lit: boolean;
  narrow: boolean;
}

/** The sleeve's vernier and the thimble's edge laid flat and enlarged: the vernier goes farther around than one can see. */
export function CoincidenceStrip({ scale, step, lit, narrow }: CoincidenceStripProps) {
  if (scale.vernier === undefined) {
    return null;
  }
  const width = narrow ? 520 : 860;
  const lines = strip(scale, step, width);
  const { vernier, meets } = counted(scale, step);
  const now = (is: boolean) => (lit && is ? 'stroke-now' : 'stroke-ink');
  return (
    <svg
      viewBox={`0 0 ${width} 88`}
      className="block w-full"
      aria-hidden="true"
      data-testid="strip"
    >
      <line x1="0" x2={width} y1="48" y2="48" className="stroke-quiet" strokeWidth="1.5" />
      {lines.thimble.map(({ x, count, figured }) => (
        <g key={`thimble ${count}`}>
          <line
            data-line="strip-thimble"
            x1={x}
            x2={x}
            y1={figured ? 18 : 26}
            y2="48"
            className={now(count === meets)}
            strokeWidth={lit && count === meets ? 4 : 2}
          />
          {figured && (
            <text x={x} y="14" textAnchor="middle" className="fill-ink text-[16px] font-semibold">
              {count}
            </text>
          )}
        </g>
      ))}
      {lines.vernier.map(({ x, count, figure }) => (
        <g key={`vernier ${count}`}>
          <line
            data-line="strip-vernier"
            x1={x}
            x2={x}
            y1="48"
            y2="68"
            className={now(count === vernier)}
            strokeWidth={lit && count === vernier ? 4 : 2}
          />
          <text
            x={x}
            y="86"
            textAnchor="middle"
            className={`${lit && count === vernier ? 'fill-now' : 'fill-ink'} text-[20px] font-semibold`}
          >
            {figure}
          </text>
        </g>
      ))}
    </svg>
  );
}
