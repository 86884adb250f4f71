import { toneOf, VerdictMark } from '../drawings/VerdictMark';
import type { Measuring } from './useMeasuring';

/** Where one is, and what to do there now. */
export function Order({ measuring: { sheet, place } }: { measuring: Measuring }) {
  return (
    <header>
      <h2 className="text-title">
        {sheet.feature.name}, {place.name}
      </h2>
      <p
        aria-hidden="true"
        className={`mt-1 flex items-center gap-3 text-title font-bold bench:hidden ${toneOf(place.verdict.mark)}`}
      >
        <VerdictMark verdict={place.verdict} size={32} />
        {place.verdict.word}
      </p>
      <p className="mt-1 text-order font-semibold text-now">{place.next}</p>
    </header>
  );
}
