import { useDeferredValue, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Job, TypedFeature } from '../api/client';
import { useArchive, useOpenJob } from '../api/planning';
import { useJob } from '../api/queries';
import { PartSection } from '../drawings/PartSection';
import { useKeys } from '../keys/useKeys';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { Key } from '../ui/Key';
import { KeysAlong, type KeyUse } from '../ui/KeysAlong';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { FeatureDetails } from './FeatureDetails';
import { FeatureGrid } from './FeatureGrid';
import { HeadCard } from './HeadCard';
import { KindOfPart } from './KindOfPart';
import { PartsList } from './PartsList';
import { PasteCard } from './PasteCard';
import { type Planning, usePlanning } from './usePlanning';
import { useUnderstood } from './useUnderstood';

/** The plan of a job: its features beside a section of the part, edited in place. */
export function PlanScreen() {
  const { job = '' } = useParams();
  const plan = useJob(Number(job));
  if (plan.data === undefined) {
    return (
      <Shell title="Plan">
        {plan.error && <Notice title="No such job" words={plan.error.message} back />}
        {plan.failureCount > 0 && !plan.error && <ServerAwayNotice />}
      </Shell>
    );
  }
  return <PlanOfJob key={job} job={plan.data} />;
}

type Card = 'head' | 'kind' | 'new-kind' | 'keys' | { paste: string };

