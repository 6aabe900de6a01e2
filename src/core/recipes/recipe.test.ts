import { ownId } from '../matter/own-ingredient';
import { namesWith } from './ingredient-names';
import type { Composition } from '../brew/composition';
import { baseOf, imported } from './import-recipe';
import { boughtAs, compositionOf, portionOfLine, recipeOf, type RecipeHead } from './recipe';

const head: RecipeHead = {
  id: 'own-1',
  version: 1,
  name: 'Pear and dill',
  about: '',
  base: 'fruit',
  method: {} as RecipeHead['method'],
  wantedVolumes: 2.2,
  rating: null,
  note: '',
  from: null,
};

describe('ratios for a litre', () => {
  /** 2.5 litres with a little of everything that a line can say. */
  const batch: Composition = {
    ml: 2500,
    dose: 200,
    rows: [
      { portion: { what: 'white-sugar', grams: 201 }, when: 'pot' },
      { portion: { what: 'pear', grams: 640, form: 'chopped', ripe: 'over' }, when: 'cold' },
      { portion: { what: 'pear-juice', ml: 333, sugar: 9.4 }, when: 'last' },
      { portion: { what: 'sea-salt', grams: 0.4321 }, when: 'last' },
    ],
  };

  test('a batch becomes a recipe: two decimals, four below one; form, ripeness and label go along', () => {
    expect(recipeOf(batch, head, 'ginger-bug')).toEqual({
      ...head,
      culture: 'ginger-bug',
      dosePerLitre: 80,
      lines: [
        { what: 'white-sugar', perLitre: 80.4, when: 'pot' },
        { what: 'pear', perLitre: 256, when: 'cold', form: 'chopped', ripe: 'over' },
        { what: 'pear-juice', perLitre: 133.2, when: 'last', sugar: 9.4 },
        { what: 'sea-salt', perLitre: 0.1728, when: 'last' },
      ],
    });
    expect(portionOfLine({ what: 'white-sugar', perLitre: 1, when: 'pot' }, 1.00456)).toEqual({
      what: 'white-sugar',
      grams: 1,
    });
    expect(portionOfLine({ what: 'white-sugar', perLitre: 0.99987, when: 'pot' }, 1)).toEqual({
      what: 'white-sugar',
      grams: 0.9999,
    });
  });

  test('and the recipe a batch of another size, line by line', () => {
    const recipe = recipeOf(batch, head, 'ginger-bug');
    expect(compositionOf(recipe, 1000, true)).toEqual({
      ml: 1000,
      dose: 80,
      rows: [
        { portion: { what: 'white-sugar', grams: 80.4 }, when: 'pot' },
        { portion: { what: 'pear', grams: 256, form: 'chopped', ripe: 'over' }, when: 'cold' },
        { portion: { what: 'pear-juice', ml: 133.2, sugar: 9.4 }, when: 'last' },
        { portion: { what: 'sea-salt', grams: 0.1728 }, when: 'last' },
      ],
    });
    // What is only ever drawn from a jar stays a dose, whoever has none.
    expect(compositionOf(recipe, 2000, false)).toMatchObject({ dose: 160, rows: { length: 4 } });
  });

  test('a packet among the rows is the dose, and comes back as a row where no jar gives it', () => {
    const rows: Composition['rows'] = [
      { portion: { what: 'white-sugar', grams: 160 }, when: 'pot' },
      { portion: { what: 'ale-yeast', grams: 1.5 }, when: 'last' },
      { portion: { what: 'wine-yeast', grams: 0.5 }, when: 'last' },
    ];
    const recipe = recipeOf({ ml: 2000, dose: 0, rows }, head, 'ginger-bug');
    expect([recipe.culture, recipe.dosePerLitre, recipe.lines.map(({ what }) => what)]).toEqual([
      'ale-yeast',
      0.75,
      ['white-sugar', 'wine-yeast'],
    ]);
    expect(compositionOf(recipe, 4000, false)).toMatchObject({
      dose: 0,
      rows: [{}, {}, { portion: { what: 'ale-yeast', grams: 3 }, when: 'last' }],
    });
    expect(compositionOf(recipe, 4000, true).dose).toBe(3);
    // With a dose from a jar a packet is an ingredient like others.
    expect(recipeOf({ ml: 2000, dose: 100, rows }, head, 'whey')).toMatchObject({
      culture: 'whey',
      dosePerLitre: 50,
      lines: { length: 3 },
    });
    expect(compositionOf({ ...recipe, dosePerLitre: 0 }, 4000, false)).toMatchObject({
      dose: 0,
      rows: { length: 2 },
    });
  });

  test('what is bought: packets, whey and sediment; what is kept or drawn is not; the unknown neither', () => {
    const kinds = ['wine-yeast', 'whey', 'sediment', 'ginger-bug', 'water-kefir-grains', 'wild', 'marsh gas'];
    expect(kinds.map(boughtAs)).toEqual(['wine-yeast', 'whey', 'sediment', null, null, null, null]);
  });
});

