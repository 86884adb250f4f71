import { type FormEvent, useState } from 'react';
import { useMarkPlace } from '../api/acts';
import type { JudgedFeature, Problem } from '../api/client';
import { newId } from '../api/newId';
import { Button } from '../ui/Button';
import { refusedAt } from '../ui/refusedAt';
import { Worded } from '../ui/Worded';

interface StraightnessProps {
  part: number;
  feature: number;
  straightness: NonNullable<JudgedFeature['straightness']>;
}

/** How straight a feature is, by a check of its own: sizes across do not tell. */
export function Straightness({ part, feature, straightness }: StraightnessProps) {
  const mark = useMarkPlace();
  const [size, setSize] = useState('');
  const [how, setHow] = useState('');
  const failure = mark.error as Problem | null;
  const { round, place, unit, said } = straightness;
  const send = (event: FormEvent) => {
    event.preventDefault();
    mark.mutate(
      { id: newId(), part, feature, round, place, kind: 'STRAIGHTNESS', size, reason: how },
      {
        onSuccess: () => {
          setSize('');
          setHow('');
        },
      },
    );
  };
  return (
    <details className="my-2 print:hidden">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        {said === '' ? 'Say how straight it is' : said}
      </summary>
      <form onSubmit={send} className="flex flex-col gap-3 border-l-4 border-line pl-3">
        <Worded
          label={`Straight within, ${unit}; of a round part together with how round, in V-blocks`}
          value={size}
          onType={setSize}
          refused={refusedAt(failure, 'size')}
        />
        <Worded
          label="Checked with"
          value={how}
          onType={setHow}
          refused={refusedAt(failure, 'reason')}
        />
        {failure && !refusedAt(failure, 'size') && !refusedAt(failure, 'reason') && (
          <p role="alert" className="font-semibold">
            {failure.message}
          </p>
        )}
        <Button type="submit" disabled={mark.isPending || size === '' || how.trim() === ''}>
          Keep it
        </Button>
      </form>
    </details>
  );
}