function PlanOfJob({ job }: { job: Job }) {
  const planning = usePlanning(job);
  const [card, setCard] = useState<Card | undefined>();
  const [draft, setDraft] = useState<TypedFeature | undefined>();
  const live = useUnderstood(planning?.plan.id ?? 0, draft);
  useKeys({
    h: () => setCard('head'),
    v: () => setCard({ paste: '' }),
    '?': () => setCard('keys'),
    'Ctrl z': () => planning?.undo(),
    'Ctrl y': () => planning?.redo(),
  });
  if (planning === undefined) {
    return null;
  }
  const { plan, at } = planning;
  const close = () => setCard(undefined);
  return (
    <Shell
      title={`Plan of ${job.name}`}
      say={planning.say}
      lives={job.lives}
      head={
        <>
          <h1 className="text-body font-bold">{job.name}</h1>
          <span className="hidden text-quiet tablet:inline">{job.about}</span>
        </>
      }
      keys={<KeysAlong uses={KEYS} />}
    >
      <HeadLine job={job} onHead={() => setCard('head')} />
      <Kinds
        job={job}
        planning={planning}
        onKind={() => setCard('kind')}
        onNew={() => setCard('new-kind')}
      />
      <div className="grid gap-5 px-4 pb-6 tablet:px-6 bench:grid-cols-[minmax(0,1fr)_27rem]">
        <div className="flex min-w-0 flex-col gap-4">
          <Conflicted planning={planning} />
          <div className="overflow-x-auto">
            <FeatureGrid
              key={plan.id}
              planning={planning}
              onDraft={setDraft}
              onPaste={(text) => setCard({ paste: text })}
            />
          </div>
          <Acts planning={planning} onPaste={() => setCard({ paste: '' })} />
          <PartsList key={`parts ${plan.id}`} plan={plan} />
        </div>
        <aside
          aria-label="Drawing and feature"
          className="flex flex-col gap-4 bench:sticky bench:top-4 bench:max-h-[calc(100dvh-2rem)] bench:self-start bench:overflow-y-auto"
        >
          <Section planning={planning} />
          {at ? (
            <FeatureDetails
              key={at.key}
              planning={planning}
              feature={at}
              live={draft ? live : undefined}
              onDraft={setDraft}
            />
          ) : (
            <p className="text-quiet">
              {plan.features.length === 0
                ? 'Type the name of the first feature on the left, Enter, then its limits as they stand on the drawing: 25 k6, 118 ± 0.2, 3.25 +0.0018/0.'
                : 'Pick a feature, in the list or on the drawing, to say more of it.'}
            </p>
          )}
        </aside>
      </div>
      <HeadCard
        key={`head ${job.edition} ${card === 'head'}`}
        job={job}
        open={card === 'head'}
        onClose={close}
      />
      <KindOfPart
        key={`kind ${plan.id} ${String(card)}`}
        job={job}
        plan={card === 'new-kind' ? undefined : plan}
        open={card === 'kind' || card === 'new-kind'}
        onClose={close}
      />
      <PasteCard
        planning={planning}
        text={typeof card === 'object' ? card.paste : undefined}
        onClose={close}
      />
      <Dialog title="Keys" words="In the list of features." open={card === 'keys'} onClose={close}>
        <dl className="mt-4 grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-2">
          {ALL_KEYS.map(([key, does]) => (
            <div key={key} className="contents">
              <dt>
                <Key>{key}</Key>
              </dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
        <Button onClick={close} className="mt-4">
          Back
        </Button>
      </Dialog>
    </Shell>
  );
}

const KEYS: KeyUse[] = [
  ['← ↑ ↓ →', 'go'],
  ['Enter', 'edit, keep'],
  ['Tab', 'keep, go on'],
  ['Ins', 'new'],
  ['Ctrl D', 'duplicate'],
  ['Alt ↑↓', 'move'],
  ['Del', 'take out'],
  ['Ctrl V', 'paste rows'],
  ['Ctrl Z', 'undo'],
];

const ALL_KEYS: KeyUse[] = [
  ['← ↑ ↓ →', 'from cell to cell; Home and End to the first and last, Page keys by ten'],
  ['Enter', 'edits a cell; in an open one keeps it and goes down, past the last to a new feature'],
  ['Tab', 'in an open cell keeps it and goes on to the next'],
  ['Esc', 'leaves an open cell as it was'],
  ['Ins', 'a new feature'],
  ['Ctrl D', 'the same feature once more'],
  ['Alt ↑↓', 'moves a feature up or down the walk'],
  ['Del', 'takes a feature out'],
  ['Ctrl V', 'rows from a spreadsheet; V outside the list'],
  ['Ctrl Z', 'takes the last change back; Ctrl Y does it again'],
  ['H', 'head of the job, outside the list'],
];

/** The section of the part: drawn anew only when a feature is another one, or is pointed at. */
function Section({ planning }: { planning: Planning }) {
  const { plan, features, pointed, at, point } = planning;
  const latest = useRef(planning);
  useLayoutEffect(() => {
    latest.current = planning;
  });
  const [pick] = useState(() => (key: string) => latest.current.select(key));
  const drawn = useMemo(
    () => features.map((feature) => ({ ...feature, kind: feature.typed.kind })),
    [features],
  );
  // The list first: of a long plan the drawing may follow a moment later.
  const shown = useDeferredValue(drawn);
  return (
    <PartSection
      shape={plan.shape}
      numbered
      features={shown}
      lit={pointed ?? at?.key}
      onPoint={point}
      onPick={pick}
    />
  );
}

/** Where the limits come from, and what the whole job takes. */
function HeadLine({ job, onHead }: { job: Job; onHead: () => void }) {
  const archive = useArchive();
  const open = useOpenJob();
  const navigate = useNavigate();
  const copy = () =>
    open.mutate(
      { name: job.name, limitsSource: '', unit: job.unit, template: '', copyOf: job.id },
      { onSuccess: ({ id }) => void navigate(`/jobs/${id}`) },
    );
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-2 px-4 py-3 tablet:px-6">
      <p>
        {job.limitsSource ? (
          <>
            Limits from <strong className="font-semibold">{job.limitsSource}</strong>, {job.unit}
            {job.material && `, ${job.material}`}
          </>
        ) : (
          <strong className="border-l-4 border-near pl-2 font-semibold">{job.remarks[0]}</strong>
        )}
      </p>
      <p className="label">{job.total}</p>
      <div className="ml-auto flex gap-2">
        <Button small look={job.limitsSource ? 'plain' : 'now'} onClick={onHead}>
          Head of the job
        </Button>
        <Button small onClick={copy}>
          Copy the job
        </Button>
        <Button small onClick={() => archive.mutate({ job: job.id, archived: !job.archived })}>
          {job.archived ? 'Take out of the archive' : 'Put away'}
        </Button>
      </div>
    </div>
  );
}

interface KindsProps {
  job: Job;
  planning: Planning;
  onKind: () => void;
  onNew: () => void;
}

/** The plans of the job, one for each kind of part. */
function Kinds({ job, planning, onKind, onNew }: KindsProps) {
  const { plan } = planning;
  return (
    <nav
      aria-label="Kinds of part"
      className="mx-4 mb-3 flex flex-wrap items-end gap-x-1 border-b-2 border-ink tablet:mx-6"
    >
      {job.plans.map(({ id, name, parts }) => (
        <Link
          key={id}
          to={`/jobs/${job.id}?plan=${id}`}
          aria-current={id === plan.id ? 'page' : undefined}
          className={`-mb-0.5 flex min-h-11 items-center gap-2 border-2 px-4 ${
            id === plan.id
              ? 'border-ink border-b-paper bg-paper font-bold'
              : 'border-transparent text-quiet hover:border-line'
          }`}
        >
          {name} <span className="label">{parts.length}</span>
        </Link>
      ))}
      <button
        type="button"
        onClick={onNew}
        className="min-h-11 px-3 text-label text-quiet underline decoration-line underline-offset-4"
      >
        another kind of part
      </button>
      <p className="label ml-auto py-2">
        {plan.total} · revision {plan.revision}
        {plan.fixed && ', read against'}
      </p>
      <button
        type="button"
        onClick={onKind}
        className="min-h-11 px-2 text-label text-quiet underline decoration-line underline-offset-4"
      >
        drawn as {plan.shape}
      </button>
    </nav>
  );
}

/** What can be done to the feature at hand, for those without the keys. */
function Acts({ planning, onPaste }: { planning: Planning; onPaste: () => void }) {
  const key = planning.at?.key;
  const on = (act: (key: string) => void) => () => key !== undefined && act(key);
  return (
    <div className="flex flex-wrap gap-2">
      <Button small onClick={onPaste}>
        Paste rows
      </Button>
      <Button small disabled={!key} onClick={on(planning.duplicate)}>
        Duplicate
      </Button>
      <Button small disabled={!key} onClick={on((it) => planning.move(it, -1))}>
        Up
      </Button>
      <Button small disabled={!key} onClick={on((it) => planning.move(it, 1))}>
        Down
      </Button>
      <Button small disabled={!key} onClick={on(planning.remove)}>
        Take out
      </Button>
      <Button small disabled={!planning.canUndo} onClick={planning.undo}>
        Undo
      </Button>
      <Button small disabled={!planning.canRedo} onClick={planning.redo}>
        Do again
      </Button>
      <p className="label self-center">{planning.say}</p>
    </div>
  );
}

/** Somebody else changed the same feature: theirs is in the list, mine is here, and a person chooses. */
function Conflicted({ planning }: { planning: Planning }) {
  const { conflict } = planning;
  if (conflict === undefined) {
    return null;
  }
  return (
    <section aria-label="Changed meanwhile" className="border-2 border-ink bg-panel p-4">
      <p role="alert" className="font-semibold">
        {conflict.sentence}
      </p>
      <p className="mt-1">
        Yours: {conflict.mine.name}, {conflict.mine.limits || 'no limits'}
      </p>
      <div className="mt-3 flex gap-3">
        <Button small look="now" onClick={planning.keepMine}>
          Keep mine
        </Button>
        <Button small onClick={planning.takeTheirs}>
          Take theirs
        </Button>
      </div>
    </section>
  );
}
