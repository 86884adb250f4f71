import { VerdictMark } from '../drawings/VerdictMark';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { Key } from '../ui/Key';
import type { Measuring } from './useMeasuring';

const KEYS: [string, string][] = [
  ['0 … 9 . + −', 'open the entry; until it is ended, every key belongs to it'],
  ['Enter', 'end the entry: the figure is kept'],
  ['Tab', 'ends an open entry too; else goes on to the next thing'],
  ['Esc', 'empty the entry'],
  ['S', 'read by the drawn scale, or typed again'],
  ['C', 'a cut was taken: open the next round'],
  ['N', 'the next thing to do in this job'],
  ['X', 'strike the last reading'],
  ['G', 'another gauge'],
  ['← →', 'another part'],
  ['↑ ↓', 'another feature; on the scale, one line'],
  ['M', 'sounds on or off'],
];

const MARKS: { mark: string; side: string; words: string }[] = [
  { mark: 'in', side: '', words: 'in: between the limits, low left, high right' },
  { mark: 'metal-left', side: 'high', words: 'metal left above the high limit, to be taken off' },
  { mark: 'metal-left', side: 'low', words: 'metal left below the low limit, as in a bore' },
  { mark: 'gone', side: 'low', words: 'gone: below the low limit' },
  { mark: 'gone', side: 'high', words: 'gone: above the high limit' },
  { mark: 'unsettled', side: '', words: 'unsettled: the readings never agreed' },
  { mark: 'not-measured', side: '', words: 'not measured yet' },
];

interface KeysHelpProps {
  measuring: Measuring;
  open: boolean;
  onClose: () => void;
}

/** All keys, and what the marks say. */
export function KeysHelp({ measuring, open, onClose }: KeysHelpProps) {
  return (
    <Dialog
      title="Keys and marks"
      words="Letters act only while the entry is empty."
      open={open}
      onClose={onClose}
    >
      <dl className="mt-4 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {KEYS.map(([key, does]) => (
          <div key={key} className="contents">
            <dt>
              <Key>{key}</Key>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <ul aria-label="Marks" className="mt-5 grid gap-x-6 gap-y-2 text-label tablet:grid-cols-2">
        {MARKS.map(({ words, ...verdict }) => (
          <li key={words} className="flex items-center gap-4">
            <VerdictMark verdict={verdict} size={24} />
            {words}
          </li>
        ))}
      </ul>
      <div className="mt-5 flex gap-3">
        <Button onClick={onClose}>Back</Button>
        <Button onClick={measuring.toggleSounds} aria-pressed={measuring.sounds}>
          Sounds are {measuring.sounds ? 'on' : 'off'}
        </Button>
      </div>
    </Dialog>
  );
}
