import { Link } from 'react-router';
import { tied } from '../ui/tied';
import { pathToSetFor, unsetFor } from './setFirst';
import type { Measuring } from './useMeasuring';

/** What a needle, a display with a preset, or a micrometer on a master reads from; or that it is to be set first. */
export function StandsAtLine({ measuring, takes }: { measuring: Measuring; takes: string }) {
  const { gauge, setting, sheet } = measuring;
  const path = pathToSetFor(measuring);
  if (gauge === undefined || path === undefined) {
    return null;
  }
  const unset = unsetFor(measuring);
  const key = takes && (
    <span className="mr-3 font-bold" aria-hidden="true">
      {takes.toUpperCase()}
    </span>
  );
  if (unset) {
    return (
      <div role="status" className="flex flex-col gap-2 border-l-4 border-ink pl-3">
        <p className="text-order font-semibold">
          {unset === 'never' || setting === undefined
            ? `${gauge.shopNumber} was never set here: it shows nothing yet.`
            : `${gauge.shopNumber} is set at ${setting.size.text} ${setting.size.unit}, and does not reach ${sheet.feature.name} from there.`}
        </p>
        <Link
          to={path}
          className="inline-flex min-h-touch items-center self-start rounded-edge bg-now px-6 font-semibold text-on-now"
        >
          {key}
          Set it first
        </Link>
      </div>
    );
  }
  return (
    setting && (
      <p className={`border-l-4 pl-3 ${setting.old ? 'border-near' : 'border-line'}`}>
        {tied(setting.sentence)}{' '}
        {setting.old && <strong className="font-semibold">{setting.old} </strong>}
        <Link to={path} className="underline decoration-line underline-offset-4">
          {takes && <span className="font-bold">{takes.toUpperCase()}</span>} Set it anew
        </Link>
      </p>
    )
  );
}
