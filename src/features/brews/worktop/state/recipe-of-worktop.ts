import type { Lot } from '@/core/lots/lot';
import { recipeOf, type Recipe } from '@/core/recipes/recipe';
import { baseIn } from './worktop-plan';
import { cultureOfWorktop } from './worktop-life';
import { nameOf, type WorktopState } from './worktop-state';

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
      name: nameOf(state),
      about: state.about,
      base: baseIn(state),
      method: state.method,
      wantedVolumes: state.volumes,
    },
    cultureOfWorktop(state, lots),
  );
