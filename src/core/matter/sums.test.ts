import {
  emptyContents,
  gramsPerLitre,
  inventory,
  isSound,
  ladle,
  levelMl,
  liftOut,
  liquidMl,
  pourOff,
  scaled,
  solidGrams,
  solidsMl,
  together,
  totalGrams,
  without,
  type Contents,
} from './contents';
import {
  gramsOfPortion,
  isPoured,
  mlOfPortion,
  portionContents,
  portionsContents,
  spoonGrams,
} from './portion';
import {
  fermentableGrams,
  gramsIn,
  heapOn,
  millilitresPerGram,
  minus,
  nothing,
  plus,
  substances,
  sugarGrams,
  times,
  volumeOf,
  type Amounts,
} from './substances';
import { partOf } from '../part-of.test-tool';

/** Another number for every substance, so that none can stand in for another. */
const counted = (first: number): Amounts =>
  partOf<Amounts>(Object.fromEntries(substances.map((key, index) => [key, first + index])));
const ones = counted(1);
const tens = partOf<Amounts>(Object.fromEntries(substances.map((key, index) => [key, 10 * (index + 1)])));
const each = (of: (key: (typeof substances)[number], index: number) => number) =>
  Object.fromEntries(substances.map((key, index) => [key, of(key, index)]));

describe('amounts', () => {
  test('every substance is added, taken away, multiplied and heaped by itself', () => {
    expect(plus(ones, tens)).toEqual(each((_, index) => 11 * (index + 1)));
    expect(minus(tens, ones)).toEqual(each((_, index) => 9 * (index + 1)));
    expect(times(ones, 0.5)).toEqual(each((_, index) => 0.5 * (index + 1)));
    const heap = { ...ones };
    heapOn(heap, tens, 0.2);
    expect(heap).toEqual(each((_, index) => 3 * (index + 1)));
    expect(minus(ones, tens)).toEqual(nothing);
  });

  test('grams and volume count each once', () => {
    expect(gramsIn(ones)).toBe((13 * 14) / 2);
    for (const key of substances) {
      const one = { ...nothing, [key]: 2 };
      expect([gramsIn(one), volumeOf(one)]).toEqual([2, 2 * millilitresPerGram[key]]);
    }
    expect(volumeOf(ones)).toBeCloseTo(
      substances.reduce((sum, key, index) => sum + (index + 1) * millilitresPerGram[key], 0),
      12,
    );
  });

  test('room a gram takes is what was checked', () =>
    expect(substances.map((key) => Number(millilitresPerGram[key].toFixed(4)))).toEqual([
      1.0018, 0.62, 0.622, 0.618, 0.62, 0.62, 1.166, 0.64, 0.65, 0.77, 0.87, 0.4, 1,
    ]));

  test('milk sugar is sugar, but not for yeast', () => {
    // In the order of the list: sucrose 2, glucose 3, fructose 4, lactose 5, maltose 6.
    expect([fermentableGrams(ones), sugarGrams(ones)]).toEqual([15, 20]);
  });
});

