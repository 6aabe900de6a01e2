import { ingredientIds } from '../matter/ingredients/registry';
import { isPoured } from '../matter/portion';
import { imported } from './import-recipe';
import { readLine } from './ingredient-line';
import { library } from './library/registry';
import { nameOfId } from './ingredient-names';
import { ingredientLines, jsonOfRecipe, lineOfPortion, recipeOfJson } from './recipe-json';

const recipe = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Quince and bay',
  recipeIngredient: ['2 quinces', '90 g sugar', 5],
};

describe('a recipe in somebody’s JSON-LD', () => {
  test('alone, in a list and in a graph; what is no text is left out', () => {
    const found = {
      name: 'Quince and bay',
      about: '',
      makes: null,
      recipe: null,
      lines: ['2 quinces', '90 g sugar'],
    };
    expect(recipeOfJson(JSON.stringify(recipe))).toEqual(found);
    expect(recipeOfJson(JSON.stringify([{ '@type': 'WebPage' }, recipe]))).toEqual(found);
    expect(recipeOfJson(JSON.stringify({ '@graph': [{ ...recipe, '@type': ['Thing', 'Recipe'] }] }))).toEqual(
      found,
    );
    expect(recipeOfJson(JSON.stringify({ ...recipe, name: 3 }))!.name).toBeNull();
    expect(
      recipeOfJson(JSON.stringify({ ...recipe, recipeYield: ['2 L', '4 bottles'], description: 'Dry.' })),
    ).toMatchObject({
      makes: '2 L',
      about: 'Dry.',
    });
  });
  test('what is none is none, however deep', () => {
    for (const text of ['', '{', '90 g sugar', 'null', '7', '{"@type":"Recipe"}', '[]'])
      expect(recipeOfJson(text)).toBeNull();
    let deep: unknown = recipe;
    for (let i = 0; i < 9; i++) deep = [deep];
    expect(recipeOfJson(JSON.stringify(deep))).toBeNull();
  });
});

describe('a recipe of ours written and read back', () => {
  test.each(library.map((each) => [each.id, each] as const))('%s is the same', (_, each) => {
    for (const litres of [1, 3, 2.7]) {
      const text = jsonOfRecipe(each, litres, ['Simmer.', 'Cool.']);
      expect(recipeOfJson(text)!.recipe).toEqual(each);
    }
  });
  test('to anyone’s reader it is a Recipe with yield, lines and steps', () => {
    const plum = library.find(({ id }) => id === 'plum-fig-leaf')!;
    const file = JSON.parse(jsonOfRecipe(plum, 3, ['Cut the plums.']));
    expect(file).toMatchObject({
      '@type': 'Recipe',
      name: 'Plum and fig leaf soda',
      recipeYield: '3 L',
      version: 1,
      recipeIngredient: [
        '1299 g plum, chopped',
        '138 g sugar',
        '4.8 g fig leaf',
        '18 ml lemon juice',
        '225 ml ginger bug',
      ],
      recipeInstructions: [{ '@type': 'HowToStep', text: 'Cut the plums.' }],
    });
    expect(file['@context'][0]).toBe('https://schema.org');
  });
  test('lines that somebody changed go before our ratios', () => {
    const plum = library.find(({ id }) => id === 'plum-fig-leaf')!;
    const file = JSON.parse(jsonOfRecipe(plum, 3, []));
    file.recipeIngredient[0] = '1500 g plum, chopped';
    expect(recipeOfJson(JSON.stringify(file))!.recipe).toBeNull();
    delete file.recipeIngredient[0];
    expect(
      recipeOfJson(JSON.stringify({ ...file, yuzet: { ...file.yuzet, lines: 'many' } }))!.recipe,
    ).toBeNull();
  });
  test('every ingredient has a name that reads back as it, by mass or by volume, in every form', () => {
    for (const what of ingredientIds) {
      expect([what, nameOfId(what)]).toEqual([what, expect.any(String)]);
      const portion = isPoured(what) ? { what, ml: 12.5 } : { what, grams: 12.5 };
      expect([what, readLine(lineOfPortion(portion)).portion]).toEqual([what, portion]);
    }
    expect(lineOfPortion({ what: 'pear', grams: 300, form: 'pureed' })).toBe('300 g pear, pureed');
    for (const form of ['chopped', 'sliced', 'grated', 'pureed'] as const)
      expect(readLine(lineOfPortion({ what: 'pear', grams: 300, form })).portion).toEqual({
        what: 'pear',
        grams: 300,
        form,
      });
  });
  test('the dose stands last: ml of what is drawn, g of what is bought', () => {
    const last = (id: string) =>
      ingredientLines(
        library.find((each) => each.id === id)!,
        2,
      ).at(-1);
    expect(last('galangal-pepper-ale')).toBe('0.9 g ale yeast');
    expect(last('black-tea-thyme-cold')).toBe('250 ml tea mother');
    expect(last('whey-ginger-pear-sage')).toBe('52 ml whey');
    expect(last('rind-fennel')).toBe('2.6 g fennel seed');
  });
});

describe('a recipe from elsewhere laid out', () => {
  const lay = (lines: string[], makes: string | null = null) =>
    imported({ name: 'X', about: '', lines, makes, recipe: null });
  test('amounts, dose and what must be asked', () => {
    const found = lay([
      '2 L water',
      '150 g sugar',
      '1 punnet raspberries',
      '120 ml active ginger bug',
      '30 ml lemon juice',
    ]);
    expect(found.asked.map(({ line }) => line)).toEqual(['1 punnet raspberries']);
    expect([found.culture, found.dose]).toEqual(['ginger-bug', 120]);
    expect(found.rows).toEqual([
      { portion: { what: 'white-sugar', grams: 150 }, when: 'pot' },
      { portion: { what: 'lemon-juice', ml: 30 }, when: 'last' },
    ]);
    // 2 L of water, 150 g of sugar (93 ml), 30 ml of lemon, 120 ml of bug.
    expect(found.ml).toBeCloseTo(2000 + 93 + 30 + 120, -1);
  });
  test('without water its yield says how much, or a litre', () => {
    expect(lay(['150 g sugar'], '3 L').ml).toBe(3000);
    expect(lay(['150 g sugar'], 'four bottles').ml).toBe(1000);
    expect(Math.abs(lay(['1.5 l apple juice']).ml - 1500)).toBeLessThan(10);
  });
  test.each([
    [['1 l apple juice', '1 l water'], 'juice'],
    [['300 g pineapple rind', '1 l water'], 'peel'],
    [['300 g plums', '1 l water', '20 g ginger'], 'fruit'],
    [['6 g black tea', '1 l water', '80 g sugar'], 'black-tea'],
    [['40 g ginger', '1 l water'], 'ginger-tea'],
    [['12 g lilac', '1 l water'], 'herb-tea'],
    [['80 g sugar', '1 l water', '1 ml mineral drops'], 'mineral-sugar'],
    [['80 g sugar', '1 l water'], 'syrup'],
  ] as const)('the base of %j is %s', (lines, base) => expect(lay([...lines]).base).toBe(base));
});
