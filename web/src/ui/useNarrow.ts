import { useSyncExternalStore } from 'react';

const NARROW = '(max-width: 47.99rem)';

function subscribe(listener: () => void): () => void {
  const query = globalThis.matchMedia(NARROW);
  query.addEventListener('change', listener);
  return () => query.removeEventListener('change', listener);
}

/** Whether the screen is a phone's, held upright. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(subscribe, () => globalThis.matchMedia(NARROW).matches);