describe('contents', () => {
  const bowl: Contents = {
    liquid: { ...nothing, water: 100, sucrose: 10 },
    solids: { pear: { ...nothing, inert: 20 }, ginger: { ...nothing, inert: 5, water: 5 } },
  };

  test('liquid, solids and level', () => {
    const liquid = 100 / 0.998203 + 6.2;
    expect(liquidMl(bowl)).toBeCloseTo(liquid, 9);
    expect(solidsMl(bowl)).toBeCloseTo(25 + 5 / 0.998203, 9);
    expect(levelMl(bowl)).toBeCloseTo(liquid + 25 + 5 / 0.998203, 9);
    expect([
      solidGrams(bowl),
      solidGrams(bowl, 'pear'),
      solidGrams(bowl, 'ginger'),
      solidGrams(bowl, 'plum'),
    ]).toEqual([30, 20, 10, 0]);
    expect(totalGrams(bowl)).toBe(140);
    expect(inventory(bowl)).toEqual({ ...nothing, water: 105, sucrose: 10, inert: 25 });
    expect(gramsPerLitre(bowl, ({ sucrose }) => sucrose)).toBeCloseTo((10 / liquid) * 1000, 9);
    expect(gramsPerLitre(emptyContents, ({ sucrose }) => sucrose)).toBe(0);
  });

  test('together and apart again', () => {
    const more: Contents = {
      liquid: { ...nothing, water: 50 },
      solids: { pear: { ...nothing, inert: 7 }, plum: { ...nothing, inert: 3 } },
    };
    const sum = together(bowl, more);
    expect(sum.liquid.water).toBe(150);
    expect([solidGrams(sum, 'pear'), solidGrams(sum, 'plum'), solidGrams(sum, 'ginger')]).toEqual([
      27, 3, 10,
    ]);
    expect(without(sum, more)).toEqual(bowl);
    // What is gone leaves no empty heap behind.
    expect(Object.keys(without(sum, more).solids)).toEqual(['pear', 'ginger']);
    expect(without(bowl, sum)).toEqual({ liquid: nothing, solids: {} });
  });

  test('a share poured, ladled or lifted; never more than there is, never less than nothing', () => {
    const there = liquidMl(bowl);
    expect(liquidMl(pourOff(bowl, 30))).toBeCloseTo(30, 9);
    expect(pourOff(bowl, 30).solids).toEqual({});
    expect(liquidMl(pourOff(bowl, 999))).toBeCloseTo(there, 9);
    expect(liquidMl(pourOff(bowl, -5))).toBe(0);
    expect(levelMl(ladle(bowl, 50))).toBeCloseTo(50, 9);
    expect(levelMl(ladle(bowl, 999))).toBeCloseTo(levelMl(bowl), 9);
    const pears = liftOut(bowl, 8, 0.5, 'pear');
    expect([solidGrams(pears, 'pear'), Object.keys(pears.solids), liquidMl(pears)]).toEqual([
      8,
      ['pear'],
      expect.closeTo(4, 9),
    ]);
    const all = liftOut(bowl, 15, 1);
    expect([solidGrams(all, 'pear'), solidGrams(all, 'ginger'), liquidMl(all)]).toEqual([
      10,
      5,
      expect.closeTo(15, 9),
    ]);
    expect(solidGrams(liftOut(bowl, 99, 0, 'ginger'))).toBe(10);
    expect(liftOut(bowl, 0, 1)).toEqual({ liquid: nothing, solids: {} });
    expect(liftOut(bowl, 5, 1, 'plum')).toEqual({ liquid: nothing, solids: {} });
    expect(scaled(bowl, 0.5)).toEqual({
      liquid: { ...nothing, water: 50, sucrose: 5 },
      solids: { pear: { ...nothing, inert: 10 }, ginger: { ...nothing, inert: 2.5, water: 2.5 } },
    });
  });

  test('an empty vessel gives nothing, whatever is asked', () => {
    for (const part of [pourOff(emptyContents, 5), ladle(emptyContents, 5), liftOut(emptyContents, 5, 1)])
      expect(part).toEqual(emptyContents);
    const dry: Contents = { liquid: nothing, solids: { pear: { ...nothing, inert: 5 } } };
    expect([liquidMl(pourOff(dry, 5)), levelMl(ladle(dry, 2)), liquidMl(liftOut(dry, 5, 1))]).toEqual([
      0, 2, 0,
    ]);
  });

  test('sound is what is a number and not below nothing, in liquid and solids', () => {
    expect(isSound(bowl)).toBe(true);
    expect(isSound(emptyContents)).toBe(true);
    for (const bad of [NaN, Infinity, -1e-9]) {
      expect(isSound({ ...bowl, liquid: { ...bowl.liquid, malic: bad } })).toBe(false);
      expect(isSound({ ...bowl, solids: { pear: { ...nothing, inert: bad } } })).toBe(false);
    }
  });
});

