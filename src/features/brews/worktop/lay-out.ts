import type { Row } from '@/core/brew/composition';
import { knownCultures } from '@/core/cultures/registry';
import type { Lot } from '@/core/lots/lot';
import { isIngredient } from '@/core/matter/ingredients/registry';
import { portionTyped } from '@/core/measures/portion-measure';
import { simmered } from '@/core/recipes/library/methods';
import { compositionOf, type Recipe } from '@/core/recipes/recipe';
import { doseFor, jarFor } from './worktop-life';
import type { WorktopState } from './worktop-state';
import { withPortions } from './worktop-turns';

const usualRows: readonly Row[] = [
  { portion: { what: 'white-sugar', grams: 160 }, when: 'pot' },
  { portion: { what: 'ginger', grams: 60 }, when: 'pot' },
];

/** Whether the rows are those that an empty worktop begins with. */
export const isUntouched = ({ from, composition: { rows } }: WorktopState): boolean =>
  from === null && JSON.stringify(rows) === JSON.stringify(usualRows);

/** What the worktop begins with when no recipe is laid out. */
export function emptyWorktop(lots: readonly Lot[], celsius: number): WorktopState {
  const first = lots.find(({ role }) => role === 'starter');
  const life = first?.id ?? 'portion';
  return {
    name: '',
    about: '',
    composition: { ml: 2000, rows: usualRows, dose: first ? doseFor(first, 2000, celsius) : 0 },
    method: simmered(),
    base: null,
    life,
    volumes: 2.5,
    from: null,
    meant: '',
    jarMl: null,
    place: 'counter',
    celsius: null,
    potMl: null,
    doseTyped: false,
    wants: null,
    followed: [],
    asked: [],
  };
}

/** A recipe laid out for a size. */
export function laidOut(recipe: Recipe, ml: number, lots: readonly Lot[], celsius: number): WorktopState {
  const jar = jarFor(recipe.culture, lots);
  const bare = knownCultures(recipe.culture)?.bare != null;
  const composition = compositionOf(recipe, ml, jar !== null);
  const empty = emptyWorktop(lots, celsius);
  return {
    ...empty,
    composition,
    name: recipe.name,
    about: recipe.about,
    method: recipe.method,
    base: recipe.base,
    life: bare ? 'bare' : (jar ?? 'portion'),
    volumes: recipe.wantedVolumes,
    from: { id: recipe.id, version: recipe.version },
    doseTyped: true,
    wants: recipe.culture,
  };
}

/** With what the workbook sent along; what is no ingredient of the table is left out, and water, which is reckoned. */
export function withSent(state: WorktopState, add: string | undefined): WorktopState {
  const [what = '', amount = ''] = (add ?? '').split('~');
  if (!isIngredient(what) || what === 'water') return state;
  const portion = portionTyped(what, amount);
  return portion.ok ? withPortions(state, [portion.value]) : state;
}
