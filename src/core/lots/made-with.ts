import { liquidMl } from '../matter/contents';
import { gramsOfPortion } from '../matter/portion';
import { movedBy, type Lot } from './lot';
import type { LotFinder } from './pitch';

/** How far back a liquid is followed: a bottle, its brew, the starter, what that was begun from. */
const deepest = 4;

/** So much of an ingredient that a lot's liquid was made with. */
export interface MadeWith {
  readonly what: string;
  readonly grams: number;
}

function ownAndSources(
  lot: Lot,
  find: LotFinder,
  share: number,
  depth: number,
  into: Map<string, number>,
): void {
  for (const event of lot.events) {
    if (event.kind === 'added')
      for (const portion of event.portions)
        into.set(portion.what, (into.get(portion.what) ?? 0) + share * gramsOfPortion(portion));
    if (event.kind !== 'came' || depth >= deepest) continue;
    const source = find(event.from);
    if (!source) continue;
    const whole = source.events.reduce(
      (sum, each) => sum + (each.kind === 'added' || each.kind === 'came' ? liquidMl(movedBy(each)) : 0),
      0,
    );
    const part = (share * liquidMl(event.contents)) / Math.max(1, whole);
    ownAndSources(source, find, part, depth + 1, into);
  }
}

/**
 * What a lot was made with: what was added to it, and its share of what was added to all that was poured into it.
 *
 * @returns grams of each ingredient, most first; what fermented away or was strained out is not taken off
 */
export function madeWith(lot: Lot, find: LotFinder): MadeWith[] {
  const into = new Map<string, number>();
  ownAndSources(lot, find, 1, 0, into);
  return [...into]
    .map(([what, grams]) => ({ what, grams }))
    .filter(({ grams }) => grams > 0)
    .sort((a, b) => b.grams - a.grams || (a.what < b.what ? -1 : 1));
}
