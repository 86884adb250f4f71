import { Key } from './Key';

/** A key's cap and what it does. */
export type KeyUse = readonly [key: string, does: string];

/** The keys that act on a page, side by side along its foot, in the order in which they are used. */
export function KeysAlong({ uses }: { uses: readonly KeyUse[] }) {
  return uses.map(([key, does]) => (
    <span key={key} className="flex items-center gap-2">
      <Key>{key}</Key>
      {does}
    </span>
  ));
}
