import { type FormEvent, useState } from 'react';
import type { Place, Reading, Said } from '../api/client';
import { useMarkPlace } from '../api/acts';
import { newId } from '../api/newId';
import { Button } from '../ui/Button';
import { momentSaid } from '../ui/days';
import { Dialog } from '../ui/Dialog';
import { Worded } from '../ui/Worded';
import type { Measuring } from './useMeasuring';

interface PlaceCardProps {
  measuring: Measuring;
  open: boolean;
  onClose: () => void;
  /** What was read here belongs elsewhere. */
  onBelongs: () => void;
}

/** One place: all that was ever read and said there, round by round; a note; and passing it over for a reason. */
export function PlaceCard({ measuring, open, onClose, onBelongs }: PlaceCardProps) {
  const { sheet, round, place, person } = measuring;
  const mark = useMarkPlace();
  const [words, setWords] = useState('');
  const say = (kind: 'SKIP' | 'TAKE_UP' | 'NOTE') => {
    if (person === undefined) {
      return;
    }
    mark
      .mutateAsync({
        id: newId(),
        part: sheet.part.id,
        feature: sheet.feature.id,
        round: round.number,
        place: place.id,
        kind,
        reason: words,
      })
      // The walk goes on to the next place, and this card with the last one may be gone by then.
      .then(
        () => {
          setWords('');
          if (kind !== 'NOTE') {
            onClose();
          }
        },
        () => undefined,
      );
  };
  const note = (event: FormEvent) => {
    event.preventDefault();
    say('NOTE');
  };
  return (
    <Dialog
      title={`${sheet.feature.name}, ${place.name}`}
      words="All that was read and said here; nothing is ever taken away."
      open={open}
      onClose={onClose}
      holdsFocus
    >
      {sheet.rounds.map((each) => {
        const at = each.places.find(({ id }) => id === place.id);
        return at && <InRound key={each.number} name={each.name} place={at} />;
      })}
      <form onSubmit={note} className="mt-5 flex flex-col gap-3">
        <Worded label="A note, or why it is passed over" value={words} onType={setWords} />
        {mark.error && (
          <p role="alert" className="font-semibold">
            {mark.error.message}
          </p>
        )}
        <div className="flex flex-wrap gap-3">
          <Button type="submit" disabled={words.trim() === '' || mark.isPending}>
            Note it
          </Button>
          {place.skip ? (
            <Button onClick={() => say('TAKE_UP')} disabled={mark.isPending}>
              Take it up again
            </Button>
          ) : (
            <Button onClick={() => say('SKIP')} disabled={words.trim() === '' || mark.isPending}>
              Pass it over
            </Button>
          )}
          <Button onClick={onBelongs}>These belong to …</Button>
          <Button onClick={onClose}>Back</Button>
        </div>
      </form>
    </Dialog>
  );
}

function InRound({ name, place }: { name: string; place: Place }) {
  return (
    <section aria-label={name} className="mt-4">
      <h3 className="text-body">
        {name}
        {place.known && <span className="reading ml-3">{place.known}</span>}
      </h3>
      {place.readings.length + place.notes.length === 0 && !place.skip && (
        <p className="text-quiet">Nothing was read.</p>
      )}
      <ul>
        {place.readings.map((reading) => (
          <ReadingLine key={reading.id} reading={reading} />
        ))}
        {[...place.notes, ...(place.skip ? [place.skip] : [])].map((said) => (
          <SaidLine key={said.at} said={said} />
        ))}
      </ul>
    </section>
  );
}

function ReadingLine({ reading }: { reading: Reading }) {
  return (
    <li className="border-b border-line py-1">
      <span className={`reading mr-3 ${reading.struck ? 'line-through decoration-2' : ''}`}>
        {reading.size.text} {reading.size.unit}
      </span>
      <span className="text-label">
        {reading.person}, {reading.gauge}, {momentSaid(reading.takenAt)}
      </span>
      {reading.struck && (
        <span className="block text-label font-semibold">
          struck by {reading.struck.person}: {reading.struck.reason}
        </span>
      )}
      {reading.notes.map((said) => (
        <span key={said.at} className="block text-label">
          {said.reason} {said.person}
        </span>
      ))}
    </li>
  );
}

function SaidLine({ said }: { said: Said }) {
  return (
    <li className="border-b border-line py-1">
      {said.reason}
      <span className="ml-3 text-label text-quiet">
        {said.person}, {momentSaid(said.at)}
      </span>
    </li>
  );
}
