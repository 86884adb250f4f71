import { QueryObserver } from '@tanstack/react-query';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Job, PlanChange, PlanChanged, Planned } from './client';
import { changePlan, isOurs, withChange } from './planChanges';
import { keys, queries } from './queries';

const planned = (key: string, edition: number, name: string) =>
  ({ key, edition, typed: { name } }) as Planned;

const job = (features: Planned[]) =>
  ({
    id: 1,
    total: '',
    plans: [
      { id: 7, features },
      { id: 8, features: [] },
    ],
  }) as unknown as Job;

const changed = (seq: number, order: string[], features: Planned[]): PlanChanged => ({
  seq,
  revision: 1,
  fixed: false,
  total: '4 readings',
  jobTotal: '8 readings',
  order,
  changed: features,
  undo: { puts: [], removes: [] },
  say: 'Kept.',
});

const refused = (field: string) => ({ status: 412, code: 'plan-changed', detail: '', field });

/** Answers each request with the next of these, and keeps what was sent. */
function server(...answers: (PlanChanged | ReturnType<typeof refused>)[]): PlanChange[] {
  const sent: PlanChange[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    sent.push((await request.json()) as PlanChange);
    const answer = answers[sent.length - 1];
    return new Response(JSON.stringify(answer), {
      status: answer && 'status' in answer ? answer.status : 200,
      headers: { 'Content-Type': 'application/json' },
    });
  });
  return sent;
}

afterEach(() => {
  vi.unstubAllGlobals();
  queries.clear();
});

describe('a change of a plan', () => {
  it('puts what is new into its place, and leaves the rest the very same', () => {
    const before = job([planned('a', 1, 'left end'), planned('b', 2, 'body')]);
    const after = withChange(before, 7, changed(3, ['b', 'c', 'a'], [planned('c', 3, 'groove')]));
    expect(after.plans[0]?.features.map(({ key }) => key)).toEqual(['b', 'c', 'a']);
    expect(after.plans[0]?.features[2]).toBe(before.plans[0]?.features[0]);
    expect(after.plans[1]).toBe(before.plans[1]);
    expect(after.total).toBe('8 readings');
  });

  it('is not taken back by a page that was asked for before it', async () => {
    const answers: ((job: Job) => void)[] = [];
    queries.setQueryData(keys.job(1), job([]));
    const observer = new QueryObserver(queries, {
      queryKey: keys.job(1),
      queryFn: () => new Promise<Job>((tell) => answers.push(tell)),
      staleTime: Infinity,
    });
    const stop = observer.subscribe(() => undefined);
    void queries.invalidateQueries({ queryKey: keys.jobs });
    await vi.waitFor(() => expect(answers).toHaveLength(1));
    server(changed(3, ['c'], [planned('c', 3, 'groove')]));
    await changePlan(1, 7, { puts: [], removes: [] });
    answers[0]?.(job([]));
    const names = () =>
      queries.getQueryData<Job>(keys.job(1))?.plans[0]?.features.map(({ key }) => key);
    await vi.waitFor(() => expect(answers).toHaveLength(2));
    expect(names()).toEqual(['c']);
    answers[1]?.(job([planned('c', 3, 'groove'), planned('d', 4, 'theirs')]));
    await vi.waitFor(() => expect(names()).toEqual(['c', 'd']));
    stop();
  });

  it('is made on the edition that the change before it made', async () => {
    queries.setQueryData(keys.job(1), job([planned('a', 11, 'left end')]));
    const sent = server(
      changed(4, ['a'], [planned('a', 12, 'left')]),
      changed(5, ['a'], [planned('a', 13, 'lefty')]),
    );
    const put = (name: string) => ({
      puts: [{ key: 'a', edition: 11, typed: planned('a', 0, name).typed }],
      removes: [],
    });
    await Promise.all([changePlan(1, 7, put('left')), changePlan(1, 7, put('lefty'))]);
    expect(sent.map(({ puts }) => puts[0]?.edition)).toEqual([11, 12]);
    const shown = queries.getQueryData<Job>(keys.job(1));
    expect(shown?.plans[0]?.features[0]?.typed.name).toBe('lefty');
  });

  it('gives a new feature its first edition while the next change of it is typed', async () => {
    const sent = server(
      changed(6, ['n'], [planned('n', 21, 'groove')]),
      changed(7, ['n'], [planned('n', 22, 'groove')]),
    );
    const typed = planned('n', 0, 'groove').typed;
    const both = [1, 2].map(() => changePlan(1, 7, { puts: [{ key: 'n', typed }], removes: [] }));
    await Promise.all(both);
    expect(sent.map(({ puts }) => puts[0]?.edition)).toEqual([undefined, 21]);
  });

  it('makes a feature anew that was made here and that somebody took out since', async () => {
    const sent = server(
      changed(6, ['g'], [planned('g', 31, 'groove')]),
      refused('g'),
      changed(8, ['g'], [planned('g', 33, 'groove')]),
    );
    const made = { puts: [{ key: 'g', typed: planned('g', 0, 'groove').typed }], removes: [] };
    await changePlan(1, 7, made);
    await expect(changePlan(1, 7, made)).rejects.toThrow();
    await changePlan(1, 7, made);
    expect(sent.map(({ puts }) => puts[0]?.edition)).toEqual([undefined, 31, undefined]);
  });

  it('is known again when the stream tells of it', async () => {
    server(changed(9, [], []));
    await changePlan(1, 7, { puts: [], removes: [] });
    expect(await isOurs(1, 9)).toBe(true);
    expect(await isOurs(1, 10)).toBe(false);
  });
});
