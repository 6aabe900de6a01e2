import { useContext, useEffect, useSyncExternalStore } from 'react';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { rootOf } from '@/core/forecast/question/family-members';
import type { StoredRun } from '@/core/forecast/run/stored-run';
import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { DeskContext, useBook } from './book';
import { familyOf } from './questions';

const halfHourMs = 1_800_000;

/** A lot's family answer and the run behind the lot, asked for while the page is open. */
export function useRuns(lot: Lot, now: number) {
  const household = useAppSelector(selectHousehold);
  const book = useBook();
  const desk = useContext(DeskContext)!;
  useSyncExternalStore(desk.subscribe, desk.snapshot);
  const root = rootOf(lot, (id) => lotOf(household, id));
  const halfHour = Math.ceil(now / halfHourMs) * halfHourMs;
  useEffect(() => {
    const question = familyOf(root, household, halfHour, book.learnedFor);
    if (question) desk.ask(question, -1, lot.id);
  }, [desk, root, lot.id, household, halfHour, book]);
  const whole = desk.runsOf(root.id);
  const answer: LotAnswer | undefined = whole?.answer.lots.find(({ lotId }) => lotId === lot.id);
  const run: StoredRun | undefined = whole?.runs[whole.runOf[lot.id] ?? -1];
  return { root, household, whole, answer, run, failed: desk.hasFailed(root.id) };
}
