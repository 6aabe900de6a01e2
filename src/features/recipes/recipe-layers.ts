import { mlOfPortion } from '@/core/matter/portion';
import { portionOfLine, type Recipe } from '@/core/recipes/recipe';
import type { JarLayer } from '@/ui/drawings/worktop-jar';
import { jarLayers } from '../brews/worktop/state/jar-layers';

/** A litre of a recipe as layers of a jar. */
export function recipeLayers(recipe: Recipe): JarLayer[] {
  const portions = recipe.lines
    .filter(({ when }) => when !== 'infusion')
    .map((line) => portionOfLine(line, 1));
  return jarLayers(portions, 1000 - portions.reduce((sum, portion) => sum + mlOfPortion(portion), 0));
}
