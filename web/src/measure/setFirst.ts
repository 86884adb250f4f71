import { pathToSet } from '../api/client';
import type { Measuring } from './useMeasuring';

/** Why the gauge in hand cannot be read here as it is. */
export type Unset = 'never' | 'for another size';

/** Whether its figures rest on a setting that is not there, or from which it does not reach this feature; the server refuses what is read so. */
export function unsetFor({
  gauge,
  setting,
  sheet,
}: Pick<Measuring, 'gauge' | 'setting' | 'sheet'>): Unset | undefined {
  if (gauge?.reads === undefined) {
    return undefined;
  }
  if (setting === undefined) {
    return 'never';
  }
  const { low, high } = sheet.feature.limits;
  const least = (low ?? high)?.pm;
  const most = (high ?? low)?.pm;
  const isNear =
    least === undefined ||
    most === undefined ||
    (setting.size.pm + gauge.reads.pm >= least && setting.size.pm - gauge.reads.pm <= most);
  return isNear ? undefined : 'for another size';
}

/** Where the gauge in hand is set for this feature, and from where one comes back here. */
export function pathToSetFor({ gauge, sheet, pathTo }: Measuring): string | undefined {
  const { middle, high, low } = sheet.feature.limits;
  return (
    gauge?.reads &&
    pathToSet(gauge.id, {
      wanted: (middle ?? high ?? low)?.text ?? '',
      part: sheet.part.id,
      back: pathTo(sheet.part.id, sheet.feature.id),
    })
  );
}
