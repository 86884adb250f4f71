import { addends, type ScaleSum, type Standing } from './scaleSum';

interface SumLinesProps {
  sum: ScaleSum;
  basePm: number;
  at: Standing;
  lit: string | undefined;
  onLit: (look: string) => void;
}

/** The sum line by line, as it is read; the one that is pointed at is shown on the drawing. */
export function SumLines({ sum, basePm, at, lit, onLit }: SumLinesProps) {
  return (
    <dl>
      {addends(sum, basePm, at).map(({ look, label, text }) => (
        <div
          key={look}
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
