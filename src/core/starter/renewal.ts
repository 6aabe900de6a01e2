import type { Culture } from '../cultures/culture';
import { knownCultures, type CultureTable } from '../cultures/registry';
import { begunDried, grainsIn } from '../lots/grains';
import type { Lot } from '../lots/lot';
import { drainableMl } from '../lots/transfer';
import { levelMl, liquidMl, solidGrams } from '../matter/contents';
import type { Portion } from '../matter/portion';
import { keptCulture, usualFeed } from './feed-plan';
import { sugarOfPortions } from './percentages';

/** A cycle's end: so much liquid is strained off, and the culture goes into fresh sugar water the same minute. */
export interface Renewal {
  readonly strainMl: number;
  /** What is strained off is thrown away: dried grains are only waking. */
  readonly discard: boolean;
  readonly portions: readonly Portion[];
}

/** Less than this share of the mark to strain off, and it was strained already. */
const worthStraining = 0.3;

/**
 * What straining and restarting a jar takes, for kinds whose liquid is renewed with each cycle.
 *
 * @returns null for other kinds, and for a jar that stands strained
 * @example // 1,000 ml over 60 g of grains, all of which may go: about 970 ml, then 58 g of sugar in 955 ml of water
 */
export function renewalOf(lot: Lot, cultures: CultureTable = knownCultures): Renewal | null {
  const culture = keptCulture(lot, cultures);
  if (!culture?.keeping.renews || culture.keeping.feed.sugarShare === 0) return null;
  const { keeping } = culture;
  const free = Math.min(drainableMl(lot.contents), liquidMl(lot.contents) - keeping.mustStay * lot.markMl);
  const strainMl = Math.floor(free / 5) * 5;
  if (strainMl < worthStraining * lot.markMl) return null;
  return {
    strainMl,
    discard: isWaking(lot, culture),
    portions: usualFeed(lot, levelMl(lot.contents) - strainMl, cultures),
  };
}

/** Waters that dried grains are given before what is strained off is drunk: practice, two or three. */
const wakingWaters = 2;

/** Whether a jar of dried grains is still given waters to throw away: until they were weighed, or had two. */
function isWaking(lot: Lot, culture: Culture): boolean {
  if (!begunDried(lot, culture)) return false;
  const waters = lot.events.filter(({ kind }, i) => i > 0 && kind === 'added').length;
  return waters < wakingWaters && solidGrams(lot.contents, culture.dried!.ingredient) > 0;
}

/** How a jar's grains stand: how many, how fast they grow, and how many are too many. */
export interface GrainCount {
  readonly grams: number;
  /** Grams that went in dried and were not weighed since. */
  readonly driedGrams: number;
  readonly perLitre: number;
  /** Grams for each gram of sugar of its last feed; null when it had none. */
  readonly perSugar: number | null;
  /** Growth a cycle by the last two weighings, as a share; null with fewer than two. */
  readonly growth: number | null;
  /** Grains to take out, g, so that the usual are left; null while they are not crowded. */
  readonly splitGrams: number | null;
}

/**
 * Counts a jar's grains against what its kind is kept with; crowded ones starve, and are for a second jar, a gift, drying or
 * eating.
 *
 * @returns null for kinds without grains
 */
export function grainsOf(lot: Lot, cultures: CultureTable = knownCultures): GrainCount | null {
  const culture = keptCulture(lot, cultures);
  if (!culture?.keeping.renews || culture.unit !== 'g') return null;
  const grams = grainsIn(lot.contents, culture);
  const litres = lot.markMl / 1000;
  if (!(grams > 0 && litres > 0)) return null;
  const { high, usual } = culture.dose;
  const sugar = lastSugar(lot);
  const perSugar = sugar > 1 ? grams / sugar : null;
  const crowded = grams > high * litres || (perSugar ?? 0) > mostPerSugar;
  return {
    grams,
    driedGrams: culture.dried ? solidGrams(lot.contents, culture.dried.ingredient) : 0,
    perLitre: grams / litres,
    perSugar,
    growth: growthOf(lot),
    splitGrams: crowded
      ? Math.max(
          5,
          Math.round((grams - Math.min(usual * litres, mostPerSugar * 0.7 * (sugar || Infinity))) / 5) * 5,
        )
      : null,
  };
}

/** More grains than this for each gram of sugar starve: practice, 90 g a litre in water of 55 g. */
const mostPerSugar = 1.65;

/** Sugar of the last feed, g. */
function lastSugar(lot: Lot): number {
  for (let i = lot.events.length - 1; i >= 0; i--) {
    const event = lot.events[i]!;
    const sugar = event.kind === 'added' ? sugarOfPortions(event.portions) : 0;
    if (sugar > 1) return sugar;
  }
  return 0;
}

/** Growth a cycle between the last two weighings: what was taken out between them is not counted as shrinking. */
function growthOf(lot: Lot): number | null {
  let last: { readonly grams: number; readonly at: number } | null = null;
  let before: { readonly grams: number; readonly at: number } | null = null;
  for (const event of lot.events) {
    const grams =
      event.kind === 'read' ? event.readings.find(({ kind }) => kind === 'grams')?.value : undefined;
    if (typeof grams === 'number' && event.kind === 'read') [before, last] = [last, { grams, at: event.at }];
    // A split starts the count anew.
    if (event.kind === 'went' && event.taken === 'solids') [before, last] = [null, null];
  }
  if (!before || !last) return null;
  const [from, to] = [before.at, last.at];
  const cycles = lot.events.filter(({ kind, at }) => kind === 'added' && at > from && at <= to).length;
  return cycles > 0 ? (last.grams / before.grams) ** (1 / cycles) - 1 : null;
}
