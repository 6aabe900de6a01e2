import { useContext, useEffect, useMemo, useState } from 'react';
import { chilledCourse, continued, type ChilledThen, type Course } from '@/core/forecast/courses';
import type { LotAnswer } from '@/core/forecast/family-answer';
import { pourAfterChill, type Pour } from '@/core/forecast/pour';
import type { StoredRun } from '@/core/forecast/stored-run';
import { DeskContext } from './book';

interface Table {
  readonly of: StoredRun;
  readonly until: number;
  readonly byHour: ReadonlyMap<number, ChilledThen>;
}

/** What chilling at each hour gives: worked out in the worker once a run is shown, looked up while the handle moves. */
export function useChills(run: StoredRun, limitBar: number | null, from: number, to: number, until: number) {
  const desk = useContext(DeskContext)!;
  const [table, setTable] = useState<Table | null>(null);
  useEffect(() => {
    if (limitBar === null || to < from) return undefined;
    let wanted = true;
    const hours = Array.from({ length: to - from + 1 }, (_, i) => from + i);
    void desk.chills(run, hours, limitBar, until).then((chilled) => {
      if (wanted && chilled)
        setTable({ of: run, until, byHour: new Map(chilled.map((each) => [each.hour, each])) });
    });
    return () => void (wanted = false);
  }, [desk, run, limitBar, from, to, until]);
  return table?.of === run && table.until === until ? table.byHour : null;
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
