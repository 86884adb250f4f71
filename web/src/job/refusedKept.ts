import { useEffect } from 'react';
import type { Draft, New } from './typed';
import type { Refused } from './usePlanning';

/** What was refused and is not yet put right: it stays in its row over a reload. */
export interface RefusedKept {
  drafts: Record<string, Draft>;
  refused: Record<string, Refused>;
  news: New[];
}

const NONE: RefusedKept = { drafts: {}, refused: {}, news: [] };

const nameOf = (job: number) => `jaw-read refused in the plans of ${job}`;

/** As it was left in this tab. */
export function refusedKept(job: number): RefusedKept {
  const kept = sessionStorage.getItem(nameOf(job));
  return kept === null ? NONE : (JSON.parse(kept) as RefusedKept);
}

/** Keeps what is refused now, and nothing else: what is on its way is kept by the server. */
export function useKeepRefused(job: number, { drafts, refused, news }: RefusedKept) {
  useEffect(() => {
    const keys = Object.keys(refused).filter((key) => key in drafts);
    if (keys.length === 0) {
      sessionStorage.removeItem(nameOf(job));
      return;
    }
    const of = <T>(all: Record<string, T>): Record<string, T> =>
      Object.fromEntries(Object.entries(all).filter(([key]) => keys.includes(key)));
    sessionStorage.setItem(
      nameOf(job),
      JSON.stringify({
        drafts: of(drafts),
        refused: of(refused),
        news: news.filter(({ key }) => keys.includes(key)),
      }),
    );
  }, [job, drafts, refused, news]);
}
