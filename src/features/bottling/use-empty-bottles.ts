import { useMemo } from 'react';
import { makesInUse } from '@/core/bottling/empty-bottles';
import { everyLot, type Household } from '@/core/journal/household';

/** The makes of bottles of a household, and what of each stands empty. */
export function useEmptyBottles(household: Household) {
  const makes = useMemo(() => makesInUse(household, everyLot(household)), [household]);
  const empty = useMemo(
    () => makes.map(({ make, empty: count }) => ({ stock: make.key, kind: make.kind, ml: make.ml, count })),
    [makes],
  );
  return { makes, empty };
}
