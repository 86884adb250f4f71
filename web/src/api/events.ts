import type { QueryClient } from '@tanstack/react-query';
import type { Outbox } from './outbox';
import { keys } from './queries';

/**
 * The one event stream of this tab. It says only that something changed; the screens ask again for what they show. The
 * browser reconnects by itself and names the last event it saw.
 */
export function listen(queries: QueryClient, outbox: Pick<Outbox, 'send'>): EventSource {
  const events = new EventSource('/api/events');
  // Opened at first, something may have changed since the page asked; opened again, the server may be another one by now.
  events.addEventListener('open', () => {
    void queries.invalidateQueries();
    outbox.send();
  });
  events.addEventListener('message', () => {
    void queries.invalidateQueries({ queryKey: keys.bench });
    void queries.invalidateQueries({ queryKey: keys.sheets });
  });
  return events;
}
