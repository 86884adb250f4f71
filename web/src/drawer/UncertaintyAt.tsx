import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answered, client, type GaugePage, type Problem } from '../api/client';
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
  const known = useQuery({
    queryKey: ['drawer', page.gauge.id, 'uncertainty', kind, size, readings, page.edition],
    queryFn: () =>
      answered(
        client.GET('/api/drawer/gauges/{gauge}/uncertainty', {
          params: {
            path: { gauge: page.gauge.id },
            query: { kind, size, readings: Number(readings) },
          },
        }),
      ),
  });
  const failure = known.error as Problem | null;
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
          refused={failure?.message}
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