describe('what a list of ingredients makes', () => {
  test.each([
    ['juice', [{ what: 'pear-juice', ml: 301 }]],
    ['syrup', [{ what: 'pear-juice', ml: 300 }]],
    ['peel', [{ what: 'pineapple-rind', grams: 200 }]],
    ['fruit', [{ what: 'plum', grams: 60 }, { what: 'plum-puree', ml: 41 }]], // prettier-ignore
    ['syrup', [{ what: 'plum', grams: 100 }]],
    ['black-tea', [{ what: 'green-tea', grams: 4 }, { what: 'mint', grams: 5 }]], // prettier-ignore
    ['ginger-tea', [{ what: 'ginger', grams: 8.1 }, { what: 'mint', grams: 5 }]], // prettier-ignore
    ['herb-tea', [{ what: 'ginger', grams: 8 }, { what: 'mint', grams: 5 }]], // prettier-ignore
    ['herb-tea', [{ what: 'lilac', grams: 30 }]],
    ['herb-tea', [{ what: 'rooibos', grams: 6 }]],
    ['mineral-sugar', [{ what: 'sea-salt', grams: 1 }, { what: 'white-sugar', grams: 60 }]], // prettier-ignore
    ['syrup', [{ what: 'white-sugar', grams: 60 }]],
  ] as const)('%s: %j in a litre', (base, portions) => {
    expect(baseOf(portions, 1000)).toBe(base);
  });
});

describe('a recipe file laid out', () => {
  const lines = ['1.2 l water', '300 ml water', '100 g white sugar', '2 pears', '120 ml ginger bug'];
  const read = (more: Partial<Parameters<typeof imported>[0]>) =>
    imported({ name: null, about: '', makes: null, lines, ...more } as Parameters<typeof imported>[0]);

  test('waters add up and are no row; pieces are estimates; the starter is the dose', () => {
    const recipe = read({});
    expect(recipe.name).toBe('A recipe from a file');
    expect(recipe.rows.map(({ portion }) => portion.what)).toEqual(['white-sugar', 'pear']);
    expect([recipe.culture, recipe.dose]).toEqual(['ginger-bug', 120]);
    expect(recipe.estimated.map(({ line }) => line)).toEqual(['2 pears']);
    expect(recipe.asked).toEqual([]);
    // 1.5 litres, the dose, and 0.62 ml for a gram of dissolved sugar.
    const plain = read({ lines: lines.filter((line) => !line.includes('pears')) });
    expect(Math.abs(plain.ml - (1500 + 120 + 62))).toBeLessThan(3);
  });

  test('an ingredient of the household’s own is found by its name', () => {
    const own = ownId({ name: 'Hedge damson', like: 'plum', sugar: 9, acid: null, cupGrams: null });
    const text = {
      name: null,
      about: '',
      makes: null,
      lines: ['1 l water', '80 g hedge damsons'],
      recipe: null,
    };
    expect(imported(text, namesWith([own])).rows.map(({ portion }) => portion)).toMatchObject([
      { what: own, grams: 80 },
    ]);
    expect(imported(text).rows.map(({ portion }) => portion.what)).not.toContain(own);
  });

  test('without water it makes what it says, and a litre at the least', () => {
    const dry = lines.slice(2);
    expect(read({ lines: dry, makes: '2 l' }).ml).toBe(2000);
    expect(read({ lines: dry }).ml).toBe(1000);
    expect(read({ lines: dry, makes: '0.1 l' }).ml).toBe(1000);
    // Water that is written goes before what is said.
    expect(read({ makes: '5 l' }).ml).toBe(read({}).ml);
  });

  test('a second starter is asked about; of an overlong file no more than 80 lines are read', () => {
    const two = read({ lines: [...lines, '50 ml ginger bug'] });
    expect([two.dose, two.asked.map(({ line }) => line)]).toEqual([120, ['50 ml ginger bug']]);
    expect(read({ lines: Array<string>(90).fill('10 g white sugar') }).rows).toHaveLength(80);
  });
});
