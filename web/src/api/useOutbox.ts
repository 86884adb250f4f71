import { useSyncExternalStore } from 'react';
import { theDoor } from './client';
import { outbox, type WaitingReading } from './outbox';

/** The readings that the server has not acknowledged yet. */
export function useWaiting(): readonly WaitingReading[] {
  return useSyncExternalStore(outbox.subscribe, outbox.all);
}

/** What the server last said of its own trouble; empty while it is well. */
export function useServerTrouble(): string {
  return useSyncExternalStore(outbox.subscribe, outbox.inTrouble);
}

/** Whether the last reading sent found no server. */
export function useServerAway(): boolean {
  return useSyncExternalStore(outbox.subscribe, outbox.isAway);
}

/** Whether the shop’s passphrase is to be said before anything more is asked. */
export function useServerWantsPassphrase(): boolean {
  return useSyncExternalStore(theDoor.subscribe, theDoor.isShut);
}
