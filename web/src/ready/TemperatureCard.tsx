import { useState } from 'react';
import type { Problem } from '../api/client';
import { useKeepWarmth, usePartWarmth, useSoak } from '../api/ready';
import { AtTwenty } from '../ui/AtTwenty';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { refusedAt } from '../ui/refusedAt';

/** How warm part and gauge are, what that does to the sizes, and whether to wait; the clock runs while other things are done. */
export function TemperatureCard({ part: id, onKept }: { part: number; onKept?: () => void }) {
  const [part, setPart] = useState('');
  const [gauge, setGauge] = useState('');
  const warmth = usePartWarmth(id, { part, gauge });
  const keep = useKeepWarmth(id);
  const soak = useSoak();
  const failure = (keep.error ?? warmth.error) as Problem | null;
  const found = warmth.error || part.trim() === '' || gauge.trim() === '' ? undefined : warmth.data;
  // Where it is said unasked, what is due stands above it and has the one filled button.
  const isDue = onKept === undefined;
  const wait = found?.worst.mustWait === true;
  return (
    <form
      aria-label="Temperatures"
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate({ part, gauge }, { onSuccess: () => onKept?.() });
      }}
    >
      <div className="grid gap-3 tablet:grid-cols-2">
        <Field
          label="The part, °C"
          value={part}
          hint="24.5"
          refused={refusedAt(failure, 'part')}
          onType={setPart}
          onWrite={setPart}
        />
        <Field
          label="The gauge, °C"
          value={gauge}
          hint="21"
          refused={refusedAt(failure, 'gauge')}
          onType={setGauge}
          onWrite={setGauge}
        />
      </div>
      {found && (
        <section aria-label="What it does" className="border-t-2 border-line pt-3">
          <p className="label">
            {found.feature}, tolerance {found.tolerance.text} {found.tolerance.unit}
            {found.method && `, with ${found.method}`}
          </p>
          <AtTwenty twenty={found.worst} known={found.known} />
          {wait && found.worst.soak !== undefined && (
            <Button
              look={isDue ? 'now' : 'plain'}
              className="mt-4"
              onClick={() =>
                soak.mutate({ what: found.soakWhat, part: id, minutes: found.worst.soak ?? 1 })
              }
            >
              Let it soak: start the clock, {found.worst.soak} min
            </Button>
          )}
          {soak.isSuccess && (
            <p role="status" className="mt-2 font-semibold">
              The clock runs at the head of each page. Measure its warmth again when it is through.
            </p>
          )}
        </section>
      )}
      <Button
        look={isDue && !wait ? 'now' : 'plain'}
        type="submit"
        className="self-start"
        disabled={part.trim() === ''}
        onClick={undefined}
      >
        {wait ? 'Keep it as it is and go on' : 'Keep'}
      </Button>
    </form>
  );
}
