import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answered, client, type Planned, type TypedFeature } from '../api/client';
import { queries } from '../api/queries';

const REST_MS = 90;

const keyOf = (plan: number, typed: TypedFeature | undefined) => ['understood', plan, typed];

/** What was understood of just this text already, while it was typed; undefined when nobody has asked. */
export const knownToMean = (plan: number, typed: TypedFeature): Planned | undefined =>
  queries.getQueryData<Planned>(keyOf(plan, typed));

/** What the server understands of a feature while it is typed; undefined until the hand has rested once. */
export function useUnderstood(plan: number, typed: TypedFeature | undefined): Planned | undefined {
  const [rested, setRested] = useState<TypedFeature | undefined>();
  useEffect(() => {
    const timer = setTimeout(() => setRested(typed), REST_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  return useQuery({
    queryKey: keyOf(plan, rested),
    queryFn: () =>
      answered(
        client.POST('/api/v1/plans/{plan}/understood', {
          params: { path: { plan } },
          body: rested as TypedFeature,
        }),
      ),
    enabled: rested !== undefined && typed !== undefined,
    placeholderData: keepPreviousData,
    gcTime: 10_000,
  }).data;
}
