import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Drawer, GaugeKind, TypedGauge } from '../api/client';
import { gaugeSet, useAddGauges, useGaugeSet } from '../api/drawer';
import { useDrawer } from '../api/queries';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { UNITS } from '../ui/labels';
import { Shell } from '../ui/Shell';
import { useTypedFields } from '../ui/useTypedFields';
import { sketchOf } from './sketch';

/** What goes into a kind of gauge and adds its length, as it may be typed. With a plus it is added, without one it stands instead. */
const TAKES_PIECES: Record<string, string> = {
  'inside-micrometer': 'rod +1; rod +2; collar +0.5',
  'depth-micrometer': 'rod 1; rod 2; rod 3',
  'vernier-caliper': 'nibs +0.3',
  'dial-caliper': 'nibs +0.3',
};

/** One gauge, or a set of frames at once. */
export function AddGauges() {
  const drawer = useDrawer().data;
  const [picked, setPicked] = useState({ kind: '', scale: '' });
  const kind = drawer?.kinds.find(({ code }) => code === picked.kind) ?? drawer?.kinds[0];
  return (
    <Shell title="Add gauges" head={<h1 className="text-body font-semibold">Add gauges</h1>}>
      {drawer && kind && (
        <AddTo
          // Another kind or scale begins anew, with the range that is usual for it.
          key={`${kind.code} ${picked.scale}`}
          drawer={drawer}
          kind={kind}
          first={sketchOf(kind, picked.scale)}
          onPick={(code, scale) => setPicked({ kind: code, scale })}
        />
      )}
    </Shell>
  );
}

const FRAMES = {
  '1': 'one',
  '2': 'a set of two',
  '3': 'a set of three',
  '4': 'a set of four',
  '6': 'a set of six',
};

interface AddToProps {
  drawer: Drawer;
  kind: GaugeKind;
  first: TypedGauge;
  onPick: (kind: string, scale: string) => void;
}

function AddTo({ drawer, kind, first, onPick }: AddToProps) {
  const add = useAddGauges();
  const navigate = useNavigate();
  const [frames, setFrames] = useState('1');
  const { typed, change, field, refused } = useTypedFields(first, add, [
    'shopNumber',
    'rangeLow',
    'rangeHigh',
    'step',
    'spread',
    'error',
    'reach',
    'base',
    'rods',
    'allowedSteps',
  ]);
  const set = useGaugeSet(typed, Number(frames));
  const gauges = set.data ?? [];
  const isSet = frames !== '1';
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        // Refused, it says so by itself, beside what is seen.
        void gaugeSet(typed, Number(frames)).then(
          (all) => add.mutate(all, { onSuccess: () => void navigate('/drawer') }),
          () => undefined,
        );
      }}
      className="mx-auto grid w-full max-w-6xl gap-6 p-4 tablet:p-6 bench:grid-cols-[minmax(0,1fr)_24rem]"
    >
      <section
        className="flex flex-col gap-4 border-2 border-ink bg-panel p-5"
        aria-label="What it is"
      >
        <div className="grid gap-4 tablet:grid-cols-2">
          <Choice
            label="It is a"
            value={kind.code}
            choices={Object.fromEntries(drawer.kinds.map(({ code, name }) => [code, name]))}
            onChoose={(code) => onPick(code, '')}
          />
          {kind.scales.length > 0 ? (
            <Choice
              label="Its scale"
              value={typed.scale}
              choices={Object.fromEntries(kind.scales.map(({ id, name }) => [id, name]))}
              onChoose={(scale) => onPick(kind.code, scale)}
            />
          ) : (
            <Choice
              label="In"
              value={typed.unit}
              choices={UNITS}
              onChoose={(unit) => change({ unit })}
            />
          )}
          {field(
            'shopNumber',
            'Number on it',
            'M1',
            isSet ? 'the first of the set; the others count on' : undefined,
          )}
          {kind.frames && (
            <Choice label="Frames" value={frames} choices={FRAMES} onChoose={setFrames} />
          )}
          {!kind.threads && field('rangeLow', kind.limits ? 'The smaller end' : 'From')}
          {!kind.threads &&
            field('rangeHigh', kind.limits ? 'The larger end' : isSet ? 'The first goes to' : 'To')}
          {TAKES_PIECES[kind.code] &&
            field('rods', 'What goes into it, name and size', TAKES_PIECES[kind.code])}
          {kind.limits && field('error', 'U of its ends', '0.001')}
          {kind.bracket && field('step', 'From pin to pin', '0.01')}
          {kind.bracket && field('error', 'A pin may be out by', '0.001')}
        </div>
        <details className="border-t-2 border-line pt-2">
          <summary className="min-h-11 cursor-pointer py-2 font-semibold">
            What its data sheet says, else the starting values stand
          </summary>
          <div className="mt-2 grid gap-4 tablet:grid-cols-3">
            {field('spread', 's of single readings', 'starting value')}
            {!kind.bracket && !kind.limits && field('error', 'Largest error', 'starting value')}
            {field('reach', 'Reach into a hole', 'starting value')}
            {field('base', 'It adds by itself', 'its lower end')}
            {field('allowedSteps', 'Zero may be out by, in steps', '1')}
          </div>
          <Check
            label="A display that shows either unit"
            checked={typed.switchable}
            onCheck={(switchable) => change({ switchable })}
          />
        </details>
        {kind.transfer && (
          <p className="text-quiet">
            It has no scale of its own: it is measured with any outside micrometer or caliper of the
            drawer whose range meets its own. Others are left out on its page.
          </p>
        )}
      </section>
      <section aria-label="What is added" className="flex flex-col gap-3">
        <h2 className="border-b-2 border-ink text-body">
          {gauges.length === 1 ? 'This will be added' : `These ${gauges.length} will be added`}
        </h2>
        <ul>
          {gauges.map(({ shopNumber, name }) => (
            <li key={shopNumber} className="flex min-h-11 items-center gap-3 border-b border-line">
              <strong className="w-16 font-bold">{shopNumber || '…'}</strong>
              {name}
            </li>
          ))}
        </ul>
        {(refused ?? set.error) && (
          <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
            {refused ?? set.error?.message}
          </p>
        )}
        <Button look="now" type="submit" disabled={set.data === undefined || set.isError}>
          {gauges.length === 1 ? 'Add it' : `Add these ${gauges.length}`}
        </Button>
      </section>
    </form>
  );
}
