import { memo } from 'react';
import { KeysAlong, type KeyUse } from '../ui/KeysAlong';

const TURNING: KeyUse[] = [
  ['↑ ↓', 'one line'],
  ['PgUp PgDn', 'one coarse line'],
];

const ALWAYS: KeyUse[] = [
  ['Tab', 'next part'],
  ['S', 'set a size'],
  ['C', 'copy'],
  ['K', 'keep in a job'],
  ['H', 'how it is read'],
  ['F', 'all faces'],
];

/** Leaves are taken by touch; anything else turns. */
export const KeysOfReader = memo(function KeysOfReader({ leaves }: { leaves: boolean }) {
  return <KeysAlong uses={leaves ? ALWAYS : [...TURNING, ...ALWAYS]} />;
});
