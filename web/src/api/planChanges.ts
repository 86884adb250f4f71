import { answered, client, type Job, type PlanChange, type PlanChanged, Problem } from './client';
import { keys, show } from './queries';

/**
 * Changes of plans, one after the other: the edition that a change names is the one that the change before it made. What this
 * screen did itself need not be asked for again when the stream tells of it.
 */
let last: Promise<unknown> = Promise.resolve();
let onTheWay = 0;
const ours = new Set<string>();
/** The edition that a change of ours put in place of another. */
const editions = new Map<number, number>();
/** The first edition of a feature that this screen made. */
const firsts = new Map<string, number>();

const nameOf = (job: number, seq: number) => `${job} ${seq}`;

/** Whether the stream tells of a change that this screen made and shows; asked once nothing is on its way. */
export const isOurs = (job: number, seq: number): Promise<boolean> =>
  last.then(
    () => ours.has(nameOf(job, seq)),
    () => false,
  );

/** Makes a change behind those on their way, and shows what it came to. Throws what the server refuses. */
export function changePlan(job: number, plan: number, change: PlanChange): Promise<PlanChanged> {
  // At once when nothing is before it: the page may take its time to show what was typed.
  const made = onTheWay === 0 ? send(job, plan, change) : last.then(() => send(job, plan, change));
  onTheWay += 1;
  last = made.catch(() => undefined).finally(() => (onTheWay -= 1));
  return made;
}

async function send(job: number, plan: number, change: PlanChange): Promise<PlanChanged> {
  const body: PlanChange = {
    ...change,
    puts: change.puts.map((put) => {
      const looked = put.edition ?? firsts.get(put.key);
      return looked === undefined ? put : { ...put, edition: newest(looked) };
    }),
    removes: change.removes.map((one) => ({ ...one, edition: newest(one.edition) })),
  };
  const changed = await answered(
    client.POST('/api/v1/plans/{plan}/changes', { params: { path: { plan } }, body }),
  ).catch((failure: unknown) => {
    if (failure instanceof Problem) {
      // Somebody else's now, or gone: what this screen made of it does not count any more.
      firsts.delete(failure.field);
    }
    throw failure;
  });
  ours.add(nameOf(job, changed.seq));
  for (const { key, edition } of body.puts) {
    const now = changed.changed.find((feature) => feature.key === key);
    if (edition && now) {
      editions.set(edition, now.edition);
    } else if (now) {
      firsts.set(key, now.edition);
    }
  }
  body.removes.forEach(({ key }) => firsts.delete(key));
  show<Job>(keys.job(job), (shown) => shown && withChange(shown, plan, changed));
  return changed;
}

function newest(edition: number): number {
  const after = editions.get(edition);
  return after === undefined ? edition : newest(after);
}

/** A job as it stands after a change of one of its plans; what did not change stays the very same object. */
export function withChange(job: Job, plan: number, changed: PlanChanged): Job {
  const { order, changed: features, revision, fixed, total, jobTotal } = changed;
  return {
    ...job,
    total: jobTotal,
    plans: job.plans.map((each) => {
      if (each.id !== plan) {
        return each;
      }
      const byKey = new Map([...each.features, ...features].map((one) => [one.key, one]));
      return {
        ...each,
        revision,
        fixed,
        total,
        features: order.flatMap((key) => byKey.get(key) ?? []),
      };
    }),
  };
}
