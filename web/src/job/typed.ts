import type { Plan, Planned, TypedFeature } from '../api/client';

/** A feature of which nothing is said yet: its name and limits will tell the kind. */
export const blank = (name: string): TypedFeature => ({
  name,
  kind: '',
  round: false,
  limits: '',
  service: '',
  outOfRound: '',
  taper: '',
  steps: '',
  grades: '',
  envelope: false,
  decisive: false,
  lies: '',
  face: '',
  layout: '',
  sections: '',
  axes: '',
  keepClear: '',
  outOfReach: '',
  together: '',
  contact: '',
  number: '',
  order: '',
});

/** What was typed and is not kept yet, and what it was already understood to mean while it was typed. */
export interface Draft {
  plan: number;
  typed: TypedFeature;
  means: Planned | undefined;
}

/** A feature that was made here, and where in the order. */
export interface New {
  plan: number;
  key: string;
  at: number | undefined;
}

/** A feature as it was looked at when it was begun to be changed, and where it stood. */
export interface Begun {
  plan: number;
  feature: Planned;
  at: number;
}

/**
 * The features of a plan with what was typed since; new ones stand in their place before the server has seen them. One that
 * somebody takes out meanwhile stays as long as it is being typed here.
 */
export function asTyped(
  plan: Pick<Plan, 'id' | 'features'>,
  drafts: Record<string, Draft>,
  news: New[],
  begun: Record<string, Begun>,
): Planned[] {
  const isHere = (each: { plan: number }) => each.plan === plan.id;
  const features = plan.features.map((feature) => {
    const draft = drafts[feature.key];
    return draft === undefined
      ? feature
      : {
          ...feature,
          ...draft.means,
          key: feature.key,
          edition: feature.edition,
          typed: draft.typed,
        };
  });
  const stay = (feature: Planned, at = features.length) => {
    if (features.every(({ key }) => key !== feature.key)) {
      features.splice(at, 0, feature);
    }
  };
  for (const { key, at } of news.filter(isHere)) {
    const draft = drafts[key];
    if (draft !== undefined) {
      stay(unseen(key, draft.typed), at);
    }
  }
  Object.values(begun)
    .filter(isHere)
    .forEach(({ feature, at }) => stay(feature, at));
  Object.entries(drafts)
    .filter(([, draft]) => isHere(draft))
    .forEach(([key, { typed }]) => stay(unseen(key, typed)));
  return features;
}

/** A feature that the server has not answered for yet. */
const unseen = (key: string, typed: TypedFeature): Planned => ({
  key,
  edition: 0,
  typed,
  brief: '',
  understood: {},
  refused: {},
  doubts: [],
  places: [],
  bands: [],
  layout: typed.layout,
  readings: 0,
  time: '',
  by: '',
});

/**
 * The next free name after a feature's own.
 *
 * @example copyName('journal 1', ['journal 1', 'journal 2']) // 'journal 3'
 */
export function copyName(name: string, taken: string[]): string {
  const [, stem = name, own = '1'] = /^(.*?)\s+(\d+)$/.exec(name) ?? [];
  let number = Number(own) + 1;
  while (taken.includes(`${stem} ${number}`)) {
    number++;
  }
  return `${stem} ${number}`;
}
