import type { TrialResult } from '../api/client';
import { TrialScatter } from '../drawings/TrialScatter';

/** What a trial comes to. */
export function Held({ result }: { result: TrialResult }) {
  return (
    <>
      <p className="text-title font-bold" role="status">
        {result.sentence}
      </p>
      <TrialScatter result={result} />
      <dl>
        {(
          [
            ['mean off by', result.bias],
            ['spread of one reading, s', result.spread],
          ] as const
        ).map(([name, length]) => (
          <div key={name} className="flex justify-between border-b border-line py-1">
            <dt>{name}</dt>
            <dd className="reading">
              {length.text} {length.unit}
            </dd>
          </div>
        ))}
      </dl>
      <p className={result.biased ? 'border-l-4 border-near pl-3 font-semibold' : 'text-quiet'}>
        {result.advice}
      </p>
    </>
  );
}
