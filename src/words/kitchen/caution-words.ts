import type { Closure } from '@/core/vessels/vessel-kinds';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import type { Portion } from '@/core/matter/portion';
import { cultureOfIngredient, knownCultures } from '@/core/cultures/registry';
import { t } from '@/core/language/t';

interface Mixed {
  readonly portions: readonly Portion[];
  readonly cultureId: string | null;
  readonly closure: Closure | null;
}

const milk = t`It comes from milk: not for those with a milk allergy, and say so to guests.`;
const honey = t`Honey: not for children under one year.`;
const foraged = t`Gathered plants: only those you know for certain, unsprayed, none from a florist.`;
const cloth = t`Fine, close cloth: loose weave lets flies in. A saucer of water keeps ants off.`;
const sealed = t`Sealed it builds pressure: open it every day, away from your face.`;

/** What to mind about a mix, where it is mixed: by what is in it, what lives in it and how it is closed. */
export function cautionsOf({ portions, cultureId, closure }: Mixed): string[] {
  const has = (is: (family: string, what: string) => boolean) =>
    portions.some(({ what }) => is(ingredientOf(what).family, what));
  const dairy =
    has(
      (family, what) =>
        family === 'dairy' ||
        ingredientOf(cultureOfIngredient(what)?.ingredients[0] ?? what).family === 'dairy',
    ) || (knownCultures(cultureId)?.ingredients ?? []).some((what) => ingredientOf(what).family === 'dairy');
  return [
    ...(dairy ? [milk] : []),
    ...(has((_, what) => what === 'honey') ? [honey] : []),
    ...(has((family) => family === 'flower' || family === 'herb') ? [foraged] : []),
    ...(closure === 'cloth' ? [cloth] : []),
    ...(closure === 'sealed' ? [sealed] : []),
  ];
}
