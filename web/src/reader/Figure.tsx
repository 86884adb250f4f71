import { digitsOf, exactly, otherUnit } from '../drawings/digits';
import { SumLines } from '../drawings/SumLines';
import { Distance } from './Distance';
import type { Reader } from './useReader';

interface FigureProps {
  reader: Reader;
  lit: string | undefined;
  onLit: (part: string) => void;
}

/** The sum line by line, what it comes to, in both units and as the nearest fraction. */
export function Figure({ reader, lit, onLit }: FigureProps) {
  const { sum, scale, basePm, at, figure, pm, finest, start, step, sense } = reader;
  const fraction = reader.lastReading?.fraction;
  return (
    <>
      {scale.runs === 'both' && <Distance reader={reader} />}
      {start === undefined && (
        <SumLines sum={sum} basePm={basePm} at={at} lit={lit} onLit={onLit} />
      )}
      <output aria-label="Sum" className="reading block text-right text-[4.25rem] leading-none">
        {figure}
      </output>
      <p className="text-right text-quiet">
        {scale.over > 1 ? digitsOf(pm, scale.unit, finest) : ''} {scale.unit}, or{' '}
        {scale.over > 1
          ? exactly(pm, scale.unit === 'in' ? 'mm' : 'in')
          : otherUnit(pm, scale.unit, finest)}
      </p>
      <p className="text-right text-label text-quiet">
        {fraction && reader.reading && scale.over === 1
          ? `nearest fraction ${fraction.text}, ${fraction.error}`
          : '\u00a0'}
        {scale.family === 'comparator' && sense === undefined && (
          <span className="block">if a larger bore drives it clockwise: look first</span>
        )}
        {finest < sum.leastCountPm && step !== 0 && (
          <span className="block">the last figure is judged between two lines</span>
        )}
      </p>
    </>
  );
}
