import { KeysAlong, type KeyUse } from '../ui/KeysAlong';
import type { Way } from './useMeasuring';

const ALWAYS: [KeyUse, ...KeyUse[]] = [
  ['Enter', 'keep'],
  ['C', 'cut taken'],
  ['N', 'next of the walk'],
  ['X', 'strike the last'],
  ['G', 'another gauge'],
  ['?', 'all keys'],
];

const BY_WAY: Record<Way, KeyUse[]> = {
  typed: [
    ['S', 'by its scale'],
    ['← →', 'another part'],
    ['↑ ↓', 'another feature'],
  ],
  scale: [
    ['S', 'typed'],
    ['↑ ↓', 'one line'],
    ['PgUp PgDn', 'to the next figure'],
    ['Tab', 'next part of the sum'],
  ],
};

/** The keys that act here, in the order in which they are used. */
export function KeysInUse({ way }: { way: Way }) {
  const [keep, ...rest] = ALWAYS;
  return <KeysAlong uses={[keep, ...BY_WAY[way], ...rest]} />;
}
