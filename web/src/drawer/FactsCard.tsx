import type { GaugePage } from '../api/client';
import { useWriteGauge } from '../api/drawer';
import { useDrawer } from '../api/queries';
import { Check } from '../ui/Check';
import { Dialog } from '../ui/Dialog';
import { KeepOrBack } from '../ui/KeepOrBack';
import { useTypedFields } from '../ui/useTypedFields';

/** What a gauge is, described anew. What is left empty has the starting value of its kind. */
export function FactsCard({ page, onClose }: { page: GaugePage; onClose: () => void }) {
  const write = useWriteGauge(page);
  const drawer = useDrawer().data;
  const { typed, change, field, refused } = useTypedFields(page.typed, write, [
    'shopNumber',
    'name',
    'base',
    'rangeLow',
    'rangeHigh',
    'rods',
    'spread',
    'error',
    'reach',
    'allowedSteps',
    'step',
  ]);
  const kinds = drawer?.kinds ?? [];
  const kind = kinds.find(({ code }) => code === typed.kind);
  const readers = (drawer?.gauges ?? []).filter((gauge) =>
    kinds.some(({ code, reader }) => reader && code === gauge.kind),
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
        {field('rangeLow', kind?.limits ? 'The smaller end' : 'From')}
        {field('rangeHigh', kind?.limits ? 'The larger end' : 'To')}
        {field('rods', 'What goes into it, name and size', 'rod +1; collar +0.5; nibs +0.3')}
        {field('spread', 's of single readings', 'starting value')}
        {field('error', kind?.limits ? 'U of its ends' : 'Largest error', 'starting value')}
        {field('reach', 'Reach into a hole', 'starting value')}
        {field('allowedSteps', 'Zero may be out by, in steps')}
        {kind?.bracket && field('step', 'From pin to pin')}
      </div>
      <Check
        label="A display that shows either unit"
        checked={typed.switchable}
        onCheck={(switchable) => change({ switchable })}
      />
      {kind?.transfer && (
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
                  change({
                    readers: [...typed.readers.filter((each) => each !== id), ...(on ? [id] : [])],
                  })
                }
              />
            ))}
          </div>
        </fieldset>
      )}
      <KeepOrBack
        refused={refused}
        onKeep={() => write.mutate(typed, { onSuccess: onClose })}
        onBack={onClose}
      />
    </Dialog>
  );
}
