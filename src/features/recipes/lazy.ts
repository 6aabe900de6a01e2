import { chunkPart } from '@/ui/lazy/chunks';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'recipes');
export const RecipesScreen = form('RecipesScreen');
export const RecipeScreen = form('RecipeScreen');
