import { startTransition, useEffect, useState } from 'react';

/** False when first drawn, true a moment later: what need not be seen at once is drawn then, in slices. */
export function useMomentLater(): boolean {
  const [later, setLater] = useState(false);
  useEffect(() => startTransition(() => setLater(true)), []);
  return later;
}
