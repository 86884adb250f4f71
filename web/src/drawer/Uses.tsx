import type { GaugePage, LengthText } from '../api/client';

const FROM: Record<string, string> = {
  starting: 'starting value',
  own: 'its data sheet',
  calibration: 'U of its calibration',
};

/** What it is for, with its figures; each says whether it is still the starting value of its kind. */
export function Uses({ page, onFacts }: { page: GaugePage; onFacts: () => void }) {
  return (
    <section aria-label="What it is for" className="overflow-x-auto">
      <h2 className="border-b-2 border-ink pb-1 text-body">What it is for, and how well</h2>
      <table className="w-full text-left">
        <thead>
          <tr className="text-label text-quiet">
            <th className="py-2 pr-4 font-medium">For</th>
            <th className="pr-4 font-medium">One reading’s spread, s</th>
            <th className="pr-4 font-medium">It may be out by</th>
            <th className="pr-4 font-medium">Reach into a hole</th>
            <th className="font-medium">Takes</th>
          </tr>
        </thead>
        <tbody>
          {page.uses.map((use) => (
            <tr key={use.features} className="border-t border-line align-top">
              <th scope="row" className="py-2 pr-4 font-semibold">
                {use.features}
              </th>
              <td className="pr-4">
                <Figure length={use.spread} from={use.spreadFrom} />
              </td>
              <td className="pr-4">
                <Figure length={use.error} from={use.errorFrom} none="as its reader" />
              </td>
              <td className="pr-4">
                <Figure length={use.reach} from={use.reachFrom} none="no bound" />
              </td>
              <td className="text-label">{use.time}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-label text-quiet">
        Starting values are ordinary ones. What its data sheet says{' '}
        <button type="button" onClick={onFacts} className="py-1 underline underline-offset-4">
          replaces them
        </button>
        , so does a calibration, and what you show in a trial.
      </p>
    </section>
  );
}

interface FigureProps {
  length: LengthText | undefined;
  from: string;
  none?: string;
}

function Figure({ length, from, none = '–' }: FigureProps) {
  return length === undefined ? (
    <span className="text-quiet">{none}</span>
  ) : (
    <>
      <span className="reading">
        {length.text} {length.unit}
      </span>
      <span className={`block text-label ${from === 'starting' ? 'text-quiet italic' : ''}`}>
        {FROM[from]}
      </span>
    </>
  );
}
