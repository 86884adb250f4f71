import { useRef, useState } from 'react';
import { useAnswerDoubt } from '../api/acts';
import { type Doubted, pathToPractise, type Place, type Slipped } from '../api/client';
import { newId } from '../api/newId';
import type { Measuring } from './useMeasuring';

/** What a person may answer to a reading in doubt. */
export type DoubtAnswer = 'again' | 'correct' | 'keep';

/** The same key twice is one answer: what comes to the fore when the first is given was not read yet. */
const TWICE_MS = 600;

const now = (): number => performance.now();

/** Each reading in doubt here that is answered for by itself. */
export const answerable = (place: Pick<Place, 'doubts'>): Doubted[] =>
  place.doubts.flatMap(({ kind, readings }) =>
    kind === 'misread' || kind === 'checks' || kind === 'never-set' ? readings : [],
  );

/** What was read on a gauge that nobody had set may stand only for a reason that somebody gives. */
const wantsReason = (place: Place, about: Doubted): boolean =>
  place.doubts.some(
    ({ kind, readings }) => kind === 'never-set' && readings.some(({ id }) => id === about.id),
  );

/**
 * Answers to the readings in doubt at the place at hand. The keys answer the only one, or of several the one that was picked, and none while
 * none is.
 */
export function useDoubtAnswer({ place, person }: Pick<Measuring, 'place' | 'person'>) {
  const answer = useAnswerDoubt();
  const [picked, setPicked] = useState<string | undefined>();
  const [note, setNote] = useState('');
  const [asking, setAsking] = useState<string | undefined>();
  const answered = useRef({ way: '', at: -TWICE_MS });
  const all = answerable(place);
  const keyed = all.length === 1 ? all[0] : all.find(({ id }) => id === picked);
  const give = (way: DoubtAnswer, about: Doubted, reason = '') => {
    const { slip } = about;
    if (person === undefined || answer.isPending || (way === 'correct' && !slip)) {
      return;
    }
    setNote('');
    const asksWhy = way === 'keep' && wantsReason(place, about) && reason.trim() === '';
    setAsking(asksWhy ? about.id : undefined);
    if (!asksWhy) {
      answer.mutate({
        id: newId(),
        reading: about.id,
        ...answerOf(way, slip ?? undefined),
        ...(reason.trim() !== '' && { reason: reason.trim() }),
      });
    }
  };
  const byKey = (way: DoubtAnswer, which: string) => {
    if (all.length > 1 && keyed === undefined) {
      setNote(
        which === ''
          ? `${all.length} figures are in doubt here: answer beside the one you mean.`
          : `${all.length} figures are in doubt here: ${which.toUpperCase()} picks the one you mean.`,
      );
    } else if (keyed && (way !== answered.current.way || now() - answered.current.at >= TWICE_MS)) {
      answered.current = { way, at: now() };
      give(way, keyed);
    }
  };
  const pick = (id?: string) => {
    const at = all.findIndex((each) => each.id === picked);
    const next = all.find((each) => each.id === id) ?? all[(at + 1) % Math.max(1, all.length)];
    setPicked(next?.id);
    setNote(next ? `The keys answer ${next.size.text}.` : '');
  };
  const about = all.find(({ id }) => id === keyed?.id);
  return {
    /** Where the slip that is named is practised; absent where none is. */
    practise: about && pathToSlip(about),
    give,
    byKey,
    pick,
    keyed: keyed?.id,
    /** Of which it is asked why it may stand. */
    asking,
    note,
    failure: answer.error,
    waits: answer.isPending,
  };
}

function answerOf(way: DoubtAnswer, slip: Slipped | undefined) {
  const owned = slip === undefined ? {} : { slip: slip.code };
  switch (way) {
    case 'again':
      return { kind: 'STRIKE', reason: slip?.words ?? 'in doubt, read again', ...owned } as const;
    case 'correct':
      return {
        kind: 'CORRECT',
        reason: slip?.words ?? '',
        ...owned,
        ...(slip && { shouldBePm: slip.shouldBe.pm }),
      } as const;
    case 'keep':
      return { kind: 'KEEP', reason: 'looked at again, it was right' } as const;
  }
}

/** Five items of the trap that a reading fell into; absent where no slip accounts for it. */
export const pathToSlip = ({ scale, slip }: Doubted): string | undefined =>
  slip && scale !== '' ? pathToPractise({ scale, only: slip.code, items: 5 }) : undefined;

export type Answering = ReturnType<typeof useDoubtAnswer>;
