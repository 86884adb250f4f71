import { useState } from 'react';
import type { GaugePage } from '../api/client';
import { useUncertainty } from '../api/drawer';
import { Choice } from '../ui/Choice';
import { Contributions } from '../ui/Contributions';
import { Field } from '../ui/Field';
import { KINDS } from '../ui/labels';

/** How well a size would be known with it, and what that comes of. */
export function UncertaintyAt({ page }: { page: GaugePage }) {
  const kinds = page.uses.flatMap(({ kinds: of }) => of);
  const [kind, setKind] = useState(kinds[0] ?? 'outside');
  const [size, setSize] = useState(page.typed.rangeHigh);
  const [readings, setReadings] = useState('2');
  const known = useUncertainty(page, { kind, size, readings: Number(readings) });
  return (
    <section aria-label="How well">
      <h2 className="border-b-2 border-ink pb-1 text-body">How well a size is known with it</h2>
      <div className="mt-3 grid gap-3 tablet:grid-cols-3">
        <Choice
          label="Measuring"
          value={kind}
          choices={Object.fromEntries(kinds.map((each) => [each, KINDS[each] ?? each]))}
          onChoose={setKind}
        />
        <Field
          label={`A size of, in ${page.typed.unit}`}
          value={size}
          refused={known.error?.message}
          onType={() => undefined}
          onWrite={setSize}
        />
        <Choice
          label="Readings"
          value={readings}
          choices={{ '1': 'one', '2': 'two', '3': 'three', '5': 'five', '10': 'ten' }}
          onChoose={setReadings}
        />
      </div>
      {known.data && <Contributions uncertainty={known.data} />}
    </section>
  );
}
