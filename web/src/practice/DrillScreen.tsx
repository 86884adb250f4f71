import { type ReactNode, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { pathToPractise, type Problem, type Scale } from '../api/client';
import { newId } from '../api/newId';
import {
  type Answered,
  type PracticeItem,
  type PracticeSet,
  useAnswer,
  usePracticeSet,
} from '../api/practice';
import { keys, queries, show, useScaleOn, useScales } from '../api/queries';
import { AtRest } from '../drawings/AtRest';
import { DrawnScale } from '../drawings/DrawnScale';
import { type PartCounts, partsAt, scaleSum, senseOf, stepOf } from '../drawings/scaleSum';
import { useKeys } from '../keys/useKeys';
import { Keypad } from '../measure/Keypad';
import { Button } from '../ui/Button';
import { KeysAlong } from '../ui/KeysAlong';
import { Notice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { useNarrow } from '../ui/useNarrow';
import { Explained } from './Explained';

/** One set: an item is read or set, answered with Enter, and the next one stands there. */
export function DrillScreen() {
  const { set: id = '' } = useParams();
  const set = usePracticeSet(id);
  return set.data ? (
    <Drill key={id} begun={set.data} />
  ) : (
    <Shell title="Practice">
      {set.error && <Notice title="There is no such set" words={set.error.message} back />}
    </Shell>
  );
}

function Drill({ begun }: { begun: PracticeSet }) {
  const [set, setSet] = useState(begun);
  const [last, setLast] = useState<{ answered: Answered; item: PracticeItem } | undefined>();
  const scales = useScales().data;
  const navigate = useNavigate();
  const wrong = last?.answered.outcome === 'wrong';
  const goOn = () => setLast(undefined);
  const told = (answered: Answered, item: PracticeItem) => {
    setLast({ answered, item });
    setSet(answered.set);
    show([...keys.practice, answered.set.id], answered.set);
    if (answered.set.done) {
      void queries.invalidateQueries({ queryKey: keys.practice, exact: true });
    }
  };
  const again = () => void navigate(pathToPractise({ level: set.level }), { replace: true });
  useKeys({
    ...(wrong && { Enter: goOn }),
    ...(!wrong && set.done && { Enter: () => void navigate('/practice'), a: again }),
  });
  const item = set.item;
  const scale = scales?.find(({ id }) => id === (wrong ? last.item.scale : item?.scale));
  return (
    <Shell
      title="Practice"
      say={[last?.answered.says, wrong ? '' : (item?.heard ?? item?.asks ?? set.done?.says)]
        .filter(Boolean)
        .join(' ')}
      head={
        <>
          <h1 className="text-body font-bold">Practice</h1>
          <Link
            to="/practice"
            className="py-2 text-quiet underline decoration-line underline-offset-4"
          >
            where I stand
          </Link>
        </>
      }
      keys={
        <KeysAlong
          uses={[
            ['Enter', wrong ? 'go on' : set.done ? 'where I stand' : 'answer'],
            ...(set.toSet && !set.done ? ([['↑ ↓', 'one line']] as [string, string][]) : []),
          ]}
        />
      }
    >
      <div className="mx-auto flex w-full max-w-6xl grow flex-col gap-4 p-3 tablet:p-5">
        <Progress set={set} />
        {wrong && scale ? (
          <Explained answered={last.answered} item={last.item} bare={scale} onGoOn={goOn} />
        ) : (
          <>
            {last && (
              <p role="status" className="border-l-4 border-in pl-3 text-title font-semibold">
                {last.answered.says}
              </p>
            )}
            {item && scale && (
              <Item key={item.number} set={set} item={item} bare={scale} onAnswered={told} />
            )}
            {set.done && <Done done={set.done} onAgain={again} />}
          </>
        )}
      </div>
    </Shell>
  );
}

function Progress({ set }: { set: PracticeSet }) {
  const at = set.item ? set.item.number - 1 : set.of;
  return (
    <div
      role="progressbar"
      aria-label="Items answered"
      aria-valuenow={at}
      aria-valuemin={0}
      aria-valuemax={set.of}
      className="flex gap-1"
    >
      {Array.from({ length: set.of }, (_, i) => (
        <span key={i} className={`h-2 grow ${i < at ? 'bg-ink' : 'bg-line'}`} />
      ))}
    </div>
  );
}

interface ItemProps {
  set: PracticeSet;
  item: PracticeItem;
  bare: Scale;
  onAnswered: (answered: Answered, item: PracticeItem) => void;
}

function Item({ set, item, bare, onAnswered }: ItemProps) {
  const scale = useScaleOn(bare, item.base);
  const sum = useMemo(() => scaleSum(scale), [scale]);
  const narrow = useNarrow();
  const answer = useAnswer();
  const counts = item.counts as PartCounts;
  const sense = senseOf(counts);
  const [typed, setTyped] = useState('');
  const [step, setStep] = useState(() => Math.max(0, sum.firstStep));
  const [lit, setLit] = useState<string | undefined>(sum.looks[0]?.name);
  const field = useRef<HTMLInputElement>(null);
  // From the drawing on the screen to Enter.
  const [shownAt] = useState(() => performance.now());
  useLayoutEffect(() => field.current?.focus(), []);
  const toSet = item.wanted !== undefined;
  const send = () => {
    if (answer.isPending) {
      return;
    }
    answer.mutate(
      {
        id: newId(),
        body: {
          set: set.id,
          number: item.number,
          tookMs: Math.round(performance.now() - shownAt),
          ...(toSet
            ? { parts: { ...partsAt(sum, step), ...('sense' in counts && { sense }) } }
            : { typed }),
        },
      },
      {
        onSuccess: (answered) => onAnswered(answered, item),
        onError: () => field.current?.select(),
      },
    );
  };
  const failure = answer.error as Problem | null;
  const side: ReactNode = (
    <div className="flex flex-col gap-3">
      <p className="text-label text-quiet">
        {item.name}, {item.number} of {set.of}
      </p>
      <p className="text-order font-semibold text-now">{item.asks}</p>
      {item.heard && <p className="text-title">{item.heard}</p>}
      {!toSet && (
        <label className="flex flex-col">
          <span className="label">your reading, {scale.unit}</span>
          <input
            ref={field}
            aria-label={`Your reading, ${scale.unit}`}
            value={typed}
            inputMode={narrow ? 'none' : 'text'}
            autoComplete="off"
            spellCheck={false}
            aria-invalid={failure !== null}
            onChange={(event) => {
              answer.reset();
              setTyped(event.target.value);
            }}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && !event.repeat) {
                event.preventDefault();
                send();
              }
            }}
            className="reading w-full border-b-2 border-line bg-transparent text-figure outline-none focus:border-now max-tablet:text-[3rem]"
          />
        </label>
      )}
      {failure && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          {failure.message}
        </p>
      )}
      {answer.failureCount > 0 && answer.isPending && (
        <p role="status" className="font-semibold">
          The server is away. Your answer is kept here and sent again.
        </p>
      )}
      {!toSet && <Keypad text={typed} onType={setTyped} />}
      <Button look="now" onClick={send}>
        <span className="mr-4 font-bold">Enter</span> {toSet ? 'so it stands' : 'answer'}
      </Button>
    </div>
  );
  if (set.heard) {
    return side;
  }
  return (
    <div className="grid gap-4 bench:grid-cols-[minmax(0,1fr)_20rem]">
      {toSet ? (
        <DrawnScale
          label={item.asks}
          sum={sum}
          at={{ step, sense }}
          onTurn={setStep}
          lit={lit}
          onLit={setLit}
          narrow={narrow}
          onEnter={send}
          holdsKeys
        />
      ) : (
        <AtRest
          label={item.name}
          sum={sum}
          at={{ step: stepOf(sum, counts), sense }}
          narrow={narrow}
        />
      )}
      {side}
    </div>
  );
}

function Done({ done, onAgain }: { done: NonNullable<PracticeSet['done']>; onAgain: () => void }) {
  return (
    <section aria-label="The set" className="flex flex-col gap-4">
      <h2 className="text-order font-bold">{done.says}</h2>
      {done.fallen.length > 0 && (
        <ul aria-label="Traps you fell into" className="border-2 border-line bg-panel">
          {done.fallen.map(({ slip, name, word }, i) => (
            <li
              key={`${slip} ${i}`}
              className="flex justify-between gap-4 border-b border-line px-3 py-2 last:border-b-0"
            >
              <span className="font-medium">{name}</span>
              <span>{word}</span>
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap gap-3">
        <Link
          to="/practice"
          className="inline-flex min-h-touch items-center rounded-edge border-2 border-now bg-now px-5 font-semibold text-panel"
        >
          <span className="mr-3 font-bold">Enter</span> where I stand
        </Link>
        <Button onClick={onAgain}>
          <span className="mr-3 font-bold">A</span> ten more
        </Button>
      </div>
    </section>
  );
}
