import { memo } from 'react';
import { Link } from 'react-router';
import { pathToReady } from '../api/client';
import { toneOf, VerdictMark } from '../drawings/VerdictMark';
import { unsetFor } from './setFirst';
import type { Measuring } from './useMeasuring';

/** Where one is, what to do there now, and whether the gauge’s zero wants a look first. */
export const Order = memo(function Order({ measuring }: { measuring: Measuring }) {
  const { sheet, place, gauge, checking, toggleChecking } = measuring;
  const wanted = gauge?.wanted ?? (gauge?.key === sheet.gauge ? sheet.startCheck : undefined);
  return (
    <header>
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 tablet:block">
        <h2 className="text-title">
          {sheet.feature.name}, {place.name}
        </h2>
        <p
          aria-hidden="true"
          className={`flex items-center gap-3 text-title font-bold max-tablet:text-body tablet:mt-1 bench:hidden ${toneOf(place.verdict.mark)}`}
        >
          <VerdictMark verdict={place.verdict} size={32} />
          {place.verdict.word}
        </p>
      </div>
      {checking ? (
        <p className="mt-1 flex flex-wrap items-center gap-x-4 text-order font-semibold text-now">
          Quick check{gauge ? ` with ${gauge.shopNumber}` : ': pick the gauge'}
          <button
            type="button"
            onClick={toggleChecking}
            className="min-h-11 text-label font-medium text-ink underline underline-offset-4"
          >
            measure without it
          </button>
        </p>
      ) : (
        <p className="mt-1 text-order font-semibold text-now max-tablet:text-title">{place.next}</p>
      )}
      {gauge && wanted && unsetFor(measuring) === undefined && (
        <Link
          to={pathToReady(sheet.part.id)}
          className="mt-1 inline-flex min-h-11 items-center font-medium underline decoration-line underline-offset-4"
        >
          {wanted}
        </Link>
      )}
    </header>
  );
});
