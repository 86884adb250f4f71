import { Button } from '../ui/Button';
import { digitsOf } from '../drawings/digits';
import { finestShown, sumPm } from '../drawings/scaleSum';
import type { Reader } from './useReader';

/** A stage reads a distance between two positions: the start is marked, then the stage moved on. */
export function Distance({ reader }: { reader: Reader }) {
  const { sum, start, setStart, step } = reader;
  const figure = (at: number) =>
    digitsOf(sumPm(sum, 0, { step: at, sense: 1 }), sum.unit, finestShown(sum, at));
  if (start === undefined) {
    return <Button onClick={() => setStart(step)}>Start of a distance: here</Button>;
  }
  return (
    <>
      <dl>
        {(
          [
            ['start', start],
            ['end', step],
          ] as const
        ).map(([name, at]) => (
          <div key={name} className="flex justify-between border-b border-line">
            <dt>{name}</dt>
            <dd className="reading">{figure(at)}</dd>
          </div>
        ))}
      </dl>
      <p className="text-label text-quiet">
        Come to both from the same side: so the backlash drops out.
      </p>
      <Button onClick={() => setStart(undefined)}>Read one position again</Button>
    </>
  );
}
