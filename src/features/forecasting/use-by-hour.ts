import { useCallback, useContext, useEffect, useMemo, useState } from 'react';
import { type BottledThen, type ChilledThen } from '@/core/forecast/answer/courses';
import { continued, type Course } from '@/core/forecast/answer/course';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { QueueContext } from './forecasts';
import type { Handle } from './use-handle';
import { t } from '@/core/language/t';

type ByHour<T> = ReadonlyMap<number, T>;

/** What stands where an hour's answer is on its way. */
export const workingOut = t`Working it out…`;

/**
 * What each hour of a handle gives: worked out in the worker once a run is shown, looked up while the handle moves; the hour it
 * stands at first. Null until that is there.
 *
 * @param ask the same function for as long as it asks the same; null asks nothing
 */
function useByHour<T extends { readonly hour: number }>(
  ask: ((hours: readonly number[]) => Promise<readonly T[] | null>) | null,
  { min, max, hand, hourOf }: Handle,
): ByHour<T> | null {
  const [table, setTable] = useState<{ of: unknown; byHour: ByHour<T> } | null>(null);
  useEffect(() => {
    if (!ask || max < min) return undefined;
    let wanted = true;
    const show = (all: readonly T[] | null) => {
      if (wanted && all) setTable({ of: ask, byHour: new Map(all.map((each) => [each.hour, each])) });
      return all !== null && wanted;
    };
    const hours = Array.from({ length: max - min + 1 }, (_, i) => min + i);
    void ask([hourOf(hand.chosen())])
      .then(show)
      .then(async (more) => {
        if (more) show(await ask(hours));
      });
    return () => void (wanted = false);
  }, [ask, min, max, hand, hourOf]);
  return table?.of === ask ? table.byHour : null;
}

/** What chilling at each hour gives. */
export function useChills(runId: string, limitBar: number | null, handle: Handle, until: number) {
  const queue = useContext(QueueContext)!;
  const ask = useMemo(
    () =>
      limitBar === null ? null : (hours: readonly number[]) => queue.chills(runId, hours, limitBar, until),
    [queue, runId, limitBar, until],
  );
  return useByHour<ChilledThen>(ask, handle);
}

/** What bottling at each hour gives. */
export function useBottlings(runId: string, wantedVolumes: number, handle: Handle) {
  const queue = useContext(QueueContext)!;
  const ask = useCallback(
    (hours: readonly number[]) => queue.bottlings(runId, hours, wantedVolumes),
    [queue, runId, wantedVolumes],
  );
  return useByHour<BottledThen>(ask, handle);
}

/** The lanes if it is chilled at an hour; as they are where that is not asked, or on its way. */
export function useCourse(
  answer: LotAnswer,
  chillHour: number | null,
  table: ByHour<ChilledThen> | null,
): Course {
  return useMemo(() => {
    const tail = chillHour === null ? undefined : table?.get(chillHour)?.tail;
    const { hours, series } = answer;
    return tail ? continued(hours, series, chillHour!, tail) : { hours, series };
  }, [answer, chillHour, table]);
}
