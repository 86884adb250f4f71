import type { Pairing, Schemas } from '../api/client';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';

interface ByHandProps {
  shown: Pairing;
  inForce: Schemas['PairsView'];
  /** Told with inside-outside of each pair, commas between. */
  onChoose: (pairs: string) => void;
  /** Back to the best there is; absent while it is in force. */
  onBest: (() => void) | undefined;
}

/** Another partner for a part, by hand: what it costs stands on top at once. */
export function ByHand({ shown, inForce, onChoose, onBest }: ByHandProps) {
  const { insideParts, outsideParts } = shown;
  const partnerOf = (inside: number) =>
    inForce.pairs.find((pair) => pair.inside === inside)?.outside;
  const choose = (inside: number, chosen: string) => {
    const outside = Number(chosen);
    const before = partnerOf(inside);
    const pairs = insideParts.flatMap(({ id }) => {
      const now =
        id === inside
          ? chosen === ''
            ? undefined
            : outside
          : // Who had that partner takes the one that is given up for it.
            partnerOf(id) === outside
            ? before
            : partnerOf(id);
      return now === undefined ? [] : [`${id}-${now}`];
    });
    // An empty list is a choice, too: nothing goes together.
    onChoose(pairs.length === 0 ? ',' : pairs.join(','));
  };
  if (insideParts.length === 0 || outsideParts.length === 0) {
    return null;
  }
  return (
    <details className="border-2 border-line bg-panel px-4">
      <summary className="min-h-11 cursor-pointer py-2">Change it by hand</summary>
      <div className="grid gap-3 pb-4 tablet:grid-cols-3">
        {insideParts.map(({ id, name }) => (
          <Choice
            key={id}
            label={`${name} with`}
            value={String(partnerOf(id) ?? '')}
            choices={{
              '': 'nothing',
              ...Object.fromEntries(outsideParts.map((part) => [String(part.id), part.name])),
            }}
            onChoose={(outside) => choose(id, outside)}
          />
        ))}
      </div>
      {onBest && (
        <div className="pb-4">
          <Button onClick={onBest}>Back to the best there is</Button>
        </div>
      )}
    </details>
  );
}
