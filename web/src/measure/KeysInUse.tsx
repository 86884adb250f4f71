import { memo } from 'react';
import type { Action, Bindings } from '../keys/bindings';
import { KeysAlong } from '../ui/KeysAlong';
import type { KeyUse } from '../ui/KeysAlong';
import type { Way } from './useMeasuring';

const BY_LETTER: [Action, string][] = [
  ['cut', 'cut taken'],
  ['next', 'next of the walk'],
  ['same', 'the same again'],
  ['again', 'take again'],
  ['strike', 'strike'],
  ['made', 'of two figures'],
  ['place', 'this place'],
  ['quick', 'quick check'],
  ['gauge', 'another gauge'],
  ['judgement', 'what it comes to'],
];

const BY_WAY: Record<Way, KeyUse[]> = {
  typed: [['PgUp PgDn', 'another place']],
  made: [['Esc', 'one figure']],
  scale: [
    ['↑ ↓', 'one line'],
    ['PgUp PgDn', 'to the next figure'],
  ],
};

/** The keys that act here, in the order in which they are used. */
export const KeysInUse = memo(function KeysInUse({
  way,
  bindings,
}: {
  way: Way;
  bindings: Bindings;
}) {
  const letter = (action: Action, does: string): KeyUse[] => {
    const key = bindings.on ? bindings.keyOf(action) : '';
    return key === '' ? [] : [[key.length === 1 ? key.toUpperCase() : key, does]];
  };
  return (
    <KeysAlong
      uses={[
        ['Enter', 'keep'],
        ...letter('scale', way === 'scale' ? 'typed' : 'by its scale'),
        ...BY_WAY[way],
        ...BY_LETTER.flatMap(([action, does]) => letter(action, does)),
        ['?', 'all keys'],
      ]}
    />
  );
});
