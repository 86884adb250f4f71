import { useState } from 'react';
import type { Master, Problem } from '../api/client';
import { useWriteMaster } from '../api/drawer';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { refusedAt } from '../ui/refusedAt';

const KINDS = {
  bar: 'bar',
  ring: 'ring',
  pin: 'pin',
  block: 'block',
  'block-set': 'set of blocks',
};

interface MasterCardProps {
  /** Undefined for a new one. */
  master: Master | undefined;
  materials: string[];
  onClose: () => void;
}

/** What a master is: its size, what a laboratory found, until when that holds. */
export function MasterCard({ master, materials, onClose }: MasterCardProps) {
  const write = useWriteMaster();
  const [typed, setTyped] = useState({
    shopNumber: master?.shopNumber ?? '',
    kind: master?.kind ?? 'bar',
    unit: master?.unit ?? 'mm',
    size: master?.size.text ?? '',
    certified: master?.certified?.text ?? '',
    expanded: master?.expanded.text ?? '',
    material: master?.material ?? 'steel',
    due: '',
    retired: master?.state === 'retired',
  });
  const failure = write.error as Problem | null;
  const field = (name: keyof typeof typed, label: string, hint: string) => (
    <Field
      label={label}
      hint={hint}
      value={String(typed[name])}
      refused={refusedAt(failure, name)}
      onType={(value) => setTyped({ ...typed, [name]: value })}
      onWrite={(value) => setTyped({ ...typed, [name]: value })}
    />
  );
  const keep = () => write.mutate({ was: master, body: typed }, { onSuccess: onClose });
  return (
    <Dialog
      title={master === undefined ? 'Add a master' : `Master ${master.shopNumber}`}
      words="Something of a known size. Its certified size is used where there is one."
      open
      onClose={onClose}
    >
      <div className="mt-4 grid gap-3 tablet:grid-cols-3">
        {field('shopNumber', 'Number on it', 'ring 40')}
        <Choice
          label="It is a"
          value={typed.kind}
          choices={KINDS}
          onChoose={(kind) => setTyped({ ...typed, kind })}
        />
        <Choice
          label="In"
          value={typed.unit}
          choices={{ mm: 'millimetres', in: 'inches' }}
          onChoose={(unit) => setTyped({ ...typed, unit })}
        />
        {field('size', typed.kind === 'block-set' ? 'Stacks up to' : 'Named by', '40')}
        {field('certified', 'Certified size', 'none yet')}
        {field('expanded', 'Its U', '0.001')}
        <Choice
          label="Of"
          value={typed.material}
          choices={Object.fromEntries(materials.map((each) => [each, each]))}
          onChoose={(material) => setTyped({ ...typed, material })}
        />
        {field('due', 'Good until', '2027-03-10')}
        <Check
          label="Retired"
          checked={typed.retired}
          onCheck={(retired) => setTyped({ ...typed, retired })}
        />
      </div>
      {failure && refusedAt(failure, ...Object.keys(typed)) === undefined && (
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
