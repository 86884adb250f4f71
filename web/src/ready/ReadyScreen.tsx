import { type ReactNode, useState } from 'react';
import { Link, useParams } from 'react-router';
import { pathToNext, type Problem, type ReadyCard, type Schemas } from '../api/client';
import { useReady, useReadyMark } from '../api/ready';
import { Button } from '../ui/Button';
import { JobNav } from '../ui/JobNav';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { tied } from '../ui/tied';
import { CheckCard } from './CheckCard';
import { LookCard } from './LookCard';
import { TemperatureCard } from './TemperatureCard';

type Ready = Schemas['ReadyView'];

/** What is to be done before a part is measured, one card at a time. */
export function ReadyScreen() {
  const part = Number(useParams()['part']);
  const ready = useReady(part);
  if (ready.data === undefined) {
    return (
      <Shell title="Make ready">
        {ready.error && <Notice title="No such part" words={ready.error.message} back />}
        {ready.failureCount > 0 && !ready.error && <ServerAwayNotice />}
      </Shell>
    );
  }
  return <ReadyOf key={part} part={part} ready={ready.data} />;
}

function ReadyOf({ part, ready }: { part: number; ready: Ready }) {
  const { job, partName, jobName, lives, cards, walk } = ready;
  const [card] = cards;
  // What was found last wants a note, perhaps: looking is over when somebody says so, not with the last answer.
  const [isLooking, setIsLooking] = useState(false);
  if (card?.kind === 'look' && !isLooking) {
    setIsLooking(true);
  }
  const isLooked = isLooking && card?.kind !== 'look';
  const shown = isLooked ? LOOKED : card;
  const later = isLooked ? cards : cards.slice(1);
  return (
    <Shell
      title={`Make ${partName} ready`}
      lives={lives}
      say={card ? `${card.title}. ${card.sentence}` : 'All is ready.'}
      head={
        <>
          <h1 className="text-body font-bold">{partName}: make ready</h1>
          <JobNav
            job={{ id: job, name: jobName }}
            part={part}
            measure={walk === undefined ? undefined : `/parts/${part}/features/${walk}`}
            here="ready"
          />
        </>
      }
    >
      <div className="mx-auto flex w-full max-w-4xl flex-col gap-5 p-4 tablet:p-6">
        {shown ? (
          <>
            {/* Under one key while somebody looks: what is being typed stays in its field. */}
            <Due
              key={isLooking ? 'look' : shown.code}
              part={part}
              card={shown}
              ready={ready}
              onGoOn={isLooked ? () => setIsLooking(false) : undefined}
            />
            {later.length > 0 && (
              <section aria-label="After that" className="flex flex-col">
                <h2 className="label">after that</h2>
                <ol>
                  {later.map(({ code, title }) => (
                    <li key={code} className="border-b border-line py-1 text-quiet">
                      {title}
                    </li>
                  ))}
                </ol>
              </section>
            )}
          </>
        ) : (
          <AllReady ready={ready} />
        )}
        {card?.kind !== 'temperature' && <Warmth part={part} warmth={ready.warmth} />}
        {card && !isLooking && cards.every(({ kind }) => kind !== 'look') && (
          <LookCard part={part} quiet />
        )}
        {ready.done.length > 0 && <Done ready={ready} />}
      </div>
    </Shell>
  );
}

interface DueProps {
  part: number;
  card: ReadyCard;
  ready: Ready;
  /** Present where nothing is due on it any more. */
  onGoOn: (() => void) | undefined;
}

const LOOKED: ReadyCard = {
  code: 'looked',
  kind: 'look',
  title: 'All is looked at',
  sentence: 'Where something is to be said of it, say it now.',
  putBack: false,
};

