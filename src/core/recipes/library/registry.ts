import type { Recipe } from '../recipe';
import { fruitRecipes } from './fruit';
import { gingerRecipes } from './ginger';
import { leafAndTeaRecipes } from './leaf-and-tea';

/** Every recipe that comes with Yuzet. */
export const library: readonly Recipe[] = [...gingerRecipes, ...fruitRecipes, ...leafAndTeaRecipes];
