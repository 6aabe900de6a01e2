import { useEffect, useState } from 'react';

/** A value once it has rested for a while: what is costly to draw waits until the hand does. */
export function useRested<T>(value: T, restMs: number): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), restMs);
    return () => clearTimeout(timer);
  }, [value, restMs]);
  return rested;
}
