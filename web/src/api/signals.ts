import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { answered, client, type Schemas } from './client';
import { newId } from './newId';
import { keys, queries } from './queries';

export type GaugeFigure = Schemas['TrayFigureView'];

const SCREEN_KEPT = 'jaw-read screen';

/** By which the server knows this tab among others: the same one when its page is loaded again. */
export const SCREEN = screenOfThisTab();

function screenOfThisTab(): string {
  const screen = sessionStorage.getItem(SCREEN_KEPT) ?? newId();
  sessionStorage.setItem(SCREEN_KEPT, screen);
  return screen;
}

/** It is forgotten after 20 seconds without a word. */
const SAID_AGAIN_MS = 8000;
const LOOKED_AT_AGAIN_MS = 3000;

/** The port for gauges that speak. @param watched whether somebody looks at what is said there */
export const useGaugePort = (watched = false) =>
  useQuery({
    queryKey: keys.gaugePort,
    queryFn: () => answered(client.GET('/api/v1/gauge-port')),
    ...(watched && { refetchInterval: LOOKED_AT_AGAIN_MS }),
  });

/** What gauges have sent that nobody has taken for a reading. @param on while gauges may speak at all */
export const useGaugeFigures = (on: boolean) =>
  useQuery({
    queryKey: keys.gaugeFigures,
    queryFn: () => answered(client.GET('/api/v1/gauge-figures')),
    enabled: on,
  });

/** Says again and again that this page listens to a gauge, as long as it is in sight. */
export function useListening(gauge: number | undefined): void {
  useEffect(() => {
    if (gauge === undefined) {
      return;
    }
    const tell = (body: Schemas['ListenBody']) =>
      void client
        .PUT('/api/v1/listening/{screen}', {
          params: { path: { screen: SCREEN } },
          body,
          // Also while the page is left.
          keepalive: true,
        })
        .catch(() => undefined);
    const say = () => {
      if (document.visibilityState === 'visible') {
        tell({ gauge });
      }
    };
    const stop = () => tell({});
    say();
    const again = setInterval(say, SAID_AGAIN_MS);
    document.addEventListener('visibilitychange', say);
    window.addEventListener('pagehide', stop);
    return () => {
      clearInterval(again);
      document.removeEventListener('visibilitychange', say);
      window.removeEventListener('pagehide', stop);
      stop();
    };
  }, [gauge]);
}

export const useSetAside = () =>
  useMutation({
    mutationFn: ({ id, reason }: { id: string; reason: string }) =>
      answered(
        client.PUT('/api/v1/gauge-figures/{id}/aside', {
          params: { path: { id } },
          body: { reason },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.gaugeFigures }),
  });
