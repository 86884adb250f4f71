import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Job, TypedFeature } from '../api/client';
import { useJob } from '../api/queries';
import { useKeys } from '../keys/useKeys';
import { KeysAlong } from '../ui/KeysAlong';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Changes } from '../ui/Changes';
import { Shell } from '../ui/Shell';
import { Conflicted } from './Conflicted';
import { FeatureActs } from './FeatureActs';
import { FeatureDetails } from './FeatureDetails';
import { FeatureGrid } from './FeatureGrid';
import { HeadCard } from './HeadCard';
import { HeadLine } from './HeadLine';
import { KindOfPart } from './KindOfPart';
import { Kinds } from './Kinds';
import { PartsList } from './PartsList';
import { PasteCard } from './PasteCard';
import { KEYS, PlanKeys } from './PlanKeys';
import { PlanSection } from './PlanSection';
import { ReadingsAside } from './ReadingsAside';
import { toMeasure } from './toMeasure';
import { usePlanning } from './usePlanning';
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
  const navigate = useNavigate();
  const [card, setCard] = useState<Card | undefined>();
  const [draft, setDraft] = useState<TypedFeature | undefined>();
  const live = useUnderstood(planning?.plan.id ?? 0, draft);
  useKeys({
    h: () => setCard('head'),
    v: () => setCard({ paste: '' }),
    '?': () => setCard('keys'),
    m: () => {
      const to = planning && toMeasure(planning.plan, planning.plan.parts[0]?.id, planning.at?.key);
      if (to !== undefined) {
        void navigate(to);
      }
    },
    'Ctrl z': () => planning?.undo(),
    'Ctrl y': () => planning?.redo(),
  });
  if (planning === undefined) {
    return null;
  }
  const { plan, at } = planning;
  const measure = toMeasure(plan, plan.parts[0]?.id, at?.key);
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
      <HeadLine job={job} measure={measure} onHead={() => setCard('head')} />
      <div className="px-4 tablet:px-6">
        <Changes of="job" which={job.id} />
      </div>
      <Kinds
        job={job}
        planning={planning}
        onKind={() => setCard('kind')}
        onNew={() => setCard('new-kind')}
      />
      <div className="grid gap-5 px-4 pb-6 tablet:px-6 bench:grid-cols-[minmax(0,1fr)_27rem]">
        <div className="flex min-w-0 flex-col gap-4">
          <Conflicted planning={planning} />
          <ReadingsAside planning={planning} />
          <div className="overflow-x-auto">
            <FeatureGrid
              key={plan.id}
              planning={planning}
              onDraft={setDraft}
              onPaste={(text) => setCard({ paste: text })}
            />
          </div>
          <FeatureActs planning={planning} onPaste={() => setCard({ paste: '' })} />
          <PartsList key={`parts ${plan.id}`} plan={plan} />
        </div>
        <aside
          aria-label="Drawing and feature"
          className="flex flex-col gap-4 bench:sticky bench:top-4 bench:max-h-[calc(100dvh-2rem)] bench:self-start bench:overflow-y-auto"
        >
          <PlanSection planning={planning} />
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
        job={job}
        planning={planning}
        text={typeof card === 'object' ? card.paste : undefined}
        onClose={close}
      />
      <PlanKeys open={card === 'keys'} onClose={close} />
    </Shell>
  );
}
