import { bug } from '../starter/bug.test-tool';
import { compositionOf, type Recipe } from '../recipes/recipe';
import { library } from '../recipes/library/registry';
import type { Portion } from '../matter/portion';
import { accountWarnings, cultureIdOf } from './account-warnings';
import type { Life } from './brew-plan';
import { costOf } from './cost';
import { waterOf } from './scale';
import { sugarAccount, type Dose } from './sugar-account';

const recipe = (id: string): Recipe => library.find((each) => each.id === id)!;

/** A recipe's account for a litre, its dose drawn from a jar. */
function accountOf(id: string, dose: Dose) {
  const composition = compositionOf(recipe(id), 1000, true);
  const portions: Portion[] = [
    { what: 'water', ml: waterOf(composition, dose.ml > 0) },
    ...composition.rows.filter(({ when }) => when !== 'infusion').map(({ portion }) => portion),
  ];
  return sugarAccount(portions, dose);
}

/** A grated root gives half of its juice (0.3 and 0.2 for the grating), sliced and chopped things what their table says. */
const grated = 0.5;

describe('eight recipes, their sugar a litre worked by hand', () => {
  test.each([
    // white sugar 99.9 %, quince 9.1 % of which 0.7 go over, ginger 1.7 %, lemon 2.5 % of 14 ml at 1.03, bug 12 g/L.
    [
      'quince-bay-ginger-beer',
      85,
      12,
      72 * 0.999 + 120 * 0.091 * 0.7 + 34 * 0.017 * grated + 14 * 1.03 * 0.025 + 0.085 * 12,
    ],
    // plum 9.8 % · 0.7.
    ['plum-fig-leaf', 75, 12, 46 * 0.999 + 433 * 0.098 * 0.7 + 6 * 1.03 * 0.025 + 0.075 * 12],
    // raw cane sugar 98.5 %, ginger, lemon.
    ['raw-ginger-juniper', 0, 0, 84 * 0.985 + 46 * 0.017 * grated + 10 * 1.03 * 0.025],
    // pear juice 520 ml at 1.047 with 9.8 %, white sugar, lemon.
    ['pear-juice-last-batch', 0, 0, 520 * 1.047 * 0.098 + 12 * 0.999 + 10 * 1.03 * 0.025],
    // cherry juice 1.055, 11.8 %; concentrate 1.35, 67 %.
    ['cherry-bay-concentrate', 0, 0, 260 * 1.055 * 0.118 + 58 * 1.35 * 0.67],
    // pineapple rind 7 % · 0.6, whole cane sugar 94 %.
    ['rind-fennel', 0, 0, 290 * 0.07 * 0.6 + 76 * 0.94],
    // black tea brings none; raw cane sugar; a ripe mother 30 g/L.
    ['black-tea-thyme-cold', 125, 30, 64 * 0.985 + 0.125 * 30],
    // maple 66 % at 1.33, zest 6 % · 0.3, lemon.
    ['maple-orange-sediment', 0, 0, 74 * 1.33 * 0.66 + 5 * 0.06 * 0.3 + 8 * 1.03 * 0.025],
  ] as const)('%s, within 1 %%', (id, ml, residualSugar, perLitre) => {
    const { totalGramsPerLitre, batchMl } = accountOf(id, { ml, residualSugar });
    expect(batchMl).toBeCloseTo(1000, 0);
    expect(Math.abs(totalGramsPerLitre / perLitre - 1)).toBeLessThan(0.01);
  });
});

describe('what the account says beside the sugar', () => {
  const of = (...portions: Portion[]) =>
    sugarAccount([{ what: 'water', ml: 900 }, ...portions], { ml: 0, residualSugar: 0 });
  test('sweetness by kind of sugar: fructose counts 1.2, glucose 0.7, maltose 0.4', () => {
    const white = of({ what: 'white-sugar', grams: 100 });
    expect(white.sweetness).toBeCloseTo(white.totalGramsPerLitre, 6);
    const honey = of({ what: 'honey', grams: 100 });
    const byHand = 1.5 + 32 * 0.7 + 39 * 1.2 + 7 * 0.4;
    expect((honey.sweetness * honey.batchMl) / 1000).toBeCloseTo(byHand, 3);
  });
  test('alcohol if it ran dry: Gay-Lussac of which yeast makes 94 %', () => {
    // 100 g of sucrose in a litre: 100 · 0.5384 · 0.94 g of ethanol, over 7.8924 g a percent.
    const white = of({ what: 'white-sugar', grams: 100 });
    const grams = white.totalGramsPerLitre;
    expect(white.abvIfDry).toBeCloseTo((grams * 0.53836 * 0.94) / 7.8924, 3);
    const dextrose = of({ what: 'dextrose', grams: 100 });
    expect(dextrose.abvIfDry).toBeCloseTo((dextrose.totalGramsPerLitre * 0.51143 * 0.94) / 7.8924, 3);
  });
  test('the dose’s own sugar counts in all of it; honey’s four sugars each in their way', () => {
    const portions = [
      { what: 'water', ml: 900 },
      { what: 'honey', grams: 100 },
    ];
    const plain = sugarAccount(portions, { ml: 0, residualSugar: 0 });
    const dosed = sugarAccount(portions, { ml: 100, residualSugar: 20 });
    const grams = ({ batchMl }: { batchMl: number }, perLitre: number) => (perLitre * batchMl) / 1000;
    expect(grams(dosed, dosed.sweetness) - grams(plain, plain.sweetness)).toBeCloseTo(2, 6);
    const ethanol = (account: typeof plain) => grams(account, account.abvIfDry * 7.8924);
    // Sucrose and maltose 8.5 g at 0.5384, glucose and fructose 71 g at 0.5114, of which 94 %.
    expect(ethanol(plain)).toBeCloseTo(0.94 * (8.5 * 0.53836 + 71 * 0.51143), 2);
    expect(ethanol(dosed) - ethanol(plain)).toBeCloseTo(0.94 * 2 * 0.53836, 3);
    expect(plain.fermentableShare).toBeCloseTo(79.5 / 82.5, 6);
    expect(dosed.fermentableShare).toBeCloseTo(81.5 / 84.5, 6);
  });
  test('what does not ferment: the dextrins of rice syrup, the lactose of whey', () => {
    expect(of({ what: 'white-sugar', grams: 100 }).fermentableShare).toBeCloseTo(1, 2);
    expect(of({ what: 'rice-syrup', grams: 100 }).fermentableShare).toBeCloseTo(55 / 77, 6);
    expect(of({ what: 'rice-syrup', grams: 100 }).sources[0]!.fermentableShare).toBeCloseTo(55 / 77, 6);
    expect(of({ what: 'whey', ml: 500 }).fermentableShare).toBeLessThan(0.1);
  });
  test('cost by the maker’s prices: a kilogram, a litre of what is poured; what has none is named', () => {
    const portions = [
      { what: 'water', ml: 1700 },
      { what: 'white-sugar', grams: 160 },
      { what: 'honey', ml: 100 },
      { what: 'sage', grams: 2 },
    ];
    expect(costOf(portions, 2000, { 'white-sugar': 1.5, honey: 12 })).toEqual({
      total: expect.closeTo(0.24 + 1.2, 9),
      perLitre: expect.closeTo(0.72, 9),
      unpriced: ['sage'],
    });
  });
});

