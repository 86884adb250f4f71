import { memo } from 'react';
import { type KeyedGauge, useKeyedGauges } from '../keys/keyedGauges';
import { useCatchStrays, useStrays } from '../keys/strays';
import { Button } from './Button';

/** Figures that came while nothing waited for them, on every page until somebody has seen to them. */
export const Strays = memo(function Strays({
  gauges,
}: {
  /** Those that type, with what they put around a figure. */
  gauges?: KeyedGauge[] | undefined;
}) {
  useKeyedGauges(gauges);
  useCatchStrays(gauges);
  const [strays, putAway] = useStrays();
  if (strays.length === 0) {
    return null;
  }
  return (
    <section
      aria-label="Figures that nothing waited for"
      className="flex flex-wrap items-center gap-3 border-b-2 border-line bg-panel px-4 py-2 tablet:px-6"
    >
      <span className="font-semibold">Came while nothing waited, and not lost:</span>
      {strays.map(({ id, figure }) => (
        <span key={id} className="flex items-center gap-2">
          <span className="reading text-title">{figure}</span>
          <Button small onClick={() => putAway(id)} aria-label={`${figure}: seen to`}>
            Seen to
          </Button>
        </span>
      ))}
      <span className="text-quiet">Where one is measured they can be read in.</span>
    </section>
  );
});
