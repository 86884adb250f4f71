import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { afterEach, expect, it, vi } from 'vitest';
import { listen } from './events';
import { keys } from './queries';

/** A stream that says what it is told to. */
class Stream extends EventTarget {
  tell(job: number, seq: number, what: string) {
    this.dispatchEvent(new MessageEvent('message', { data: JSON.stringify({ job, seq, what }) }));
  }
}

afterEach(() => vi.unstubAllGlobals());

it('asks again for what was on its way for the first time when something changed', async () => {
  const stream = new Stream();
  vi.stubGlobal('EventSource', function EventSource() {
    return stream;
  });
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  listen(queries, { send: () => undefined, idle: () => Promise.resolve() });

  const answers: ((said: string) => void)[] = [];
  const observer = new QueryObserver(queries, {
    queryKey: keys.bench,
    queryFn: () => new Promise<string>((answer) => answers.push(answer)),
  });
  const stop = observer.subscribe(() => undefined);
  await vi.waitFor(() => expect(answers).toHaveLength(1));

  stream.tell(1, 1, 'reading');
  await Promise.resolve();
  answers[0]?.('as it was before the reading');
  await vi.waitFor(() => expect(answers).toHaveLength(2));
  answers[1]?.('as it is now');
  await vi.waitFor(() => expect(queries.getQueryData(keys.bench)).toBe('as it is now'));
  stop();
});

it('leaves the sheet of one job alone when something changed in another', async () => {
  const stream = new Stream();
  vi.stubGlobal('EventSource', function EventSource() {
    return stream;
  });
  const queries = new QueryClient();
  listen(queries, { send: () => undefined, idle: () => Promise.resolve() });
  const sheets = { one: keys.sheet(1, 1), other: keys.sheet(2, 2) };
  const isOld = (key: unknown[]) => queries.getQueryState(key)?.isInvalidated;
  queries.setQueryData(sheets.one, { job: { id: 1 }, rounds: [] });
  queries.setQueryData(sheets.other, { job: { id: 2 }, rounds: [] });
  stream.tell(1, 1, 'mark');
  await vi.waitFor(() => expect(isOld(sheets.one)).toBe(true));
  expect(isOld(sheets.other)).toBe(false);
  // A gauge may be in use in any.
  stream.tell(0, 1, 'drawer');
  await vi.waitFor(() => expect(isOld(sheets.other)).toBe(true));
});

it('asks for everything when told that more came than is worth telling', () => {
  const stream = new Stream();
  vi.stubGlobal('EventSource', function EventSource() {
    return stream;
  });
  const queries = new QueryClient();
  const asked = vi.spyOn(queries, 'invalidateQueries');
  listen(queries, { send: () => undefined, idle: () => Promise.resolve() });
  stream.tell(0, 0, 'everything');
  expect(asked).toHaveBeenCalledWith();
});
