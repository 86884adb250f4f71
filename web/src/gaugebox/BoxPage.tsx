import { type FormEvent, useState } from 'react';
import { Button } from '../ui/Button';
import { useAct, useGauges } from './box';
import { BoxedGaugeCard } from './BoxedGaugeCard';

const KINDS = { caliper: 'caliper', micrometer: 'micrometer', 'bore-gauge': 'bore gauge' };

/** The box: gauges without metal, each with a part behind it. */
export function BoxPage() {
  const gauges = useGauges();
  return (
    <main className="mx-auto flex max-w-6xl flex-col gap-5 p-4 tablet:p-6">
      <header>
        <h1 className="text-title">Box of gauges</h1>
        <p>
          Simulated: there is no metal behind them, and Jaw Read takes what they send in practice
          jobs alone. Put a part in, take its size, send it. Open the port in Jaw Read first:
          Settings, Gauges that speak.
        </p>
      </header>
      {gauges.isError && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          The box does not answer. Start it again: ./run gauges
        </p>
      )}
      <div className="grid gap-4 tablet:grid-cols-2 bench:grid-cols-3">
        {(gauges.data ?? []).map((gauge) => (
          <BoxedGaugeCard key={gauge.number} gauge={gauge} />
        ))}
        <Another isFirst={gauges.data?.length === 0} />
      </div>
    </main>
  );
}

/** Puts another gauge in. */
function Another({ isFirst }: { isFirst: boolean }) {
  const act = useAct();
  const [number, setNumber] = useState('');
  const [kind, setKind] = useState('micrometer');
  const [unit, setUnit] = useState('mm');
  const add = (event: FormEvent) => {
    event.preventDefault();
    act.mutate({ act: 'add', number, kind, unit }, { onSuccess: () => setNumber('') });
  };
  const field = 'min-h-11 rounded-edge border-2 border-line bg-paper px-3';
  return (
    <form
      onSubmit={add}
      aria-label="Another gauge"
      className="flex flex-col gap-3 self-start border-2 border-line p-4"
    >
      <h2 className="text-body font-bold">{isFirst ? 'The first gauge' : 'Another gauge'}</h2>
      <label className="flex flex-col gap-1">
        <span className="label">Its number, as in the drawer of the shop</span>
        <input
          value={number}
          onChange={(event) => setNumber(event.target.value)}
          placeholder="M6"
          className={field}
        />
      </label>
      <div className="flex gap-3">
        <label className="flex grow flex-col gap-1">
          <span className="label">It is a</span>
          <select value={kind} onChange={(event) => setKind(event.target.value)} className={field}>
            {Object.entries(KINDS).map(([code, name]) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col gap-1">
          <span className="label">in</span>
          <select value={unit} onChange={(event) => setUnit(event.target.value)} className={field}>
            <option>mm</option>
            <option>in</option>
          </select>
        </label>
      </div>
      {act.error && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          {act.error.message}
        </p>
      )}
      <Button type="submit" look={isFirst ? 'now' : 'plain'}>
        Put it in the box
      </Button>
    </form>
  );
}
