import { counted } from '../ui/counted';
import type { Planned, TypedFeature } from '../api/client';
import { WindowPicture } from '../drawings/WindowPicture';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { LAYOUTS, ORDERS } from '../ui/labels';
import type { Planning } from './usePlanning';

interface FeatureDetailsProps {
  planning: Planning;
  feature: Planned;
  /** What is understood of it as it is being typed just now. */
  live: Planned | undefined;
  onDraft: (draft: TypedFeature | undefined) => void;
}

/** All that is planned of one feature: what is allowed, worn and of what form, and where it is measured. */
export function FeatureDetails({ planning, feature, live, onDraft }: FeatureDetailsProps) {
  const shown = live ?? feature;
  const { typed } = feature;
  const refusal = planning.refused[feature.key];
  const refused = (field: string) =>
    shown.refused[field] ?? (refusal?.field === field ? refusal.sentence : undefined);
  const write = (change: Partial<TypedFeature>) => {
    onDraft(undefined);
    planning.write({ ...typed, ...change }, feature.key);
  };
  const text = (field: TextField, label: string, hint = '') => (
    <Field
      label={label}
      value={typed[field]}
      hint={hint}
      means={shown.understood[field]}
      refused={refused(field)}
      onType={(value) => {
        (value === typed[field] ? planning.leave : planning.begin)(feature.key);
        onDraft({ ...typed, [field]: value });
      }}
      onWrite={(value) => write({ [field]: value })}
    />
  );
  if (typed.kind === 'looked-at') {
    return (
      <section aria-label={typed.name} className="flex flex-col gap-2">
        <h3 className="text-body">{typed.name}</h3>
        <p>Looked at on each part before any gauge touches it: ok, not ok, or not seen.</p>
        <Check
          label="“Not ok” alone decides against the part"
          checked={typed.decisive}
          onCheck={(decisive) => write({ decisive })}
        />
      </section>
    );
  }
  return (
    <section aria-label={typed.name} className="flex flex-col gap-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h3 className="text-body">{typed.name}</h3>
        <p className="label">
          {counted(shown.readings, 'reading')}, {shown.time} {shown.by}
        </p>
      </div>
      {shown.limits && (
        <div>
          <WindowPicture limits={shown.limits} readings={[]} value={undefined} />
          <p className="text-label font-semibold">{shown.limits.sentence}</p>
        </div>
      )}
      {refused('limits') && (
        <p role="alert" className="border-l-4 border-ink pl-2 font-semibold">
          {refused('limits')}
        </p>
      )}
      {shown.doubts.map((doubt) => (
        <p key={doubt} className="border-l-4 border-near pl-2 font-semibold">
          {doubt}
        </p>
      ))}
      {shown.mate && (
        <div className="flex flex-wrap items-center gap-3">
          <p className="grow">{shown.mate.sentence}</p>
          <Button small onClick={() => shown.mate && planning.add([shown.mate.typed])}>
            Plan the mating part too
          </Button>
        </div>
      )}
      <div className="grid grid-cols-2 gap-3">
        {!UNWORN.includes(typed.kind) && (
          <>
            {text('service', 'Service limit, worn')}
            {text('outOfRound', 'Out-of-round at most', '0.002, or round 0.001')}
            {text('taper', 'Taper at most')}
            {text('steps', 'Oversizes, undersizes', '+0.030 +0.060')}
            {text('grades', 'Size grades', 'A 20.000/20.005; B …')}
            {text('together', 'Reworked to one size with', 'bores of the block')}
          </>
        )}
        {text('lies', 'Lies from – to', '26-144, or its length')}
        {text('number', 'Number on the drawing', '12')}
      </div>
      <h4 className="label mt-1 border-b-2 border-line">Where it is measured</h4>
      <div className="grid grid-cols-2 gap-3">
        <Choice
          label="Layout"
          value={shown.layout}
          choices={LAYOUTS}
          onChoose={(layout) => write({ layout, sections: '', axes: '' })}
        />
        <Choice
          label="Order of the walk"
          value={typed.order || 'down-each-axis'}
          choices={ORDERS}
          onChoose={(order) => write({ order })}
        />
        {text('sections', 'Sections: name and depth', 'top 12, middle 60, bottom 110')}
        {text('axes', 'Axes: name and angle', 'thrust 0, cross 90')}
        {text('keepClear', 'Keep clear of', '40-55 inlet ports')}
        {text('outOfReach', 'Cannot be measured', 'bottom / cross: web')}
        {text('face', 'Depths are from', 'top face')}
      </div>
      <PlacesList places={shown.places} />
      <div className="flex flex-wrap gap-x-6">
        <Check
          label="Round: its size is a diameter"
          checked={typed.round}
          onCheck={(round) => write({ round })}
        />
        <Check
          label="Envelope demanded"
          checked={typed.envelope}
          onCheck={(envelope) => write({ envelope })}
        />
      </div>
    </section>
  );
}

type TextField =
  | 'service'
  | 'outOfRound'
  | 'taper'
  | 'steps'
  | 'grades'
  | 'lies'
  | 'sections'
  | 'axes'
  | 'keepClear'
  | 'outOfReach'
  | 'face'
  | 'together'
  | 'number';

/** Neither wears in size nor is reworked to one. */
const UNWORN = ['centre-distance', 'runout'];

/** The places in the order of the walk; one that is moved or cannot be measured says so. */
function PlacesList({ places }: { places: Planned['places'] }) {
  return (
    <ol aria-label="Places" className="grid grid-cols-2 gap-x-4">
      {places.map(({ name, depth, remark, canBeMeasured }, i) => (
        <li key={name} className="flex gap-2 border-b border-line py-1 text-label">
          <span className="w-5 text-right text-quiet">{i + 1}</span>
          <span className={canBeMeasured ? '' : 'line-through'}>{name}</span>
          <span className="reading ml-auto">{depth?.text}</span>
          {remark && <span className="w-24 shrink-0 text-quiet">{remark}</span>}
        </li>
      ))}
    </ol>
  );
}
