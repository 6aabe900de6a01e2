import type { Household } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { recipeVersions } from '@/core/recipes/recipe-versions';
import type { BottlingWay } from '@/core/recipes/recipe';

/** How the recipe a brew was made from says its bottles are filled; null when it says nothing. */
export function wayOf(brew: Lot, household: Household): BottlingWay | null {
  const from = brew.recipe?.from;
  if (!from) return null;
  const versions = recipeVersions(household).get(from.id) ?? [];
  return versions.find(({ version }) => version === from.version)?.bottling ?? null;
}
