import type { Problem } from '../api/client';

/** The sentence of a refusal, if it is about one of these fields. */
export const refusedAt = (failure: Problem | null, ...fields: string[]): string | undefined =>
  failure && fields.includes(failure.field) ? failure.message : undefined;
