import { useCallback, useEffect, useMemo, useState } from 'react';
import { rootOf } from '@/core/forecast/question/family-members';
import { lotOf, type Household } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import type { ForecastQueue } from '@/workers/forecast-queue';
import { Freshness } from './freshness';

/** Which answers are older than what was done last; asked after the queue was. */
export function useStale(
  queue: ForecastQueue,
  household: Household,
  living: readonly Lot[],
  version: number,
): (lotId: string) => boolean {
  const [freshness] = useState(() => new Freshness());
  const [noted, setNoted] = useState(0);
  const families = useMemo(() => {
    const out = new Map<string, Lot[]>();
    for (const lot of living) {
      const root = rootOf(lot, (id) => lotOf(household, id)).id;
      out.set(root, [...(out.get(root) ?? []), lot]);
    }
    return out;
  }, [household, living]);
  const answerOf = useCallback(
    (subject: string) => queue.familyAnswer(subject) ?? queue.starterAnswer(subject),
    [queue],
  );
  useEffect(() => {
    // The questions of this drawing are asked in an effect of their own; a task later they are at the queue.
    const timer = setTimeout(() => {
      if (freshness.note(families, answerOf, (subject) => queue.isPending(subject))) setNoted((n) => n + 1);
    });
    return () => clearTimeout(timer);
  }, [queue, families, answerOf, freshness, version]);
  return useCallback(
    (lotId: string) => {
      const lot = lotOf(household, lotId);
      if (!lot) return false;
      const root = rootOf(lot, (id) => lotOf(household, id)).id;
      return freshness.isStale(root, answerOf(root), families.get(root) ?? []);
    },
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what was noted is not read, but changes what is told
    [household, families, answerOf, freshness, noted, version],
  );
}
