import { RecipeRecord } from '../settings/recipe';
import { sugarAccount } from '../brew/sugar-account';
import { planComposition } from '../brew/compose-plan';
import { cultures, knownCultures } from '../cultures/registry';
import { baseKinds } from '../matter/base-kinds';
import { bug } from '../starter/bug.test-tool';
import { accountWarnings } from '../brew/account-warnings';
import { changesBetween } from './changes';
import { freeId, recipeVersions } from './recipe-versions';
import { library } from './library/registry';
import { boughtAs, compositionOf, portionOfLine, recipeKey, recipeOf } from './recipe';
import type { Portion } from '../matter/portion';

const plum = library.find(({ id }) => id === 'plum-fig-leaf')!;

describe('the library', () => {
  test('has every base and every kind of starter, each recipe sound and under its own id', () => {
    expect(library.length).toBeGreaterThanOrEqual(18);
    expect(new Set(library.map(({ base }) => base))).toEqual(new Set(baseKinds));
    const brewedWith = new Set(library.map(({ culture }) => culture));
    for (const { id } of cultures)
      if (id !== 'water-kefir-liquid') expect([id, brewedWith.has(id)]).toEqual([id, true]);
    expect(new Set(library.map(({ id }) => id)).size).toBe(library.length);
    for (const recipe of library)
      expect([recipe.id, RecipeRecord.safeParse(recipe).error]).toEqual([recipe.id, undefined]);
  });
  test('none of the flavours that everybody makes', () => {
    const text = JSON.stringify(library).toLowerCase();
    for (const word of [
      'mango',
      'grape',
      'hops',
      'blueberr',
      'currant',
      'turmeric',
      'chilli',
      'coconut',
      '"rose',
    ])
      expect([word, text.includes(word)]).toEqual([word, false]);
  });
  test.each(library.map((recipe) => [recipe.id, recipe] as const))(
    '%s can be mixed, within what its culture takes',
    (_, recipe) => {
      const drawn = knownCultures(recipe.culture)!.unit === 'ml' && boughtAs(recipe.culture) === null;
      const composition = compositionOf(recipe, 1500, false);
      const plan = planComposition({ ...composition, dose: 0 }, recipe.method, { kind: 'bare' });
      if (!plan.ok) throw new Error(plan.code);
      const { account, portions } = plan.value.brew;
      // Sodas 45–140 g/L; a long one more, a whey ale less.
      expect(account.totalGramsPerLitre).toBeGreaterThan(40);
      expect(account.totalGramsPerLitre).toBeLessThan(140);
      const life = { kind: 'lot' as const, lot: { ...bug(), culture: recipe.culture }, ml: 1 };
      expect(accountWarnings({ portions, account, life, meantPercent: null })).toEqual([]);
      if (drawn) {
        const { low, high } = knownCultures(recipe.culture)!.dose;
        expect(recipe.dosePerLitre).toBeGreaterThanOrEqual(low * 1000);
        expect(recipe.dosePerLitre).toBeLessThanOrEqual(high * 1000);
      }
      expect(recipe.method.infusion !== null).toBe(recipe.lines.some(({ when }) => when === 'infusion'));
      expect(recipe.method.days[0]).toBeLessThan(recipe.method.days[1]);
    },
  );
});

