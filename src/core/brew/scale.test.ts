import { library } from '../recipes/library/registry';
import { compositionOf } from '../recipes/recipe';
import { knownCultures } from '../cultures/registry';
import { planComposition } from './compose-plan';
import { potFits, potLoad } from './pot';
import { jarLevelMl, scaleBy, waterOf, type ScaleBy } from './scale';
import { soakedByRows, steamMl, yieldOf } from './yield';

const recipe = (id: string) => library.find((each) => each.id === id)!;
const plum = recipe('plum-fig-leaf');
const litre = compositionOf(plum, 1000, true);
const scaled = (by: ScaleBy, of = plum, from = compositionOf(of, 1000, true)) => {
  const result = scaleBy(from, by, of.method, knownCultures(of.culture)!.unit === 'ml');
  return result.ok ? result.value : result.code;
};
const size = (by: ScaleBy, of = plum) => {
  const result = scaled(by, of);
  return typeof result === 'string' ? result : result.ml;
};

describe('a batch by what sets its size', () => {
  test('1.3 kg of plums at 433 g a litre make 3.0 L, all of them in it', () => {
    const batch = scaled({ by: 'ingredient', at: 0, grams: 1300 });
    if (typeof batch === 'string') throw new Error(batch);
    expect(batch.ml).toBeCloseTo((1300 / 433) * 1000, 0);
    expect(batch.rows[0]!.portion.grams).toBe(1300);
    expect(batch.dose).toBeCloseTo((75 * 1300) / 433, 1);
  });
  test('litres, starter on hand, jar, pot and bottles', () => {
    expect(size({ by: 'litres', ml: 2600 })).toBe(2600);
    expect(size({ by: 'starter', amount: 300 })).toBeCloseTo(4000, 6);
    // A litre stands higher than a litre: the plums' flesh lies in it. Nine tenths of a 4 L jar hold it.
    const level = jarLevelMl(litre);
    expect(level).toBeGreaterThan(1100);
    expect(size({ by: 'jar', ml: 4000 })).toBeCloseTo((3600 / level) * 1000, 1);
    // Four bottles of 500 ml, 20 ml empty in each, of what straining leaves.
    const yields = yieldOf(1000, litre.rows, plum.method, 0);
    expect(size({ by: 'bottles', count: 4, sizeMl: 500 })).toBeCloseTo((1920 / yields.bottledMl) * 1000, 3);
  });
  test('by the pot, as much as its four fifths boil', () => {
    const quince = recipe('quince-bay-ginger-beer');
    const made = scaled({ by: 'pot', ml: 5000 }, quince);
    if (typeof made === 'string') throw new Error(made);
    expect(potLoad(waterOf(made, true), made.rows, quince.method).levelMl).toBeCloseTo(4000, 0);
  });
  test('by something poured, what is on hand sets the size as well', () => {
    const pear = recipe('pear-juice-last-batch');
    const made = scaled({ by: 'ingredient', at: 0, grams: 1000 * 1.047 }, pear);
    if (typeof made === 'string') throw new Error(made);
    // A litre of juice at 520 ml a litre.
    expect(made.ml).toBeCloseTo(1000 / 0.52, 0);
    expect(made.rows[0]!.portion).toEqual({ what: 'pear-juice', ml: expect.closeTo(1000, 1) });
  });
  test('what steeps later is neither in the jar nor in what is strained off it', () => {
    const green = recipe('green-tea-raspberry');
    const composition = compositionOf(green, 2000, true);
    const without = { ...composition, rows: composition.rows.filter(({ when }) => when !== 'infusion') };
    const [all, bare] = [composition, without].map((each) =>
      planComposition(each, green.method, { kind: 'bare' }),
    );
    if (!all!.ok || !bare!.ok) throw new Error('plan');
    expect(all!.value).toEqual(bare!.value);
    expect(all!.value.brew.portions.map(({ what }) => what)).toEqual(['water', 'green-tea', 'white-sugar']);
    expect(jarLevelMl(composition)).toBe(jarLevelMl(without));
    expect(waterOf(composition, true)).toBe(waterOf(without, true));
  });
  test('what cannot set a size is refused', () => {
    expect(size({ by: 'pot', ml: 5000 })).toBe('scale.no-pot');
    expect(size({ by: 'starter', amount: 100 }, recipe('rind-fennel'))).toBe('scale.no-dose');
    expect(size({ by: 'ingredient', at: 9, grams: 5 })).toBe('scale.none-of-it');
    expect(size({ by: 'litres', ml: 99 })).toBe('scale.size');
    expect(size({ by: 'litres', ml: 50_001 })).toBe('scale.size');
    expect(size({ by: 'litres', ml: 100 })).toBe(100);
  });
});

