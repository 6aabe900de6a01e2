import type { Culture, Keeping } from '../cultures/culture';
import { knownCultures, type CultureTable } from '../cultures/registry';
import { feedRiseMlPerGram } from '../lots/add';
import type { Lot } from '../lots/lot';
import { levelMl } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import type { Portion } from '../matter/portion';
import { schoolOf } from './schools';
import { sensibleGrams, sensibleMillilitres } from '../measures/sensible';

/** The culture of a kept jar; null for any other lot. */
export function keptCulture(
  lot: Lot,
  cultures: CultureTable = knownCultures,
): (Culture & { readonly keeping: Keeping }) | null {
  const culture = cultures(lot.culture);
  return lot.role === 'starter' && culture?.keeping ? { ...culture, keeping: culture.keeping } : null;
}

/** What of a family a jar was last given; `fallback` when it never was. */
function lastGiven(lot: Lot, is: (family: string) => boolean, fallback: Portion): Portion {
  for (let i = lot.events.length - 1; i >= 0; i--) {
    const event = lot.events[i]!;
    if (event.kind !== 'added') continue;
    const portion = event.portions.find(({ what }) => is(ingredientOf(what).family));
    if (portion) return portion;
  }
  return fallback;
}

/** The sweetener a jar was last given; white sugar when it never had one. */
export const usualSweetener = (lot: Lot): string =>
  lastGiven(lot, (family) => family === 'sugar' || family === 'syrup', { what: 'white-sugar' }).what;

/**
 * The usual feed of a jar: sugar and plant by its level (or mark), and water up to the mark when it is low. Jars that are
 * renewed get fresh sugar water for all they hold.
 *
 * @param atLevelMl level to reckon from, ml; the jar's own when left out
 * @returns portions a kitchen can measure; empty for what is only kept cold
 */
export function usualFeed(
  lot: Lot,
  atLevelMl = levelMl(lot.contents),
  cultures: CultureTable = knownCultures,
): Portion[] {
  const culture = keptCulture(lot, cultures);
  if (!culture) return [];
  const { feed, begin, renews } = culture.keeping;
  const mark = lot.markMl;
  const bodyGrams = feed.bodyShare * mark;
  const sugarGrams = feed.sugarShare * mark;
  const body = lastGiven(lot, (family) => !['water', 'sugar', 'syrup'].includes(family), {
    what: begin.body,
  });
  const sweet = { what: usualSweetener(lot) };
  const room = mark - atLevelMl - (renews ? 0 : bodyGrams * feedRiseMlPerGram);
  const portions: Portion[] = [];
  if (bodyGrams > 0)
    portions.push({
      what: body.what,
      grams: sensibleGrams(bodyGrams),
      ...(body.form ? { form: body.form } : {}),
    });
  if (sugarGrams > 0) portions.push({ what: sweet.what, grams: sensibleGrams(sugarGrams) });
  const { minerals, wet } = bySchool(lot, culture);
  if (minerals > 0) portions.push({ what: 'baking-soda', grams: minerals });
  const water = Math.max(0, sensibleMillilitres(room)) + (sugarGrams > 0 ? wet : 0);
  return water > 0 && sugarGrams > 0 ? [...portions, { what: 'water', ml: water }] : portions;
}

/** Water of a feed in the school that adds some, as a share of the mark: practice, a little more than the dry feed. */
const wetShare = 0.08;
/** A pinch of bicarbonate for grains, g per litre: practice. */
const pinchPerLitre = 0.3;

/** What the school a jar is kept by adds to its feeds: minerals, g, and water, ml. */
function bySchool(lot: Lot, { unit, keeping }: Culture & { readonly keeping: Keeping }) {
  const grains = keeping.renews && unit === 'g';
  return {
    minerals:
      grains && lot.schools?.minerals === 'minerals' ? Math.round(pinchPerLitre * lot.markMl * 0.01) / 10 : 0,
    wet:
      !keeping.renews && schoolOf(lot, 'feeds') === 'water' ? sensibleMillilitres(wetShare * lot.markMl) : 0,
  };
}
