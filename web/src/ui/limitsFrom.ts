/** Where the limits of a job come from, in words. */
export const limitsFrom = (source: string): string =>
  source === '' ? 'Nobody has said where the limits come from' : `Limits from ${source}`;