describe('a recipe and a batch of it', () => {
  test('a batch is so many litres of its lines; what is bought goes in as an ingredient', () => {
    const three = compositionOf(plum, 3000, true);
    expect([three.dose, three.rows.map(({ portion }) => portion.grams ?? portion.ml)]).toEqual([
      225,
      [1299, 138, 4.8, 18],
    ]);
    const ale = library.find(({ culture }) => culture === 'ale-yeast')!;
    const packed = compositionOf(ale, 2000, false);
    expect([packed.dose, packed.rows.at(-1)]).toEqual([
      0,
      { portion: { what: 'ale-yeast', grams: 0.9 }, when: 'last' },
    ]);
    expect(portionOfLine({ what: 'plum', perLitre: 100, when: 'cold', form: 'chopped', ripe: 'over' }, 2)).toEqual({
      what: 'plum', grams: 200, form: 'chopped', ripe: 'over',
    }); // prettier-ignore
  });
  test('and back: the ratios of any size are the recipe', () => {
    const { lines: _l, dosePerLitre: _d, culture: _c, ...head } = plum;
    for (const ml of [700, 1000, 4321]) {
      const again = recipeOf(compositionOf(plum, ml, true), head, plum.culture);
      expect(again.dosePerLitre).toBeCloseTo(75, 1);
      again.lines.forEach((line, i) => expect(line.perLitre / plum.lines[i]!.perLitre).toBeCloseTo(1, 2));
    }
  });
  test('ripeness changes what fruit brings: a quarter less sugar when hard, 15 % more when very ripe', () => {
    const sugar = (ripe?: 'under' | 'over') =>
      sugarAccount(
        [
          { what: 'water', ml: 700 },
          { what: 'plum', grams: 300, ripe },
        ],
        { ml: 0, residualSugar: 0 },
      );
    const grams = (account: ReturnType<typeof sugar>) =>
      (account.totalGramsPerLitre * account.batchMl) / 1000;
    const ripe = grams(sugar());
    expect(ripe).toBeCloseTo(300 * 0.098 * 0.7, 6);
    expect(grams(sugar('under')) / ripe).toBeCloseTo(0.75, 9);
    expect(grams(sugar('over')) / ripe).toBeCloseTo(1.15, 9);
  });
  test('a label’s sugar goes before the table’s, for 100 ml or for 100 g', () => {
    const grams = (portion: Portion) => {
      const account = sugarAccount([{ what: 'water', ml: 500 }, portion], {
        ml: 0,
        residualSugar: 0,
      });
      return (account.totalGramsPerLitre * account.batchMl) / 1000;
    };
    expect(grams({ what: 'pear-juice', ml: 500, sugar: 12.4 })).toBeCloseTo(62, 3);
    expect(grams({ what: 'dried-fig', grams: 100, sugar: 60 })).toBeCloseTo(60 * 0.6, 3);
    expect(grams({ what: 'lemon-juice', ml: 100, sugar: 0 })).toBeCloseTo(0, 6);
  });
});

describe('versions', () => {
  const next = {
    ...plum,
    version: 2,
    dosePerLitre: 90,
    wantedVolumes: 2.2,
    lines: [
      { ...plum.lines[0]!, perLitre: 390 },
      plum.lines[1]!,
      plum.lines[3]!,
      { what: 'honey', perLitre: 20, when: 'last' as const },
    ],
    method: { ...plum.method, strain: 'cloth' as const },
  };
  test('what changed since last time', () => {
    expect(changesBetween(plum, next)).toEqual([
      { kind: 'amount', what: 'plum', from: 433, to: 390 },
      { kind: 'gone', what: 'fig-leaf', perLitre: 1.6 },
      { kind: 'added', what: 'honey', perLitre: 20 },
      { kind: 'dose', from: 75, to: 90, culture: 'ginger-bug' },
      { kind: 'fizz', from: 2.5, to: 2.2 },
      { kind: 'method', key: 'strain', from: 'coarse', to: 'cloth' },
    ]);
    expect(changesBetween(plum, plum)).toEqual([]);
    // Half a percent is rounding, not a change.
    expect(
      changesBetween(plum, {
        ...plum,
        lines: plum.lines.map((line) => ({ ...line, perLitre: line.perLitre * 1.004 })),
      }),
    ).toEqual([]);
    expect(changesBetween(plum, { ...plum, culture: 'whey' })).toEqual([
      { kind: 'culture', from: 'ginger-bug', to: 'whey' },
    ]);
  });
  test('are kept beside the library’s, the oldest first', () => {
    const settings = { recipe: { [recipeKey(next)]: next } };
    expect(recipeVersions({ settings }).get(plum.id)).toEqual([plum, next]);
    expect([recipeVersions({ settings }).size, recipeVersions({ settings: {} }).size]).toEqual([
      library.length,
      library.length,
    ]);
    // A rating of the library's own version stands in its place.
    const rated = { ...plum, rating: 4 };
    expect(recipeVersions({ settings: { recipe: { [recipeKey(rated)]: rated } } }).get(plum.id)).toEqual([
      rated,
    ]);
  });
  test('a free id from any name', () => {
    expect(freeId('Plum & Bäy', [])).toBe('plum-ba-y');
    expect(freeId('Plum', ['plum', 'plum-2'])).toBe('plum-3');
    expect(freeId('梅', [])).toBe('recipe');
    expect(freeId('x'.repeat(80), []).length).toBe(50);
  });
});
