import { pathToReady, type Plan } from '../api/client';

/**
 * Where a part is measured by this plan: at the feature at hand where a gauge is put to it, else at the first that one is put to; a part of
 * which all is looked at is looked at. Undefined while there is nothing to measure.
 */
export function toMeasure(
  { features }: Plan,
  part: number | undefined,
  at?: string,
): string | undefined {
  if (part === undefined || features.length === 0) {
    return undefined;
  }
  const measured = features.filter(
    ({ limits, places }) => limits && places.some(({ canBeMeasured }) => canBeMeasured),
  );
  const to = measured.find(({ key }) => key === at) ?? measured[0];
  return to ? `/parts/${part}/features/${to.edition}` : pathToReady(part);
}