/** The card that is due now: what to do, and the one thing to press when it is done; or why it is passed over. */
function Due({ part, card, ready, onGoOn }: DueProps) {
  const mark = useReadyMark(part);
  const [why, setWhy] = useState<string | undefined>();
  const failure = mark.error as Problem | null;
  const done = (reason = '') => mark.mutate({ card: card.code, reason });
  return (
    <section
      aria-label={card.title}
      className="flex flex-col gap-5 border-2 border-ink bg-panel p-5 tablet:p-7"
    >
      <p className="label flex justify-between">
        <span>{ready.cards.length === 1 ? 'the last card' : `${ready.cards.length} cards`}</span>
        <span>{ready.time} in all</span>
      </p>
      <h2 className="text-order">{card.title}</h2>
      <p className="text-title leading-snug font-medium">{tied(card.sentence)}</p>
      <Body part={part} card={card} onDone={() => done()} />
      {failure && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          {failure.message}
        </p>
      )}
      {onGoOn ? (
        <Button look="now" className="self-start" onClick={onGoOn}>
          Go on
        </Button>
      ) : why === undefined ? (
        <button
          type="button"
          onClick={() => setWhy('')}
          className="min-h-11 self-start text-quiet underline decoration-line underline-offset-4"
        >
          Pass it over
        </button>
      ) : (
        <form
          className="flex flex-wrap items-end gap-3 border-t-2 border-line pt-4"
          onSubmit={(event) => {
            event.preventDefault();
            if (why.trim() !== '') {
              done(why);
            }
          }}
        >
          <label className="flex grow flex-col">
            <span className="label mb-1">Why it is passed over</span>
            <input
              autoFocus
              value={why}
              placeholder="done an hour ago; no light here"
              onChange={(event) => setWhy(event.target.value)}
              onKeyDown={(event) => event.key === 'Escape' && setWhy(undefined)}
              className="min-h-11 rounded-edge border-2 border-line bg-paper px-3 placeholder:text-quiet"
            />
          </label>
          <Button type="submit" disabled={why.trim() === ''} onClick={undefined}>
            Pass over, for this reason
          </Button>
        </form>
      )}
    </section>
  );
}

function Body({
  part,
  card,
  onDone,
}: {
  part: number;
  card: ReadyCard;
  onDone: () => void;
}): ReactNode {
  const { kind, gauge, wanted, putBack } = card;
  if (kind === 'look') {
    return <LookCard part={part} />;
  }
  if (kind === 'temperature') {
    return <TemperatureCard part={part} />;
  }
  if (kind === 'check' && gauge) {
    return <CheckCard gauge={gauge} />;
  }
  if (kind === 'set' && gauge) {
    const query = new URLSearchParams({ wanted: wanted ?? '', part: String(part) });
    if (putBack) {
      query.set('back', '');
    }
    return (
      <Link
        to={`/drawer/${gauge}/set?${query.toString()}`}
        autoFocus
        className="inline-flex min-h-touch items-center self-start rounded-edge bg-now px-6 font-semibold text-on-now"
      >
        {putBack ? 'Put it back' : `Set it to ${wanted}`}
      </Link>
    );
  }
  return (
    <Button look="now" autoFocus className="self-start" onClick={onDone}>
      {kind === 'caution' ? 'Understood' : 'Done'}
    </Button>
  );
}

function AllReady({ ready }: { ready: Ready }) {
  const { next } = ready;
  return (
    <section aria-label="Ready" className="flex flex-col gap-5 border-2 border-in bg-panel p-7">
      <h2 className="text-order text-in">All is ready</h2>
      <p className="text-title font-medium">
        {next ? next.sentence : 'Nothing is left to measure on this part.'}
      </p>
      <Link
        to={next?.feature ? pathToNext(next) : '/'}
        autoFocus
        className="inline-flex min-h-touch items-center self-start rounded-edge bg-now px-6 font-semibold text-on-now"
      >
        {next?.feature ? 'Measure' : 'Back to the bench'}
      </Link>
      <LookCard part={ready.part} quiet />
    </section>
  );
}

/** How warm it was when last measured; it can be said whether it is due or not. */
function Warmth({ part, warmth }: { part: number; warmth: string | null | undefined }) {
  const [open, setOpen] = useState(false);
  return (
    <section aria-label="Warmth" className="flex flex-col gap-3">
      <p className="flex flex-wrap items-center gap-x-4">
        {warmth}
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="min-h-11 underline decoration-line underline-offset-4"
        >
          {warmth ? 'Measure it again' : 'Say how warm it is'}
        </button>
      </p>
      {open && (
        <div className="border-2 border-line bg-panel p-5">
          <TemperatureCard part={part} onKept={() => setOpen(false)} />
        </div>
      )}
    </section>
  );
}

function Done({ ready }: { ready: Ready }) {
  return (
    <section aria-label="Done before" className="flex flex-col">
      <h2 className="label">done before</h2>
      <ul>
        {ready.done.map(({ title, sentence, reason }, i) => (
          // Nothing is ever taken out of it, and new ones come last.
          <li key={i} className="border-b border-line py-1 text-label">
            {title}, {tied(sentence)}
            {reason && `: ${reason}`}
          </li>
        ))}
      </ul>
    </section>
  );
}
