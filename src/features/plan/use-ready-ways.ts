import { useEffect } from 'react';
import type { Wish } from '@/core/settings/wish';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { planner } from '@/workers/plan-client';
import { useForecasts } from '../forecasting/forecasts';
import { recipesFor, wayOf } from './ways';

/** Nobody types or taps for so long, ms. */
const quietMs = 400;

/** While a wish is being said, the lengths that its plan will ask for are worked out already. @param wish null while it cannot be planned */
export function useReadyWays(wish: Pick<Wish, 'recipe' | 'ml' | 'terms'> | null, now: number): void {
  const forecasts = useForecasts();
  const household = useAppSelector(selectHousehold);
  const key = JSON.stringify(wish);
  useEffect(() => {
    if (!wish) return;
    let isOver = false;
    const prepare = async () => {
      for (const recipe of recipesFor(wish, household)) {
        if (isOver) return;
        const way = wayOf(recipe, wish, household, forecasts, now);
        if (way) await planner().prepare(way);
      }
    };
    const timer = setTimeout(() => void prepare(), quietMs);
    return () => {
      isOver = true;
      clearTimeout(timer);
    };
    // The key says all that the wish holds.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, household, forecasts, now]);
}
