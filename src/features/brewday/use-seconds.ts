import { useEffect, useState } from 'react';
import { clockNow } from '@/store/environment';

/** The clock, second by second, while something counts down. */
export function useSeconds(): number {
  const [now, setNow] = useState(clockNow);
  useEffect(() => {
    const tick = () => setNow(clockNow());
    const timer = setInterval(tick, 1000);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, []);
  return now;
}
