import { useState } from 'react';
import type { SetOn } from '../api/client';
import { SetMaster } from '../drawings/SetMaster';
import { ThumbTest } from '../drawings/ThumbTest';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { refusedAt } from '../ui/refusedAt';
import type { SixSteps, Way } from './useSixSteps';

interface StepProps {
  steps: SixSteps;
}

interface SizeProps extends StepProps {
  refused: string | undefined;
  onWanted: (text: string) => void;
}

export function ToWhatSize({
  steps: { settingUp, isMicrometer, wanted, go },
  refused,
  onWanted,
}: SizeProps) {
  const { unit } = settingUp;
  return (
    <>
      <Field
        label={`Set size, ${unit}`}
        value={wanted}
        hint={unit === 'in' ? '3.2509' : '44.081'}
        refused={refused}
        onType={onWanted}
        onWrite={onWanted}
      />
      <p className="text-quiet">
        Near the middle of what is to be measured: there the {isMicrometer ? 'screw' : 'needle'}{' '}
        travels least.
      </p>
      <Next onNext={() => go(2)} off={wanted.trim() === '' || refused !== undefined} />
    </>
  );
}

export function OnWhat({ steps: { settingUp, settled, settle, on, go } }: StepProps) {
  const { masters, nothing } = settingUp;
  const [all, setAll] = useState(false);
  // The best known of each kind; what else there is comes on demand.
  const offered = masters.filter(
    (each, i) =>
      all ||
      each.key === settled.master ||
      masters.findIndex(({ kind }) => kind === each.kind) === i,
  );
  return (
    <>
      {nothing && <p className="border-l-4 border-near pl-3 font-semibold">{nothing}</p>}
      <div className="grid items-start gap-5 tablet:grid-cols-2">
        <div role="group" aria-label="Set it on" className="flex flex-col gap-2">
          {offered.map((each) => (
            <Button
              key={each.key}
              aria-pressed={each.key === on?.key}
              className={`text-label ${each.key === on?.key ? 'border-ink! font-bold' : ''}`}
              onClick={() => settle({ master: each.key })}
            >
              {each.sentence}
            </Button>
          ))}
          {offered.length < masters.length && (
            <Button small onClick={() => setAll(true)}>
              {masters.length - offered.length} more
            </Button>
          )}
        </div>
        {on && <SetMaster on={on} />}
      </div>
      <Next onNext={() => go(3)} off={on === undefined} />
    </>
  );
}

export function OneTemperature({
  steps: { settingUp, isMicrometer, settled, settle, failure, go },
}: StepProps) {
  const write = (temperature: string) => settle({ temperature });
  return (
    <>
      <p>
        Lay gauge, master and part side by side on metal until all are as warm as each other. Hold{' '}
        {settingUp.shopNumber}{' '}
        {isMicrometer ? 'by its guards, or in a stand.' : 'by its grip, not by its tube.'}
      </p>
      <Field
        label="The master, °C"
        value={settled.temperature}
        hint="if you measured it"
        refused={refusedAt(failure, 'temperature')}
        onType={write}
        onWrite={write}
      />
      <Next onNext={() => go(4)} />
    </>
  );
}

export function WhichWay({ steps: { settled, settle, failure, go } }: StepProps) {
  return (
    <>
      {failure?.code === 'sense-differs' && <Refusal sentence={failure.message} />}
      <p>
        Push the contact in with a thumb: the gauge grows shorter, as in a smaller bore. Look at the
        figures while you push.
      </p>
      <ThumbTest />
      <Ways
        label="Pushed in, the figures"
        way={settled.pressed}
        onWay={(pressed) => {
          settle({ pressed });
          go(5);
        }}
      />
    </>
  );
}

export function OneGraduation({ steps: { settingUp, settled, settle, failure, go } }: StepProps) {
  return (
    <>
      <p>
        {settingUp.display
          ? 'Read from the display what its last figure steps by.'
          : 'Read from the face what one graduation is worth.'}
      </p>
      {failure?.field === 'graduation' && <Refusal sentence={failure.message} />}
      <div role="group" aria-label="One graduation is" className="flex flex-wrap gap-2">
        {settingUp.graduations.map(({ pm, text }) => (
          <Button
            key={pm}
            aria-pressed={settled.face === text}
            className={settled.face === text ? 'border-ink! font-bold' : ''}
            onClick={() => {
              settle({ face: text });
              go(6);
            }}
          >
            {text} {settingUp.unit}
          </Button>
        ))}
      </div>
    </>
  );
}

export function SweepAndZero({ steps }: StepProps) {
  const { settingUp, settled, settle, on, failure, refused, keep } = steps;
  const write = (returned: string) => settle({ returned });
  return (
    <>
      <p>
        Put it {on && placeOf(on)}. Rock it along the bore to both sides until the needle turns
        back: the turning point is the smallest size. Turn the bezel to zero there.
      </p>
      <Ways
        label="Rocked away from the turning point, the figures"
        way={settled.rocked}
        onWay={(rocked) => settle({ rocked })}
      />
      <Field
        label={`Take it out, sweep once more: it comes back to, in graduations of ${settingUp.graduation.text}`}
        value={settled.returned}
        hint="0"
        refused={refusedAt(failure, 'returned', 'rocked')}
        onType={write}
        onWrite={write}
      />
      {refused && <Refusal sentence={refused} />}
      <Button
        look="now"
        className="self-start"
        disabled={settled.rocked === undefined || settled.returned.trim() === ''}
        onClick={keep}
      >
        It is set: keep it
      </Button>
    </>
  );
}

/** Where a comparator goes on what it is set on. */
function placeOf({ kind, number }: SetOn): string {
  return kind === 'ring'
    ? `into ${number}`
    : kind === 'stack'
      ? 'between the ends of the stack'
      : `between the anvils of ${number}`;
}

function Refusal({ sentence }: { sentence: string }) {
  return (
    <p role="alert" className="border-l-4 border-near pl-3 font-semibold">
      {sentence}
    </p>
  );
}

function Next({ onNext, off = false }: { onNext: () => void; off?: boolean }) {
  return (
    <Button look="now" className="self-start" disabled={off} onClick={onNext}>
      Next
    </Button>
  );
}

interface WaysProps {
  label: string;
  way: Way | undefined;
  onWay: (way: Way) => void;
}

/** Which way figures went. */
function Ways({ label, way, onWay }: WaysProps) {
  return (
    <div role="group" aria-label={label} className="flex flex-col gap-2">
      <span className="label">{label}</span>
      <div className="flex gap-3">
        {(['rise', 'fall'] as const).map((each) => (
          <Button
            key={each}
            aria-pressed={way === each}
            className={`grow text-center! ${way === each ? 'border-ink! font-bold' : ''}`}
            onClick={() => onWay(each)}
          >
            {each === 'rise' ? '↗ rise' : '↘ fall'}
          </Button>
        ))}
      </div>
    </div>
  );
}
