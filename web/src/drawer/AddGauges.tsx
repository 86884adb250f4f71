import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Drawer, Problem, TypedGauge } from '../api/client';
import { useAddGauges } from '../api/drawer';
import { useDrawer } from '../api/queries';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { refusedAt } from '../ui/refusedAt';
import { Shell } from '../ui/Shell';
import { asTyped, FIRST, type Sketch, sketchOf } from './sketch';

/** One gauge, or a set of frames at once. */
export function AddGauges() {
  const drawer = useDrawer().data;
  return (
    <Shell title="Add gauges" head={<h1 className="text-body font-semibold">Add gauges</h1>}>
      {drawer && <AddTo drawer={drawer} />}
    </Shell>
  );
}

function AddTo({ drawer }: { drawer: Drawer }) {
  const add = useAddGauges();
  const navigate = useNavigate();
  const [sketch, setSketch] = useState<Sketch>(() => sketchOf(drawer, FIRST));
  const kind = drawer.kinds.find(({ code }) => code === sketch.kind);
  const failure = add.error as Problem | null;
  const gauges = asTyped(sketch, kind?.name ?? '');
  const change = (more: Partial<Sketch>) => {
    add.reset();
    setSketch({ ...sketch, ...more });
  };
  if (kind === undefined) {
    return null;
  }
  const field = (name: keyof Sketch & string, label: string, hint: string, means?: string) => (
    <Field
      label={label}
      hint={hint}
      value={String(sketch[name])}
      means={means}
      refused={refusedAt(failure, name)}
      onType={(value) => change({ [name]: value })}
      onWrite={(value) => change({ [name]: value })}
    />
  );
  const keep = () =>
    add.mutate(gauges, {
      onSuccess: () => void navigate('/drawer'),
    });
  const set = kind.frames && sketch.frames !== '1';
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        keep();
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
            value={sketch.kind}
            choices={Object.fromEntries(drawer.kinds.map(({ code, name }) => [code, name]))}
            onChoose={(code) => change(sketchOf(drawer, code))}
          />
          {kind.scales.length > 0 ? (
            <Choice
              label="Its scale"
              value={sketch.scale}
              choices={Object.fromEntries(kind.scales.map(({ id, name }) => [id, name]))}
              onChoose={(scale) => change(sketchOf(drawer, sketch.kind, scale))}
            />
          ) : (
            <Choice
              label="In"
              value={sketch.unit}
              choices={{ mm: 'millimetres', in: 'inches' }}
              onChoose={(unit) => change({ unit })}
            />
          )}
          {field(
            'shopNumber',
            'Number on it',
            'M1',
            set ? 'the first of the set; the others count on' : undefined,
          )}
          {kind.frames && (
            <Choice
              label="Frames"
              value={sketch.frames}
              choices={{
                '1': 'one',
                '2': 'a set of two',
                '3': 'a set of three',
                '4': 'a set of four',
                '6': 'a set of six',
              }}
              onChoose={(frames) => change({ frames })}
            />
          )}
          {field('rangeLow', 'From', '0')}
          {field('rangeHigh', set ? 'The first goes to' : 'To', '25')}
          {kind.bracket && field('step', 'From pin to pin', '0.01')}
          {kind.bracket && field('error', 'A pin may be out by', '0.001')}
        </div>
        <details className="border-t-2 border-line pt-2">
          <summary className="min-h-11 cursor-pointer py-2 font-semibold">
            What its data sheet says, else the starting values stand
          </summary>
          <div className="mt-2 grid gap-4 tablet:grid-cols-3">
            {field('spread', 's of single readings', 'starting value')}
            {!kind.bracket && field('error', 'Largest error', 'starting value')}
            {field('reach', 'Reach into a hole', 'starting value')}
            {field('base', 'It adds by itself', 'its lower end')}
            {field('rods', 'Other rods', '1; 2; 3')}
            {field('allowedSteps', 'Zero may be out by, in steps', '1')}
          </div>
          <Check
            label="A display that shows either unit"
            checked={sketch.switchable}
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
          {gauges.map((gauge) => (
            <Added key={gauge.shopNumber} gauge={gauge} />
          ))}
        </ul>
        {failure && (
          <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
            {failure.message}
          </p>
        )}
        <Button look="now" type="submit" onClick={undefined}>
          {gauges.length === 1 ? 'Add it' : `Add these ${gauges.length}`}
        </Button>
      </section>
    </form>
  );
}

function Added({ gauge }: { gauge: TypedGauge }) {
  return (
    <li className="flex min-h-11 items-center gap-3 border-b border-line">
      <strong className="w-16 font-bold">{gauge.shopNumber || '…'}</strong>
      {gauge.name}
    </li>
  );
}