describe('what is lost on the way', () => {
  test('steam by minutes and the pot’s surface, a lid holding most of it', () => {
    expect(steamMl(5000, 15, false)).toBeCloseTo(180, 6);
    expect(steamMl(5000, 60, true)).toBeCloseTo(108, 6);
    // Half the pot has 0.63 of the surface.
    expect(steamMl(2500, 15, false)).toBeCloseTo(180 * 0.5 ** (2 / 3), 6);
    expect(steamMl(100, 240, false)).toBe(60);
  });
  test('3 L of plums: flesh holds half of its weight, the sieve a hundredth', () => {
    const three = compositionOf(plum, 3000, true);
    // What is left of 1299 g of plums after 70 % of their juice went: 1299 · (1 − 0.7 · 0.933) g, half of that in ml;
    // and of the fig leaf (4.8 g, of which a fifth of what is dissolved went) its own weight.
    const flesh = 1299 * (1 - 0.7 * (0.87 + 0.098 + 0.012 + 0.003));
    expect(soakedByRows([three.rows[0]!])).toBeCloseTo(flesh * 0.5, 0);
    const { soakedMl, clothMl, evaporatedMl, bottledMl } = yieldOf(3000, three.rows, plum.method, 0);
    expect([clothMl, evaporatedMl]).toEqual([30, 0]);
    expect(bottledMl).toBeCloseTo(3000 - soakedMl - 30, 9);
    // Pulp left in keeps nothing back but the pot’s own half hundredth.
    const pulp = yieldOf(3000, three.rows, { ...plum.method, strain: 'pulp-in' }, 0);
    expect([pulp.soakedMl, pulp.clothMl]).toEqual([0, 15]);
    for (const [strain, share] of [
      ['coarse', 0.01],
      ['fine', 0.015],
      ['cloth', 0.025],
    ] as const)
      expect(yieldOf(1000, [], { ...plum.method, strain }, 0).clothMl).toBeCloseTo(1000 * share, 9);
  });
  test('water to measure is what the jar wants and what boils away', () => {
    const quince = recipe('quince-bay-ginger-beer');
    const plan = planComposition(compositionOf(quince, 3000, false), quince.method, { kind: 'bare' });
    if (!plan.ok) throw new Error(plan.code);
    const { brew, waterMl, yields, pot } = plan.value;
    expect(waterMl - brew.waterMl).toBeCloseTo(yields.evaporatedMl, 0);
    // Twelve minutes at the simmer of some three litres: 12 ml · (V/5 L)^⅔ a minute.
    expect(yields.evaporatedMl).toBeCloseTo(144 * (pot.levelMl / 5000) ** (2 / 3), 6);
    expect(Math.abs(brew.account.batchMl - 3000)).toBeLessThan(1);
  });
});

describe('the pot', () => {
  const check = (levelMl: number, potMl: number, hotWaterMl = levelMl * 0.9) =>
    potFits({ hotWaterMl, heldMl: 0, levelMl }, potMl);
  test('four fifths of it boil; beyond that it says what works', () => {
    expect(check(4000, 5000)).toEqual({ fits: true });
    expect(check(4500, 5000, 4000)).toEqual({
      fits: false,
      needsMl: 5650,
      holdBackMl: 500,
      rounds: { count: 2, waterMl: 2000 },
    });
    // More than four rounds is no way to cook, and solids alone cannot be held back.
    expect(check(17_000, 5000, 1000)).toMatchObject({ holdBackMl: null, rounds: null });
    expect(check(16_000, 5000, 15_000)).toMatchObject({ rounds: { count: 4 } });
  });
  test('cold water held back is half, and needs no pot', () => {
    const rows = compositionOf(recipe('quince-bay-ginger-beer'), 1000, true).rows;
    const method = { ...recipe('quince-bay-ginger-beer').method, cool: 'cold-water' as const };
    const load = potLoad(2000, rows, method);
    expect([load.hotWaterMl, load.heldMl]).toEqual([1000, 1000]);
    expect(load.levelMl).toBeGreaterThan(1100);
    expect(potLoad(2000, rows, { ...method, heat: 'none' })).toEqual({
      hotWaterMl: 0,
      heldMl: 0,
      levelMl: 0,
    });
  });
});
