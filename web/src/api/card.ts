import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answered, client, type Schemas } from './client';
import { keys } from './queries';

/** Sets of blocks: those of the drawer first, then those that are sold by the box. */
export const useBlockSets = () =>
  useQuery({
    queryKey: [...keys.drawer, 'block sets'],
    queryFn: () => answered(client.GET('/api/v1/card/block-sets')),
  });

/** Blocks for a size; the last answer stays while the next is on its way. */
export const useStack = (body: Schemas['TypedStack']) =>
  useQuery({
    queryKey: [...keys.drawer, 'stack', body],
    queryFn: () => answered(client.POST('/api/v1/card/stack', { body })),
    enabled: body.size.trim() !== '' && body.set !== '',
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });

export const useFeelerSets = () =>
  useQuery({
    queryKey: ['card', 'feeler sets'],
    queryFn: () => answered(client.GET('/api/v1/card/feeler-sets')),
  });

/** Leaves for a gap. */
export const useFeelers = (body: Schemas['TypedGap']) =>
  useQuery({
    queryKey: ['card', 'feelers', body],
    queryFn: () => answered(client.POST('/api/v1/card/feelers', { body })),
    enabled: body.gap.trim() !== '' && body.leaves.trim() !== '',
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });

/** A size at 20 °C. */
export const useTwenty = (body: Schemas['TypedTwenty']) =>
  useQuery({
    queryKey: ['card', 'twenty', body],
    queryFn: () => answered(client.POST('/api/v1/card/twenty', { body })),
    enabled: [body.size, body.partTemperature, body.scaleTemperature].every(
      (text) => text.trim() !== '',
    ),
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });
