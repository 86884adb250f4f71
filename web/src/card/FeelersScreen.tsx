import { useState } from 'react';
import type { Problem, Schemas } from '../api/client';
import { useFeelers, useFeelerSets } from '../api/card';
import { LaidLeaves } from '../drawings/LaidLeaves';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { UNITS } from '../ui/labels';
import { refusedAt } from '../ui/refusedAt';
import { tied } from '../ui/tied';
import { CardPage } from './CardPage';

/** Which leaves go into a gap, and which do not: between the two lies what can be said of it. */
export function FeelersScreen() {
  const sets = useFeelerSets().data;
  return <CardPage part="feelers">{sets && <LeavesForAGap sets={sets} />}</CardPage>;
}

function LeavesForAGap({ sets }: { sets: Schemas['FeelerSetView'][] }) {
  const [own, setOwn] = useState<{ unit: string; leaves: string } | undefined>();
  const [gap, setGap] = useState('');
  const typed = own ?? sets[0] ?? { unit: 'mm', leaves: '' };
  const feelers = useFeelers({ unit: typed.unit, leaves: typed.leaves, gap });
  const failure = feelers.error as Problem | null;
  const found = failure ? undefined : feelers.data;
  const picked = sets.findIndex(({ leaves }) => leaves === typed.leaves);
  return (
    <div className="grid w-full gap-6 bench:grid-cols-[24rem_minmax(0,1fr)]">
      <section aria-label="Wanted" className="flex flex-col gap-3">
        <Field
          label={`Gap, ${typed.unit}`}
          value={gap}
          hint={typed.unit === 'in' ? '0.0035' : '0.45'}
          refused={refusedAt(failure, 'gap')}
          onType={setGap}
          onWrite={setGap}
        />
        <Choice
          label="Of the set"
          value={String(picked)}
          choices={{
            ...Object.fromEntries(sets.map(({ name }, i) => [String(i), name])),
            '-1': 'other leaves, typed here',
          }}
          onChoose={(i) => setOwn(sets[Number(i)] ?? { unit: typed.unit, leaves: '' })}
        />
        {picked === -1 && (
          <Choice
            label="In"
            value={typed.unit}
            choices={UNITS}
            onChoose={(unit) => setOwn({ ...typed, unit })}
          />
        )}
        <Field
          label="Its leaves"
          value={typed.leaves}
          hint="0.05; 0.1; 0.2; 0.3"
          refused={refusedAt(failure, 'leaves')}
          onType={(leaves) => setOwn({ ...typed, leaves })}
          onWrite={(leaves) => setOwn({ ...typed, leaves })}
        />
      </section>
      <section
        aria-label="Leaves"
        aria-live="polite"
        className="border-2 border-line bg-panel p-4 tablet:p-6"
      >
        {gap.trim() === '' && (
          <p className="text-quiet">
            Type the gap that is wanted. Shown are the leaves that just go into it and the next that
            do not: if the first pass with a light drag and the second do not, it is right.
          </p>
        )}
        {failure && (
          <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
            {failure.message}
          </p>
        )}
        {found && (
          <>
            <p className="text-title font-semibold">{tied(found.sentence)}</p>
            <div className="mt-4 grid gap-6 tablet:grid-cols-2">
              {found.go && <Laid title="goes" gap={found.gap} laid={found.go} goes />}
              {found.noGo && (
                <Laid title="does not go" gap={found.gap} laid={found.noGo} goes={false} />
              )}
            </div>
          </>
        )}
      </section>
    </div>
  );
}

interface LaidProps {
  title: string;
  gap: Schemas['FeelerView']['gap'];
  laid: Schemas['LaidView'];
  goes: boolean;
}

function Laid({ title, gap, laid, goes }: LaidProps) {
  return (
    <section aria-label={title} className="flex flex-col gap-2">
      <h2 className="border-b-2 border-ink text-body">{title}</h2>
      <p className="reading text-order">
        {laid.sum.text} {laid.sum.unit}
      </p>
      <p className="reading">{laid.leaves.map(({ text }) => text).join(' + ')}</p>
      <LaidLeaves gap={gap} leaves={laid.leaves} sum={laid.sum} goes={goes} />
      {laid.warning && <p className="border-l-4 border-near pl-3 font-medium">{laid.warning}</p>}
    </section>
  );
}
