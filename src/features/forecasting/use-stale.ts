import { useCallback, useEffect, useMemo, useState } from 'react';
import { rootOf } from '@/core/forecast/question/family-members';
import { lotOf, type Household } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import type { ForecastDesk } from '@/workers/forecast-desk';
import { Freshness } from './freshness';

/** Which answers are older than what was done last; asked after the desk was. */
export function useStale(
  desk: ForecastDesk,
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
    (subject: string) => desk.familyAnswer(subject) ?? desk.starterAnswer(subject),
    [desk],
  );
  useEffect(() => {
    // The questions of this drawing are asked in an effect of their own; a task later they are at the desk.
    const timer = setTimeout(() => {
      if (freshness.note(families, answerOf, (subject) => desk.isPending(subject))) setNoted((n) => n + 1);
    });
    return () => clearTimeout(timer);
  }, [desk, families, answerOf, freshness, version]);
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
