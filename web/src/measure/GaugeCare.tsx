import { useState } from 'react';
import { Link } from 'react-router';
import { useBefell } from '../api/drawer';
import { useGaugePage } from '../api/queries';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { Key } from '../ui/Key';
import { ZeroCheck } from '../ui/ZeroCheck';
import { pathToSetFor } from './setFirst';
import type { Measuring } from './useMeasuring';

/** What can befall a gauge in the hand: by its key on the card, what is kept of it, and what is said then. */
const BEFELL = [
  ['d', 'dropped', 'It was dropped'],
  ['o', 'switched-off', 'It went off'],
  ['c', 'new-battery', 'It has a new cell'],
] as const;

interface GaugeCareProps {
  measuring: Measuring;
  open: boolean;
  onClose: () => void;
}

/** The gauge in hand: its zero, and what has befallen it, one key from the walk. */
export function GaugeCare({ measuring, open, onClose }: GaugeCareProps) {
  const { gauge } = measuring;
  return gauge && open ? (
    <Care key={gauge.key} measuring={measuring} gauge={gauge} onClose={onClose} />
  ) : null;
}

interface CareProps extends Pick<GaugeCareProps, 'measuring' | 'onClose'> {
  gauge: NonNullable<Measuring['gauge']>;
}

function Care({ measuring, gauge, onClose }: CareProps) {
  const read = gauge.reader ?? gauge.id;
  const page = useGaugePage(read).data;
  const befell = useBefell(read);
  const [said, setSaid] = useState('');
  const path = pathToSetFor(measuring);
  const say = (kind: string, words: string) => {
    if (!befell.isPending) {
      befell.mutate({ kind, words: '' }, { onSuccess: () => setSaid(words) });
    }
  };
  return (
    <Dialog
      title={`${gauge.shopNumber} in your hand`}
      words="What befell it is kept with it; readings go on, and what hangs on its zero is asked for."
      open
      onClose={onClose}
      holdsFocus
      keys={Object.fromEntries(BEFELL.map(([key, kind, words]) => [key, () => say(kind, words)]))}
    >
      <div className="mt-4 flex flex-wrap gap-2">
        {BEFELL.map(([key, kind, words]) => (
          <Button key={kind} disabled={befell.isPending} onClick={() => say(kind, words)}>
            <Key>{key.toUpperCase()}</Key> {words}
          </Button>
        ))}
      </div>
      {said && (
        <p role="status" className="mt-3 border-l-4 border-now pl-3 font-semibold">
          {said}: kept. Look at its zero before you read on.
        </p>
      )}
      {befell.error && (
        <p role="alert" className="mt-3 border-l-4 border-ink pl-3 font-semibold">
          {befell.error.message}
        </p>
      )}
      <div className="mt-4 flex flex-col gap-3">
        {path ? (
          <Link
            to={path}
            className="inline-flex min-h-touch items-center self-start rounded-edge bg-now px-6 font-semibold text-on-now"
          >
            Set it on its master
          </Link>
        ) : (
          page?.allowed && <ZeroCheck page={page} allowed={page.allowed} />
        )}
      </div>
      <Button onClick={onClose} className="mt-4">
        Back
      </Button>
    </Dialog>
  );
}
