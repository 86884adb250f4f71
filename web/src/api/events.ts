import type { QueryClient } from '@tanstack/react-query';
import type { Outbox } from './outbox';
import { keys } from './queries';

/**
 * The one event stream of this tab. It says only that something changed; the screens ask again for what they show. The
 * browser reconnects by itself and names the last event it saw.
 */
export function listen(queries: QueryClient, outbox: Pick<Outbox, 'send'>): EventSource {
  const events = new EventSource('/api/events');
  let opened = false;
  events.addEventListener('open', () => {
    if (opened) {
      // The server was away: it may be another one now, with other people and gauges.
      void queries.invalidateQueries();
      outbox.send();
    }
    opened = true;
  });
  events.addEventListener('message', () => {
    void queries.invalidateQueries({ queryKey: keys.bench });
    void queries.invalidateQueries({ queryKey: keys.sheets });
  });
  return events;
}
