import { type KeyboardEvent, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { GaugePage, Problem } from '../api/client';
import { useKeepTrial, useTrialSoFar } from '../api/drawer';
import { useGaugePage, useGauges, useShop } from '../api/queries';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Notice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { Held } from './Held';

/** A master, read again and again: what one person holds with one gauge. */
export function TrialScreen() {
  const { gauge = '' } = useParams();
  const page = useGaugePage(Number(gauge)).data;
  return (
    <Shell
      title="Known-size trial"
      head={
        <h1 className="text-body font-bold">
          {page ? `What you hold with ${page.gauge.shopNumber}` : 'Known-size trial'}
        </h1>
      }
    >
      {page && <TrialOf key={gauge} page={page} />}
    </Shell>
  );
}

function TrialOf({ page }: { page: GaugePage }) {
  const { gauge, masters } = page;
  const gauges = useGauges().data ?? [];
  const readers = gauges.filter((each) => each.id === gauge.id && each.reader !== undefined);
  const person = useShop().data?.person;
  const keepTrial = useKeepTrial();
  const navigate = useNavigate();
  const field = useRef<HTMLInputElement>(null);
  const [master, setMaster] = useState(String(masters[0]?.id ?? ''));
  const [method, setMethod] = useState('');
  const [readings, setReadings] = useState<string[]>([]);
  const [text, setText] = useState('');
  const reader = (readers.find(({ key }) => key === method) ?? readers[0])?.reader;
  const body = {
    gauge: gauge.id,
    ...(reader === undefined ? {} : { reader }),
    master: Number(master),
    readings,
  };
  const soFar = useTrialSoFar(body, master !== '');
  const failure = (keepTrial.error ?? soFar.error) as Problem | null;
  if (masters.length === 0) {
    return (
      <Notice
        title="Nothing of a known size lies in its range"
        words="Add a master to the drawer: a bar or a block for outside, a ring for inside. Then read it ten times or more, lifting the gauge off each time."
      />
    );
  }
  const take = (event: KeyboardEvent) => {
    if ((event.key === 'Enter' || event.key === 'Tab') && text.trim() !== '') {
      event.preventDefault();
      setReadings([...readings, text.trim()]);
      setText('');
    }
  };
  const done = soFar.data?.result !== undefined && readings.length > 0;
  return (
    <div className="mx-auto grid w-full max-w-6xl gap-6 p-4 tablet:p-6 bench:grid-cols-[minmax(0,1fr)_24rem]">
      <section
        aria-label="Readings"
        className="flex flex-col gap-4 border-2 border-ink bg-panel p-5"
      >
        <p className="text-order font-semibold text-now">
          {done
            ? 'Enough to tell. Go on, or keep it.'
            : 'Read the master, lift the gauge off, read again.'}
        </p>
        <div className="grid gap-3 tablet:grid-cols-2">
          <Choice
            label="The master"
            value={master}
            choices={Object.fromEntries(
              masters.map((each) => [
                String(each.id),
                `${each.shopNumber}, ${(each.certified ?? each.size).text} ${each.unit}`,
              ]),
            )}
            onChoose={setMaster}
          />
          {readers.length > 0 && (
            <Choice
              label="Measured with"
              value={method || (readers[0]?.key ?? '')}
              choices={Object.fromEntries(readers.map(({ key, shopNumber }) => [key, shopNumber]))}
              onChoose={setMethod}
            />
          )}
        </div>
        <label>
          <span className="label mb-1 block">
            Reading {readings.length + 1}, in {page.typed.unit}; Enter keeps it
          </span>
          <input
            ref={field}
            value={text}
            autoFocus
            autoComplete="off"
            inputMode="decimal"
            onChange={(event) => setText(event.target.value)}
            onKeyDown={take}
            className="reading min-h-touch w-full rounded-edge border-2 border-line bg-paper px-4 text-order"
          />
        </label>
        <ol className="flex flex-wrap gap-2" aria-label="Readings so far">
          {readings.map((reading, i) => (
            <li key={i}>
              <button
                type="button"
                aria-label={`Take ${reading} out`}
                title="take it out"
                onClick={() => setReadings(readings.filter((_, nth) => nth !== i))}
                className="reading min-h-11 border-2 border-line px-3 hover:line-through"
              >
                {reading}
              </button>
            </li>
          ))}
        </ol>
        {failure && (
          <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
            {failure.message}
          </p>
        )}
      </section>
      <section
        aria-label="What you hold"
        className="flex flex-col gap-3 border-2 border-line bg-panel p-5"
      >
        {soFar.data?.result && readings.length > 0 ? (
          <Held result={soFar.data.result} />
        ) : (
          <p role="status">{soFar.data?.wanting}</p>
        )}
        <Button
          look="now"
          disabled={!done || person === undefined}
          onClick={() =>
            keepTrial.mutate(body, {
              onSuccess: () => void navigate(`/drawer/${gauge.id}`),
            })
          }
        >
          Keep it as {person?.name ?? '… say who you are'}
        </Button>
        <p className="text-label text-quiet">
          From then on this is used for the repeats, the uncertainty and the choice of gauge
          whenever you measure with it, until it grows old (a setting).
        </p>
      </section>
    </div>
  );
}
