import type { UseQueryResult } from '@tanstack/react-query';
import type { Problem } from '../api/client';

/** What came of what is typed: the last answer stays in sight while the next is on its way. */
export interface Answer<T> {
  failure: Problem | null;
  found: T | undefined;
  /** The same, but only while it answers what stands there now: what a key takes along. */
  now: T | undefined;
}

/** @param isAsked whether enough is typed for an answer */
export function answerOf<T>(query: UseQueryResult<T>, isAsked: boolean): Answer<T> {
  const failure = query.error as Problem | null;
  const found = failure || !isAsked ? undefined : query.data;
  return { failure, found, now: query.isPlaceholderData ? undefined : found };
}