describe('warnings before anything is mixed', () => {
  const warned = (portions: Portion[], life: Life, meantPercent: number | null = null) =>
    accountWarnings({
      portions,
      life,
      meantPercent,
      account: sugarAccount(portions, { ml: 0, residualSugar: 0 }),
    });
  const jar: Life = { kind: 'lot', lot: bug(), ml: 80 };
  const mother: Life = { kind: 'lot', lot: { ...bug(), culture: 'tea-mother' }, ml: 80 };
  test('a percent that the spoons contradict, with what mends it', () => {
    const portions = [
      { what: 'water', ml: 1000 },
      { what: 'white-sugar', grams: 60 },
    ];
    expect(warned(portions, jar, 10)).toEqual([
      {
        kind: 'percent',
        meant: 10,
        mend: { really: expect.closeTo(6.01, 2), what: 'white-sugar', grams: 100, change: 40 },
      },
    ]);
    expect(warned(portions, jar, 6.5)).toEqual([]);
  });
  test('a base on which nothing lives is questioned: all boiled, or nothing that brings life', () => {
    const ginger = { what: 'ginger', grams: 60 };
    const portions = [{ what: 'water', ml: 1000 }, ginger, { what: 'white-sugar', grams: 60 }];
    const account = sugarAccount(portions, { ml: 0, residualSugar: 0 });
    const said = (raw: Portion[], life: Life = { kind: 'bare' }, all = portions) =>
      accountWarnings({ portions: all, account, life, meantPercent: null, raw });
    expect(said([])).toEqual([{ kind: 'nothing-alive', boiled: true }]);
    expect(said([{ what: 'lemon-juice', ml: 30 }])).toEqual([{ kind: 'nothing-alive', boiled: true }]);
    expect(said([], undefined, portions.slice(0, 1))).toEqual([{ kind: 'nothing-alive', boiled: false }]);
    expect(said([ginger])).toEqual([]);
    expect(said([{ ...ginger, form: 'dried' }])).toHaveLength(1);
    expect(said([], jar)).toEqual([]);
  });
  test('a preservative, and a mother that would starve on juice', () => {
    const juice = { what: 'pear-juice', ml: 800 };
    expect(
      warned(
        [
          { ...juice, preserved: true },
          { what: 'water', ml: 200 },
        ],
        jar,
      ),
    ).toEqual([{ kind: 'preserved', what: 'pear-juice' }]);
    expect(warned([juice, { what: 'water', ml: 200 }], mother)).toEqual([
      { kind: 'starves', teaGramsPerLitre: 0 },
    ]);
    expect(warned([juice, { what: 'water', ml: 200 }, { what: 'green-tea', grams: 4 }], mother)).toEqual([]);
    expect(
      warned(
        [
          { ...juice, ml: 400 },
          { what: 'water', ml: 600 },
        ],
        mother,
      ),
    ).toEqual([]);
    expect(warned([juice, { what: 'water', ml: 200 }], jar)).toEqual([]);
  });
  test('more sugar than the culture takes', () => {
    const sweet = (grams: number) => [
      { what: 'water', ml: 1000 },
      { what: 'white-sugar', grams },
    ];
    expect(warned(sweet(150), mother)).toEqual([
      { kind: 'too-sweet', takes: 120, total: expect.closeTo(137.1, 1), culture: 'tea mother' },
    ]);
    expect(warned(sweet(150), jar)).toEqual([]);
    expect(warned(sweet(185), jar)).toMatchObject([{ kind: 'too-sweet', takes: 160 }]);
  });
  test('what it is pitched with', () => {
    expect(cultureIdOf(jar, [])).toBe('ginger-bug');
    expect(cultureIdOf({ kind: 'bare' }, [])).toBe('bare');
    expect(cultureIdOf({ kind: 'portion' }, [{ what: 'ale-yeast', grams: 1 }])).toBe('ale-yeast');
    expect(cultureIdOf({ kind: 'portion' }, [{ what: 'plum', grams: 1 }])).toBeNull();
  });
});
