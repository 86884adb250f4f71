import { QueryObserver } from '@tanstack/react-query';
import { expect, it, vi } from 'vitest';
import type { KeptReading, Sheet } from './client';
import { keys, queries, showReading, showSheet } from './queries';

const place = (id: number, next: string) => ({ id, next });
const sheet = (seq: number) =>
  ({
    part: { id: 1 },
    feature: { id: 2 },
    rounds: [{ number: 0, at: 5, places: [place(5, `as of ${seq}`), place(6, 'untouched')] }],
    next: { part: 1, feature: 2, sentence: 'read on' },
    say: `as of ${seq}`,
  }) as unknown as Sheet;
const told = (seq: number, next?: object) =>
  ({
    id: 'a',
    seq,
    told: {
      part: 1,
      feature: 2,
      round: 0,
      place: place(5, `told ${seq}`),
      at: 6,
      verdict: { word: 'in' },
      next,
      say: `told ${seq}`,
    },
  }) as unknown as KeptReading;
const now = () => queries.getQueryData<Sheet>(keys.sheet(1, 2));

it('puts what a reading came to on the sheet, and touches no other place of it', async () => {
  queries.setQueryData(keys.sheet(1, 2), sheet(1));
  const before = now();
  await showReading(told(2));
  expect(now()?.say).toBe('told 2');
  expect(now()?.rounds[0]).toMatchObject({ at: 6, verdict: { word: 'in' } });
  expect(now()?.rounds[0]?.places[0]?.next).toBe('told 2');
  expect(now()?.rounds[0]?.places[1]).toBe(before?.rounds[0]?.places[1]);
  // All is done.
  expect(now()).not.toHaveProperty('next');
});

it('takes back nothing that was told by a sheet that was made before it', async () => {
  queries.setQueryData(keys.sheet(1, 2), sheet(1));
  await showReading(told(3));
  await showReading(told(4));
  await showReading({ id: 'a', seq: 3, shown: sheet(3) });
  expect(now()?.say).toBe('told 4');
  await showReading({ id: 'b', seq: 4, shown: sheet(4) });
  expect(now()?.say).toBe('as of 4');
});

it('takes back no sheet that something else was answered with since', async () => {
  queries.setQueryData(keys.sheet(1, 2), sheet(1));
  await showReading(told(5));
  // A place was passed over meanwhile.
  await showSheet({ shown: sheet(6) });
  await showReading({ id: 'a', seq: 5, shown: sheet(5) });
  expect(now()?.say).toBe('as of 6');
});

it('lets no sheet that was asked for before it take back what was told', async () => {
  queries.setQueryData(keys.sheet(1, 2), sheet(1));
  let answer: (sheet: Sheet) => void = () => undefined;
  const asked = queries
    .fetchQuery({
      queryKey: keys.sheet(1, 2),
      queryFn: () => new Promise<Sheet>((tell) => (answer = tell)),
      staleTime: 0,
    })
    .catch(() => undefined);
  await showReading(told(7));
  answer(sheet(6));
  await asked;
  expect(now()?.say).toBe('told 7');
});

it('asks anew for a sheet that was on its way, which may tell what others did', async () => {
  const answers: ((sheet: Sheet) => void)[] = [];
  queries.setQueryData(keys.sheet(1, 2), sheet(1));
  const observer = new QueryObserver(queries, {
    queryKey: keys.sheet(1, 2),
    queryFn: () => new Promise<Sheet>((tell) => answers.push(tell)),
    staleTime: Infinity,
  });
  const stop = observer.subscribe(() => undefined);
  void queries.invalidateQueries({ queryKey: keys.sheets });
  await vi.waitFor(() => expect(answers).toHaveLength(1));
  await showReading(told(8));
  expect(now()?.say).toBe('told 8');
  await vi.waitFor(() => expect(answers).toHaveLength(2));
  answers[0]?.(sheet(7));
  answers[1]?.(sheet(9));
  await vi.waitFor(() => expect(now()?.say).toBe('as of 9'));
  stop();
});
