import { Link, useNavigate, useParams } from 'react-router';
import { limitsFrom } from '../ui/limitsFrom';
import { type Judgement, pathToJudgement, pathToPairing, pathToReady } from '../api/client';
import { useJudgement } from '../api/queries';
import { PartSection } from '../drawings/PartSection';
import { toneOf, VerdictMark } from '../drawings/VerdictMark';
import { useKeys } from '../keys/useKeys';
import { Button } from '../ui/Button';
import { CountsAgain } from '../ui/CountsAgain';
import { JobNav } from '../ui/JobNav';
import { KeysAlong } from '../ui/KeysAlong';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { tied } from '../ui/tied';
import { VerdictRow } from '../ui/VerdictRow';
import { AskedWhich, KnownAs } from '../ui/WhichPart';
import { FeatureJudged } from './FeatureJudged';
import { NextStep } from './NextStep';

/** What a part comes to: verdict and next step on top, then its features, the worst first. */
export function JudgementScreen() {
  const { part = '' } = useParams();
  const judgement = useJudgement(Number(part));
  if (judgement.data === undefined) {
    return (
      <Shell title="Judgement">
        {judgement.error && (
          <Notice title="This cannot be judged" words={judgement.error.message} back />
        )}
        {judgement.failureCount > 0 && <ServerAwayNotice />}
      </Shell>
    );
  }
  return <OfPart key={part} judgement={judgement.data} />;
}

/** Where the walk goes on: at the first feature that is open, else at the worst. */
const walkOf = ({ part, features }: Judgement): string | undefined => {
  const to = features.find(({ open }) => open) ?? features[0];
  return to && `/parts/${part.id}/features/${to.id}`;
};

function OfPart({ judgement }: { judgement: Judgement }) {
  const { job, part, parts, drawn, features, looked } = judgement;
  const navigate = useNavigate();
  const walk = walkOf(judgement);
  const toPart = (by: 1 | -1) => {
    const to = parts[parts.findIndex(({ id }) => id === part.id) + by];
    if (to) {
      void navigate(pathToJudgement(to.id));
    }
  };
  useKeys({
    n: () => walk && void navigate(walk),
    ArrowLeft: () => toPart(-1),
    ArrowRight: () => toPart(1),
  });
  return (
    <Shell
      title={`${part.name}: what it comes to`}
      say={`${part.name}: ${part.verdict.word}. ${judgement.step.sentence}`}
      lives={job.lives}
      head={
        <>
          <h1 className="text-body font-bold">{part.name}</h1>
          <JobNav job={job} plan={judgement.plan} part={part.id} measure={walk} here="judgement" />
        </>
      }
      keys={
        <KeysAlong
          uses={[
            ['N', 'measure on'],
            ['← →', 'another part'],
            ['Ctrl P', 'print it'],
          ]}
        />
      }
    >
      <div className="grid grow grid-cols-1 items-start gap-5 p-3 tablet:p-5 bench:grid-cols-[minmax(0,1fr)_20rem] print:block print:p-0">
        <div className="flex min-w-0 flex-col gap-5">
          <CountsAgain part={part.id} said={judgement.again} />
          {judgement.which.asked.map((asked) => (
            <AskedWhich key={asked.part} part={part.id} asked={asked} />
          ))}
          <header className="border-2 border-line bg-panel p-5 print:border-0 print:p-0">
            <PrintedHead judgement={judgement} />
            <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
              <VerdictMark verdict={part.verdict} size={56} />
              <p className={`text-order font-bold ${toneOf(part.verdict.mark)}`}>
                {part.verdict.word}
              </p>
              {part.verdict.sentence && (
                <p className="font-medium">{tied(part.verdict.sentence)}</p>
              )}
            </div>
            <NextStep judgement={judgement} walk={walk} />
          </header>
          {features.map((feature) => (
            <FeatureJudged
              key={feature.id}
              judged={feature}
              feature={drawn.find(({ id }) => id === feature.id)}
              part={part.id}
            />
          ))}
          {looked.length > 0 && <Looked judgement={judgement} />}
        </div>
        <aside className="flex flex-col gap-4 print:hidden">
          <PartSection
            shape={judgement.shape}
            features={drawn.map((feature) => ({ ...feature, key: String(feature.id) }))}
          />
          <nav aria-label="Parts">
            <h2 className="label">Parts</h2>
            <ul>
              {parts.map((each) => (
                <VerdictRow
                  key={each.id}
                  to={pathToJudgement(each.id)}
                  here={each.id === part.id}
                  name={each.name}
                  verdict={each.verdict}
                />
              ))}
            </ul>
          </nav>
          <KnownAs part={part.id} which={judgement.which} />
          <Link
            to={pathToPairing(job.id)}
            className="inline-flex min-h-11 items-center underline decoration-line underline-offset-4"
          >
            Pair its parts with others
          </Link>
          <p className="text-label text-quiet">{judgement.rule}</p>
          <Button onClick={() => globalThis.print()}>Print it as a sheet</Button>
        </aside>
      </div>
    </Shell>
  );
}

/** On paper there is no head of the page: which part, of which job, by which limits. */
function PrintedHead({ judgement: { job, part } }: { judgement: Judgement }) {
  return (
    <div className="hidden pb-4 print:block">
      <p className="text-title">
        {job.name}: {part.name} {part.mark}
      </p>
      <p>
        {job.about && `${job.about}. `}
        {limitsFrom(job.limitsSource)}.
        {job.demonstration && ' Demonstration: everything in it is made up.'}
      </p>
      {job.lives && <p className="font-bold">{job.lives}</p>}
    </div>
  );
}

const FOUND: Record<string, string> = { ok: 'ok', 'not-ok': 'not ok', 'not-seen': 'not seen' };

function Looked({ judgement: { looked, part } }: { judgement: Judgement }) {
  return (
    <section aria-label="Looked at" className="border-2 border-line bg-panel p-4">
      <h2 className="text-body">Looked at</h2>
      <ul>
        {looked.map((item) => (
          <li key={item.id} className="flex flex-wrap gap-x-4 border-b border-line py-2">
            <span className="font-semibold">{item.name}</span>
            <span className={item.found === 'not-ok' ? 'font-semibold text-gone' : ''}>
              {item.found ? FOUND[item.found] : 'not looked at yet'}
            </span>
            <span className="text-quiet">
              {[item.note, item.person, item.decisive && 'decides against the part']
                .filter(Boolean)
                .join(' · ')}
            </span>
          </li>
        ))}
      </ul>
      <Link
        to={pathToReady(part.id)}
        className="inline-flex min-h-11 items-center underline decoration-line underline-offset-4 print:hidden"
      >
        {looked.some(({ found }) => found) ? 'Look again' : 'Look at it'}
      </Link>
    </section>
  );
}
