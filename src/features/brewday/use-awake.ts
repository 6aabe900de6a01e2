import { useEffect } from 'react';

interface WakeLocks {
  request(type: 'screen'): Promise<{ release(): Promise<void> }>;
}

/** Keeps the screen lit while a page is open, where the browser lets it; taken up again when the page is seen again. */
export function useAwake(): void {
  useEffect(() => {
    const locks = (navigator as { wakeLock?: WakeLocks }).wakeLock;
    if (!locks) return undefined;
    let held: { release(): Promise<void> } | null = null;
    let wanted = true;
    const take = () => {
      if (document.visibilityState !== 'visible') return;
      locks.request('screen').then(
        (lock) => {
          if (wanted) held = lock;
          else void lock.release();
        },
        // A device that is low on power refuses: the page works all the same.
        () => undefined,
      );
    };
    take();
    document.addEventListener('visibilitychange', take);
    return () => {
      wanted = false;
      document.removeEventListener('visibilitychange', take);
      void held?.release().catch(() => undefined);
    };
  }, []);
}
