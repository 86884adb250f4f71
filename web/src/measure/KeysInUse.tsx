import { Key } from '../ui/Key';
import type { Way } from './useMeasuring';

const ALWAYS: [string, string][] = [
  ['Enter', 'keep'],
  ['C', 'cut taken'],
  ['N', 'next of the walk'],
  ['X', 'strike the last'],
  ['G', 'another gauge'],
  ['?', 'all keys'],
];

const BY_WAY: Record<Way, [string, string][]> = {
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
  const [first, ...rest] = ALWAYS;
  return [first, ...BY_WAY[way], ...rest].map(
    (use) =>
      use && (
        <span key={use[0]} className="flex items-center gap-2">
          <Key>{use[0]}</Key>
          {use[1]}
        </span>
      ),
  );
}
