import { useState } from 'react';
import type { GaugePage, Problem, TypedGauge } from '../api/client';
import { useWriteGauge } from '../api/drawer';
import { useDrawer } from '../api/queries';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { refusedAt } from '../ui/refusedAt';

/** What a gauge is, described anew. What is left empty has the starting value of its kind. */
export function FactsCard({ page, onClose }: { page: GaugePage; onClose: () => void }) {
  const write = useWriteGauge(page);
  const drawer = useDrawer().data;
  const [typed, setTyped] = useState<TypedGauge>(page.typed);
  const failure = write.error as Problem | null;
  const kind = drawer?.kinds.find(({ code }) => code === typed.kind);
  const field = (name: keyof TypedGauge & string, label: string, hint = '') => (
    <Field
      label={label}
      hint={hint}
      value={String(typed[name])}
      refused={refusedAt(failure, name)}
      onType={(value) => setTyped({ ...typed, [name]: value })}
      onWrite={(value) => setTyped({ ...typed, [name]: value })}
    />
  );
  const readers = drawer?.gauges.filter(
    ({ kind: of }) => of === 'outside-micrometer' || of.endsWith('-caliper'),
  );
  return (
    <Dialog
      title={`What ${page.gauge.shopNumber} is`}
      words="What is left empty has the starting value of its kind."
      open
      onClose={onClose}
    >
      <div className="mt-4 grid gap-3 tablet:grid-cols-3">
        {field('shopNumber', 'Number on it')}
        {field('name', 'Name')}
        {field('base', 'It adds by itself')}
        {field('rangeLow', 'From')}
        {field('rangeHigh', 'To')}
        {field('rods', 'Other rods', '1; 2; 3')}
        {field('spread', 's of single readings', 'starting value')}
        {field('error', 'Largest error', 'starting value')}
        {field('reach', 'Reach into a hole', 'starting value')}
        {field('allowedSteps', 'Zero may be out by, in steps')}
        {kind?.bracket && field('step', 'From pin to pin')}
      </div>
      <Check
        label="A display that shows either unit"
        checked={typed.switchable}
        onCheck={(switchable) => setTyped({ ...typed, switchable })}
      />
      {kind?.transfer && readers && (
        <fieldset className="mt-3">
          <legend className="label">
            It may be measured with; none ticked: with any outside micrometer or caliper
          </legend>
          <div className="grid tablet:grid-cols-4">
            {readers.map(({ id, shopNumber }) => (
              <Check
                key={id}
                label={shopNumber}
                checked={typed.readers.includes(id)}
                onCheck={(on) =>
                  setTyped({
                    ...typed,
                    readers: [...typed.readers.filter((each) => each !== id), ...(on ? [id] : [])],
                  })
                }
              />
            ))}
          </div>
        </fieldset>
      )}
      {failure &&
        refusedAt(
          failure,
          ...Object.keys(typed).filter((name) => !['readers', 'scale', 'kind'].includes(name)),
        ) === undefined && (
          <p role="alert" className="mt-3 border-l-4 border-ink pl-3 font-semibold">
            {failure.message}
          </p>
        )}
      <div className="mt-5 flex gap-3">
        <Button look="now" onClick={() => write.mutate(typed, { onSuccess: onClose })}>
          Keep
        </Button>
        <Button onClick={onClose}>Back</Button>
      </div>
    </Dialog>
  );
}
