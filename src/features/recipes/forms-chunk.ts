/** What this feature puts into the chunk of forms (src/chunks/forms.ts). Reached through lazy.ts alone. */
export { RecipesScreen } from './recipes-screen';
export { RecipeScreen } from './recipe-screen';
