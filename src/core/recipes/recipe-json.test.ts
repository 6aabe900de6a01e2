import { recipeOfJson } from './recipe-json';

const recipe = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Quince and bay',
  recipeIngredient: ['2 quinces', '90 g sugar', 5],
};

test('a recipe alone, in a list and in a graph; what is no text is left out', () => {
  const found = { name: 'Quince and bay', lines: ['2 quinces', '90 g sugar'] };
  expect(recipeOfJson(JSON.stringify(recipe))).toEqual(found);
  expect(recipeOfJson(JSON.stringify([{ '@type': 'WebPage' }, recipe]))).toEqual(found);
  expect(recipeOfJson(JSON.stringify({ '@graph': [{ ...recipe, '@type': ['Thing', 'Recipe'] }] }))).toEqual(
    found,
  );
  expect(recipeOfJson(JSON.stringify({ ...recipe, name: 3 }))!.name).toBeNull();
});

test('what is none is none, however deep', () => {
  for (const text of ['', '{', '90 g sugar', 'null', '7', '{"@type":"Recipe"}', '[]'])
    expect(recipeOfJson(text)).toBeNull();
  let deep: unknown = recipe;
  for (let i = 0; i < 9; i++) deep = [deep];
  expect(recipeOfJson(JSON.stringify(deep))).toBeNull();
});
