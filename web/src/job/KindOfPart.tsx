import { useState } from 'react';
import type { Job, Plan, Problem } from '../api/client';
import { useAddPlan, useWritePlan } from '../api/planning';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { ROUNDS, SHAPES } from '../ui/labels';

interface KindOfPartProps {
  job: Job;
  /** The plan whose head is written; undefined for a new one. */
  plan: Plan | undefined;
  open: boolean;
  onClose: () => void;
}

/** What one kind of part is called, what it is drawn as, and how its rounds are named. */
export function KindOfPart({ job, plan, open, onClose }: KindOfPartProps) {
  const [head, setHead] = useState({
    name: plan?.name ?? '',
    shape: plan?.shape ?? 'shaft',
    rounds: plan?.rounds ?? 'cuts',
  });
  const add = useAddPlan(job);
  const write = useWritePlan();
  const failure = (add.error ?? write.error) as Problem | null;
  const keep = () =>
    plan === undefined
      ? add.mutate(head, { onSuccess: onClose })
      : write.mutate({ plan: plan.id, edition: plan.edition, ...head }, { onSuccess: onClose });
  return (
    <Dialog
      title={plan === undefined ? 'Another kind of part' : 'Kind of part'}
      words="One plan for each: barrels, plungers, the rest. Its parts are measured alike."
      open={open}
      onClose={onClose}
    >
      <div className="mt-4 grid gap-3 tablet:grid-cols-3">
        <Field
          label="Called"
          value={head.name}
          refused={failure?.field === 'name' ? failure.message : undefined}
          onType={(name) => setHead({ ...head, name })}
          onWrite={(name) => setHead({ ...head, name })}
        />
        <Choice
          label="Drawn as"
          value={head.shape}
          choices={SHAPES}
          onChoose={(shape) => setHead({ ...head, shape })}
        />
        <Choice
          label="Its rounds are"
          value={head.rounds}
          choices={ROUNDS}
          onChoose={(rounds) => setHead({ ...head, rounds })}
        />
      </div>
      {failure && failure.field !== 'name' && (
        <p role="alert" className="mt-3 font-semibold">
          {failure.message}
        </p>
      )}
      <div className="mt-5 flex gap-3">
        <Button look="now" onClick={keep}>
          Keep
        </Button>
        <Button onClick={onClose}>Back</Button>
      </div>
    </Dialog>
  );
}
