import { useEffect } from 'react';

/** Keeps the screen from going dark while somebody measures; asked for again when the page comes back into sight. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    const ask = () => {
      if (document.visibilityState === 'visible' && 'wakeLock' in navigator) {
        navigator.wakeLock.request('screen').then(
          (given) => {
            lock = given;
          },
          // A browser may refuse, on a low battery for one: the screen then goes dark as it would anyhow.
          () => undefined,
        );
      }
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
}
