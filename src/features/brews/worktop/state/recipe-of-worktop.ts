import type { Lot } from '@/core/lots/lot';
import { recipeOf, type Recipe } from '@/core/recipes/recipe';
import { baseIn } from './worktop-plan';
import { cultureOfWorktop } from './worktop-life';
import type { WorktopState } from './worktop-state';

/** The worktop as a recipe: its ratios for a litre. */
export const recipeOfWorktop = (
  state: WorktopState,
  lots: readonly Lot[],
  head: Pick<Recipe, 'id' | 'version' | 'from' | 'rating' | 'note'>,
): Recipe =>
  recipeOf(
    state.composition,
    {
      ...head,
      name: state.name.trim(),
      about: state.about,
      base: baseIn(state),
      method: state.method,
      wantedVolumes: state.volumes,
    },
    cultureOfWorktop(state, lots),
  );
