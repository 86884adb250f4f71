import { notifyManager, QueryClient, useQuery } from '@tanstack/react-query';
import { answered, client, Problem, type Sheet } from './client';

// Shown in the same turn in which the answer came, not one timer later.
notifyManager.setScheduler(queueMicrotask);

/** What the server said last, until an event says that it changed. */
export const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: Infinity,
      // A server that is away is asked again until it is back; what it refuses is refused.
      retry: (_count, failure) => !(failure instanceof Problem),
      retryDelay: (attempt) => Math.min(500 * 2 ** attempt, 3000),
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

export const keys = {
  shop: ['shop'],
  people: ['people'],
  gauges: ['gauges'],
  bench: ['bench'],
  sheets: ['sheet'],
  sheet: (part: number, feature: number) => ['sheet', part, feature],
};

export const useShop = () =>
  useQuery({ queryKey: keys.shop, queryFn: () => answered(client.GET('/api/shop')) });

export const usePeople = () =>
  useQuery({ queryKey: keys.people, queryFn: () => answered(client.GET('/api/people')) });

export const useGauges = () =>
  useQuery({ queryKey: keys.gauges, queryFn: () => answered(client.GET('/api/gauges')) });

export const useBench = () =>
  useQuery({ queryKey: keys.bench, queryFn: () => answered(client.GET('/api/bench')) });

export const useSheet = (part: number, feature: number) =>
  useQuery({
    queryKey: keys.sheet(part, feature),
    queryFn: () =>
      answered(
        client.GET('/api/parts/{part}/features/{feature}/sheet', {
          params: { path: { part, feature } },
        }),
      ),
  });

/** Shows a sheet that an act was answered with; one still on its way would show the time before it. */
export async function showSheet(sheet: Sheet): Promise<void> {
  const queryKey = keys.sheet(sheet.part.id, sheet.feature.id);
  await queries.cancelQueries({ queryKey });
  queries.setQueryData(queryKey, sheet);
}
