import { useState } from 'react';
import type { Job, Problem } from '../api/client';
import { useWriteHead } from '../api/planning';
import { useMaterials } from '../api/queries';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { CAUTIONS, SCHOOLS, SETTINGS, UNITS } from '../ui/labels';

const TITLE_BLOCK = ['decimals-1', 'decimals-2', 'decimals-3', 'decimals-4'];

interface HeadCardProps {
  job: Job;
  open: boolean;
  onClose: () => void;
}

/** The head of the job: what it is, where its limits come from, and the schools in force. */
export function HeadCard({ job, open, onClose }: HeadCardProps) {
  const [head, setHead] = useState(job);
  const write = useWriteHead(job);
  const materials = useMaterials().data ?? [];
  const failure = write.error as Problem | null;
  const refused = (field: string) => (failure?.field === field ? failure.message : undefined);
  const text = (field: HeadText, label: string, hint = '') => (
    <Field
      label={label}
      value={head[field]}
      hint={hint}
      refused={refused(field)}
      onType={(value) => setHead({ ...head, [field]: value })}
      onWrite={(value) => setHead({ ...head, [field]: value })}
    />
  );
  const choose = (name: string, choice: string) =>
    setHead({ ...head, choices: { ...head.choices, [name]: choice } });
  const cleanUp = head.unit === 'in' ? 'clean-up-inch' : 'clean-up-metric';
  const cautions = (head.choices['cautions'] ?? '').split(' ').filter(Boolean);
  const keep = () => {
    const { name, about, limitsSource, customerReference, unit, material, temperature } = head;
    const { livesHangOnIt, decider, choices } = head;
    write.mutate(
      {
        name,
        about,
        limitsSource,
        customerReference,
        unit,
        material,
        temperature,
        livesHangOnIt,
        decider,
        choices,
      },
      { onSuccess: onClose },
    );
  };
  return (
    <Dialog
      title="Head of the job"
      words="A limit typed in by hand is only as good as its source."
      open={open}
      onClose={onClose}
    >
      <div className="mt-4 grid gap-3 tablet:grid-cols-2">
        {text('name', 'Name')}
        {text('limitsSource', 'Limits from', 'drawing and revision, or manual and page')}
        {text('about', 'About', 'for whom, what for')}
        {text('customerReference', 'Customer’s reference')}
        <Choice
          label="Unit of the limits"
          value={head.unit}
          choices={UNITS}
          onChoose={(unit) => setHead({ ...head, unit })}
          {...(refused('unit') ? { remark: refused('unit') ?? '' } : {})}
        />
        <Choice
          label="Material"
          value={head.material}
          choices={Object.fromEntries([
            ['', 'not said'],
            ...materials.map((of) => [of.name, `${of.name}, ${of.perMillionKelvin} µm/m·K`]),
          ])}
          onChoose={(material) => setHead({ ...head, material })}
        />
        {text('temperature', 'Temperature of the parts, °C')}
        <Choice
          label={SETTINGS['general-tolerance']?.name ?? ''}
          value={head.choices['general-tolerance'] ?? 'none'}
          choices={SETTINGS['general-tolerance']?.choices ?? {}}
          onChoose={(choice) => choose('general-tolerance', choice)}
        />
        {head.unit === 'in' &&
          TITLE_BLOCK.map((name) => (
            <Field
              key={name}
              label={SETTINGS[name]?.name ?? name}
              value={head.choices[name] ?? ''}
              refused={refused(name)}
              onType={(choice) => choose(name, choice)}
              onWrite={(choice) => choose(name, choice)}
            />
          ))}
        <div>
          <Check
            label="Lives hang on it"
            checked={head.livesHangOnIt}
            onCheck={(livesHangOnIt) => setHead({ ...head, livesHangOnIt })}
          />
        </div>
        {head.livesHangOnIt ? text('decider', 'Who decides') : <div />}
      </div>
      <details className="mt-4">
        <summary className="min-h-11 cursor-pointer py-2 font-semibold">Schools in force</summary>
        <div className="grid gap-3 tablet:grid-cols-2">
          {SCHOOLS.map((name) => (
            <Choice
              key={name}
              label={SETTINGS[name]?.name ?? name}
              value={head.choices[name] ?? ''}
              choices={SETTINGS[name]?.choices ?? {}}
              onChoose={(choice) => choose(name, choice)}
            />
          ))}
          <Field
            label={SETTINGS[cleanUp]?.name ?? cleanUp}
            value={head.choices[cleanUp] ?? ''}
            refused={refused(cleanUp)}
            onType={(choice) => choose(cleanUp, choice)}
            onWrite={(choice) => choose(cleanUp, choice)}
          />
        </div>
      </details>
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer py-2 font-semibold">
          Cautions that matter here
        </summary>
        <div className="grid tablet:grid-cols-2">
          {Object.entries(CAUTIONS).map(([code, name]) => (
            <Check
              key={code}
              label={name}
              checked={cautions.includes(code)}
              onCheck={(on) =>
                choose(
                  'cautions',
                  [...cautions.filter((each) => each !== code), ...(on ? [code] : [])].join(' '),
                )
              }
            />
          ))}
        </div>
      </details>
      {failure && (
        <p role="alert" className="mt-4 border-l-4 border-ink pl-3 font-semibold">
          {failure.message}
        </p>
      )}
      <div className="sticky -bottom-6 -mb-6 flex gap-3 bg-panel pt-3 pb-6">
        <Button look="now" onClick={keep}>
          Keep
        </Button>
        <Button onClick={onClose}>Back</Button>
      </div>
    </Dialog>
  );
}

type HeadText = 'name' | 'about' | 'limitsSource' | 'customerReference' | 'temperature' | 'decider';
