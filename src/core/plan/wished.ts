import { everyLot, lotOf, type Household } from '../journal/household';
import type { Lot } from '../lots/lot';
import { isLiving } from '../lots/lineage';
import { liquidMl } from '../matter/contents';
import { rootOf } from '../forecast/question/family-members';
import { wishesOf, type Wish } from '../settings/wish';
import { onClock } from '../calendar';
import { dayMs } from '../duration';

/** One time that a wish is to be met. */
export interface OpenWish extends Wish {
  /** Its own among all that are open. */
  readonly id: string;
  /** The wish as it is kept. */
  readonly kept: Wish;
}

/** Of a standing wish so many times are planned at once, and no further ahead. */
const most = 3;
const ahead = 28 * dayMs;
/** What runs short before a soda can be made is wished for then. */
const soonest = 10 * dayMs;

const ofRecipe = (recipe: string, { role, recipe: made }: Lot): boolean =>
  role === 'brew' && (recipe === '' || made?.from?.id === recipe.split('@')[0]);

/** The brew that was made by a plan: the first of its recipe since it was taken; null while there is none. */
export function brewOf({ taken }: Pick<Wish, 'taken'>, household: Household): Lot | null {
  if (!taken) return null;
  const [brew = null] = everyLot(household)
    .filter((lot) => lot.begunAt >= taken.since && ofRecipe(taken.recipe, lot))
    .sort((a, b) => a.begunAt - b.begunAt);
  return brew;
}

/** What is there of a soda, ml: bottles that stand closed, warm or cold, and brews that are not bottled yet. */
export function stockOf({ recipe }: Pick<Wish, 'recipe'>, household: Household): number {
  return everyLot(household)
    .filter((lot) => isLiving(lot) && lot.opened === null && lot.role !== 'starter')
    .filter((lot) =>
      ofRecipe(
        recipe,
        rootOf(lot, (id) => lotOf(household, id)),
      ),
    )
    .reduce((sum, { contents }) => sum + liquidMl(contents), 0);
}

/** When a standing wish is to be met next, and after that, ms. */
function timesOf(wish: Wish, household: Household, now: number): number[] {
  const { standing, by, ml } = wish;
  if (!standing) return by > now ? [by] : [];
  const days = standing.kind === 'every' ? standing.days : (7 * ml) / standing.weeklyMl;
  const first =
    standing.kind === 'every'
      ? by + nextOf(wish, standing.since, days, household, now) * days * dayMs
      : now + Math.max(soonest, ((7 * (stockOf(wish, household) - ml)) / standing.weeklyMl) * dayMs);
  // In the evening of its day, so that it stays where it is while time goes on.
  const evening = (at: number) => (standing.kind === 'stock' ? onClock(at, 18 * 60) : at);
  return Array.from({ length: most }, (_, i) => evening(first + i * days * dayMs)).filter(
    (at) => at <= now + ahead,
  );
}

/** Which time is next: each brew since the wish met one, and what has gone by is past. */
function nextOf({ by, recipe }: Wish, since: number, days: number, household: Household, now: number) {
  const made = everyLot(household).filter((lot) => lot.begunAt >= since && ofRecipe(recipe, lot)).length;
  return Math.max(made, Math.floor((now - by) / (days * dayMs)) + 1, 0);
}

/** Every time that wishes are still to be met and whose brew is not made, in order. A plan that was taken is the next one's. */
export const openWishes = (household: Household, now: number): OpenWish[] =>
  wishesOf(household)
    .flatMap((kept) => {
      const made = brewOf(kept, household) !== null;
      if (made && !kept.standing) return [];
      return timesOf(kept, household, now).map((by, i) => ({
        ...kept,
        kept,
        by,
        id: i === 0 ? kept.key : `${kept.key}+${i}`,
        taken: made || i > 0 ? null : kept.taken,
      }));
    })
    .sort((a, b) => a.by - b.by || (a.id < b.id ? -1 : 1));
