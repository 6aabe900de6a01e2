import { imported } from '@/core/recipes/import-recipe';
import { recipeKey } from '@/core/recipes/recipe';
import { instructionsOf } from './save-recipe';
import { keepingOf, recipeOfImport, withAnswers } from './imported-recipe';

const found = imported({
  name: 'Apricot',
  about: '',
  makes: null,
  recipe: null,
  lines: ['1.6 l water', '140 g sugar', '1 firkin apricots', '1 mug strawberries', '160 ml ginger bug'],
});
const none = { settings: {} };

test('each line that was asked about waits for its answer: an amount, a whole line, or leave out', () => {
  expect(withAnswers(found, ['', '']).faults).toEqual([
    expect.stringMatching(/^Not in the table/),
    expect.stringMatching(/^That measure differs/),
  ]);
  const half = withAnswers(found, ['400 g apricots, chopped', 'some']);
  expect(half.faults).toEqual([undefined, expect.any(String)]);
  const { whole, faults } = withAnswers(found, ['400 g apricots, chopped', '250 g']);
  expect(faults).toEqual([undefined, undefined]);
  expect(whole.rows.map(({ portion }) => [portion.what, portion.grams])).toEqual([
    ['white-sugar', 140],
    ['apricot', 400],
    ['strawberry', 250],
  ]);
  expect(withAnswers(found, ['leave out', 'Leave it out']).whole.rows).toHaveLength(1);
});

test('what was read becomes a recipe of ours by the litre, kept once and recognised the second time', () => {
  const { whole } = withAnswers(found, ['leave out', 'leave out']);
  const recipe = recipeOfImport(whole, none);
  // 1.6 L of water, 140 g of sugar (87 ml) and 160 ml of bug.
  expect(recipe).toMatchObject({ id: 'apricot', version: 1, culture: 'ginger-bug' });
  expect(recipe.lines[0]!.perLitre).toBeCloseTo(140 / 1.847, 1);
  expect(recipe.dosePerLitre).toBeCloseTo(160 / 1.847, 1);
  const keeping = keepingOf(recipe, none)!;
  expect(keeping.act).toMatchObject({ thing: 'recipe', value: recipe });
  const household = { settings: { recipe: { [recipeKey(recipe)]: recipe } } };
  expect(keepingOf(recipe, household)).toBeNull();
  expect(keepingOf({ ...recipe, wantedVolumes: 3 }, household)!.id).toBe('apricot-2');
});

test('its file tells the day in sentences', () => {
  const text = instructionsOf(recipeOfImport(withAnswers(found, ['leave out', 'leave out']).whole, none), 2);
  expect(text[0]).toMatch(/^Boil the water\. /);
  expect(text.some((sentence) => sentence.startsWith('Simmer the base.'))).toBe(true);
  expect(text.join(' ')).not.toMatch(/undefined|NaN/);
});
