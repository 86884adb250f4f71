import { Link } from 'react-router';
import type { Gauge } from '../api/client';
import type { Measuring } from './useMeasuring';

/** What a needle, or a micrometer on a master, reads from; or the way to set it. */
export function StandsAtLine({
  measuring: { setting, sheet },
  gauge,
}: {
  measuring: Measuring;
  gauge: Gauge;
}) {
  const middle =
    sheet.feature.limits.middle ?? sheet.feature.limits.high ?? sheet.feature.limits.low;
  const query = new URLSearchParams({ wanted: middle?.text ?? '', part: String(sheet.part.id) });
  return (
    <p className={`border-l-4 pl-3 ${setting && !setting.old ? 'border-line' : 'border-near'}`}>
      {setting ? setting.sentence : `${gauge.shopNumber} was never set here.`}{' '}
      {setting?.old && <strong className="font-semibold">{setting.old} </strong>}
      <Link
        to={`/drawer/${gauge.id}/set?${query.toString()}`}
        className="underline decoration-line underline-offset-4"
      >
        {setting ? 'Set it anew' : 'Set it on a master'}
      </Link>
    </p>
  );
}
