import { useState } from 'react';
import type { Problem, Schemas } from '../api/client';
import { useTwenty } from '../api/card';
import { useDrawer, useShop } from '../api/queries';
import { useSoak } from '../api/ready';
import { AtTwenty } from '../ui/AtTwenty';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { UNITS } from '../ui/labels';
import { refusedAt } from '../ui/refusedAt';
import { CardPage } from './CardPage';

type Typed = Schemas['TypedTwenty'];

const START: Typed = {
  unit: 'mm',
  size: '',
  deviation: '',
  scaleMaterial: 'steel',
  scaleTemperature: '20',
  partMaterial: 'steel',
  partTemperature: '',
  tolerance: '',
  section: '',
  on: 'metal-plate',
};

/** A size brought to 20 °C, with no job: what warmth does to it, how well that is known, and how long to wait. */
export function TwentyScreen() {
  const shop = useShop().data;
  return (
    <CardPage part="twenty">{shop && <Twenty start={{ ...START, unit: shop.unit }} />}</CardPage>
  );
}

function Twenty({ start }: { start: Typed }) {
  const drawer = useDrawer().data;
  const soak = useSoak();
  const [typed, setTyped] = useState(start);
  const twenty = useTwenty(typed);
  const failure = twenty.error as Problem | null;
  const change = (more: Partial<Typed>) => setTyped({ ...typed, ...more });
  const field = (name: keyof Typed, label: string, hint: string) => (
    <Field
      label={label}
      value={typed[name]}
      hint={hint}
      refused={refusedAt(failure, name)}
      onType={(value) => change({ [name]: value })}
      onWrite={(value) => change({ [name]: value })}
    />
  );
  const materials = Object.fromEntries((drawer?.materials ?? []).map((each) => [each, each]));
  const found = failure ? undefined : twenty.data;
  return (
    <div className="grid w-full gap-6 bench:grid-cols-[26rem_minmax(0,1fr)]">
      <section aria-label="Read" className="grid content-start gap-3 tablet:grid-cols-2">
        {field('size', 'Read, or the master', typed.unit === 'in' ? '3.2509' : '100.000')}
        <Choice
          label="In"
          value={typed.unit}
          choices={UNITS}
          onChoose={(unit) => change({ unit })}
        />
        {field('partTemperature', 'The part, °C', '32')}
        <Choice
          label="It is of"
          value={typed.partMaterial}
          choices={materials}
          onChoose={(partMaterial) => change({ partMaterial })}
        />
        {field('scaleTemperature', 'Gauge or master, °C', '20')}
        <Choice
          label="That is of"
          value={typed.scaleMaterial}
          choices={materials}
          onChoose={(scaleMaterial) => change({ scaleMaterial })}
        />
        {field('deviation', 'Deviation from a master', 'none')}
        {field('tolerance', 'Tolerance, whole width', typed.unit === 'in' ? '0.0018' : '0.03')}
        {field('section', 'Thickest section', typed.unit === 'in' ? '1.5' : '40')}
        <Choice
          label="It lies on"
          value={typed.on}
          choices={{ 'metal-plate': 'a metal plate', 'surface-plate': 'a surface plate' }}
          onChoose={(on) => change({ on })}
        />
      </section>
      <section
        aria-label="At 20 °C"
        aria-live="polite"
        className="border-2 border-line bg-panel p-4 tablet:p-6"
      >
        {failure && (
          <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
            {failure.message}
          </p>
        )}
        {found ? (
          <>
            <AtTwenty twenty={found} />
            {found.soak !== undefined && (
              <Button
                look={found.mustWait ? 'now' : 'plain'}
                className="mt-4"
                onClick={() => soak.mutate({ what: 'a part soaks', minutes: found.soak ?? 1 })}
              >
                Start the clock, {found.soak} min
              </Button>
            )}
            {soak.error && (
              <p role="alert" className="mt-2 font-semibold">
                {soak.error.message}
              </p>
            )}
          </>
        ) : (
          !failure && (
            <p className="text-quiet">
              Type what was read and how warm the part and the gauge are. Sizes on drawings are
              those at 20 °C: a warm part reads large, and shrinks once it is in its place.
            </p>
          )
        )}
      </section>
    </div>
  );
}
