import { useState } from 'react';
import { answered, type BenchJob, client, type Gauge } from '../api/client';
import { keepReading, placeAt } from '../api/keepReading';
import { useBench, useGauges, useShop } from '../api/queries';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { LOOK_FIRST, type Reader } from './useReader';

interface Waiting {
  part: number;
  feature: number;
  words: string;
  /** The very next thing to do in its job. */
  isNext: boolean;
}

/** The next of a job first, then whatever else has not been measured. */
function waitingIn({ plans, next }: BenchJob): Waiting[] {
  return plans
    .flatMap(({ parts }) => parts)
    .flatMap((part) =>
      part.features.map((feature) => ({
        part: part.id,
        feature: feature.id,
        words: `${part.name}, ${feature.name}`,
        isNext: next?.part === part.id && next.feature === feature.id,
        isWaiting: feature.verdict.mark === 'not-measured',
      })),
    )
    .filter(({ isNext, isWaiting }) => isNext || isWaiting)
    .sort((one, other) => Number(other.isNext) - Number(one.isNext));
}

/** Keeps what the scale says at a place that waits in a job, as read with a gauge of the drawer. */
export function KeepIt({ reader, onClose }: { reader: Reader; onClose: () => void }) {
  const { scale, basePm, stands, sense, figure, pm } = reader;
  const bench = useBench();
  const shop = useShop();
  const drawer = useGauges().data;
  const gauges = (drawer ?? []).filter(
    (gauge) =>
      gauge.mayMeasure &&
      gauge.scale?.id === scale.id &&
      gauge.bases.some(({ size }) => size.pm === basePm),
  );
  const [gauge, setGauge] = useState<Gauge | undefined>();
  const [said, setSaid] = useState('');
  const inHand = gauge ?? gauges[0];
  const senseless = scale.family === 'comparator' && sense === undefined;
  const person = shop.data?.person?.id;
  const keep = async ({ part, feature, words }: Waiting) => {
    if (inHand === undefined || shop.data === undefined || person === undefined) {
      return;
    }
    const sheet = await answered(
      client.GET('/api/v1/parts/{part}/features/{feature}/sheet', {
        params: { path: { part, feature } },
      }),
    ).catch((failure: Error) => setSaid(failure.message));
    if (!sheet) {
      return;
    }
    const round = sheet.rounds.at(-1);
    const place = round && placeAt(round);
    if (round === undefined || place === undefined) {
      return;
    }
    const target = {
      part,
      feature,
      round: round.number,
      place: place.id,
      gauge: inHand.id,
      ...(inHand.reader === undefined ? {} : { reader: inHand.reader }),
    };
    const fate = await keepReading(shop.data, shop.dataUpdatedAt, target, {
      figure,
      parts: stands,
      base: basePm,
      pm,
    });
    setSaid(
      fate === 'kept'
        ? `${figure} ${scale.unit} is kept: ${words}`
        : fate === 'waiting'
          ? `${figure} ${scale.unit} is kept here, and sent when the server is back.`
          : fate.message,
    );
  };
  return (
    <Dialog
      title={`Keep ${figure} ${scale.unit} in a job`}
      words="It is kept as a reading by scale, with its parts, at a place that waits for one."
      open
      onClose={onClose}
      holdsFocus
    >
      <div className="mt-4 flex flex-col gap-3">
        {said && (
          <p role="status" className="border-l-4 border-now pl-3 font-semibold">
            {said}
          </p>
        )}
        <WhatIsMissing
          nobody={person === undefined}
          gaugeless={drawer !== undefined && gauges.length === 0}
          base={`${scale.baseName} ${reader.base}`}
          senseless={senseless}
        />
        {gauges.length > 1 && (
          <div role="group" aria-label="Read with" className="flex flex-wrap gap-2">
            {gauges.map((each) => (
              <Button
                key={each.key}
                aria-pressed={each.key === inHand?.key}
                onClick={() => setGauge(each)}
              >
                {each.shopNumber}, {each.name}
              </Button>
            ))}
          </div>
        )}
        {inHand &&
          person !== undefined &&
          !senseless &&
          bench.data?.jobs.map((job) => (
            <section key={job.id} aria-label={job.name}>
              <h3 className="text-body">{job.name}</h3>
              <ul className="mt-1 flex flex-col gap-2">
                {waitingIn(job)
                  .slice(0, 6)
                  .map((waiting) => (
                    <li key={`${waiting.part} ${waiting.feature}`}>
                      <Button className="w-full" onClick={() => void keep(waiting)}>
                        {waiting.words}
                        <span className="label block">
                          {waiting.isNext && 'next on this job, '}read with {inHand.shopNumber},{' '}
                          {inHand.name}
                        </span>
                      </Button>
                    </li>
                  ))}
              </ul>
            </section>
          ))}
        {bench.data?.jobs.length === 0 && <p>No job is on the bench.</p>}
        <Button onClick={onClose} className="self-start">
          Back
        </Button>
      </div>
    </Dialog>
  );
}

interface WhatIsMissingProps {
  nobody: boolean;
  gaugeless: boolean;
  base: string;
  senseless: boolean;
}

function WhatIsMissing({ nobody, gaugeless, base, senseless }: WhatIsMissingProps) {
  const words = senseless
    ? LOOK_FIRST
    : gaugeless
      ? `No gauge of the drawer that may measure has this scale with ${base}: set what the gauge adds as it stands on yours.`
      : nobody
        ? 'Every reading is kept with a name: say first, at the top of the page, who measures.'
        : '';
  return words && <p className="border-l-4 border-ink pl-3 font-semibold">{words}</p>;
}
