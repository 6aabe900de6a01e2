import type { Culture, JarCare } from '../cultures/culture';
import { knownCultures, type CultureTable } from '../cultures/registry';
import { feedRiseMlPerGram } from '../lots/add';
import type { Lot } from '../lots/lot';
import { levelMl } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import { gramsOfPortion, mlOfPortion, type Portion } from '../matter/portion';
import { sugarOfPortions } from './percentages';
import { schoolOf } from './schools';
import { sensibleGrams, sensibleMillilitres } from '../measures/sensible';

/** The culture of a kept jar; null for any other lot. */
export function keptCulture(
  lot: Pick<Lot, 'role' | 'culture'>,
  cultures: CultureTable = knownCultures,
): (Culture & { readonly keeping: JarCare }) | null {
  const culture = cultures(lot.culture);
  return lot.role === 'starter' && culture?.keeping ? { ...culture, keeping: culture.keeping } : null;
}

/** What of a family a jar was last given; `fallback` when it never was. */
function lastGiven(lot: Lot, is: (family: string) => boolean, fallback: Portion): Portion {
  for (let i = lot.events.length - 1; i >= 0; i--) {
    const event = lot.events[i]!;
    if (event.kind !== 'added') continue;
    // What lives is drawn and begun with, never fed.
    const portion = event.portions.find(({ what }) => {
      const { family } = ingredientOf(what);
      return family !== 'culture' && is(family);
    });
    if (portion) return portion;
  }
  return fallback;
}

/** The sweetener a jar was last given; white sugar when it never had one. */
export const usualSweetener = (lot: Lot): string =>
  lastGiven(lot, (family) => family === 'sugar' || family === 'syrup', { what: 'white-sugar' }).what;

/** A feed with less or more sugar than this, against the kind's rule, was a rescue, not a habit. */
const habit = { least: 0.25, most: 3 } as const;

/** What a jar was fed the last time, flavourings included, but for a feed of that once; null when it never was, or not as a habit. */
function lastFeed(lot: Lot, ruleSugarGrams: number, renews: boolean): readonly Portion[] | null {
  // What grains were begun with is what they get with every cycle; a bug is begun with more than its feeds.
  for (let i = lot.events.length - 1; i >= (renews ? 0 : 1); i--) {
    const event = lot.events[i]!;
    if (event.kind !== 'added' || event.usual === false) continue;
    const fed = event.portions.filter(({ what }) => ingredientOf(what).family !== 'culture');
    const sugar = sugarOfPortions(fed);
    if (event.usual) return fed;
    if (sugar >= habit.least * ruleSugarGrams && sugar <= habit.most * ruleSugarGrams) return fed;
  }
  return null;
}

const isWater = ({ what }: Portion) => ingredientOf(what).family === 'water';

/** The last feed again: as it was, or, where the liquid is renewed, for as much water as goes in now. */
function feedAgain(fed: readonly Portion[], renews: boolean, waterMl: number): Portion[] {
  const before = fed.filter(isWater).reduce((sum, portion) => sum + mlOfPortion(portion), 0);
  const by = renews && before > 1 && waterMl > 1 ? waterMl / before : 1;
  return fed
    .filter((portion) => !isWater(portion))
    .map(({ typed: _typed, ...portion }) => ({
      ...portion,
      ...(portion.grams === undefined ? {} : { grams: scaledGrams(portion.grams, by) }),
      ...(portion.ml === undefined ? {} : { ml: Math.round(portion.ml * by * 10) / 10 }),
    }));
}

const scaledGrams = (grams: number, by: number) =>
  Math.abs(by - 1) < 0.02 ? grams : sensibleGrams(grams * by);

/**
 * The usual feed of a jar: what it was given the last time, flavourings included; by its kind's rule for one that was never fed;
 * and water up to the mark when it is low. Jars that are renewed get fresh sugar water for all they hold.
 *
 * @param atLevelMl level to count from, ml; the jar's own when left out
 * @returns portions a kitchen can measure; empty for what is only kept cold
 */
export function usualFeed(
  lot: Lot,
  atLevelMl = levelMl(lot.contents),
  cultures: CultureTable = knownCultures,
): Portion[] {
  const culture = keptCulture(lot, cultures);
  if (!culture) return [];
  const { feed, renews } = culture.keeping;
  const mark = lot.markMl;
  const sugarGrams = feed.sugarShare * mark;
  const { minerals, wet } = bySchool(lot, culture);
  const last = sugarGrams > 0 ? lastFeed(lot, sugarGrams, renews) : null;
  const plantGrams = last
    ? last.filter((portion) => !isWater(portion)).reduce((sum, portion) => sum + gramsOfPortion(portion), 0) -
      sugarOfPortions(last)
    : feed.bodyShare * mark;
  const room = mark - atLevelMl - (renews ? 0 : plantGrams * feedRiseMlPerGram);
  const water = Math.max(0, sensibleMillilitres(room)) + (sugarGrams > 0 ? wet : 0);
  const portions = last ? feedAgain(last, renews, water) : byRule(lot, culture, mark, water);
  if (minerals > 0 && !portions.some(({ what }) => what === 'baking-soda'))
    portions.push({ what: 'baking-soda', grams: minerals });
  return water > 0 && sugarGrams > 0 ? [...portions, { what: 'water', ml: water }] : portions;
}

/** Plant and sugar by the kind's rule. */
function byRule(
  lot: Lot,
  { keeping }: { readonly keeping: JarCare },
  mark: number,
  waterMl: number,
): Portion[] {
  const { feed, begin, renews } = keeping;
  const bodyGrams = feed.bodyShare * mark;
  // Fresh sugar water is sweetened by its own water; what tops up a jar that is seldom fed, as it was begun.
  const sugarGrams =
    renews && waterMl > 1
      ? feed.sugarShare * waterMl
      : feed.sugarShare * mark + (feed.everyHours > 48 ? begin.sugarShare[0] * waterMl : 0);
  const body = lastGiven(lot, (family) => !['water', 'sugar', 'syrup'].includes(family), {
    what: begin.body,
  });
  const portions: Portion[] = [];
  if (bodyGrams > 0)
    portions.push({
      what: body.what,
      grams: sensibleGrams(bodyGrams),
      ...(body.form ? { form: body.form } : {}),
    });
  if (sugarGrams > 0) portions.push({ what: usualSweetener(lot), grams: sensibleGrams(sugarGrams) });
  return portions;
}

/** Water of a feed in the school that adds some, as a share of the mark: practice, a little more than the dry feed. */
const wetShare = 0.08;
/** A pinch of bicarbonate for grains, g per litre: practice. */
const pinchPerLitre = 0.3;

/** What the school a jar is kept by adds to its feeds: minerals, g, and water, ml. */
function bySchool(lot: Lot, { unit, keeping }: Culture & { readonly keeping: JarCare }) {
  const grains = keeping.renews && unit === 'g';
  return {
    minerals:
      grains && lot.schools?.minerals === 'minerals' ? Math.round(pinchPerLitre * lot.markMl * 0.01) / 10 : 0,
    wet:
      !keeping.renews && schoolOf(lot, 'feeds') === 'water' ? sensibleMillilitres(wetShare * lot.markMl) : 0,
  };
}
