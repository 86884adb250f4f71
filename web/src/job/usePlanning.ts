import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import {
  type Job,
  type Plan,
  type PlanChange,
  type PlanChanged,
  type Planned,
  Problem,
  type TypedFeature,
} from '../api/client';
import { newId } from '../api/newId';
import { changePlan } from '../api/planChanges';
import { keys, queries } from '../api/queries';
import { refusedKept, useKeepRefused } from './refusedKept';
import { asTyped, type Begun, copyName, type Draft, type New } from './typed';
import { type Can, Undo } from './Undo';
import { knownToMean } from './useUnderstood';

/** A feature that the server would not take as it was typed; what was typed stays. */
export interface Refused {
  field: string;
  sentence: string;
}

/** Somebody else changed a feature meanwhile: theirs is shown, mine waits for a choice. */
export interface Conflict {
  plan: number;
  key: string;
  sentence: string;
  mine: TypedFeature;
  /** Theirs, that I was told of; undefined when they took it out. */
  edition: number | undefined;
}

/** A change that would leave readings aside waits for a choice. */
export interface Aside {
  sentence: string;
  doIt: () => void;
  leaveAsItWas: () => void;
}

/** The plan at hand, and what can be done to it. */
export interface Planning {
  job: Job;
  plan: Plan;
  /** The features as they stand here: what was typed and is not yet kept goes before what was. */
  features: Planned[];
  /** The feature at hand. */
  at: Planned | undefined;
  select: (key: string | undefined) => void;
  pointed: string | undefined;
  point: (key: string | undefined) => void;
  refused: Record<string, Refused>;
  conflict: Conflict | undefined;
  aside: Aside | undefined;
  takeTheirs: () => void;
  keepMine: () => void;
  /** A feature is about to be changed: what is looked at now is what the change is made on, whoever else changes it. */
  begin: (key: string) => void;
  /** It is left as it was. */
  leave: (key: string) => void;
  /** Writes a feature, or a new one at this place in the order; answers its key. */
  write: (typed: TypedFeature, key?: string, at?: number) => string;
  add: (all: TypedFeature[]) => void;
  remove: (key: string) => void;
  duplicate: (key: string) => void;
  move: (key: string, by: 1 | -1) => void;
  canUndo: boolean;
  undo: () => void;
  canRedo: boolean;
  redo: () => void;
  /** One sentence on what was done last. */
  say: string;
}

