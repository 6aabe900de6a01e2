import type { WayToBegin } from '../cultures/guides/guide';
import { ingredientOf } from '../matter/ingredients/registry';
import { isPoured, type Portion } from '../matter/portion';
import { sensibleGrams, sensibleMillilitres } from '../measures/sensible';

/**
 * Amounts a way is begun with in a jar at hand: water as a share of the jar, the rest as shares of the water.
 *
 * @param jarMl what the jar holds to the brim, ml
 * @returns portions a kitchen can measure, water first
 * @example // ginger and sugar at 5 % each in a 700 ml jar: 420 ml of water, 21 g and 21 g
 */
export function beginAmounts({ water, parts }: WayToBegin, jarMl: number): Portion[] {
  const waterMl = sensibleMillilitres(water * jarMl);
  const rest = parts.map(({ what, share, grams = 0 }): Portion => {
    const mass = share === undefined ? grams : share * waterMl;
    return isPoured(what)
      ? { what, ml: sensibleMillilitres(mass / ingredientOf(what).density) }
      : { what, grams: sensibleGrams(mass) };
  });
  return waterMl > 0 ? [{ what: 'water', ml: waterMl }, ...rest] : rest;
}
