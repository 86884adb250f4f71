import { useState } from 'react';
import { VerdictMark } from '../drawings/VerdictMark';
import { type Action, ACTIONS, type Bindings, mayBind } from '../keys/bindings';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { Key } from '../ui/Key';
import type { Measuring } from './useMeasuring';

const FIXED: [string, string][] = [
  ['0 … 9 . + −', 'open the entry; until it is ended, every key belongs to it'],
  ['Enter', 'end the entry: the figure is kept'],
  ['Tab', 'ends an open entry too; else goes on to the next thing'],
  ['Esc', 'empty the entry'],
  ['PgUp PgDn', 'another place of this feature'],
  ['*', 'ten quick items of practice, from any page'],
  ['← →', 'another part'],
  ['↑ ↓', 'another feature; on the scale, one line'],
];

const MARKS: { mark: string; side: string; words: string }[] = [
  { mark: 'in', side: '', words: 'in: between the limits, low left, high right' },
  { mark: 'metal-left', side: 'high', words: 'metal left above the high limit, to be taken off' },
  { mark: 'metal-left', side: 'low', words: 'metal left below the low limit, as in a bore' },
  { mark: 'gone', side: 'low', words: 'gone: below the low limit' },
  { mark: 'gone', side: 'high', words: 'gone: above the high limit' },
  { mark: 'too-close', side: 'low', words: 'too close to the low limit to call' },
  { mark: 'too-close', side: 'high', words: 'too close to the high limit to call' },
  { mark: 'too-close', side: '', words: 'too close to both limits' },
  { mark: 'worn', side: 'low', words: 'worn, serviceable: toward the service limit below' },
  { mark: 'worn', side: 'high', words: 'worn, serviceable: toward the service limit above' },
  { mark: 'within-service', side: '', words: 'within service, with no limits of new known' },
  { mark: 'beyond-service', side: 'low', words: 'worn past the service limit below' },
  { mark: 'beyond-service', side: 'high', words: 'worn past the service limit above' },
  { mark: 'wrong-way', side: 'high', words: 'wrong way: larger than it can be' },
  { mark: 'wrong-way', side: 'low', words: 'wrong way: smaller than it can be' },
  { mark: 'in-doubt', side: '', words: 'in doubt: it rests on a reading that is' },
  { mark: 'unsettled', side: '', words: 'unsettled or scattered: the readings never agreed' },
  { mark: 'not-measured', side: '', words: 'not measured yet' },
];

interface KeysHelpProps {
  measuring: Measuring;
  bindings: Bindings;
  open: boolean;
  onClose: () => void;
}

/** All keys and how to change them, and what the marks say. */
export function KeysHelp({ measuring, bindings, open, onClose }: KeysHelpProps) {
  return (
    <Dialog
      title="Keys and marks"
      words="Letters act only while the entry is empty. Each can be put on another key, or on none."
      open={open}
      onClose={onClose}
    >
      <dl className="mt-4 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {FIXED.map(([key, does]) => (
          <div key={key} className="contents">
            <dt>
              <Key>{key}</Key>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <ul
        aria-label="Keys that can be changed"
        className="mt-4 grid gap-x-6 text-label tablet:grid-cols-2"
      >
        {(Object.keys(ACTIONS) as Action[]).map((action) => (
          <Changeable key={action} action={action} bindings={bindings} />
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button onClick={onClose}>Back</Button>
        <Button onClick={measuring.toggleSounds} aria-pressed={measuring.sounds}>
          Sounds are {measuring.sounds ? 'on' : 'off'}
        </Button>
        <Button onClick={measuring.toggleReadBack} aria-pressed={measuring.readsBack}>
          Figures are {measuring.readsBack ? 'spoken back' : 'not spoken back'}
        </Button>
        <Button onClick={bindings.toggle} aria-pressed={bindings.on}>
          Letters are {bindings.on ? 'on' : 'off'}
        </Button>
      </div>
      <ul aria-label="Marks" className="mt-5 grid gap-x-6 gap-y-2 text-label tablet:grid-cols-2">
        {MARKS.map(({ words, ...verdict }) => (
          <li key={words} className="flex items-center gap-4">
            <VerdictMark verdict={verdict} size={24} />
            {words}
          </li>
        ))}
      </ul>
    </Dialog>
  );
}

/** One action: its key is changed by pressing the button and then the key. */
function Changeable({ action, bindings }: { action: Action; bindings: Bindings }) {
  const [asking, setAsking] = useState(false);
  const key = bindings.keyOf(action);
  const does = ACTIONS[action][1];
  return (
    <li className="flex items-center gap-3 border-b border-line py-1">
      <Button
        small
        className="min-w-20 text-center"
        aria-label={`${does}: ${key === '' ? 'no key' : key}. Change it`}
        onClick={() => setAsking(!asking)}
        onBlur={() => setAsking(false)}
        onKeyDown={(event) => {
          if (asking && event.key !== 'Tab') {
            event.preventDefault();
            event.stopPropagation();
            if (event.key === 'Backspace' || event.key === 'Delete') {
              bindings.bind(action, '');
            } else if (mayBind(event.key)) {
              bindings.bind(action, event.key);
            } else if (event.key !== 'Escape') {
              return;
            }
            setAsking(false);
          }
        }}
      >
        {asking
          ? 'press a key'
          : key === ''
            ? 'no key'
            : key.length === 1
              ? key.toUpperCase()
              : key}
      </Button>
      <span>
        {does}
        {asking && (
          <span className="block text-label text-quiet">
            Backspace for none; figures, points and signs belong to the entry.
          </span>
        )}
      </span>
    </li>
  );
}
