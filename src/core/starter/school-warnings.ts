import { knownCultures, type CultureTable } from '../cultures/registry';
import { lastAt } from '../lots/lineage';
import type { Lot } from '../lots/lot';
import { levelMl } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import { gramsOfPortion } from '../matter/portion';

import { keptCulture, usualFeed } from './feed-plan';
import { grainsOf } from './renewal';
import { schoolOf, type SchoolId } from './schools';
import { hourMs } from '../duration';
import { fullestShare } from '../vessels/vessel';

/** The schools that there are for a jar: by how its kind is fed and what it lives on. */
export function schoolsFor(lot: Lot, cultures: CultureTable = knownCultures): SchoolId[] {
  const culture = keptCulture(lot, cultures);
  if (!culture || culture.keeping.feed.sugarShare === 0) return [];
  const { renews, begin } = culture.keeping;
  const grains = renews && culture.unit === 'g';
  return [
    ...(renews ? [] : (['feeds'] as const)),
    ...(grains ? (['minerals', 'medium', 'additions'] as const) : []),
    ...(ingredientOf(begin.body).family === 'ginger' ? (['skin'] as const) : []),
    'metal',
  ];
}

/** Something that matters in the school a jar is kept by, and in that one only. */
export type CareWarning =
  /** Water with each feed: so many feeds until the jar is full. */
  | { readonly kind: 'grows'; readonly feedsLeft: number }
  /** Sealed: hours since it was last opened. */
  | { readonly kind: 'vent'; readonly hours: number }
  /** White sugar alone, and grains that shrink or were never weighed. */
  | { readonly kind: 'minerals'; readonly shrinking: boolean }
  | { readonly kind: 'peeled' }
  | { readonly kind: 'insects' }
  | { readonly kind: 'surplus'; readonly of: 'medium' | 'additions' }
  | { readonly kind: 'steel' };

/** A sealed jar is opened daily. */
const ventHours = 20;

/**
 * What to mind about a jar, by the schools it is kept in.
 *
 * @param now ms
 */
export function careWarnings(lot: Lot, now: number, cultures: CultureTable = knownCultures): CareWarning[] {
  const here = new Set(schoolsFor(lot, cultures));
  const is = <S extends SchoolId>(school: S, way: string) =>
    here.has(school) && schoolOf(lot, school) === way;
  const out: CareWarning[] = [];
  if (lot.closure === 'sealed') {
    const vented = lastAt(lot, ({ kind }) => kind === 'vented' || kind === 'added' || kind === 'stirred');
    const hours = (now - vented) / hourMs;
    if (hours >= ventHours) out.push({ kind: 'vent', hours });
  }
  if (is('feeds', 'water')) {
    const rise = usualFeed(lot, lot.markMl, cultures).reduce((sum, each) => sum + gramsOfPortion(each), 0);
    const room = lot.vessel.ml * fullestShare - levelMl(lot.contents);
    out.push({ kind: 'grows', feedsLeft: Math.max(0, Math.floor(room / Math.max(1, rise))) });
  }
  if (is('minerals', 'white')) {
    const growth = grainsOf(lot, cultures)?.growth ?? null;
    if (growth === null || growth < 0) out.push({ kind: 'minerals', shrinking: growth !== null });
  }
  if (is('skin', 'peeled')) out.push({ kind: 'peeled' });
  if (is('medium', 'juice')) out.push({ kind: 'surplus', of: 'medium' });
  if (is('additions', 'lemon-ginger')) out.push({ kind: 'surplus', of: 'additions' });
  if (lot.closure === 'cloth' && lot.place !== 'fridge') out.push({ kind: 'insects' });
  if (is('metal', 'brief')) out.push({ kind: 'steel' });
  return out;
}
