import { everyLot, type Household } from '../journal/household';
import type { Lot } from '../lots/lot';
import { wishesOf, type Wish } from '../settings/wish';

/** The brew that was made by a plan: the first of its recipe since it was taken; null while there is none. */
export function brewOf({ taken }: Pick<Wish, 'taken'>, household: Household): Lot | null {
  if (!taken) return null;
  const [id] = taken.recipe.split('@');
  const [brew = null] = everyLot(household)
    .filter(
      ({ role, recipe, begunAt }) => role === 'brew' && begunAt >= taken.since && recipe?.from?.id === id,
    )
    .sort((a, b) => a.begunAt - b.begunAt);
  return brew;
}

/** Wishes whose time has not come and whose brew is not made. */
export const openWishes = (household: Household, now: number): Wish[] =>
  wishesOf(household).filter((wish) => wish.by > now && brewOf(wish, household) === null);
