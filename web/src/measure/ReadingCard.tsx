import { type FormEvent, useState } from 'react';
import { useStrike } from '../api/acts';
import type { Reading } from '../api/client';
import { newId } from '../api/newId';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { Key } from '../ui/Key';
import { Size } from '../ui/Size';
import type { Measuring } from './useMeasuring';

const REASONS = ['slipped', 'misread', 'wrong place', 'dirt', 'moved while reading'];

interface ReadingCardProps {
  measuring: Measuring;
  reading: Reading | undefined;
  onClose: () => void;
}

/** One reading: how it came about, and how it is struck. */
export function ReadingCard({ measuring, reading, onClose }: ReadingCardProps) {
  return (
    <Dialog
      title={reading ? `${reading.size.text} ${reading.size.unit}` : ''}
      words={reading ? storyOf(reading) : ''}
      open={reading !== undefined}
      onClose={onClose}
    >
      {reading && (
        <>
          <p className="mt-2">
            <Size length={reading.size} />
          </p>
          {reading.steps.length > 0 && <Sum reading={reading} />}
          {reading.struck ? (
            <p className="mt-4 font-semibold">
              Struck by {reading.struck.person}: {reading.struck.reason}. It stays on the record.
            </p>
          ) : (
            <Strike key={reading.id} measuring={measuring} reading={reading} onStruck={onClose} />
          )}
          <Button onClick={onClose} className="mt-6">
            Back
          </Button>
        </>
      )}
    </Dialog>
  );
}

function storyOf({ gauge, person, takenAt, how }: Reading): string {
  const when = new Date(takenAt).toLocaleString('en-GB', { dateStyle: 'long', timeStyle: 'short' });
  const read =
    { typed: 'typed', scale: 'read by scale' }[how] ?? 'a made-up reading of the demonstration';
  return `${person}, with ${gauge}, ${when}; ${read}.`;
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

interface StrikeProps {
  measuring: Measuring;
  reading: Reading;
  onStruck: () => void;
}

function Strike({ measuring, reading, onStruck }: StrikeProps) {
  const strike = useStrike();
  const [id] = useState(newId);
  const [words, setWords] = useState('');
  const { person } = measuring;
  const give = (reason: string) => {
    if (person !== undefined) {
      strike.mutate({ id, reading, reason, person }, { onSuccess: onStruck });
    }
  };
  const giveWords = (event: FormEvent) => {
    event.preventDefault();
    give(words);
  };
  return (
    <section
      aria-label="Strike"
      className="mt-5"
      onKeyDown={(event) => {
        const reason = REASONS[Number(event.key) - 1];
        if (reason !== undefined && !(event.target instanceof HTMLInputElement)) {
          event.preventDefault();
          give(reason);
        }
      }}
    >
      <h3 className="text-body">Strike it, because it</h3>
      <div className="mt-2 flex flex-wrap gap-2">
        {REASONS.map((reason, i) => (
          <Button
            key={reason}
            onClick={() => give(reason)}
            autoFocus={i === 0}
            disabled={strike.isPending}
          >
            <Key>{String(i + 1)}</Key> {reason}
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
        <Button type="submit" disabled={words.trim() === '' || strike.isPending}>
          Strike
        </Button>
      </form>
      {strike.error && (
        <p role="alert" className="mt-3 font-semibold">
          {strike.error.message}
        </p>
      )}
    </section>
  );
}
