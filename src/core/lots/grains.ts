import type { Culture } from '../cultures/culture';
import type { Warmths } from '../kitchen/places';
import { liquidMl, solidGrams, type Contents } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import { gramsOfPortion } from '../matter/portion';
import { daysLived } from './days-lived';
import { movedBy, type Lot, type LotEvent } from './lot';

/** Whether a lot was begun with the dried form of its culture. */
export const begunDried = (lot: Lot, { dried }: Culture): boolean =>
  dried !== undefined &&
  lot.events[0]?.kind === 'added' &&
  lot.events[0].portions.some(({ what }) => what === dried.ingredient);

/** Millilitres of a lively jar's liquid that were added as an ingredient. */
export function ripeMl({ ripe }: Culture, event: LotEvent): number {
  if (ripe === undefined || event.kind !== 'added') return 0;
  return event.portions
    .filter(({ what }) => what === ripe)
    .reduce((sum, portion) => sum + (portion.ml ?? gramsOfPortion(portion) / ingredientOf(ripe).density), 0);
}

/** Whether a lot was begun with the liquid of a lively jar: at least a tenth of it. */
export function begunRipe(lot: Lot, culture: Culture): boolean {
  const [first] = lot.events;
  if (first?.kind !== 'added') return false;
  const ml = ripeMl(culture, first);
  return ml > 0 && ml >= liquidMl(movedBy(first)) / 10;
}

/** How much of dried things is awake after so many days at 22 °C: next to nothing at first, all of it by the end. @returns 0–1 */
const awakened = (days: number, { days: all }: NonNullable<Culture['dried']>): number =>
  Math.max(0.02, Math.min(1, (days - 0.5) / (all - 0.5)));

/** Grams of a culture that contents hold, dried ones as what they swell to. */
export const grainsIn = (contents: Contents, { ingredients, dried }: Culture): number =>
  ingredients.reduce(
    (sum, id) => sum + solidGrams(contents, id) * (id === dried?.ingredient ? dried.swells : 1),
    0,
  );

/**
 * Grams of a culture awake in a lot at an instant: what is dried counts as far as it is awake then.
 *
 * @param at ms
 * @returns g of fresh grains that would do as much
 */
export function awakeGrains(lot: Lot, culture: Culture, warmths: Warmths, at: number): number {
  const { dried } = culture;
  const dry = dried ? solidGrams(lot.contents, dried.ingredient) : 0;
  const fresh = culture.ingredients.reduce(
    (sum, id) => sum + (id === dried?.ingredient ? 0 : solidGrams(lot.contents, id)),
    0,
  );
  return dried && dry > 0
    ? fresh + dry * dried.swells * awakened(daysLived(lot, warmths, lot.begunAt, at), dried)
    : fresh;
}