export function usePlanning(job: Job): Planning | undefined {
  const [search, setSearch] = useSearchParams();
  const [pointed, point] = useState<string | undefined>();
  const [left] = useState(() => refusedKept(job.id));
  const [drafts, setDrafts] = useState<Record<string, Draft>>(left.drafts);
  const [refused, setRefused] = useState<Record<string, Refused>>(left.refused);
  const [conflict, setConflict] = useState<Conflict | undefined>();
  const [news, setNews] = useState<New[]>(left.news);
  useKeepRefused(job.id, { drafts, refused, news });
  const [aside, setAside] = useState<(Aside & { plan: number }) | undefined>();
  const [begun, setBegun] = useState<Record<string, Begun>>({});
  // Each kind of part has its own: what was done to one is not taken back while another is looked at.
  const [can, setCan] = useState<Record<number, Can>>({});
  const [piles] = useState(() => new Map<number, Undo>());
  const [say, setSay] = useState('');
  const plan = job.plans.find(({ id }) => id === Number(search.get('plan'))) ?? job.plans[0];
  // The same list until one of its features is another: a long plan is drawn from it.
  const features = useMemo(
    () => asTyped({ id: plan?.id ?? 0, features: plan?.features ?? [] }, drafts, news, begun),
    [plan?.id, plan?.features, drafts, news, begun],
  );
  if (plan === undefined) {
    return undefined;
  }
  const pileOf = (id: number) => {
    const pile = piles.get(id) ?? new Undo((now) => setCan((all) => ({ ...all, [id]: now })));
    piles.set(id, pile);
    return pile;
  };
  const forget = (key: string) => {
    setDrafts((all) => without(all, key));
    setRefused((all) => without(all, key));
  };
  /** Makes it once the person has said so, who was told what it leaves aside; undefined when it is not to be made. */
  const made = async (change: PlanChange): Promise<PlanChanged | undefined> => {
    try {
      return await changePlan(job.id, plan.id, change);
    } catch (failure) {
      if (!(failure instanceof Problem) || failure.code !== 'readings-aside') {
        throw failure;
      }
      setSay(failure.message);
      const isWanted = await new Promise<boolean>((choose) =>
        setAside({
          plan: plan.id,
          sentence: failure.message,
          doIt: () => choose(true),
          leaveAsItWas: () => choose(false),
        }),
      );
      setAside(undefined);
      return isWanted ? made({ ...change, aside: Number(failure.hint) }) : undefined;
    }
  };
  const make = async (change: PlanChange, key?: string) => {
    const done = await made(change);
    if (done === undefined) {
      change.puts.forEach((put) => forget(put.key));
      setSay('The plan stays as it was.');
      return 'left' as const;
    }
    setSay(done.say);
    if (key !== undefined) {
      // Unless it was typed anew meanwhile.
      const sent = change.puts.find((put) => put.key === key)?.typed;
      setDrafts((all) => (all[key]?.typed === sent ? without(all, key) : all));
      setRefused((all) => without(all, key));
    }
    return done.undo;
  };
  const failed = (failure: unknown, key?: string, mine?: TypedFeature) => {
    if (!(failure instanceof Problem)) {
      setSay(failure instanceof Error ? failure.message : String(failure));
      return;
    }
    if (failure.code === 'plan-changed') {
      void queries.invalidateQueries({ queryKey: keys.job(job.id) });
      if (mine !== undefined) {
        setConflict({
          plan: plan.id,
          key: failure.field,
          sentence: failure.message,
          mine,
          edition: failure.hint === '' ? undefined : Number(failure.hint),
        });
        return;
      }
    } else if (key !== undefined) {
      setRefused((all) => ({
        ...all,
        [key]: { field: failure.field, sentence: failure.message },
      }));
    }
    setSay(failure.message);
  };
  const refusing = (key?: string, mine?: TypedFeature) => (failure: unknown) => {
    failed(failure, key, mine);
    return undefined;
  };
  const act = (change: PlanChange, key?: string, mine?: TypedFeature) =>
    pileOf(plan.id).follow(make(change, key).catch(refusing(key, mine)));
  const select = (key: string | undefined) =>
    setSearch(
      (before) => {
        const after = new URLSearchParams(before);
        if (key === undefined) {
          after.delete('feature');
        } else {
          after.set('feature', key);
        }
        return after;
      },
      { replace: true },
    );
  /** @param edition the one that was looked at; undefined for a feature that is new, or taken out */
  const put = (typed: TypedFeature, key: string, edition?: number, at?: number) => {
    setDrafts((all) => ({
      ...all,
      [key]: { plan: plan.id, typed, means: knownToMean(plan.id, typed) },
    }));
    if (edition === undefined && news.every((each) => each.key !== key)) {
      setNews((all) => [...all, { plan: plan.id, key, at }]);
    }
    setBegun((all) => without(all, key));
    const looked = edition === undefined ? {} : { edition };
    const where = at === undefined ? {} : { at };
    act({ puts: [{ key, typed, ...looked, ...where }], removes: [] }, key, typed);
  };
  const write = (typed: TypedFeature, key?: string, at?: number): string => {
    const to = key ?? newId();
    const before = plan.features.find((feature) => feature.key === to);
    put(typed, to, begun[to]?.feature.edition ?? before?.edition, at);
    return to;
  };
  const back = (change: PlanChange) => {
    change.puts.forEach(({ key }) => forget(key));
    return make(change).catch(refusing());
  };
  return {
    job,
    plan,
    features,
    at: features.find(({ key }) => key === search.get('feature')),
    select,
    pointed,
    point,
    refused,
    conflict: conflict?.plan === plan.id ? conflict : undefined,
    aside: aside?.plan === plan.id ? aside : undefined,
    begin: (key) => {
      const index = plan.features.findIndex((each) => each.key === key);
      const feature = plan.features[index];
      if (feature !== undefined) {
        setBegun((all) =>
          key in all ? all : { ...all, [key]: { plan: plan.id, feature, at: index } },
        );
      }
    },
    leave: (key) => setBegun((all) => without(all, key)),
    takeTheirs: () => {
      if (conflict) {
        forget(conflict.key);
        setConflict(undefined);
      }
    },
    keepMine: () => {
      if (conflict) {
        // On the one that the choice was made against: the list may not be here anew yet.
        const { key, mine, edition } = conflict;
        setConflict(undefined);
        put(mine, key, edition);
      }
    },
    write,
    add: (all) => act({ puts: all.map((typed) => ({ key: newId(), typed })), removes: [] }),
    remove: (key) => {
      const index = features.findIndex((each) => each.key === key);
      const feature = plan.features.find((each) => each.key === key);
      forget(key);
      select((features[index + 1] ?? features[index - 1])?.key);
      if (feature) {
        act({ puts: [], removes: [{ key, edition: feature.edition }] });
      }
    },
    duplicate: (key) => {
      const index = features.findIndex((each) => each.key === key);
      const feature = features[index];
      if (feature) {
        const name = copyName(
          feature.typed.name,
          features.map(({ typed }) => typed.name),
        );
        select(write({ ...feature.typed, name }, undefined, index + 1));
      }
    },
    move: (key, by) => {
      const order = plan.features.map((each) => each.key);
      const from = order.indexOf(key);
      const to = from + by;
      if (from >= 0 && to >= 0 && to < order.length) {
        order.splice(to, 0, ...order.splice(from, 1));
        act({ puts: [], removes: [], order });
      }
    },
    canUndo: can[plan.id]?.undo ?? false,
    undo: () => pileOf(plan.id).undo(back),
    canRedo: can[plan.id]?.redo ?? false,
    redo: () => pileOf(plan.id).redo(back),
    say,
  };
}

function without<T>(all: Record<string, T>, key: string): Record<string, T> {
  const { [key]: gone, ...rest } = all;
  return gone === undefined ? all : rest;
}
