import { memo } from 'react';
import { useStrays } from '../keys/strays';
import { inTray, outbox } from '../api/outbox';
import { Button } from '../ui/Button';
import type { Measuring } from './useMeasuring';

/** Readings that the server would not take. They stay until somebody has seen to them. */
export const Tray = memo(function Tray({
  measuring: { tray, place, keep, takenNow },
}: {
  measuring: Measuring;
}) {
  const [strays, putStrayAway] = useStrays();
  if (tray.length + strays.length === 0) {
    return null;
  }
  return (
    <section aria-label="Tray" className="border-2 border-ink p-3">
      <h3 className="label">In the tray: not taken, and not lost</h3>
      <ul>
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
