import { useState } from 'react';
import { useMarkCut } from '../api/acts';
import { newId } from '../api/newId';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import type { Measuring } from './useMeasuring';

const WHERE = {
  NOT_TAKEN: 'belongs to the round before',
  ASIDE: 'lies aside, and counts nowhere',
} as const;

/** The cut that opened this round was said by mistake. What was read since goes where the person says. */
export function NotTaken({
  measuring: { round },
  onSaid,
}: {
  measuring: Measuring;
  onSaid: () => void;
}) {
  const mark = useMarkCut();
  const [goes, setGoes] = useState<keyof typeof WHERE>('NOT_TAKEN');
  const cut = round.cutId;
  if (!cut) {
    return null;
  }
  const read = round.places.some(({ readings }) => readings.length > 0);
  return (
    <section aria-label="It was never taken" className="mt-6 border-t-2 border-line pt-4">
      <h3 className="font-semibold">No cut was taken before “{round.name}”</h3>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        {read && (
          <div className="min-w-48 grow">
            <Choice
              label="What was read since"
              value={goes}
              choices={WHERE}
              onChoose={(to) => setGoes(to as keyof typeof WHERE)}
            />
          </div>
        )}
        <Button
          small
          disabled={mark.isPending}
          onClick={() =>
            mark.mutate({ id: newId(), cut, kind: goes, reason: '' }, { onSuccess: onSaid })
          }
        >
          Take the cut back
        </Button>
      </div>
      {mark.error && (
        <p role="alert" className="mt-2 font-semibold">
          {mark.error.message}
        </p>
      )}
    </section>
  );
}
