import { useSyncExternalStore } from 'react';
import { atBase } from '@/ui/files/at-base';
import { registerOffline, type Update } from '@/store/register-offline';

let waiting: Update | null = null;
const listeners = new Set<() => void>();

/** Watches for a newer version; called once at the start. */
export const watchForUpdates = (): void =>
  registerOffline(atBase('service-worker.js'), (update) => {
    waiting = update;
    for (const listener of listeners) listener();
  });

/** The newer version that waits, if one does. */
export const useUpdate = (): Update | null =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => waiting,
    () => null,
  );
