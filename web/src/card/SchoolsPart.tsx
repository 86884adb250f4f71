import { useCautions } from '../api/card';
import { tied } from '../ui/tied';
import { CardPage } from './CardPage';

/** Where shops differ, each with why; a job’s own choice stands on its head. */
const SCHOOLS = [
  {
    name: 'Near a limit',
    ways: [
      [
        'guarded',
        'Each limit is kept off by what the gauge cannot tell, 1.645 u: 5 % of risk at each. Whoever proves a part has to; it costs a piece of the zone.',
      ],
      [
        'plain',
        'Limits count as they stand, and the risk stands beside each size. Habit of many shops, and fair where the gauge is ten times finer than the zone.',
      ],
    ],
  },
  {
    name: 'How often a place is read',
    ways: [
      ['once', 'Quick; a slip is seen only by what is beside it.'],
      [
        'two, then a third',
        'Two that agree are enough; where they differ by more than the gauge’s own spread a third decides.',
      ],
      [
        'three alike',
        'Until three in a row agree: for a hand that learns a gauge, or a bore that is hard to feel.',
      ],
    ],
  },
  {
    name: 'What the repeats come to',
    ways: [
      ['mean', 'Better known than one reading: the spread shrinks with the root of their number.'],
      ['median', 'One slip does not move it.'],
      [
        'worst',
        'Asks how far wear has gone: for a service limit only. It is known no better than one reading.',
      ],
    ],
  },
  {
    name: 'Taper of an axis',
    ways: [
      ['difference', 'Largest minus smallest of all sections: whatever the shape is.'],
      ['end difference', 'Last section minus first, with its sign: which end is wide.'],
      ['slope', 'The line that fits best, per mm or per inch: what a machine is set over by.'],
    ],
  },
] as const;

/** Why shops judge differently, and what can hurt at the work. */
export function SchoolsPart() {
  const cautions = useCautions().data;
  return (
    <CardPage part="schools">
      <section aria-labelledby="schools">
        <h2 id="schools" className="border-b-2 border-ink pb-1 text-body font-semibold">
          The schools, and why
        </h2>
        <div className="mt-3 grid gap-x-8 gap-y-4 tablet:grid-cols-2">
          {SCHOOLS.map(({ name, ways }) => (
            <div key={name}>
              <h3 className="font-semibold">{name}</h3>
              <dl>
                {ways.map(([way, why]) => (
                  <div
                    key={way}
                    className="grid grid-cols-[8rem_minmax(0,1fr)] gap-3 border-b border-line py-1"
                  >
                    <dt className="font-semibold">{way}</dt>
                    <dd className="text-label">{why}</dd>
                  </div>
                ))}
              </dl>
            </div>
          ))}
        </div>
      </section>
      <section aria-labelledby="cautions">
        <h2 id="cautions" className="border-b-2 border-ink pb-1 text-body font-semibold">
          Cautions
        </h2>
        <ul className="mt-3 grid gap-x-8 tablet:grid-cols-2">
          {cautions?.map(({ code, name, sentence }) => (
            <li key={code} className="border-b border-line py-2">
              <p className="font-semibold">{name}</p>
              <p className="text-label">{tied(sentence)}</p>
            </li>
          ))}
        </ul>
        <p className="mt-3 border-l-4 border-ink pl-3 text-label">
          Parts that people’s lives hang on: the maker’s current data, the local code and a licensed
          or appointed person decide. Jaw Read reports sizes; it certifies nothing. A limit typed by
          hand is only as good as its source.
        </p>
      </section>
    </CardPage>
  );
}
