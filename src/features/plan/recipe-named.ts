import type { Household } from '@/core/journal/household';
import { recipeVersions } from '@/core/recipes/recipe-versions';
import { t } from '@/core/language/t';

/** Name of a recipe by its key; what it is called that is gone, or was never chosen. @param key "plum-bay@2", or "plum-bay" */
export function recipeNamed(key: string, household: Household): string {
  const [id = '', version] = key.split('@');
  const versions = recipeVersions(household).get(id) ?? [];
  const found = versions.find((each) => String(each.version) === version) ?? versions.at(-1);
  return found?.name ?? t`Whatever works`;
}
