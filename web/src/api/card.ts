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

/** Asked while it is typed: the last answer stays while the next is on its way. */
const asTyped = { placeholderData: keepPreviousData, gcTime: 60_000 };

/** A size in inches, fractions and millimetres. */
export const useInch = (body: Schemas['TypedInch']) =>
  useQuery({
    queryKey: ['card', 'inch', body],
    queryFn: () => answered(client.POST('/api/v1/card/inch', { body })),
    enabled: body.text.trim() !== '',
    ...asTyped,
  });

/** How small small is. */
export const useSmall = (unit: string) =>
  useQuery({
    queryKey: ['card', 'small', unit],
    queryFn: () => answered(client.GET('/api/v1/card/small', { params: { query: { unit } } })),
  });

/** Drills for a tapped hole. */
export const useThread = (body: Schemas['TypedThread']) =>
  useQuery({
    queryKey: ['card', 'thread', body],
    queryFn: () => answered(client.POST('/api/v1/card/thread', { body })),
    enabled: body.text.trim() !== '',
    ...asTyped,
  });

export const useClasses = () =>
  useQuery({
    queryKey: ['card', 'classes'],
    queryFn: () => answered(client.GET('/api/v1/card/classes')),
    staleTime: Infinity,
  });

/** A size with its classes. */
export const useFit = (body: Schemas['TypedFit']) =>
  useQuery({
    queryKey: ['card', 'fit', body],
    queryFn: () => answered(client.POST('/api/v1/card/fit', { body })),
    enabled: body.text.trim() !== '',
    ...asTyped,
  });

/** How far two centres are apart. */
export const useCentres = (body: Schemas['TypedCentres']) =>
  useQuery({
    queryKey: ['card', 'centres', body],
    queryFn: () => answered(client.POST('/api/v1/card/centres', { body })),
    enabled: body.figures.every((text) => text.trim() !== ''),
    ...asTyped,
  });

/** Lobes in a V-block. */
export const useLobes = (body: Schemas['TypedLobes']) =>
  useQuery({
    queryKey: ['card', 'lobes', body],
    queryFn: () => answered(client.POST('/api/v1/card/lobes', { body })),
    enabled: body.lobes.trim() !== '' && body.angle.trim() !== '',
    ...asTyped,
  });

export const useCautions = () =>
  useQuery({
    queryKey: ['card', 'cautions'],
    queryFn: () => answered(client.GET('/api/v1/card/cautions')),
    staleTime: Infinity,
  });
