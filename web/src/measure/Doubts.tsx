import { Link } from 'react-router';
import { useAnswerDoubt } from '../api/acts';
import {
  type Doubt,
  type Doubted,
  type LengthText,
  pathToDoubts,
  type Slipped,
} from '../api/client';
import { newId } from '../api/newId';
import { ScaleAt } from '../drawings/ScaleAt';
import { Button } from '../ui/Button';
import { Key } from '../ui/Key';
import type { Measuring } from './useMeasuring';

/** What a person may answer to a reading in doubt. */
export type DoubtAnswer = 'again' | 'correct' | 'keep';

/** Answers to the first doubt at the place at hand that is about one reading; nothing where there is none, or it has no such answer. */
export function useDoubtAnswer({ place, person }: Measuring) {
  const answer = useAnswerDoubt();
  const doubt = place.doubts.find(({ kind }) => kind === 'misread');
  const give = (way: DoubtAnswer, about = doubt?.readings[0]) => {
    if (about === undefined || person === undefined || answer.isPending) {
      return;
    }
    const { slip } = about;
    if (way === 'correct' && !slip) {
      return;
    }
    answer.mutate({
      id: newId(),
      reading: about.id,
      ...answerOf(way, slip ?? undefined),
    });
  };
  return { give, failure: answer.error, waits: answer.isPending };
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
  const { give, failure, waits } = answering;
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
          <p className="font-semibold">{doubt.sentence}</p>
          <p className="text-label text-quiet">{doubt.settle}</p>
          {doubt.kind === 'misread' &&
            doubt.readings.map((about) => (
              <Answers key={about.id} about={about} give={give} keyOf={keyOf} waits={waits} />
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
  keyOf: (answer: DoubtAnswer) => string;
  waits: boolean;
}

function Answers({ about, give, keyOf, waits }: AnswersProps) {
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      <Button look="now" disabled={waits} onClick={() => give('again', about)}>
        <Key>{keyOf('again').toUpperCase()}</Key> Read it again
      </Button>
      {about.slip && (
        <Button disabled={waits} onClick={() => give('correct', about)}>
          <Key>{keyOf('correct').toUpperCase()}</Key> It was{' '}
          <span className="reading">{about.slip.shouldBe.text}</span>
        </Button>
      )}
      <Button disabled={waits} onClick={() => give('keep', about)}>
        <Key>{keyOf('keep').toUpperCase()}</Key> Keep it as read
      </Button>
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
    <div className="mt-2 flex flex-col gap-1">
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
