/** An inch as wide as the picture: 64 parts of so many units each. */
const PART = 10;
const PARTS = 64;
const LEFT = 24;
const INCH_PM = 25_400_000_000;
/** How deep a line goes down, by how many 64ths it stands for: 1, 1/2, 1/4 … 1/64. */
const DEPTHS = [64, 52, 42, 33, 25, 18, 12];

interface DrawnInchProps {
  /** Whole picometres. */
  pm: number;
  /** The nearest 64th, in picometres. */
  nearest: number;
  label: string;
}

/** The inch of a rule that a size lies in, by 64ths, and the size as a bold line across it. */
export function DrawnInch({ pm, nearest, label }: DrawnInchProps) {
  const inch = Math.floor(pm / INCH_PM);
  const at = (size: number) => LEFT + ((size - inch * INCH_PM) / INCH_PM) * PARTS * PART;
  const lines = Array.from({ length: PARTS + 1 }, (_, i) => i);
  const x = at(pm);
  return (
    <svg
      viewBox={`0 0 ${2 * LEFT + PARTS * PART} 132`}
      role="img"
      aria-label={label}
      className="block w-full"
    >
      <rect
        x={LEFT - 14}
        y="40"
        width={PARTS * PART + 28}
        height="88"
        className="fill-metal stroke-line"
      />
      {lines.map((i) => (
        <line
          key={i}
          data-line={i}
          x1={LEFT + i * PART}
          x2={LEFT + i * PART}
          y1="40"
          y2={40 + (DEPTHS[level(i)] ?? 0)}
          className="stroke-ink"
          strokeWidth={LEFT + i * PART === Math.round(at(nearest)) ? 3 : 1.2}
        />
      ))}
      {[0, 16, 32, 48, 64].map((i) => (
        <text
          key={i}
          x={LEFT + i * PART + (i === 64 ? -5 : 5)}
          y="122"
          textAnchor={i === 64 ? 'end' : 'start'}
          className="reading fill-ink text-[16px]"
        >
          {i === 0 ? inch : i === 64 ? inch + 1 : { 16: '1/4', 32: '1/2', 48: '3/4' }[i]}
        </text>
      ))}
      <path d={`M${x} 106V30`} className="stroke-ink" strokeWidth="3" data-testid="size" />
      <path d={`M${x - 8} 18h16l-8 14z`} className="fill-ink" />
    </svg>
  );
}

/** 0 for a whole inch, 1 for a half, down to 6 for a 64th. */
function level(i: number): number {
  let deep = 6;
  for (let n = i; deep > 0 && n % 2 === 0; n /= 2) {
    deep -= 1;
  }
  return deep;
}
