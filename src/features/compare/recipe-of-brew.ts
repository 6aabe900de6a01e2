import { firstKind } from '@/core/cultures/registry';
import type { Row } from '@/core/brew/composition';
import { bases } from '@/core/ferment/scenario/bases';
import type { BaseKind } from '@/core/matter/base-kinds';
import { movedBy, type Lot } from '@/core/lots/lot';
import { liquidMl } from '@/core/matter/contents';
import { simmered } from '@/core/recipes/library/methods';
import { recipeOf, type Recipe } from '@/core/recipes/recipe';

/** A brew that was made without a recipe, as the first version of one: what went in, for a litre. */
export function recipeOfBrew(brew: Lot, id: string): Recipe {
  const came = brew.events.filter((event) => event.kind === 'came');
  const dose = came.reduce((sum, event) => sum + liquidMl(event.contents), 0);
  const added = brew.events.flatMap((event) => (event.kind === 'added' ? event.portions : []));
  const whole = brew.events.reduce(
    (sum, event) => sum + (event.kind === 'added' || event.kind === 'came' ? liquidMl(movedBy(event)) : 0),
    0,
  );
  const rows = added.filter(({ what }) => what !== 'water').map((portion): Row => ({ portion, when: 'pot' }));
  const base = brew.recipe?.base ?? 'syrup';
  return recipeOf(
    { ml: Math.max(100, whole), rows, dose },
    {
      id,
      version: 1,
      name: brew.name,
      about: '',
      base: (base in bases ? base : 'syrup') as BaseKind,
      method: brew.recipe?.method ?? simmered(),
      wantedVolumes: Math.max(0.5, brew.recipe?.wantedVolumes ?? 2.5),
      rating: null,
      note: '',
      from: null,
    },
    brew.culture ?? firstKind.id,
  );
}
