import { useDeferredValue, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { PartSection } from '../drawings/PartSection';
import type { Planning } from './usePlanning';

/** The section of the part: drawn anew only when a feature is another one, or is pointed at. */
export function PlanSection({ planning }: { planning: Planning }) {
  const { plan, features, pointed, at, point } = planning;
  const latest = useRef(planning);
  useLayoutEffect(() => {
    latest.current = planning;
  });
  const [pick] = useState(() => (key: string) => latest.current.select(key));
  const drawn = useMemo(
    () =>
      features.map((feature) => ({
        ...feature,
        kind: feature.typed.kind,
        depths: [...new Set(feature.places.flatMap(({ depth }) => depth?.pm ?? []))],
      })),
    [features],
  );
  // The list first: of a long plan the drawing may follow a moment later.
  const shown = useDeferredValue(drawn);
  return (
    <PartSection
      shape={plan.shape}
      numbered
      features={shown}
      lit={pointed ?? at?.key}
      onPoint={point}
      onPick={pick}
    />
  );
}
