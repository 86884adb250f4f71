import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { useAnswerDoubt } from '../api/acts';
import {
  type Doubt,
  type Doubted,
  type LengthText,
  pathToDoubts,
  type Place,
  type Slipped,
} from '../api/client';
import { newId } from '../api/newId';
import { ScaleAt } from '../drawings/ScaleAt';
import { Button } from '../ui/Button';
import { Key } from '../ui/Key';
import type { Measuring } from './useMeasuring';

/** What a person may answer to a reading in doubt. */
export type DoubtAnswer = 'again' | 'correct' | 'keep';

/** The same key twice is one answer: what comes to the fore when the first is given was not read yet. */
const TWICE_MS = 600;

/** Each reading in doubt here that is answered for by itself. */
const answerable = (place: Place): Doubted[] =>
  place.doubts.flatMap(({ kind, readings }) =>
    kind === 'misread' || kind === 'checks' || kind === 'never-set' ? readings : [],
  );

/**
 * Answers to the readings in doubt at the place at hand. The keys answer the only one, or of several the one that was picked, and none while
 * none is.
 */
export function useDoubtAnswer({ place, person }: Pick<Measuring, 'place' | 'person'>) {
  const answer = useAnswerDoubt();
  const [picked, setPicked] = useState<string | undefined>();
  const [note, setNote] = useState('');
  const answeredAt = useRef(-TWICE_MS);
  const all = answerable(place);
  const keyed = all.length === 1 ? all[0] : all.find(({ id }) => id === picked);
  const give = (way: DoubtAnswer, about: Doubted) => {
    const { slip } = about;
    if (person === undefined || answer.isPending || (way === 'correct' && !slip)) {
      return;
    }
    setNote('');
    answer.mutate({
      id: newId(),
      reading: about.id,
      ...answerOf(way, slip ?? undefined),
    });
  };
  const byKey = (way: DoubtAnswer, which: string) => {
    if (all.length > 1 && keyed === undefined) {
      setNote(
        which === ''
          ? `${all.length} figures are in doubt here: answer beside the one you mean.`
          : `${all.length} figures are in doubt here: ${which.toUpperCase()} picks the one you mean.`,
      );
    } else if (keyed && performance.now() - answeredAt.current >= TWICE_MS) {
      answeredAt.current = performance.now();
      give(way, keyed);
    }
  };
  const pick = (id?: string) => {
    const now = all.findIndex((each) => each.id === picked);
    const next = all.find((each) => each.id === id) ?? all[(now + 1) % Math.max(1, all.length)];
    setPicked(next?.id);
    setNote(next ? `The keys answer ${next.size.text}.` : '');
  };
  return {
    give,
    byKey,
    pick,
    keyed: keyed?.id,
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

export type Answering = ReturnType<typeof useDoubtAnswer>;

interface DoubtsProps {
  measuring: Measuring;
  /** The keys and the buttons give the same answers, and tell of the same refusal. */
  answering: Answering;
  keyOf: (answer: DoubtAnswer) => string;
}

/** What is in doubt at this place, what would account for it, and what settles it. The walk takes on readings meanwhile. */
export function Doubts({ measuring, answering, keyOf }: DoubtsProps) {
  const { give, pick, keyed, note, failure, waits } = answering;
  const several = answerable(measuring.place).length > 1;
  if (measuring.place.doubts.length === 0) {
    return null;
  }
  return (
    <section aria-label="In doubt" className="flex flex-col gap-3">
      {measuring.place.doubts.map((doubt) => (
        <div
          key={`${doubt.kind} ${doubt.readings.map(({ id }) => id).join(' ')}`}
          className="border-l-4 border-ink pl-3"
        >
          <p className="font-semibold max-tablet:text-label">{doubt.sentence}</p>
          <p className="text-label text-quiet max-tablet:hidden">{doubt.settle}</p>
          {answerable({ ...measuring.place, doubts: [doubt] }).map((about) => (
            <Answers
              key={about.id}
              about={about}
              give={give}
              keyOf={about.id === keyed ? keyOf : undefined}
              onFocus={several ? () => pick(about.id) : undefined}
              waits={waits}
            />
          ))}
          {doubt.kind === 'zero' && (
            <Link
              to={pathToDoubts}
              className="inline-flex min-h-11 items-center font-medium underline underline-offset-4"
            >
              See all that rests on it, and answer
            </Link>
          )}
          <Shown doubt={doubt} />
        </div>
      ))}
      {note && (
        <p role="status" className="font-semibold">
          {note}
        </p>
      )}
      {failure && (
        <p role="alert" className="font-semibold">
          {failure.message}
        </p>
      )}
    </section>
  );
}

interface AnswersProps {
  about: Doubted;
  give: (way: DoubtAnswer, about: Doubted) => void;
  /** Absent while the keys answer another one, or none. */
  keyOf: ((answer: DoubtAnswer) => string) | undefined;
  onFocus: (() => void) | undefined;
  waits: boolean;
}

function Answers({ about, give, keyOf, onFocus, waits }: AnswersProps) {
  const { size, slip } = about;
  const button = (way: DoubtAnswer, words: string) => (
    <Button
      look={way === 'again' ? 'now' : 'plain'}
      className="max-tablet:min-h-12 max-tablet:px-2 max-tablet:text-label max-tablet:leading-tight"
      disabled={waits}
      onClick={() => give(way, about)}
    >
      {keyOf && keyOf(way) !== '' && (
        <span className="max-tablet:hidden">
          <Key>{keyOf(way).toUpperCase()}</Key>{' '}
        </span>
      )}
      {words}
    </Button>
  );
  return (
    <div
      role="group"
      aria-label={`${size.text} in doubt`}
      onFocus={onFocus}
      className={`mt-2 flex flex-wrap gap-2 max-tablet:grid max-tablet:auto-cols-fr max-tablet:grid-flow-col ${keyOf && onFocus ? 'outline-2 outline-offset-4 outline-now' : ''}`}
    >
      {button('again', `Strike ${size.text}, read again`)}
      {slip && button('correct', `${size.text} was ${slip.shouldBe.text}`)}
      {button('keep', `Keep ${size.text}`)}
    </div>
  );
}

/** The scale as it would have stood, beside the figure that was read, of the reading that a slip accounts for. */
function Shown({ doubt }: { doubt: Doubt }) {
  const about = doubt.readings.find(({ slip }) => slip);
  if (!about?.slip || about.scale === '') {
    return null;
  }
  const { slip, other } = about;
  return (
    <div className="mt-2 flex flex-col gap-1 max-tablet:hidden">
      <div className="grid gap-2 tablet:grid-cols-2">
        <At about={about} size={about.size} words="As it was read" />
        <At about={about} size={slip.shouldBe} words="As it may have stood" />
      </div>
      {other && (
        <p className="text-label text-quiet">
          Or {other.words}: then <span className="reading">{other.shouldBe.text}</span>.
        </p>
      )}
    </div>
  );
}

/** Slips of the eye that are made on the coarse part; of the others the fine one is shown, or the figure alone. */
const COARSE = [
  'next-line',
  'missed-line',
  'missed-half',
  'slide-edge',
  'wrong-figure',
  'reversed',
];
const FINE = ['thimble-mirrored', 'fine-figure', 'fine-left-out'];

const partOf = (slip: Slipped | null | undefined): 'coarse' | 'fine' | undefined =>
  slip && COARSE.includes(slip.code)
    ? 'coarse'
    : slip && FINE.includes(slip.code)
      ? 'fine'
      : undefined;

function At({ about, size, words }: { about: Doubted; size: LengthText; words: string }) {
  const figure = `${size.text} ${size.unit}`;
  return (
    <ScaleAt
      label={`${words}: ${figure}`}
      scale={about.scale}
      base={about.base}
      at={figure}
      lit={partOf(about.slip)}
    >
      {(say) => (
        <span className="text-label">
          {words}: <span className="reading">{figure}</span> <span className="sr-only">{say}</span>
        </span>
      )}
    </ScaleAt>
  );
}
