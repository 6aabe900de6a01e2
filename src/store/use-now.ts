import { useEffect, useState } from 'react';
import { clockNow } from './environment';

const everyMs = 20_000;

/** The clock, ticking three times a minute, and at once when a sleeping tab wakes. */
export function useNow(): number {
  const [now, setNow] = useState(clockNow);
  useEffect(() => {
    const tick = () => setNow(clockNow());
    const timer = setInterval(tick, everyMs);
    document.addEventListener('visibilitychange', tick);
    window.addEventListener('focus', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
      window.removeEventListener('focus', tick);
    };
  }, []);
  return now;
}
