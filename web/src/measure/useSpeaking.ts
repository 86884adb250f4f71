import { useEffect, useRef, useState } from 'react';
import { type Gauge, Problem } from '../api/client';
import { useWaiting } from '../api/useOutbox';
import {
  type GaugeFigure,
  SCREEN,
  useGaugeFigures,
  useGaugePort,
  useListening,
} from '../api/signals';
import type { WorkAtHand } from './useMeasuring';

/** What gauges say to this page. */
export interface Speaking {
  /** The number of the gauge that is listened to; absent where none is. */
  listensTo?: string;
  /** Figures that nobody has taken, and that do not go to a place by themselves. */
  figures: GaugeFigure[];
}

/** The one that speaks: of a gauge that is read with another, that other. */
export const speaker = ({ id, reader }: Pick<Gauge, 'id' | 'reader'>): number => reader ?? id;

/** What a gauge sent, as it is read in. */
export const asRead = ({ id, figure, takenAt }: GaugeFigure) => ({
  typed: figure,
  figure,
  sent: { id, takenAt },
});

/** Listens to the gauge in hand, and keeps what it sends at the place that waits. */
export function useSpeaking({ gauge, keep, person, place, checking }: WorkAtHand): Speaking {
  const isOpen = useGaugePort().data?.port !== undefined;
  const isWaiting = person !== undefined && (place.wants || checking);
  const isListening = isOpen && isWaiting && gauge?.scale !== undefined;
  const to = isListening ? speaker(gauge) : undefined;
  useListening(to);
  const all = useGaugeFigures(isOpen).data ?? [];
  const onTheirWay = new Set(useWaiting().map(({ id }) => id));
  const taken = useRef(new Set<string>());
  const isOurs = ({ offeredTo, asked, gauge: from }: GaugeFigure) =>
    offeredTo === SCREEN && !asked && from === to;
  const ours = all.filter(isOurs);
  /** What was not taken, here or by the server: it stays until somebody has seen to it. */
  const [givenBack, setGivenBack] = useState<readonly string[]>([]);
  useEffect(() => {
    for (const figure of ours) {
      // Once, however often the tray is asked for before it is a reading.
      if (!taken.current.has(figure.id)) {
        taken.current.add(figure.id);
        void keep(asRead(figure)).then((fate) => {
          if (fate === undefined || fate instanceof Problem) {
            setGivenBack((before) => [...before, figure.id]);
          }
        });
      }
    }
  });
  return {
    ...(isListening && { listensTo: gauge.shopNumber }),
    figures: all.filter(
      (each) => (!isOurs(each) || givenBack.includes(each.id)) && !onTheirWay.has(each.id),
    ),
  };
}
