import type { Row } from '@/core/brew/composition';
import { knownCultures } from '@/core/cultures/registry';
import type { Lot } from '@/core/lots/lot';
import { contentsOf } from '@/core/lots/begin';
import { liquidMl } from '@/core/matter/contents';
import { isIngredient } from '@/core/matter/ingredients/registry';
import { portionTyped } from '@/core/measures/portion-measure';
import { cold, simmered } from '@/core/recipes/library/methods';
import { compositionOf, type Recipe } from '@/core/recipes/recipe';
import { sensibleMillilitres } from '@/core/measures/sensible';
import { renewalOf } from '@/core/starter/renewal';
import { doseFor, hasGrains, jarFor } from './worktop-life';
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

/** What of a drink made from kefir is juice: a tenth, to be turned. */
const juiceShare = 0.1;

/**
 * What a jar of grains begins with: its finished kefir is the base, all of it that can be strained off, with some juice for
 * flavour and fizz; no other sugar water is cooked.
 *
 * @returns null for other kinds, and for a jar that stands strained
 */
export function fromKefir(jar: Lot, lots: readonly Lot[], celsius: number): WorktopState | null {
  const renewal = renewalOf(jar);
  if (!renewal || renewal.discard || !hasGrains(jar)) return null;
  const ml = sensibleMillilitres((renewal.strainMl * juiceShare) / (1 - juiceShare));
  const juice = { what: 'pear-juice', ml };
  return {
    ...emptyWorktop(lots, celsius),
    composition: {
      ml: renewal.strainMl + Math.round(liquidMl(contentsOf([juice]))),
      rows: [{ portion: juice, when: 'cold' }],
      dose: renewal.strainMl,
    },
    method: cold({ days: [1, 2] }),
    life: jar.id,
    doseTyped: true,
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

/** With what the workbook sent along; what is no ingredient of the table is left out, and water, which is worked out. */
export function withSent(state: WorktopState, add: string | undefined): WorktopState {
  const [what = '', amount = ''] = (add ?? '').split('~');
  if (!isIngredient(what) || what === 'water') return state;
  const portion = portionTyped(what, amount);
  return portion.ok ? withPortions(state, [portion.value]) : state;
}
