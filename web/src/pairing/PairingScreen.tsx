import { Link, useParams, useSearchParams } from 'react-router';
import { pathToJudgement, type Pairing, type Problem, type Schemas } from '../api/client';
import { type PairingAsked, usePairing } from '../api/queries';
import { VerdictMark } from '../drawings/VerdictMark';
import { changedIn } from '../ui/address';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { refusedAt } from '../ui/refusedAt';
import { Shell } from '../ui/Shell';
import { tied } from '../ui/tied';
import { ByHand } from './ByHand';
import { PairsTable } from './PairsTable';

/** Insides and outsides of a job, or of two, put together so that as many as can keep the clearance wanted. */
export function PairingScreen() {
  const { job = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const asked = askedIn(search);
  const pairing = usePairing(Number(job), asked);
  const failure = pairing.error as Problem | null;
  const ask = (change: Record<string, string>) =>
    setSearch((before) => changedIn(before, change), { replace: true });
  if (pairing.data === undefined) {
    return (
      <Shell title="Pairing">
        {failure && <Notice title="These cannot be paired" words={failure.message} back />}
        {pairing.failureCount > 0 && <ServerAwayNotice />}
      </Shell>
    );
  }
  const shown = pairing.data;
  return (
    <Shell
      title={`${shown.job.name}: pairing`}
      say={shown.chosen?.sentence ?? shown.best?.sentence ?? shown.sentence}
      head={
        <>
          <h1 className="text-body font-bold">Which goes with which</h1>
          <Link
            to={`/jobs/${shown.job.id}`}
            className="py-2 text-label underline underline-offset-4"
          >
            {shown.job.name}
          </Link>
        </>
      }
    >
      <div className="mx-auto grid w-full max-w-7xl gap-6 p-4 tablet:p-6 bench:grid-cols-[22rem_minmax(0,1fr)]">
        <Asked shown={shown} asked={asked} failure={failure} ask={ask} />
        <section aria-label="Pairs" className="flex min-w-0 flex-col gap-5">
          {failure && (
            <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
              {failure.message}
            </p>
          )}
          {!failure && <Found shown={shown} ask={ask} />}
          <Measured shown={shown} />
        </section>
      </div>
    </Shell>
  );
}

const askedIn = (search: URLSearchParams): PairingAsked => {
  const number = (name: string) => (search.has(name) ? { [name]: Number(search.get(name)) } : {});
  const pairs = search.get('pairs');
  return {
    ...number('with'),
    ...number('inside'),
    ...number('outside'),
    least: search.get('least') ?? '',
    most: search.get('most') ?? '',
    ...(pairs === null ? {} : { pairs }),
  };
};

interface AskedProps {
  shown: Pairing;
  asked: PairingAsked;
  failure: Problem | null;
  ask: (change: Record<string, string>) => void;
}

function Asked({ shown, asked, failure, ask }: AskedProps) {
  const named = (features: Schemas['PairedFeatureView'][]) =>
    Object.fromEntries(features.map(({ id, name }) => [String(id), name]));
  // Another feature has other parts: what was put together by hand is of the last one.
  const anew = (change: Record<string, string>) => ask({ ...change, pairs: '' });
  return (
    <section aria-label="Wanted" className="flex flex-col gap-3 self-start">
      <Field
        label={`Clearance at the least, ${shown.job.unit}`}
        value={asked.least}
        hint={
          shown.job.unit === 'in'
            ? '0.0030; −0.0010 is interference'
            : '0.03; −0.01 is interference'
        }
        refused={refusedAt(failure, 'least')}
        onWrite={(least) => ask({ least })}
      />
      <Field
        label={`and at the most, ${shown.job.unit}`}
        value={asked.most}
        hint={shown.job.unit === 'in' ? '0.0060' : '0.06'}
        refused={refusedAt(failure, 'most')}
        onWrite={(most) => ask({ most })}
      />
      {shown.proposed && (
        <div className="border-l-4 border-now pl-3">
          <p>{tied(shown.proposed.sentence)}</p>
          <Button
            small
            look={asked.least === '' ? 'now' : 'plain'}
            className="mt-2"
            onClick={() =>
              shown.proposed &&
              ask({ least: shown.proposed.least.text, most: shown.proposed.most.text })
            }
          >
            Take that
          </Button>
        </div>
      )}
      {shown.insides.length > 0 && (
        <Choice
          label="Insides"
          value={String(shown.inside ?? '')}
          choices={named(shown.insides)}
          onChoose={(inside) => anew({ inside })}
        />
      )}
      {shown.outsides.length > 0 && (
        <Choice
          label="Outsides"
          value={String(shown.outside ?? '')}
          choices={named(shown.outsides)}
          onChoose={(outside) => anew({ outside })}
        />
      )}
      {shown.jobs.length > 0 && (
        <Choice
          label="Parts of another job, too"
          value={String(shown.with ?? '')}
          choices={{
            '': 'of this job alone',
            ...Object.fromEntries(shown.jobs.map(({ id, name }) => [String(id), name])),
          }}
          onChoose={(other) => anew({ with: other, inside: '', outside: '' })}
        />
      )}
      {shown.notMeasured.length > 0 && (
        <p className="text-label text-quiet">
          Not measured at all their places yet, and left out: {shown.notMeasured.join(', ')}.
        </p>
      )}
    </section>
  );
}

function Found({ shown, ask }: { shown: Pairing; ask: (change: Record<string, string>) => void }) {
  const { best, chosen, wanted, order } = shown;
  if (!wanted || !best) {
    return <p className="text-order font-semibold">{tied(shown.sentence)}</p>;
  }
  const inForce = chosen ?? best;
  return (
    <>
      <p className="text-title font-semibold tablet:text-order" data-testid="pairs-said">
        {tied(inForce.sentence)}
      </p>
      {inForce.pairs.length > 0 && <PairsTable pairs={inForce.pairs} />}
      {order.length > 0 && (
        <ul aria-label="What to order">
          {order.map((sentence) => (
            <li key={sentence} className="border-b border-line py-2 font-medium">
              {tied(sentence)}
            </li>
          ))}
        </ul>
      )}
      <ByHand
        // Other parts, or another answer: the choice starts from what is in force.
        key={inForce.pairs.map(({ inside, outside }) => `${inside}-${outside}`).join(',')}
        shown={shown}
        inForce={inForce}
        onChoose={(pairs) => ask({ pairs })}
        onBest={chosen ? () => ask({ pairs: '' }) : undefined}
      />
    </>
  );
}

function Measured({ shown: { insideParts, outsideParts } }: { shown: Pairing }) {
  return (
    <div className="grid gap-5 tablet:grid-cols-2">
      {(
        [
          ['Insides', insideParts],
          ['Outsides', outsideParts],
        ] as const
      ).map(([title, parts]) => (
        <section key={title} aria-label={title}>
          <h2 className="label border-b-2 border-line">{title}</h2>
          <ul>
            {parts.map((part) => (
              <li key={part.id} className="flex flex-wrap gap-x-4 border-b border-line py-1">
                <Link
                  to={pathToJudgement(part.id)}
                  className="min-w-28 underline decoration-line underline-offset-4"
                >
                  {part.name}
                </Link>
                <VerdictMark verdict={part.verdict} size={20} word={part.verdict.word} />
                <span className="reading">
                  {part.size.text} {part.size.unit}
                </span>
                <span className="text-quiet">
                  ± {part.expanded.text} · {part.size.other}
                </span>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}
