import { knownCultures } from '@/core/cultures/registry';
import type { Household } from '@/core/journal/household';
import { celsiusAt } from '@/core/kitchen/places';
import type { Lot } from '@/core/lots/lot';
import { isInSeason } from '@/core/matter/seasons';
import { boughtAs, type Recipe } from '@/core/recipes/recipe';
import { pantryLeft } from '@/core/brew/pantry-left';
import { firstReadyAt } from '@/core/starter/beginning-run';
import { glassAfter } from '@/core/starter/first-glass';
import { dayMs } from '@/core/duration';
import { jarFor, lotOfLife } from '../brews/worktop/state/worktop-life';

/** How a recipe stands today, in this kitchen. */
export interface Outlook {
  /** Whether what brings it to life is here, needs none, comes from a packet that is bought, or is to be begun first. */
  readonly life: 'here' | 'none-needed' | 'bought' | 'to-begin';
  /** The jar or packet it would be brewed with. */
  readonly jar: Lot | null;
  /** What of it is not in the house; null while nobody said what is. */
  readonly missing: readonly string[] | null;
  /** Whether something of it grows now, or does not; null where the year does not matter. */
  readonly season: 'now' | 'away' | null;
  /** When a glass could be poured, ms; null while its starter must be begun first. */
  readonly glass: { readonly early: number; readonly usual: number; readonly late: number } | null;
}

/** Water comes from the tap. */
const alwaysThere = ['water'];

/**
 * @param lots jars, packets and batches that live
 * @param south whether summer is about the new year
 */
export function outlookOf(
  recipe: Recipe,
  household: Household,
  lots: readonly Lot[],
  { now, south }: { readonly now: number; readonly south: boolean },
): Outlook {
  const found = lotOfLife(jarFor(recipe.culture, lots) ?? '', lots);
  const jar = found?.lot ?? null;
  const bare = knownCultures(recipe.culture)?.bare != null;
  const life = bare ? 'none-needed' : jar ? 'here' : boughtAs(recipe.culture) ? 'bought' : 'to-begin';
  const pantry = pantryLeft(household);
  const whats = [...new Set(recipe.lines.map(({ what }) => what))];
  const month = new Date(now).getMonth() + 1;
  const seasons = whats.map((what) => isInSeason(what, month, south)).filter((there) => there !== null);
  const begins = jar ? (firstReadyAt(jar, household.warmths, now) ?? now) : now;
  return {
    life,
    jar,
    missing:
      pantry.size === 0 ? null : whats.filter((what) => !alwaysThere.includes(what) && !pantry.has(what)),
    season: seasons.length === 0 ? null : seasons.every(Boolean) ? 'now' : 'away',
    glass:
      life === 'to-begin'
        ? null
        : glassAfter(recipe.method.days, celsiusAt(household.warmths, 'counter', now), begins),
  };
}

/** What a maker wants of what is proposed. */
export type Wish = 'lives' | 'house' | 'season' | 'week' | 'mild' | 'own';

/** So little alcohol counts as mild, %. */
const mildPercent = 1;

interface Seen {
  readonly outlook: Outlook;
  /** Alcohol when it tastes best, %: what one kitchen in twenty is above; null while it is not worked out. */
  readonly alcohol: number | null;
  readonly own: boolean;
}

/** Whether a recipe is what is wanted; what is not known yet is not. */
export function isWanted(wish: Wish, { outlook, alcohol, own }: Seen, now: number): boolean {
  switch (wish) {
    case 'lives':
      return outlook.life === 'here' || outlook.life === 'none-needed';
    case 'house':
      return outlook.missing?.length === 0;
    case 'season':
      return outlook.season === 'now';
    case 'week':
      return outlook.glass !== null && outlook.glass.usual <= now + 7 * dayMs;
    case 'mild':
      return alcohol !== null && alcohol <= mildPercent;
    case 'own':
      return own;
  }
}
