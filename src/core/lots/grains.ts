import type { Culture } from '../cultures/culture';
import type { Warmths } from '../kitchen/places';
import { solidGrams, type Contents } from '../matter/contents';
import { daysLived } from './days-lived';
import type { Lot } from './lot';

/** Whether a lot was begun with the dried form of its culture. */
export const begunDried = (lot: Lot, { dried }: Culture): boolean =>
  dried !== undefined &&
  lot.events[0]?.kind === 'added' &&
  lot.events[0].portions.some(({ what }) => what === dried.ingredient);

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
