import { addends, figureOf, finestShown, type ScaleSum, type Standing } from './scaleSum';

interface SumLinesProps {
  sum: ScaleSum;
  basePm: number;
  at: Standing;
  lit: string | undefined;
  onLit: (look: string) => void;
  /** What it stands on, piece by piece; else what it adds is one line. */
  pieces?: { label: string; size: { pm: number } }[];
}

/** The sum line by line, as it is read; the one that is pointed at is shown on the drawing. */
export function SumLines({ sum, basePm, at, lit, onLit, pieces = [] }: SumLinesProps) {
  const lines = addends(sum, basePm, at).flatMap((line) =>
    line.look === 'base' && pieces.length > 0
      ? pieces.map(({ label, size }) => ({
          look: 'base',
          label,
          text: figureOf(sum, size.pm, finestShown(sum, at.step)),
        }))
      : [line],
  );
  return (
    <dl>
      {lines.map(({ look, label, text }) => (
        <div
          key={`${look} ${label} ${text}`}
          className={`flex justify-between border-b border-line ${look === lit ? 'font-bold text-now' : ''}`}
          onPointerEnter={() => onLit(look)}
        >
          <dt>{label}</dt>
          <dd className="reading">{text}</dd>
        </div>
      ))}
    </dl>
  );
}
