import { useContext, useEffect, useMemo, useSyncExternalStore } from 'react';
import { lotAsOf } from '@/core/forecast/question/as-of';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { familyQuestion } from '@/core/forecast/question/family-question';
import { rootOf } from '@/core/forecast/question/family-members';
import { lotOf, type Household } from '@/core/journal/household';
import { wentTo } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { habitsOf } from '@/core/tasting/habits';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { QueueContext, useForecasts } from './forecasts';

/** The question of a family as it stood before its first bottle was opened: nobody had learned from it then. */
function beforeQuestion(root: Lot, at: number, household: Household) {
  const find = (id: string) => {
    const each = lotOf(household, id);
    return each && lotAsOf(each, at);
  };
  const asked = familyQuestion({
    root: find(root.id)!,
    find,
    warmths: household.warmths,
    now: at,
    learned: () => null,
    household,
    habits: habitsOf(household),
  });
  return asked ? ({ kind: 'family', subject: `before:${root.id}`, asked } as const) : null;
}

export interface Before {
  readonly answerOf: (lotId: string) => LotAnswer | null;
  /** Whether one of the lots has no answer yet. */
  readonly isPending: boolean;
}

/**
 * What was forecast of opened bottles before anybody opened one of their batch, and what is forecast of the rest. Asked once a
 * batch, after everything that lives.
 */
export function useBefore(lots: readonly Lot[]): Before {
  const household = useAppSelector(selectHousehold);
  const queue = useContext(QueueContext)!;
  const forecasts = useForecasts();
  useSyncExternalStore(queue.subscribe, queue.snapshot);
  const find = (id: string) => lotOf(household, id);
  const roots = [...new Set(lots.filter((lot) => lot.opened).map((lot) => rootOf(lot, find).id))].join(' ');
  const questions = useMemo(
    () =>
      roots.split(' ').flatMap((id) => {
        const root = lotOf(household, id);
        const opened = root && firstOpened(root, household);
        return (opened && beforeQuestion(root, opened, household)) || [];
      }),
    [household, roots],
  );
  useEffect(() => {
    for (const [index, question] of questions.entries()) queue.ask(question, 300 + index);
  }, [queue, questions]);
  const answerOf = (lotId: string) => {
    const lot = find(lotId);
    if (!lot?.opened) return forecasts.lotAnswer(lotId);
    const answer = queue.familyAnswer(`before:${rootOf(lot, find).id}`);
    return answer?.lots.find((each) => each.lotId === lotId) ?? null;
  };
  return {
    answerOf,
    isPending: questions.some(({ subject }) => !queue.familyAnswer(subject) && !queue.hasFailed(subject)),
  };
}

/** When the first bottle of a batch was opened; null while all are closed. */
function firstOpened(root: Lot, household: Household): number | null {
  const opened = wentTo(root).flatMap(
    ({ lotId }) => (lotId ? lotOf(household, lotId)?.opened?.at : null) ?? [],
  );
  return opened.length > 0 ? Math.min(...opened) : null;
}
