import { useState } from 'react';
import { useSaySize } from '../api/acts';
import type { Feature } from '../api/client';
import { newId } from '../api/newId';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import type { Measuring } from './useMeasuring';

/** The sizes that a part can be, by how far they lie from new. @param stays what is said of one that is no other */
export const sizesOf = ({ steps }: Feature, stays: string): Record<string, string> => ({
  '': stays,
  ...Object.fromEntries(steps.map(({ pm, text }) => [String(pm), text])),
  '0': 'as new again: sleeved or built up',
});

/** It was another size when it came in, or what was said with a cut was a mistake. */
export function SizeIs({
  measuring: { sheet, round, person },
  onSaid,
}: {
  measuring: Measuring;
  onSaid: () => void;
}) {
  const say = useSaySize();
  const [to, setTo] = useState('');
  if (sheet.feature.steps.length === 0) {
    return null;
  }
  const { number, name } = round;
  const said = round.to;
  const send = (size: string) => {
    if (person !== undefined) {
      say
        .mutateAsync({
          id: newId(),
          part: sheet.part.id,
          feature: sheet.feature.id,
          round: number,
          ...(size === '' ? {} : { to: Number(size) }),
          reason: '',
        })
        .then(onSaid, () => undefined);
    }
  };
  return (
    <section aria-label="What size it is" className="mt-6 border-t-2 border-line pt-4">
      <h3 className="font-semibold">No cut, but it is another size</h3>
      {said ? (
        <>
          <p className="mt-1">
            It is said to be {said.text} from “{name}” on.
          </p>
          <Button small className="mt-2" disabled={say.isPending} onClick={() => send('')}>
            Take that back
          </Button>
        </>
      ) : (
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <div className="min-w-48 grow">
            <Choice
              label={`It is, ${name}`}
              value={to}
              choices={sizesOf(sheet.feature, 'the size it was')}
              onChoose={setTo}
            />
          </div>
          <Button small disabled={to === '' || say.isPending} onClick={() => send(to)}>
            Say so
          </Button>
        </div>
      )}
      {say.error && (
        <p role="alert" className="mt-2 font-semibold">
          {say.error.message}
        </p>
      )}
    </section>
  );
}
