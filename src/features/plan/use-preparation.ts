import { useMemo } from 'react';
import type { FreeHours } from '@/core/plan/free-hours';
import { preparation, type Preparing } from '@/core/plan/preparation';
import { recipeKey } from '@/core/recipes/recipe';
import type { Wish } from '@/core/settings/wish';
import { wakingOf } from '@/core/settings/waking-hours';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { busyOf } from './plan-ask';
import { feedsFor, newestRecipes } from './ways';

/** What is done before a brew day: bought, stood, fed. @param key of the recipe */
export function usePreparation(
  wish: Pick<Wish, 'ml'>,
  key: string,
  pitchAt: number,
  now: number,
): readonly Preparing[] {
  const household = useAppSelector(selectHousehold);
  return useMemo(() => {
    const recipe = newestRecipes(household).find((each) => recipeKey(each) === key);
    if (!recipe) return [];
    const free: FreeHours = { waking: wakingOf(household), busy: busyOf(household, now) };
    return preparation(recipe.method, pitchAt, feedsFor(wish, key, household, pitchAt, now), { now, free });
  }, [household, wish, key, pitchAt, now]);
}
