import { cultureOfIngredient } from '../cultures/registry';
import { ingredientOf } from '../matter/ingredients/registry';
import { liquidMl, solidGrams, solidsMl, type Contents } from '../matter/contents';
import { nothing, plus, times, type Amounts } from '../matter/substances';
import type { Lot, MeasuredQuantity } from './lot';

/** What a dried form of a culture is once it has swelled; other things are what they are. */
function freshOf(id: string): string {
  const culture = cultureOfIngredient(id);
  return culture?.dried?.ingredient === id ? (culture.ingredients.find((each) => each !== id) ?? id) : id;
}

/**
 * What a lot holds once its level or its grains were measured. A level says how much there is, not what is in it: the liquid
 * is more or less than worked out, as it is. A weight of grains makes the grains more or fewer. Nothing else is corrected.
 *
 * @param value ml up to the rim, or g
 */
export function asMeasured(lot: Lot, quantity: MeasuredQuantity, value: number): Contents {
  const { contents } = lot;
  if (quantity === 'ml') {
    const there = liquidMl(contents);
    const liquid = Math.max(0, Math.min(value, lot.vessel.ml) - solidsMl(contents));
    return there > 0 ? { ...contents, liquid: times(contents.liquid, liquid / there) } : contents;
  }
  const grains = Object.keys(contents.solids).filter((id) => ingredientOf(id).family === 'culture');
  const there = grains.reduce((sum, id) => sum + solidGrams(contents, id), 0);
  if (quantity !== 'grams' || !(there > 0)) return contents;
  const solids: Record<string, Amounts> = { ...contents.solids };
  for (const id of grains) {
    // What was dried and is weighed wet has swelled: from then on it is the fresh thing.
    const fresh = freshOf(id);
    delete solids[id];
    const mass = (solidGrams(contents, id) / there) * value;
    solids[fresh] = plus(solids[fresh] ?? nothing, times(ingredientOf(fresh).composition, mass));
  }
  return { ...contents, solids };
}
