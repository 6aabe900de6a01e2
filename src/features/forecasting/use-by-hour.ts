import { useCallback, useContext, useEffect, useMemo, useState } from 'react';
import {
  bottledAt,
  chilledCourse,
  continued,
  type BottledThen,
  type ChilledThen,
  type Course,
} from '@/core/forecast/answer/courses';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { pourAfterChill, type Pour } from '@/core/forecast/what-if/pour';
import type { StoredRun } from '@/core/forecast/run/stored-run';
import { QueueContext } from './forecasts';
import type { Handle } from './use-handle';

type ByHour<T> = ReadonlyMap<number, T>;

/**
 * What each hour of a handle gives: worked out in the worker once a run is shown, looked up while the handle moves. Null until
 * it is there.
 *
 * @param ask the same function for as long as it asks the same; null asks nothing
 */
function useByHour<T extends { readonly hour: number }>(
  ask: ((hours: readonly number[]) => Promise<readonly T[] | null>) | null,
  from: number,
  to: number,
): ByHour<T> | null {
  const [table, setTable] = useState<{ of: unknown; byHour: ByHour<T> } | null>(null);
  useEffect(() => {
    if (!ask || to < from) return undefined;
    let wanted = true;
    void ask(Array.from({ length: to - from + 1 }, (_, i) => from + i)).then((all) => {
      if (wanted && all) setTable({ of: ask, byHour: new Map(all.map((each) => [each.hour, each])) });
    });
    return () => void (wanted = false);
  }, [ask, from, to]);
  return table?.of === ask ? table.byHour : null;
}

/** What chilling at each hour gives. */
export function useChills(run: StoredRun, limitBar: number | null, from: number, to: number, until: number) {
  const queue = useContext(QueueContext)!;
  const ask = useMemo(
    () =>
      limitBar === null ? null : (hours: readonly number[]) => queue.chills(run, hours, limitBar, until),
    [queue, run, limitBar, until],
  );
  return useByHour<ChilledThen>(ask, from, to);
}

/** What bottling at an hour gives, by that hour: from the table, or worked out at once while that is on its way. */
export function useBottlings(run: StoredRun, wantedVolumes: number, { min, max }: Handle) {
  const queue = useContext(QueueContext)!;
  const ask = useCallback(
    (hours: readonly number[]) => queue.bottlings(run, hours, wantedVolumes),
    [queue, run, wantedVolumes],
  );
  const table = useByHour<BottledThen>(ask, min, max);
  return useMemo(
    () => onceAnHour((hour) => table?.get(hour) ?? bottledAt(run, hour, wantedVolumes)),
    [run, wantedVolumes, table],
  );
}

/** Works out each hour once. */
function onceAnHour<T>(workOut: (hour: number) => T): (hour: number) => T {
  const known = new Map<number, T>();
  return (hour) => {
    const value = known.get(hour) ?? workOut(hour);
    known.set(hour, value);
    return value;
  };
}

/** The glass if it is chilled at an hour: from the table, or worked out at once while that is on its way. */
export const pourAt = (
  run: StoredRun,
  hour: number,
  limitBar: number,
  table: ReadonlyMap<number, ChilledThen> | null,
): Pour => table?.get(hour)?.pour ?? pourAfterChill(run, hour, limitBar);

/** The lanes if it is chilled at an hour, or as they are. */
export function useCourse(
  run: StoredRun,
  answer: LotAnswer,
  chillHour: number | null,
  until: number,
  table: ReadonlyMap<number, ChilledThen> | null,
): Course {
  return useMemo(() => {
    if (chillHour === null) return { hours: run.hours, series: answer.series };
    const tail = table?.get(chillHour)?.tail;
    return tail
      ? continued(run.hours, answer.series, chillHour, tail)
      : chilledCourse(run, answer.series, chillHour, until);
  }, [run, answer, chillHour, until, table]);
}
