import { useScales } from '../api/queries';
import { useNarrow } from '../ui/useNarrow';
import { AtRest } from './AtRest';
import { type PartCounts, scaleSum, stepOf } from './scaleSum';

export type LessonUnit = 'mm' | 'in';

const SCALES: Record<LessonUnit, string> = { mm: 'mic-mm-001', in: 'mic-in-001' };

interface OnScaleProps {
  unit: LessonUnit;
  counts: PartCounts;
  lit: 'coarse' | 'fine';
}

/** The micrometer of the lesson, where it stands. */
export function OnScale({ unit, counts, lit }: OnScaleProps) {
  const scale = useScales().data?.find(({ id }) => id === SCALES[unit]);
  const narrow = useNarrow();
  if (scale === undefined) {
    return null;
  }
  const sum = scaleSum(scale);
  const at = { step: stepOf(sum, counts), sense: 1 as const };
  const mark =
    lit === 'coarse' ? { count: counts['sleeve'] ?? 0, words: 'the last line passed' } : undefined;
  return <AtRest label={scale.name} sum={sum} at={at} lit={lit} mark={mark} narrow={narrow} />;
}

const WIDTH = 860;
const ROW = 62;
/** One millimetre on this sheet. */
const MILLIMETRE = 380;

interface Thing {
  name: string;
  mm: number;
}

const THINGS: Record<LessonUnit, Thing[]> = {
  mm: [
    { name: 'a coin, 2 mm', mm: 2 },
    { name: 'a sheet of paper, 0.1 mm', mm: 0.1 },
    { name: 'a hair, 0.07 mm', mm: 0.07 },
    { name: 'a hundredth, 0.01 mm', mm: 0.01 },
    { name: 'a thousandth, 0.001 mm', mm: 0.001 },
  ],
  in: [
    { name: 'a coin, 0.080 in', mm: 2.032 },
    { name: 'a sheet of paper, 0.004 in', mm: 0.1016 },
    { name: 'a hair, 0.003 in', mm: 0.0762 },
    { name: 'a thou, 0.001 in', mm: 0.0254 },
    { name: 'a tenth, 0.0001 in', mm: 0.00254 },
  ],
};

/** Things one knows and steps one measures, all to one scale. */
export function HowSmall({ unit }: { unit: LessonUnit }) {
  const things = THINGS[unit];
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${ROW * things.length + 10}`}
      role="img"
      aria-label={`To one scale: ${things.map(({ name }) => name).join('; ')}`}
      className="border-2 border-line bg-panel"
    >
      {things.map(({ name, mm }, i) => (
        <g key={name} transform={`translate(20 ${i * ROW + 12})`}>
          <rect
            width={Math.max(0.5, mm * MILLIMETRE)}
            height="24"
            className={i > 2 ? 'fill-now' : 'fill-ink'}
          />
          <text y="45" className="fill-ink text-[19px] font-semibold">
            {name}
          </text>
        </g>
      ))}
    </svg>
  );
}

const PITCH = 74;

/** So many lines of a vernier beside one fewer of the beam. */
export function VernierLines({ lines, meets }: { lines: number; meets: number }) {
  const short = (PITCH * (lines - 1)) / lines;
  // The zero stands a share of a line past the first.
  const zero = 60 + (PITCH * meets) / lines;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 230`}
      role="img"
      aria-label={`Line ${meets} of the vernier meets a line of the beam`}
      className="border-2 border-line bg-panel"
    >
      <rect x="0" y="20" width={WIDTH} height="90" className="fill-paper stroke-line" />
      <rect
        x={zero - 30}
        y="110"
        width={short * lines + 60}
        height="90"
        className="fill-panel stroke-quiet"
      />
      {Array.from({ length: lines + 1 }, (_, i) => (
        <g key={`beam ${i}`}>
          <line
            x1={60 + i * PITCH}
            x2={60 + i * PITCH}
            y1="60"
            y2="110"
            className="stroke-ink"
            strokeWidth="2"
          />
          <text
            x={60 + i * PITCH}
            y="50"
            textAnchor="middle"
            className="fill-ink text-[18px] font-semibold"
          >
            {i}
          </text>
        </g>
      ))}
      {Array.from({ length: lines + 1 }, (_, i) => (
        <g key={`vernier ${i}`}>
          <line
            x1={zero + i * short}
            x2={zero + i * short}
            y1="110"
            y2="155"
            className={i === meets ? 'stroke-now' : 'stroke-ink'}
            strokeWidth={i === meets ? 5 : 2}
          />
          <text
            x={zero + i * short}
            y="178"
            textAnchor="middle"
            className={`${i === meets ? 'fill-now' : 'fill-ink'} text-[18px] font-semibold`}
          >
            {i}
          </text>
        </g>
      ))}
    </svg>
  );
}

/** Three readings of one place, and the one that does not belong. */
export function ThreeTimes({ unit }: { unit: LessonUnit }) {
  const readings = unit === 'mm' ? ['7.78', '7.79', '7.28'] : ['0.288', '0.288', '0.263'];
  const xs = [620, 640, 220];
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 200`}
      role="img"
      aria-label={`Three readings: ${readings.join(', ')}; the last stands alone`}
      className="border-2 border-line bg-panel"
    >
      <line x1="40" x2="820" y1="120" y2="120" className="stroke-quiet" strokeWidth="2" />
      {readings.map((reading, i) => (
        <g key={`${reading} ${i}`}>
          <circle
            cx={xs[i]}
            cy="120"
            r="11"
            className={i === 2 ? 'fill-none stroke-gone' : 'fill-ink'}
            strokeWidth="4"
          />
          <text
            x={xs[i]}
            y={i === 1 ? 165 : 92}
            textAnchor="middle"
            className={`${i === 2 ? 'fill-gone' : 'fill-ink'} text-[24px] font-bold`}
          >
            {reading}
          </text>
        </g>
      ))}
      <text x="220" y="165" textAnchor="middle" className="fill-gone text-[18px] font-semibold">
        {unit === 'mm' ? 'the half overlooked' : 'a line missed'}
      </text>
    </svg>
  );
}
