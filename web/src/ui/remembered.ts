import { useSyncExternalStore } from 'react';

/** What this browser remembers between visits: the gauge in hand, the theme, whether sounds are on. */

const listeners = new Set<() => void>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  globalThis.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    globalThis.removeEventListener('storage', listener);
  };
}

const nameOf = (what: string) => `jaw-read ${what}`;

export const remembered = (what: string): string | null => localStorage.getItem(nameOf(what));

export function remember(what: string, value: string): void {
  if (value === '') {
    localStorage.removeItem(nameOf(what));
  } else {
    localStorage.setItem(nameOf(what), value);
  }
  listeners.forEach((listener) => listener());
}

/** A remembered text and how to change it; the same in every tab. An empty text is forgotten. */
export function useRemembered(what: string, atFirst: string): [string, (value: string) => void] {
  const value = useSyncExternalStore(subscribe, () => remembered(what) ?? atFirst);
  return [value, (next) => remember(what, next)];
}
