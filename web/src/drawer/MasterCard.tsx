import type { Master, TypedMaster } from '../api/client';
import { useWriteMaster } from '../api/drawer';
import { Changes } from '../ui/Changes';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { Dialog } from '../ui/Dialog';
import { KeepOrBack } from '../ui/KeepOrBack';
import { MASTER_KINDS, UNITS } from '../ui/labels';
import { useTypedFields } from '../ui/useTypedFields';

const NEW: TypedMaster = {
  shopNumber: '',
  kind: 'bar',
  unit: 'mm',
  size: '',
  certified: '',
  expanded: '',
  material: 'steel',
  blocks: '',
  missing: '',
  wear: '',
  due: '',
  retired: false,
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
  const { typed, change, field, refused } = useTypedFields(master?.typed ?? NEW, write, [
    'shopNumber',
    'size',
    'certified',
    'expanded',
    'due',
    'blocks',
    'missing',
    'wear',
  ]);
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
          choices={MASTER_KINDS}
          onChoose={(kind) => change({ kind })}
        />
        <Choice
          label="In"
          value={typed.unit}
          choices={UNITS}
          onChoose={(unit) => change({ unit })}
        />
        {field('size', typed.kind === 'block-set' ? 'Stacks up to' : 'Named by', '40')}
        {field('certified', 'Certified size', 'none yet')}
        {field('expanded', typed.kind === 'block-set' ? 'U of one block' : 'Its U', '0.001')}
        <Choice
          label="Of"
          value={typed.material}
          choices={Object.fromEntries(materials.map((each) => [each, each]))}
          onChoose={(material) => change({ material })}
        />
        {typed.kind === 'block-set' && (
          <>
            {field('blocks', 'Its blocks', 'in-81, mm-88, mm-47 or 1.005; 1.01-1.09 by 0.01; 25')}
            {field('missing', 'Missing of them', '1.005; 20')}
            {field('wear', 'Two wear blocks of', 'none')}
          </>
        )}
        {field('due', 'Good until', '2027-03-10')}
        <Check label="Retired" checked={typed.retired} onCheck={(retired) => change({ retired })} />
      </div>
      {master && <Changes of="master" which={master.id} />}
      <KeepOrBack
        refused={refused}
        onKeep={() => write.mutate({ was: master, body: typed }, { onSuccess: onClose })}
        onBack={onClose}
      />
    </Dialog>
  );
}
