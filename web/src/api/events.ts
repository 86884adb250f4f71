import type { InvalidateQueryFilters, Query, QueryClient } from '@tanstack/react-query';
import type { Sheet } from './client';
import type { Outbox } from './outbox';
import { isOurs } from './planChanges';
import { keys } from './queries';

/** What the stream tells: that something of a job changed, never what it is now. */
interface Told {
  job: number;
  seq: number;
  what: string;
}

/**
 * The one event stream of this tab. It says only that something changed; the screens ask again for what they show. The
 * browser reconnects by itself and names the last event it saw.
 */
export function listen(queries: QueryClient, outbox: Pick<Outbox, 'send' | 'idle'>): EventSource {
  const events = new EventSource('/api/v1/events');
  // Opened at first, something may have changed since the page asked; opened again, the server may be another one by now.
  events.addEventListener('open', () => {
    void queries.invalidateQueries();
    outbox.send();
  });
  events.addEventListener('message', ({ data }: MessageEvent<string>) => {
    const told = JSON.parse(data) as Told;
    // What is decided for the shop may show anywhere, and is decided seldom.
    if (told.what === 'everything' || told.what === 'shop') {
      void queries.invalidateQueries();
      return;
    }
    // What a gauge sent is no reading yet: nothing that is measured shows it.
    if (told.what === 'signal') {
      void queries.invalidateQueries({ queryKey: keys.gaugeFigures });
      return;
    }
    // A reading of our own is answered with the sheet as it then stands: asking once more would only be in its way.
    void outbox.idle().then(() => {
      const refetchType = isShown(queries, told) ? 'none' : 'active';
      const predicate = mayTellOf(told);
      refresh(queries, { queryKey: keys.records });
      if (told.what === 'reading') {
        // What a gauge sent may have become one.
        refresh(queries, { queryKey: keys.gaugeFigures });
      }
      refresh(queries, { queryKey: keys.bench });
      refresh(queries, { queryKey: keys.judgements, predicate });
      refresh(queries, { queryKey: keys.doubts });
      refresh(queries, { queryKey: keys.slips });
      if (told.what === 'look') {
        refresh(queries, { queryKey: keys.looks });
        refresh(queries, { queryKey: keys.ready });
      }
      if (told.what === 'drawer') {
        refresh(queries, { queryKey: keys.gauges });
        refresh(queries, { queryKey: keys.drawer });
        refresh(queries, { queryKey: keys.comparators });
        refresh(queries, { queryKey: keys.soakings });
        refresh(queries, { queryKey: keys.ready });
        refresh(queries, { queryKey: keys.jobs });
      }
      if (told.what === 'drawer' || told.what === 'plan') {
        refresh(queries, { queryKey: keys.trail });
        refresh(queries, { queryKey: keys.methods });
      }
      if (told.what === 'plan') {
        void isOurs(told.job, told.seq).then((known) => {
          if (!known) {
            refresh(queries, { queryKey: keys.jobs });
          }
        });
      }
      refresh(queries, { queryKey: keys.sheets, refetchType, predicate });
    });
  });
  return events;
}

/** A gauge is of no job, and may be in use in all of them; whatever else changed is of one job, and a page of another stays. */
const mayTellOf =
  ({ job, what }: Told) =>
  ({ state }: Query): boolean => {
    const shown = state.data as { job?: { id?: number } } | undefined;
    return what === 'drawer' || shown?.job?.id === undefined || shown.job.id === job;
  };

/**
 * Asks again for what changed. What is being asked for the very first time may have been answered before the change, and is not
 * asked anew while it is on its way: it is asked once more when it is here.
 */
function refresh(queries: QueryClient, what: InvalidateQueryFilters): void {
  const first = queries
    .getQueryCache()
    .findAll({ queryKey: what.queryKey ?? [] })
    // Of one that is not here nobody knows what job it is of.
    .filter(({ state }) => state.fetchStatus !== 'idle' && state.data === undefined);
  void queries.invalidateQueries(what);
  for (const query of first) {
    const again = () => void queries.invalidateQueries({ queryKey: query.queryKey, exact: true });
    void query.promise?.then(again, again);
  }
}

/** Whether what was told stands on the sheet in sight already. */
function isShown(queries: QueryClient, { job, seq, what }: Told): boolean {
  return (
    what === 'reading' &&
    queries
      .getQueryCache()
      .findAll({ queryKey: keys.sheets, type: 'active' })
      .every(({ state }) => {
        const sheet = state.data as Sheet | undefined;
        return (
          sheet?.job.id === job &&
          sheet.rounds.some(({ places }) =>
            places.some(({ readings }) => readings.some((each) => each.seq === seq)),
          )
        );
      })
  );
}
