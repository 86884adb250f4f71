import { useMutation, useQuery } from '@tanstack/react-query';
import { answered, client, type Schemas } from './client';
import { keys, queries } from './queries';

export type Token = Schemas['TokenView'];

/** What programs come in with that is still good; told at the shop’s own machine alone. */
export const useTokens = (here: boolean) =>
  useQuery({
    queryKey: keys.tokens,
    queryFn: () => answered(client.GET('/api/v1/tokens')),
    enabled: here,
  });

const changed = () =>
  Promise.all([keys.tokens, keys.trail].map((queryKey) => queries.invalidateQueries({ queryKey })));

/** Its answer holds the secret, which is never told again. */
export const useMakeToken = () =>
  useMutation({
    mutationFn: (body: Schemas['NewToken']) => answered(client.POST('/api/v1/tokens', { body })),
    onSuccess: changed,
  });

export const useEndToken = () =>
  useMutation({
    mutationFn: (token: number) =>
      answered(client.PUT('/api/v1/tokens/{token}/end', { params: { path: { token } } })),
    onSuccess: changed,
  });
