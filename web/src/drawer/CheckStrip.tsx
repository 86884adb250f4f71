import type { GaugePage, LengthText } from '../api/client';
import { ZeroStrip } from '../drawings/ZeroStrip';
import { daySaid } from '../ui/days';

interface CheckStripProps {
  page: GaugePage;
  allowed: LengthText;
}

/** Its checks over time, drawn and said. */
export function CheckStrip({ page: { checks, drift }, allowed }: CheckStripProps) {
  return (
    <section aria-label="Checks">
      <h2 className="border-b-2 border-ink pb-1 text-body">Its zero over time</h2>
      {drift && <p className="mt-2 font-semibold">{drift}</p>}
      <ZeroStrip checks={checks} allowed={allowed} />
      <ul aria-label="Looks at its zero" className="mt-1">
        {checks.toReversed().map(({ id, at, person, sentence, good }) => (
          <li
            key={id}
            className="grid grid-cols-[8rem_minmax(0,1fr)] gap-x-3 border-b border-line py-1 text-label"
          >
            <span className="text-quiet">{daySaid(at)}</span>
            <span className={good ? '' : 'font-semibold'}>
              {sentence} <span className="text-quiet">{person}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
