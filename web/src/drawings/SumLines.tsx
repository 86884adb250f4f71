import { addends, type ScaleSum, type Standing } from './scaleSum';

interface SumLinesProps {
  sum: ScaleSum;
  basePm: number;
  at: Standing;
  lit: string | undefined;
  onLit: (part: string) => void;
}

/** The sum line by line, as it is read; the one that is pointed at is shown on the drawing. */
export function SumLines({ sum, basePm, at, lit, onLit }: SumLinesProps) {
  return (
    <dl>
      {addends(sum, basePm, at).map(({ part, label, text }) => (
        <div
          key={part}
          className={`flex justify-between border-b border-line ${part === lit ? 'font-bold text-now' : ''}`}
          onPointerEnter={() => onLit(part)}
        >
          <dt>{label}</dt>
          <dd className="reading">{text}</dd>
        </div>
      ))}
    </dl>
  );
}
