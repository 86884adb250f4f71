interface Layout {
  name: string;
  head: string[];
  rows: string[][];
}

/** Any of these; heads may be in another order, and more columns beside them. */
const LAYOUTS: Layout[] = [
  {
    name: 'A row for each reading',
    head: ['part', 'feature', 'reading', 'unit', 'gauge'],
    rows: [
      ['shaft 1', 'left end', '25.008', 'mm', 'M6'],
      ['shaft 2', 'left end', '25.011', 'mm', 'M6'],
    ],
  },
  {
    name: 'A row for each part',
    head: ['part', 'left end [mm]', 'groove [mm]'],
    rows: [
      ['shaft 1', '25.008', '2.15'],
      ['shaft 2', '25.011', '2.12'],
    ],
  },
  {
    name: 'A sheet filled by hand',
    head: ['code', 'reading', 'gauge'],
    rows: [
      ['A1', '25.008', 'M6'],
      ['B1', '31.962', 'M6'],
    ],
  },
];

/** What a table of readings may look like, before there is one. */
export function Layouts() {
  return (
    <section aria-label="What a table may look like">
      <ul className="flex flex-wrap gap-x-12 gap-y-6">
        {LAYOUTS.map(({ name, head, rows }) => (
          <li key={name} className="min-w-0">
            <table className="text-left text-label">
              <caption className="pb-2 text-left font-semibold">{name}</caption>
              <thead>
                <tr className="border-b-2 border-line">
                  {head.map((each) => (
                    <th key={each} scope="col" className="label pr-5 pb-1">
                      {each}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.map((row) => (
                  <tr key={row.join()} className="border-b border-line">
                    {row.map((cell, i) => (
                      <td key={head[i]} className="py-1 pr-5">
                        {cell}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </li>
        ))}
      </ul>
      <p className="mt-4 text-label text-quiet">
        Heads may stand in another order and be called otherwise: which column holds what is shown,
        and can be changed. A unit stands in its own column or in the head; a figure without one is
        understood as if it were typed at the bench.
      </p>
    </section>
  );
}
