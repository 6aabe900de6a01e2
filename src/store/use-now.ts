import { useEffect, useState } from 'react';
import { clockNow } from './environment';
import { selectRevision } from './selectors';
import { useAppSelector } from './store';

const everyMs = 20_000;

/**
 * The clock, ticking three times a minute, at once when a sleeping tab wakes, and with every entry: what was written a moment
 * ago lies never in the future of what is on view.
 */
export function useNow(): number {
  const revision = useAppSelector(selectRevision);
  const [tick, setTick] = useState({ now: clockNow(), revision });
  if (tick.revision !== revision) setTick({ now: clockNow(), revision });
  useEffect(() => {
    const refresh = () => setTick((last) => ({ ...last, now: clockNow() }));
    const timer = setInterval(refresh, everyMs);
    document.addEventListener('visibilitychange', refresh);
    window.addEventListener('focus', refresh);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', refresh);
      window.removeEventListener('focus', refresh);
    };
  }, []);
  return tick.now;
}
