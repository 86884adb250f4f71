import type { ReactNode } from 'react';
import type { Opens } from './Cards';
import { Readings } from './Readings';
import { Tray } from './Tray';
import type { Measuring } from './useMeasuring';

interface AtPlaceProps {
  measuring: Measuring;
  open: Opens;
  doubts: ReactNode;
}

/** What is at the place at hand, however it is read: doubts, readings, what else can be done here, and what came unasked. */
export function AtPlace({ measuring, open, doubts }: AtPlaceProps) {
  const { place, sheet, checking, toggleChecking, last, keepSame } = measuring;
  return (
    <>
      {doubts}
      <Readings measuring={measuring} onReading={open.reading} />
      <p className="flex flex-wrap gap-x-6 text-label">
        <button
          type="button"
          onClick={open.place}
          className="min-h-11 underline decoration-line underline-offset-4"
        >
          {place.skip
            ? 'Passed over: take it up again'
            : 'History of this place, a note, pass it over'}
        </button>
        <button
          type="button"
          onClick={toggleChecking}
          aria-pressed={checking}
          className="min-h-11 underline decoration-line underline-offset-4"
        >
          Quick check with another gauge
        </button>
        <button
          type="button"
          onClick={open.worst}
          className="min-h-11 underline decoration-line underline-offset-4"
        >
          A place found by hand
        </button>
        {last && (
          <button
            type="button"
            onClick={keepSame}
            className="min-h-11 underline decoration-line underline-offset-4"
          >
            The same again: {last.figure}
          </button>
        )}
        {sheet.left && <span className="py-2.5 text-quiet">{sheet.left}</span>}
      </p>
      <Tray measuring={measuring} />
    </>
  );
}
