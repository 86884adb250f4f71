import { useMemo } from 'react';
import type { Scale } from '../api/client';
import type { Answered, PracticeItem } from '../api/practice';
import { useScaleOn } from '../api/queries';
import { AtRest } from '../drawings/AtRest';
import {
  type PartCounts,
  partsAt,
  type ScaleSum,
  scaleSum,
  senseOf,
  stepOf,
} from '../drawings/scaleSum';
import type { Mark } from '../drawings/sheet';
import { Button } from '../ui/Button';
import { useNarrow } from '../ui/useNarrow';

type Slip = Answered['slips'][number];

interface ExplainedProps {
  answered: Answered;
  item: PracticeItem;
  bare: Scale;
  onGoOn: () => void;
}

/** A wrong answer: the slip that gives it, shown on the drawing, and the sum line by line. */
export function Explained({ answered, item, bare, onGoOn }: ExplainedProps) {
  const scale = useScaleOn(bare, item.base);
  const sum = useMemo(() => scaleSum(scale), [scale]);
  const narrow = useNarrow();
  const counts = item.counts as PartCounts;
  const sense = senseOf(counts);
  const step = stepOf(sum, counts);
  const slip =
    answered.slips.find(({ part }) => part === 'coarse' || part === 'fine') ?? answered.slips[0];
  const mark = slip && markOf(sum, step, slip);
  const coarse = sum.parts[0]?.name;
  const asRead = slip?.counts && !mark ? (slip.counts as PartCounts) : undefined;
  return (
    <section aria-label="What it was" className="flex flex-col gap-4">
      <p role="alert" className="border-l-4 border-gone pl-3 text-title font-semibold">
        {answered.says}
      </p>
      <div className="grid gap-4 bench:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="flex flex-col gap-3">
          <AtRest
            narrow={narrow}
            label={`As it stands: ${answered.size.text} ${answered.size.unit}`}
            sum={sum}
            at={{ step, sense }}
            lit={mark ? 'coarse' : fineOf(slip)}
            mark={mark}
          >
            <span className="label">{`As it stands: ${answered.size.text} ${answered.size.unit}`}</span>
          </AtRest>
          {asRead && (
            <AtRest
              narrow={narrow}
              label={`As you read it: ${answered.answer.text} ${answered.answer.unit}`}
              sum={sum}
              at={{ step: stepOf(sum, asRead), sense }}
              lit={slip?.part === 'coarse' ? 'coarse' : fineOf(slip)}
            >
              <span className="label">{`As you read it: ${answered.answer.text} ${answered.answer.unit}`}</span>
            </AtRest>
          )}
        </div>
        <div className="flex flex-col gap-3">
          <dl aria-label="The sum">
            {answered.steps.map(({ part, label, figure }, i) => (
              <div
                key={`${part} ${i}`}
                className={`flex justify-between border-b border-line py-1 ${
                  isMeant(part, slip, coarse, sum) ? 'font-bold text-gone' : ''
                }`}
              >
                <dt>{label}</dt>
                <dd className="reading">{figure}</dd>
              </div>
            ))}
            <div className="flex justify-between py-1 text-title font-bold">
              <dt className="text-body">it reads</dt>
              <dd className="reading">{answered.size.text}</dd>
            </div>
          </dl>
          {answered.slips.map(({ code, name, tell }) => (
            <div key={code} className="border-l-4 border-line pl-3">
              <p className="font-semibold">{name}</p>
              {tell && <p className="text-label text-quiet">{tell}</p>}
            </div>
          ))}
          <Button look="now" onClick={onGoOn}>
            <span className="mr-4 font-bold">Enter</span> go on
          </Button>
        </div>
      </div>
    </section>
  );
}

/** Whether a line of the sum is the one that was taken wrongly. */
function isMeant(part: string, slip: Slip | undefined, coarse: string | undefined, sum: ScaleSum) {
  if (slip === undefined) {
    return false;
  }
  if (slip.part === 'base') {
    return part === 'base';
  }
  const of = sum.looks.find(({ name }) => name === part)?.part ?? part;
  const isFine = of === sum.parts.at(-1)?.name || (of !== coarse && part !== 'base');
  return slip.part === 'coarse' ? of === coarse : slip.part === 'fine' && isFine;
}

/** Farther than so many figures apart, two lines do not stand in one drawing. */
const FIGURES_IN_SIGHT = 2;

/**
 * The coarse line that counts, and beside it the one that was taken; absent where the slip was not in the coarse part, and where that one is
 * out of sight.
 */
function markOf(sum: ScaleSum, step: number, slip: Slip): Mark | undefined {
  const coarse = sum.parts[0];
  const taken = coarse && (slip.counts as PartCounts | undefined)?.[coarse.name];
  if (coarse === undefined || taken === undefined || slip.part !== 'coarse') {
    return undefined;
  }
  const counts = partsAt(sum, step)[coarse.name] ?? 0;
  const apart = Math.abs(counts - taken);
  return apart === 0 || apart > FIGURES_IN_SIGHT * sum.scale.figureEvery
    ? undefined
    : {
        count: counts,
        words: 'this one counts',
        taken: { count: taken, words: 'you counted to here' },
      };
}

const fineOf = (slip: Slip | undefined) => (slip?.part === 'fine' ? 'fine' : undefined);
