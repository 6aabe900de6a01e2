import { useMemo } from 'react';
import type { UnderWay } from '@/core/plan/under-way';
import { agenda } from '@/core/tasks/agenda';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useForecasts } from '../forecasting/forecasts';
import { aheadOf, type Ahead } from './ahead';
import { madeFor } from './under-way-ask';

/** What is ahead of the wishes whose brew is under way. */
export function useAhead(answers: ReadonlyMap<string, UnderWay>, now: number): Ahead[] {
  const household = useAppSelector(selectHousehold);
  const { living, lotAnswer, starterAnswer } = useForecasts();
  return useMemo(() => {
    const made = madeFor(household, now);
    if (made.length === 0) return [];
    return aheadOf(made, answers, agenda({ household, living, lotAnswer, starterAnswer, now }), household);
  }, [answers, household, living, lotAnswer, starterAnswer, now]);
}
