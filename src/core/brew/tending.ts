import { knownCultures } from '../cultures/registry';
import type { Lot } from '../lots/lot';
import { solidGrams } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';

/** What a first ferment wants every day. */
export interface Tending {
  /** Times a day to stir; 0 to leave it alone. */
  readonly stirs: number;
  /** Whether gas must be let out by hand, and at least every so many hours. */
  readonly ventEveryHours: number | null;
  /** Whether something floats that must be pushed under. */
  readonly keepUnder: boolean;
  /** Whether air reaches it: then film and fuzz are looked for each day. */
  readonly lookForFilm: boolean;
}

const floats: readonly string[] = ['fruit', 'vegetable', 'ginger', 'herb', 'flower'];
/** Less than this of solids lies low, g. */
const leastSolids = 20;
/** A lid is lifted once a day, whether it is pressed on or closed tight. Practice. */
const ventHours = { 'loose-lid': 24, sealed: 24 } as const;

/**
 * What to do daily to a brew in its first ferment: by what lies in it, what lives in it, and how it is closed.
 *
 * @source practice: peel and raw solids stirred twice a day, fruit once, clear liquids under an airlock left alone
 */
export function tendingOf(lot: Lot): Tending {
  const solids = Object.keys(lot.contents.solids).reduce(
    (sum, id) => sum + (floats.includes(ingredientOf(id).family) ? solidGrams(lot.contents, id) : 0),
    0,
  );
  const bare = knownCultures(lot.culture)?.bare != null;
  const loose = solids >= leastSolids;
  return {
    stirs: !loose ? 0 : bare ? 2 : 1,
    ventEveryHours: lot.closure === 'loose-lid' || lot.closure === 'sealed' ? ventHours[lot.closure] : null,
    keepUnder: loose,
    lookForFilm: lot.closure === 'cloth' || lot.closure === 'loose-lid',
  };
}

/** Times it was stirred since an instant, and when last. */
export function stirredSince(
  lot: Lot,
  since: number,
): { readonly times: number; readonly last: number | null } {
  const stirs = lot.events.filter(({ kind }) => kind === 'stirred');
  return { times: stirs.filter(({ at }) => at >= since).length, last: stirs.at(-1)?.at ?? null };
}
