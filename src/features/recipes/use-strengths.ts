import { useContext, useEffect, useState } from 'react';
import type { Lot } from '@/core/lots/lot';
import { celsiusAt } from '@/core/kitchen/places';
import { recipeKey, type Recipe } from '@/core/recipes/recipe';
import { hourMs } from '@/core/duration';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { rowAtHour } from '@/words/brews/composed-words';
import { composedAsk } from '../brews/worktop/state/composed-ask';
import { laidOut } from '../brews/worktop/state/lay-out';
import { planned } from '../brews/worktop/state/worktop-plan';
import { QueueContext, useForecasts } from '../forecasting/forecasts';

/** Alcohol of a drink when it tastes best, %: low and high of nine kitchens in ten. */
export type Strength = readonly [low: number, high: number];

/** A batch of this size is worked out, ml. */
const usualMl = 2000;

/**
 * How strong each recipe would be that can be brewed with what lives here, worked out one after another by the same model as
 * everything else; a recipe that is not in it yet, or cannot be brewed, is missing.
 */
export function useStrengths(
  recipes: readonly Recipe[],
  lots: readonly Lot[],
): ReadonlyMap<string, Strength> {
  const queue = useContext(QueueContext)!;
  const forecasts = useForecasts();
  const household = useAppSelector(selectHousehold);
  const now = Math.floor(useNow() / hourMs) * hourMs;
  const [found, setFound] = useState<ReadonlyMap<string, Strength>>(new Map());
  const keys = recipes.map(recipeKey).join();
  useEffect(() => {
    let over = false;
    const askAll = async () => {
      for (const recipe of recipes) {
        if (over) return;
        const state = laidOut(recipe, usualMl, lots, celsiusAt(household.warmths, 'counter', now));
        const worked = planned(state, lots);
        const question = worked.ok ? composedAsk(state, worked.value, household, forecasts, now) : null;
        const lot = question ? (await queue.compose(question))?.lots[0] : null;
        if (over || !lot?.taste) continue;
        const five = rowAtHour(lot, lot.series.alcohol, lot.taste.best);
        setFound((before) => new Map(before).set(recipeKey(recipe), [five[0], five[4]]));
      }
    };
    void askAll();
    return () => {
      over = true;
    };
    // Asked once for a list: what changes in the kitchen meanwhile is asked when the page is opened again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [keys]);
  return found;
}
