import { everyLot, type Household } from '../journal/household';
import { gramsOfPortion, isPoured, mlOfPortion, type Portion } from '../matter/portion';
import { inPantry } from '../settings/pantry';

/** As it is bought: ml of what is poured, else g. */
const amountBought = (portion: Portion): number =>
  isPoured(portion.what) ? mlOfPortion(portion) : gramsOfPortion(portion);

/** So much of something, as it is bought. @param amount ml of what is poured, else g; 0 or more */
export const portionBought = (what: string, amount: number): Portion =>
  isPoured(what) ? { what, ml: amount } : { what, grams: amount };

/** Less than this is none, g or ml. */
const crumbs = 0.5;

/**
 * What is in the house: what was said to be there, less what brews and feeds took of it since.
 *
 * @returns by ingredient; null where nobody said how much, nothing of what is used up
 */
export function pantryLeft(household: Household): ReadonlyMap<string, Portion | null> {
  const said = inPantry(household);
  const left = new Map<string, number>();
  for (const [what, { grams, ml }] of said)
    if (grams !== undefined || ml !== undefined)
      left.set(
        what,
        amountBought({
          what,
          ...(grams === undefined ? {} : { grams }),
          ...(ml === undefined ? {} : { ml }),
        }),
      );
  if (left.size > 0)
    for (const { events } of everyLot(household))
      for (const event of events)
        if (event.kind === 'added')
          for (const portion of event.portions) {
            const there = left.get(portion.what);
            if (there !== undefined && event.at > (said.get(portion.what)!.since ?? 0))
              left.set(portion.what, there - amountBought(portion));
          }
  return new Map(
    [...said.keys()].flatMap((what): [string, Portion | null][] => {
      const amount = left.get(what);
      if (amount === undefined) return [[what, null]];
      return amount < crumbs ? [] : [[what, portionBought(what, amount)]];
    }),
  );
}

/**
 * What is missing of something that is needed.
 *
 * @returns null where there is enough, or enough is supposed since nobody said how much
 * @example missingOf({ what: 'white-sugar', grams: 620 }, new Map([['white-sugar', { what: 'white-sugar', grams: 500 }]])) // { what: 'white-sugar', grams: 120 }
 */
export function missingOf(needed: Portion, pantry: ReadonlyMap<string, Portion | null>): Portion | null {
  const there = pantry.get(needed.what);
  if (there === null) return null;
  const missing = amountBought(needed) - (there ? amountBought(there) : 0);
  return missing < crumbs ? null : portionBought(needed.what, missing);
}
