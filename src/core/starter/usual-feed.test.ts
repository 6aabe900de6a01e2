import { TestKitchen } from '../forecast/kitchen.test-tool';
import { lotOf } from '../journal/household';
import { usualFeed } from './feed-plan';
import { percentagesOf } from './percentages';
import { knownCultures } from '../cultures/registry';
import { renewalOf } from './renewal';

const keepingOf = (id: string) => knownCultures(id)!.keeping!;
const bugJar = (kitchen: TestKitchen) =>
  kitchen.jar(0, 'ginger-bug', [
    { what: 'water', ml: 500 },
    { what: 'ginger', grams: 25 },
    { what: 'white-sugar', grams: 24 },
  ]);
const feed = (kitchen: TestKitchen, hour: number, lotId: string, grams: readonly [string, number][]) =>
  kitchen.at(hour, {
    kind: 'portions-added',
    lotId,
    portions: grams.map(([what, amount]) => ({ what, grams: amount })),
  });

describe('feeds repeat what was done', () => {
  test('the last feed again, flavourings included; a rescue is no habit', () => {
    const kitchen = new TestKitchen(22);
    const bug = bugJar(kitchen);
    const usual = () => usualFeed(lotOf(kitchen.household, bug)!).map(({ what, grams }) => [what, grams]);
    // Never fed: 3 % of the mark each.
    expect(usual()).toEqual([
      ['ginger', 16],
      ['white-sugar', 16],
    ]);
    feed(kitchen, 24, bug, [
      ['galangal', 11],
      ['cane-sugar', 13],
      ['cinnamon', 1],
    ]);
    expect(usual()).toEqual([
      ['galangal', 11],
      ['cane-sugar', 13],
      ['cinnamon', 1],
    ]);
    feed(kitchen, 48, bug, [['white-sugar', 90]]);
    feed(kitchen, 49, bug, [['white-sugar', 2]]);
    expect(usual()).toHaveLength(3);
  });

  test('what was said of a feed goes before any rule: once, or from now on', () => {
    const kitchen = new TestKitchen(22);
    const bug = bugJar(kitchen);
    const usual = () => usualFeed(lotOf(kitchen.household, bug)!).map(({ what, grams }) => [what, grams]);
    const fed = (hour: number, sugar: number, said: boolean) =>
      kitchen.at(hour, {
        kind: 'portions-added',
        lotId: bug,
        portions: [{ what: 'white-sugar', grams: sugar }],
        usual: said,
      });
    feed(kitchen, 24, bug, [['white-sugar', 12]]);
    fed(48, 20, false);
    expect(usual()).toEqual([['white-sugar', 12]]);
    // 2 g would be a rescue by its size; said to be the rule it is one.
    fed(72, 2, true);
    expect(usual()).toEqual([['white-sugar', 2]]);
  });

  test('renewed jars get what they were begun with, for as much water as goes in', () => {
    const kitchen = new TestKitchen(22);
    const jar = kitchen.jar(0, 'water-kefir-grains', [
      { what: 'water', ml: 800 },
      { what: 'kefir-grains', grams: 50 },
      { what: 'white-sugar', grams: 48 },
      { what: 'dried-fig', grams: 8 },
    ]);
    kitchen.at(24, { kind: 'transferred', from: jar, taken: 'liquid', targets: [{ ml: 400 }] });
    const lot = lotOf(kitchen.household, jar)!;
    const again = renewalOf(lot)?.portions ?? usualFeed(lot);
    const { ml } = again.find(({ what }) => what === 'water')!;
    const sugar = again.find(({ what }) => what === 'white-sugar')!.grams!;
    expect(sugar / ml!).toBeCloseTo(48 / 800, 2);
    expect(again.some(({ what }) => what === 'dried-fig')).toBe(true);
    expect(again.some(({ what }) => what === 'kefir-grains')).toBe(false);
  });
});

describe('percentages of what a kind is begun with', () => {
  const shares = (culture: string, portions: readonly { what: string; grams?: number; ml?: number }[]) => {
    const { body, bodyWord, notes } = percentagesOf(portions, keepingOf(culture));
    return [Number(body.toFixed(1)), bodyWord, notes];
  };
  const water = { what: 'water', grams: 500 };

  test('a ripe ferment is no tea, juice is no grains, dried grains count as they swell', () => {
    expect(
      shares('tea-mother', [
        water,
        { what: 'black-tea', grams: 3 },
        { what: 'white-sugar', grams: 35 },
        { what: 'ripe-tea', ml: 70 },
      ]),
    ).toEqual([0.6, 'tea', []]);
    expect(
      shares('water-kefir-grains', [
        water,
        { what: 'kefir-grains', grams: 30 },
        { what: 'white-sugar', grams: 30 },
        { what: 'pear-juice', ml: 200 },
      ]),
    ).toEqual([6, 'grains', []]);
    // 8 g dried are 32 g swollen: 6.4 %.
    expect(
      shares('water-kefir-grains', [
        water,
        { what: 'dried-kefir-grains', grams: 8 },
        { what: 'white-sugar', grams: 30 },
      ]),
    ).toEqual([6.4, 'grains', []]);
  });

  test('a flower starter is topped up as sweet as it is kept: at least a tenth of the water', () => {
    const kitchen = new TestKitchen(22);
    const jar = kitchen.jar(0, 'wild', [
      { what: 'water', ml: 500 },
      { what: 'elderflower', grams: 60 },
      { what: 'white-sugar', grams: 75 },
    ]);
    kitchen.at(60, { kind: 'transferred', from: jar, taken: 'liquid', targets: [{ ml: 250 }] });
    const top = usualFeed(lotOf(kitchen.household, jar)!);
    const { sweetener } = percentagesOf(top);
    expect(sweetener).toBeGreaterThanOrEqual(10);
    expect(sweetener).toBeLessThanOrEqual(20);
  });
});
