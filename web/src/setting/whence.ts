import { pathToReady } from '../api/client';

/** Where one came from, and goes back to. */
export interface Whence {
  to: string;
  here: string;
  onward: string;
}

/** Only a walk of this application is gone back to. */
export function whenceOf(gauge: number, part: string | null, walk: string | null): Whence {
  if (walk?.startsWith('/parts/')) {
    return { to: walk, here: 'the walk', onward: 'Go on measuring' };
  }
  return part === null
    ? { to: `/drawer/${gauge}`, here: 'the gauge', onward: 'Back to the gauge' }
    : { to: pathToReady(Number(part)), here: 'make ready', onward: 'Go on making ready' };
}
