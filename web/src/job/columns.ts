import type { Planned, TypedFeature } from '../api/client';
import { KINDS, LAYOUTS } from '../ui/labels';

/** What of a feature is edited in its row; the rest stands beside the drawing. */
export interface Column {
  field: 'name' | 'kind' | 'limits' | 'layout';
  head: string;
  choices?: Record<string, string>;
  /** What its open field starts with. */
  value: (feature: Planned) => string;
  /** As it stands in the row. */
  shown: (feature: Planned) => string;
  /** The feature with another text in this field. */
  write: (typed: TypedFeature, text: string) => TypedFeature;
}

export const USUALLY_ROUND = ['outside', 'bore'];

export const COLUMNS: readonly Column[] = [
  {
    field: 'name',
    head: 'Feature',
    value: ({ typed }) => typed.name,
    shown: ({ typed }) => typed.name,
    write: (typed, name) => ({ ...typed, name }),
  },
  {
    field: 'kind',
    head: 'Kind',
    choices: KINDS,
    value: ({ typed }) => typed.kind,
    shown: ({ typed }) => typed.kind.replaceAll('-', ' '),
    write: (typed, kind) => ({ ...typed, kind, round: USUALLY_ROUND.includes(kind) }),
  },
  {
    field: 'limits',
    head: 'Limits, as on the drawing',
    value: ({ typed }) => typed.limits,
    shown: ({ typed }) => (typed.kind === 'looked-at' ? '' : typed.limits),
    write: (typed, limits) => ({ ...typed, limits }),
  },
  {
    field: 'layout',
    head: 'Places',
    choices: LAYOUTS,
    value: ({ layout }) => layout,
    shown: ({ typed, places }) => {
      const count = places.filter(({ canBeMeasured }) => canBeMeasured).length;
      return typed.kind === 'looked-at' ? '' : `${count}`;
    },
    write: (typed, layout) => ({
      ...typed,
      layout,
      ...(layout === 'free' ? {} : { sections: '', axes: '' }),
    }),
  },
];
