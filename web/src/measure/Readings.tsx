import { memo } from 'react';
import { VerdictMark } from '../drawings/VerdictMark';
import { Link } from 'react-router';
import type { Place, Reading } from '../api/client';
import { Button } from '../ui/Button';
import { standing } from '../api/keepReading';
import type { Measuring } from './useMeasuring';

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

const ordinal = (index: number) => ORDINALS[index] ?? `${index + 1}th`;

/** They do not agree as honest readings do. */
const isApart = ({ state }: Place): boolean => state === 'scattered' || state === 'unsettled';

interface ReadingsProps {
  measuring: Measuring;
  onReading: (reading: Reading) => void;
}

/** What was read at this place in this round, struck ones among them, with how far apart they may lie. */
export const Readings = memo(function Readings({
  measuring: { place, waiting, gauge },
  onReading,
}: ReadingsProps) {
  if (place.readings.length + place.quick.length + waiting.length === 0) {
    return null;
  }
  return (
    <section aria-label="Readings here">
      <ul className="flex flex-wrap gap-2">
        {place.readings.map((reading, i) => (
          <li key={reading.id}>
            <OneReading
              reading={reading}
              label={ordinal(i)}
              name={`${ordinal(i)} reading, ${reading.size.text} ${reading.size.unit}`}
              onReading={onReading}
            />
          </li>
        ))}
        {place.quick.map((reading) => (
          <li key={reading.id}>
            <OneReading
              reading={reading}
              label={`check, ${reading.gauge}`}
              name={`quick check, ${reading.size.text} ${reading.size.unit} with ${reading.gauge}`}
              onReading={onReading}
            />
          </li>
        ))}
        {waiting.map((reading) => (
          <li key={reading.id} className="min-h-touch border-2 border-dashed border-quiet px-5">
            <span className="label block">not yet judged</span>
            <span className="reading text-title">{reading.figure}</span>
          </li>
        ))}
      </ul>
      {place.repeats && (
        <p className="mt-2 flex items-center gap-3">
          {isApart(place) && (
            <VerdictMark verdict={{ mark: place.state, side: '' }} size={24} word={place.state} />
          )}
          {place.repeats}
        </p>
      )}
      {isApart(place) && gauge && (
        <p className="mt-1 flex flex-wrap gap-x-6 text-label">
          <Link
            to={`/technique/${gauge.technique}`}
            className="py-2 underline decoration-line underline-offset-4"
          >
            how {gauge.shopNumber} is held
          </Link>
          <Link
            to={`/drawer/${gauge.id}/trial`}
            className="py-2 underline decoration-line underline-offset-4"
          >
            see what you hold with it: a trial
          </Link>
        </p>
      )}
      {[...new Set(standing(place.readings).flatMap(({ remark }) => remark ?? []))].map(
        (remark) => (
          <p key={remark} className="mt-2 border-l-4 border-ink pl-3">
            {remark}
          </p>
        ),
      )}
    </section>
  );
});

interface OneReadingProps {
  reading: Reading;
  /** What stands above it while it counts. */
  label: string;
  /** For ears. */
  name: string;
  onReading: (reading: Reading) => void;
}

function OneReading({ reading, label, name, onReading }: OneReadingProps) {
  return (
    <Button
      onClick={() => onReading(reading)}
      aria-label={`${name}${reading.struck ? `, struck: ${reading.struck.reason}` : ''}`}
    >
      <span className="label block">{reading.struck ? reading.struck.reason : label}</span>
      <span
        className={`reading text-title ${reading.struck ? 'text-quiet line-through decoration-2' : ''}`}
      >
        {reading.size.text}
      </span>
    </Button>
  );
}
