import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { Key } from '../ui/Key';
import type { KeyUse } from '../ui/KeysAlong';

/** The keys that act in the list of features, along the foot. */
export const KEYS: KeyUse[] = [
  ['← ↑ ↓ →', 'go'],
  ['Enter', 'edit, keep'],
  ['Tab', 'keep, go on'],
  ['Ins', 'new'],
  ['Ctrl D', 'duplicate'],
  ['Alt ↑↓', 'move'],
  ['Del', 'take out'],
  ['Ctrl V', 'paste rows'],
  ['Ctrl Z', 'undo'],
];

/** All of them, and what they do in full. */
const ALL_KEYS: KeyUse[] = [
  ['← ↑ ↓ →', 'from cell to cell; Home and End to the first and last, Page keys by ten'],
  ['Enter', 'edits a cell; in an open one keeps it and goes down, past the last to a new feature'],
  ['Tab', 'in an open cell keeps it and goes on to the next'],
  ['Esc', 'leaves an open cell as it was'],
  ['Ins', 'a new feature'],
  ['Ctrl D', 'the same feature once more'],
  ['Alt ↑↓', 'moves a feature up or down the walk'],
  ['Del', 'takes a feature out'],
  ['Ctrl V', 'rows from a spreadsheet; V outside the list'],
  ['Ctrl Z', 'takes the last change back; Ctrl Y does it again'],
  ['H', 'head of the job, outside the list'],
  ['F4', 'on limits: puts in what was taken from the card last'],
  ['M', 'measure, outside the list'],
];

/** The keys of the plan, in full. */
export function PlanKeys({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog title="Keys" words="In the list of features." open={open} onClose={onClose}>
      <dl className="mt-4 grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-2">
        {ALL_KEYS.map(([key, does]) => (
          <div key={key} className="contents">
            <dt>
              <Key>{key}</Key>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <Button onClick={onClose} className="mt-4">
        Back
      </Button>
    </Dialog>
  );
}
