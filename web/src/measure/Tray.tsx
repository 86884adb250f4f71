import { memo, useState } from 'react';
import { useStrays } from '../keys/strays';
import { inTray, outbox } from '../api/outbox';
import { type GaugeFigure, useSetAside } from '../api/signals';
import { Button } from '../ui/Button';
import { asRead, speaker } from './useSpeaking';
import type { Measuring } from './useMeasuring';

/** Readings that the server would not take. They stay until somebody has seen to them. */
export const Tray = memo(function Tray({
  measuring: { tray, place, keep, takenNow, gauge, gauges, speaking },
}: {
  measuring: Measuring;
}) {
  const [strays, putStrayAway] = useStrays();
  if (tray.length + strays.length + speaking.figures.length === 0) {
    return null;
  }
  return (
    <section aria-label="Tray" className="border-2 border-ink p-3">
      <h3 className="label">In the tray: not taken, and not lost</h3>
      <ul>
        {inHandFirst(speaking.figures, gauge).map((sent) => (
          <Sent key={sent.id} sent={sent} gauges={gauges} place={place} keep={keep} />
        ))}
        {strays.map(({ id, figure }) => (
          <li key={id} className="mt-2 flex flex-wrap items-center gap-3">
            <span className="reading text-title">{figure}</span>
            <span className="min-w-48 grow">It came while nothing waited for it.</span>
            <Button
              onClick={() =>
                void keep({ typed: figure, figure }).then((fate) => fate && putStrayAway(id))
              }
            >
              Read it in at {place.name}
            </Button>
          </li>
        ))}
        {tray.map((reading) => (
          <li key={reading.id} className="mt-2 flex flex-wrap items-center gap-3">
            <span className="reading text-title">{reading.figure}</span>
            <span className="min-w-48 grow">{inTray(reading)}</span>
            {reading.refusal !== undefined && (
              <Button onClick={() => void outbox.takeUp(reading.id, takenNow())}>
                Take it now
              </Button>
            )}
            {reading.aside !== undefined && (
              <Button onClick={() => outbox.sendAside()}>Send it again</Button>
            )}
            <Button onClick={() => void outbox.putAway(reading.id)}>Seen to</Button>
          </li>
        ))}
      </ul>
    </section>
  );
});

type SentProps = Pick<Measuring, 'gauges' | 'place' | 'keep'> & { sent: GaugeFigure };

/** What a gauge sent, and no place takes by itself. */
function Sent({ sent, gauges, place, keep }: SentProps) {
  const setAside = useSetAside();
  const by = gauges.find((each) => speaker(each) === sent.gauge);
  const [onItsWay, setOnItsWay] = useState(false);
  const readIn = () => {
    setOnItsWay(true);
    void keep(asRead(sent), by).finally(() => setOnItsWay(false));
  };
  return (
    <li className="mt-2 flex flex-wrap items-center gap-3">
      <span className="reading text-title">{sent.figure}</span>
      <span className="min-w-48 grow">
        From {sent.number}
        {sent.simulated && ', simulated'}. {sent.told || 'No place waited for it.'}
      </span>
      <span className="flex gap-3">
        <Button small disabled={by === undefined || onItsWay} onClick={readIn}>
          Read it in at {place.name}
        </Button>
        <Button small onClick={() => setAside.mutate({ id: sent.id, reason: 'no reading' })}>
          No reading
        </Button>
      </span>
    </li>
  );
}

/** What the gauge in hand sent stands before what lies there from others. */
const inHandFirst = (figures: GaugeFigure[], gauge: Measuring['gauge']) =>
  figures.toSorted((one, other) => Number(isFrom(other, gauge)) - Number(isFrom(one, gauge)));

const isFrom = (figure: GaugeFigure, gauge: Measuring['gauge']) =>
  gauge !== undefined && speaker(gauge) === figure.gauge;
