import type { Reading } from '../api/client';
import { Button } from '../ui/Button';
import { type Measuring, standing } from './useMeasuring';

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

const ordinal = (index: number) => ORDINALS[index] ?? `${index + 1}th`;

interface ReadingsProps {
  measuring: Measuring;
  onReading: (reading: Reading) => void;
}

/** What was read at this place in this round, struck ones among them, with how far apart they may lie. */
export function Readings({ measuring: { place, waiting }, onReading }: ReadingsProps) {
  if (place.readings.length + waiting.length === 0) {
    return null;
  }
  return (
    <section aria-label="Readings here">
      <ul className="flex flex-wrap gap-2">
        {place.readings.map((reading, i) => (
          <li key={reading.id}>
            <Button
              onClick={() => onReading(reading)}
              aria-label={`${ordinal(i)} reading, ${reading.size.text} ${reading.size.unit}${
                reading.struck ? `, struck: ${reading.struck.reason}` : ''
              }`}
            >
              <span className="label block">
                {reading.struck ? reading.struck.reason : ordinal(i)}
              </span>
              <span
                className={`reading text-title ${reading.struck ? 'text-quiet line-through decoration-2' : ''}`}
              >
                {reading.size.text}
              </span>
            </Button>
          </li>
        ))}
        {waiting.map((reading) => (
          <li key={reading.id} className="min-h-touch border-2 border-dashed border-quiet px-5">
            <span className="label block">not yet judged</span>
            <span className="reading text-title">{reading.figure}</span>
          </li>
        ))}
      </ul>
      {place.repeats && <p className="mt-2">{place.repeats}</p>}
      {[...new Set(standing(place).flatMap(({ remark }) => remark ?? []))].map((remark) => (
        <p key={remark} className="mt-2 border-l-4 border-ink pl-3">
          {remark}
        </p>
      ))}
    </section>
  );
}
