import { useState } from 'react';
import { Link } from 'react-router';
import {
  type Doubt,
  type Doubted,
  type LengthText,
  pathToDoubts,
  type Slipped,
} from '../api/client';
import { ScaleAt } from '../drawings/ScaleAt';
import { Button } from '../ui/Button';
import { Key } from '../ui/Key';
import { tied } from '../ui/tied';
import { type Answering, answerable, type DoubtAnswer, pathToSlip } from './useDoubtAnswer';
import type { Measuring } from './useMeasuring';

interface DoubtsProps {
  measuring: Measuring;
  /** The keys and the buttons give the same answers, and tell of the same refusal. */
  answering: Answering;
  keyOf: (answer: DoubtAnswer) => string;
}

/** What is in doubt at this place, what would account for it, and what settles it. The walk takes on readings meanwhile. */
export function Doubts({ measuring, answering, keyOf }: DoubtsProps) {
  const { give, pick, keyed, asking, note, failure, waits } = answering;
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
          <p className="font-semibold max-tablet:text-label">{tied(doubt.sentence)}</p>
          <p className="text-label text-quiet max-tablet:hidden">{doubt.settle}</p>
          {answerable({ doubts: [doubt] }).map((about) => (
            <Answers
              key={about.id}
              about={about}
              give={give}
              keyOf={about.id === keyed ? keyOf : undefined}
              onFocus={several ? () => pick(about.id) : undefined}
              asksWhy={asking === about.id}
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
  give: Answering['give'];
  /** Absent while the keys answer another one, or none. */
  keyOf: ((answer: DoubtAnswer) => string) | undefined;
  onFocus: (() => void) | undefined;
  asksWhy: boolean;
  waits: boolean;
}

function Answers({ about, give, keyOf, onFocus, asksWhy, waits }: AnswersProps) {
  const { size, slip } = about;
  const toSlip = pathToSlip(about);
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
      {toSlip && (
        <Link
          to={toSlip}
          className="inline-flex min-h-11 items-center text-label underline decoration-line underline-offset-4 max-tablet:hidden"
        >
          practise this slip
        </Link>
      )}
      {asksWhy ? (
        <Why about={about} onReason={(reason) => give('keep', about, reason)} />
      ) : (
        button('keep', `Keep ${size.text}`)
      )}
    </div>
  );
}

/** Why it may stand all the same, in somebody's words. */
function Why({ about, onReason }: { about: Doubted; onReason: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  return (
    <form
      className="flex grow flex-wrap gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onReason(reason);
      }}
    >
      <input
        autoFocus
        aria-label={`Why ${about.size.text} may stand`}
        placeholder="why it may stand: set that morning on R2"
        value={reason}
        autoComplete="off"
        maxLength={200}
        onChange={(event) => setReason(event.target.value)}
        className="min-h-touch min-w-0 grow border-2 border-line bg-paper px-3 focus:border-now"
      />
      <Button type="submit" disabled={reason.trim() === ''}>
        Keep {about.size.text}
      </Button>
    </form>
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

/** The coarse or the fine part; of other slips the figure alone is shown. */
const partOf = (slip: Slipped | null | undefined): 'coarse' | 'fine' | undefined =>
  slip?.part === 'coarse' || slip?.part === 'fine' ? slip.part : undefined;

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
