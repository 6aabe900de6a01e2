import { useContext, useEffect, useSyncExternalStore } from 'react';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { rootOf } from '@/core/forecast/question/family-members';
import type { RunInfo } from '@/core/forecast/answer/run-store';
import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { QueueContext, useForecasts } from './forecasts';
import { familyOf } from './questions';

const halfHourMs = 1_800_000;

/** A lot's family answer and what is known of the run behind the lot, asked for while the page is open. */
export function useRuns(lot: Lot, now: number) {
  const household = useAppSelector(selectHousehold);
  const forecasts = useForecasts();
  const queue = useContext(QueueContext)!;
  useSyncExternalStore(queue.subscribe, queue.snapshot);
  const root = rootOf(lot, (id) => lotOf(household, id));
  const halfHour = Math.ceil(now / halfHourMs) * halfHourMs;
  useEffect(() => {
    const question = familyOf(root, household, halfHour, forecasts.learnedFor);
    if (question) queue.ask(question, -1, lot.id);
  }, [queue, root, lot.id, household, halfHour, forecasts]);
  const whole = queue.runsOf(root.id);
  const answer: LotAnswer | undefined = whole?.answer.lots.find(({ lotId }) => lotId === lot.id);
  const run: RunInfo | undefined = whole?.runOf[lot.id];
  return { root, household, whole, answer, run, failed: queue.hasFailed(root.id) };
}
