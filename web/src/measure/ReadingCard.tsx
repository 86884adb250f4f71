import { type FormEvent, useState } from 'react';
import { useStrike, useSwap } from '../api/acts';
import type { Reading } from '../api/client';
import { newId } from '../api/newId';
import { Button } from '../ui/Button';
import { momentSaid } from '../ui/days';
import { Dialog } from '../ui/Dialog';
import { Key } from '../ui/Key';
import { Size } from '../ui/Size';
import { standing } from '../api/keepReading';
import type { Measuring } from './useMeasuring';

/** Struck by a letter: digits and Enter are what a gauge with a keyboard's plug sends, and must strike nothing. */
const REASONS: Record<string, string> = {
  s: 'slipped',
  m: 'misread',
  w: 'wrong place',
  d: 'dirt',
  v: 'moved while reading',
};

interface ReadingCardProps {
  measuring: Measuring;
  reading: Reading | undefined;
  onClose: () => void;
}

/** One reading: how it came about, and how it is struck. */
export function ReadingCard({ measuring, reading, onClose }: ReadingCardProps) {
  const strike = useStrike();
  const { person } = measuring;
  const give = (reason: string) => {
    if (reading !== undefined && person !== undefined && !strike.isPending) {
      strike.mutate({ id: newId(), reading, reason }, { onSuccess: onClose });
    }
  };
  const byKey = Object.entries(REASONS).map(([key, reason]) => [key, () => give(reason)] as const);
  return (
    <Dialog
      title={reading ? `${reading.size.text} ${reading.size.unit}` : ''}
      words={reading ? storyOf(reading) : ''}
      open={reading !== undefined}
      onClose={onClose}
      keys={reading?.struck ? {} : Object.fromEntries(byKey)}
      holdsFocus
    >
      {reading && (
        <>
          <p className="mt-2">
            <Size length={reading.size} />
          </p>
          {reading.pressed && <p className="mt-2">{reading.pressed}</p>}
          {reading.setting && <p className="mt-2">{reading.setting}</p>}
          {reading.pins && <p className="mt-2">{reading.pins}</p>}
          {reading.notes.map((said) => (
            <p key={said.at} className="mt-2">
              {said.reason} <span className="text-quiet">{said.person}</span>
            </p>
          ))}
          {reading.steps.length > 0 && <Sum reading={reading} />}
          {reading.struck ? (
            <p className="mt-4 font-semibold">
              Struck by {reading.struck.person}: {reading.struck.reason}. It stays on the record.
            </p>
          ) : (
            <>
              <Strike onReason={give} waits={strike.isPending} failure={strike.error} />
              <Swapped measuring={measuring} reading={reading} onClose={onClose} />
            </>
          )}
          <Button onClick={onClose} className="mt-6">
            Back
          </Button>
        </>
      )}
    </Dialog>
  );
}

function storyOf({ gauge, person, takenAt, how, estimated }: Reading): string {
  const read =
    {
      typed: 'typed',
      scale: 'read by scale',
      imported: 'it came with a table',
      gauge: 'the gauge sent it',
      simulated: 'simulated: a box made it up',
    }[how] ?? 'a made-up reading of the demonstration';
  const judged = estimated ? ', its last figure judged between two lines' : '';
  return `${person}, with ${gauge}, ${momentSaid(takenAt)}; ${read}${judged}.`;
}

function Sum({ reading }: { reading: Reading }) {
  return (
    <dl className="mt-3 max-w-xs">
      {reading.steps.map((step) => (
        <div key={step.part} className="flex justify-between border-b border-line py-1">
          <dt>{step.label}</dt>
          <dd className="reading">{step.figure}</dd>
        </div>
      ))}
    </dl>
  );
}

/** It was taken at another place: both readings are put right at once. */
function Swapped({
  measuring: { round, place, person },
  reading,
  onClose,
}: {
  measuring: Measuring;
  reading: Reading;
  onClose: () => void;
}) {
  const swap = useSwap();
  const others = round.places
    .filter(({ id }) => id !== place.id)
    .flatMap((at) => standing(at.readings).map((other) => ({ at, other })));
  if (others.length === 0) {
    return null;
  }
  return (
    <section aria-label="Swapped" className="mt-5">
      <h3 className="text-body">Or it was swapped with the one at</h3>
      <ul className="mt-2 flex flex-wrap gap-2">
        {others.map(({ at, other }) => (
          <li key={other.id}>
            <Button
              disabled={swap.isPending || person === undefined}
              onClick={() =>
                person !== undefined &&
                swap.mutate(
                  {
                    id: newId(),
                    one: reading.id,
                    other: other.id,
                    reason: 'taken at each other\u2019s place',
                  },
                  { onSuccess: onClose },
                )
              }
            >
              {at.name} <span className="reading">{other.size.text}</span>
            </Button>
          </li>
        ))}
      </ul>
      {swap.error && (
        <p role="alert" className="mt-3 font-semibold">
          {swap.error.message}
        </p>
      )}
    </section>
  );
}

interface StrikeProps {
  onReason: (reason: string) => void;
  waits: boolean;
  failure: Error | null;
}

function Strike({ onReason, waits, failure }: StrikeProps) {
  const [words, setWords] = useState('');
  const giveWords = (event: FormEvent) => {
    event.preventDefault();
    onReason(words);
  };
  return (
    <section aria-label="Strike" className="mt-5">
      <h3 className="text-body">Strike it, because it</h3>
      <div className="mt-2 flex flex-wrap gap-2">
        {Object.entries(REASONS).map(([key, reason]) => (
          <Button key={key} onClick={() => onReason(reason)} disabled={waits}>
            <Key>{key.toUpperCase()}</Key> {reason}
          </Button>
        ))}
      </div>
      <form onSubmit={giveWords} className="mt-3 flex flex-wrap gap-2">
        <input
          aria-label="Another reason"
          placeholder="another reason, in words"
          value={words}
          maxLength={200}
          onChange={(event) => setWords(event.target.value)}
          className="min-h-touch min-w-0 grow border-2 border-line bg-paper px-4 placeholder:text-quiet"
        />
        <Button type="submit" disabled={words.trim() === '' || waits}>
          Strike
        </Button>
      </form>
      {failure && (
        <p role="alert" className="mt-3 font-semibold">
          {failure.message}
        </p>
      )}
    </section>
  );
}
