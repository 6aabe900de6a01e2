import { useMemo } from 'react';
import type { Household } from '@/core/journal/household';
import type { FreeHours } from '@/core/plan/free-hours';
import type { Outline } from '@/core/plan/outline';
import type { DatedPlan } from '@/core/plan/plan-days';
import { preparation, type Preparing } from '@/core/plan/preparation';
import type { OpenWish } from '@/core/plan/wished';
import { recipeKey } from '@/core/recipes/recipe';
import type { Wish } from '@/core/settings/wish';
import { wakingOf } from '@/core/settings/waking-hours';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { busyOf } from './plan-ask';
import { feedsFor, newestRecipes } from './ways';

/** What is done before a brew day: bought, stood, fed. */
function prepared(
  wish: Pick<Wish, 'ml'>,
  { wayId, pitchAt }: Pick<Outline, 'wayId' | 'pitchAt'>,
  household: Household,
  now: number,
): Preparing[] {
  const recipe = newestRecipes(household).find((each) => recipeKey(each) === wayId);
  if (!recipe) return [];
  const free: FreeHours = { waking: wakingOf(household), busy: busyOf(household, now) };
  return preparation(recipe.method, pitchAt, feedsFor(wish, wayId, household, pitchAt, now), { now, free });
}

/** The chosen ways of open wishes, each with what is done before it. */
export function useDatedPlans(
  wishes: readonly OpenWish[],
  chosen: readonly { readonly wishId: string; readonly outline: Outline }[],
  now: number,
): DatedPlan[] {
  const household = useAppSelector(selectHousehold);
  return useMemo(
    () =>
      chosen.flatMap(({ wishId, outline }) => {
        const wish = wishes.find(({ id }) => id === wishId);
        return wish ? [{ wishId, outline, prepared: prepared(wish, outline, household, now) }] : [];
      }),
    [wishes, chosen, household, now],
  );
}
