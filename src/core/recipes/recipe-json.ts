/** The ingredients of a recipe in the open JSON-LD of schema.org, as lines of text. */
export interface RecipeText {
  readonly name: string | null;
  readonly lines: readonly string[];
}

const mostDepth = 6;

/**
 * The recipe in a JSON-LD text: alone, in a list, or in an `@graph`.
 *
 * @returns null when it is no JSON, or holds no recipe with ingredients
 * @source schema.org/Recipe: `name`, `recipeIngredient`
 */
export function recipeOfJson(text: string): RecipeText | null {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return null;
  }
  return recipeIn(value, 0);
}

function recipeIn(value: unknown, depth: number): RecipeText | null {
  if (depth > mostDepth || typeof value !== 'object' || value === null) return null;
  if (Array.isArray(value)) {
    for (const each of value) {
      const found = recipeIn(each, depth + 1);
      if (found) return found;
    }
    return null;
  }
  const thing = value as Record<string, unknown>;
  const types = Array.isArray(thing['@type']) ? thing['@type'] : [thing['@type']];
  if (types.includes('Recipe') && Array.isArray(thing.recipeIngredient))
    return {
      name: typeof thing.name === 'string' ? thing.name : null,
      lines: thing.recipeIngredient.filter((line): line is string => typeof line === 'string'),
    };
  return recipeIn(thing['@graph'], depth + 1);
}