describe('portions', () => {
  test('spooned by form: the usual one when none or an unknown one is named', () => {
    expect([
      spoonGrams('ginger'),
      spoonGrams('ginger', 'sliced'),
      spoonGrams('ginger', 'liquid'),
      spoonGrams('honey'),
    ]).toEqual([0.42, 0.4, 0.42, 1.42]);
  });

  test('what is poured is measured by its density, what is spooned by its spoon', () => {
    expect(
      [
        'water',
        'honey',
        'pear-juice',
        'pear-puree',
        'lemon-juice',
        'whey',
        'lemon-zest',
        'ginger',
        'mineral-drops',
        'pear',
      ].map(isPoured),
    ).toEqual([true, true, true, true, true, true, false, false, false, false]);
    expect(gramsOfPortion({ what: 'honey', ml: 100 })).toBe(142);
    expect(gramsOfPortion({ what: 'ginger', ml: 100, form: 'sliced' })).toBeCloseTo(40, 9);
    expect(gramsOfPortion({ what: 'ginger', grams: 7, ml: 100 })).toBe(7);
    expect(gramsOfPortion({ what: 'ginger' })).toBe(0);
    expect(mlOfPortion({ what: 'honey', ml: 33 })).toBe(33);
    expect(mlOfPortion({ what: 'honey', grams: 142 })).toBeCloseTo(100, 9);
    expect(mlOfPortion({ what: 'white-sugar', ml: 100 })).toBeCloseTo(85 / 1.59, 9);
  });

  test('what is dissolved goes into the liquid, what is not stays in the solid; grated gives more, whole less', () => {
    const given = (form?: 'grated' | 'pureed' | 'powdered' | 'whole' | 'sliced') =>
      portionContents({ what: 'pear', grams: 100, ...(form ? { form } : {}) });
    // Pears give 0.7 of their juice: 84 g of water, 2.7 g of glucose; the 5.45 g that do not dissolve stay.
    const pear = given();
    expect(pear.liquid).toMatchObject({
      water: expect.closeTo(58.8, 9),
      glucose: expect.closeTo(1.89, 9),
      inert: expect.closeTo(0, 12),
    });
    expect(pear.solids.pear).toMatchObject({
      water: expect.closeTo(25.2, 9),
      inert: expect.closeTo(5.45, 9),
    });
    expect(gramsIn(pear.liquid) + solidGrams(pear)).toBeCloseTo(100, 9);
    expect(
      [given('grated'), given('pureed'), given('powdered'), given('whole'), given('sliced')].map(
        ({ liquid }) => Number((liquid.water / 84).toFixed(4)),
      ),
    ).toEqual([0.9, 0.95, 0.8, 0.5, 0.7]);
  });

  test('never less than a twentieth is given by what gives at all, never more than all; grains give nothing', () => {
    const share = (what: string, form: 'whole' | 'pureed') => {
      const { liquid, solids } = portionContents({ what, grams: 100, form });
      return liquid.water / (liquid.water + (solids[what]?.water ?? 0));
    };
    expect(share('fennel-seed', 'whole')).toBeCloseTo(0.05, 9);
    expect(share('pear-puree', 'pureed')).toBeCloseTo(1, 9);
    expect(portionContents({ what: 'kefir-grains', grams: 50, form: 'pureed' }).liquid).toEqual(nothing);
    expect(portionContents({ what: 'white-sugar', grams: 10, form: 'whole' })).toEqual({
      liquid: { ...nothing, sucrose: expect.closeTo(9.99, 9), inert: expect.closeTo(0.01, 9) },
      solids: {},
    });
  });

  test('several at once are the sum; nothing and less count for nothing', () => {
    const sum = portionsContents([
      { what: 'pear', grams: 60 },
      { what: 'pear', grams: 40 },
      { what: 'water', ml: 100 },
      { what: 'plum', grams: 0 },
      { what: 'plum', grams: -5 },
      { what: 'plum', grams: NaN },
    ]);
    expect(Object.keys(sum.solids)).toEqual(['pear']);
    expect(solidGrams(sum)).toBeCloseTo(solidGrams(portionContents({ what: 'pear', grams: 100 })), 9);
    expect(sum.liquid.water).toBeCloseTo(58.8 + 99.8, 9);
    expect(portionsContents([])).toEqual(emptyContents);
  });
});
