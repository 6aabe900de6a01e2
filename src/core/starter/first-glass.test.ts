import * as fc from 'fast-check';
import { waysToBegin, knownGuides } from '../cultures/guides/registry';
import { dayMs } from '../duration';
import { firstGlass, firstShopping, glassAfter } from './first-glass';

const way = (id: string, days: readonly [number, number] | null = null, celsius = 22) => {
  const { way: found, culture } = waysToBegin.find((each) => each.way.id === id)!;
  return firstGlass(found, culture, knownGuides(culture.id), days, celsius, 0);
};
const days = (id: string, of?: readonly [number, number]) =>
  way(id, of ?? null).map(({ stage, usual }) => [stage, Math.round((usual / dayMs) * 100) / 100]);

test('from a new ginger bug: it ripens, ferments, conditions and settles', () => {
  // 4.5 days of ripening, 3 in the jar, 2.5 in the bottle, one in the cold.
  expect(days('ginger-bug', [2, 4])).toEqual([
    ['begin', 0],
    ['brew', 4.5],
    ['bottle', 7.5],
    ['chill', 10],
    ['glass', 11],
  ]);
  // Spreads as squares: 1.5, 1 and 1 day before; 2.5, 1, 1.5 and 1 after.
  const glass = way('ginger-bug', [2, 4]).at(-1)!;
  expect((glass.usual - glass.early) / dayMs).toBeCloseTo(Math.sqrt(1.5 ** 2 + 1 + 1), 9);
  expect((glass.late - glass.usual) / dayMs).toBeCloseTo(Math.sqrt(2.5 ** 2 + 1 + 1.5 ** 2 + 1), 9);
});

test('what lives already is brewed with at once; peel is a brew itself; dried grains wake for days', () => {
  expect(days('lively-bug')[1]).toEqual(['brew', 0]);
  expect(days('wine-yeast')[1]).toEqual(['brew', 0]);
  expect(days('peel').map(([stage]) => stage)).toEqual(['begin', 'bottle', 'chill', 'glass']);
  expect(days('peel')[1]).toEqual(['bottle', 4.2]);
  expect(days('dried-kefir-grains')[1]).toEqual(['brew', 5.5]);
  expect(days('fresh-kefir-grains')[1]).toEqual(['brew', 1.6]);
});

test('with a starter that is ready, a brew begun now waits for its jar, its bottle and the cold', () => {
  const { early, usual, late } = glassAfter([2, 4], 22, 0);
  expect(usual / dayMs).toBeCloseTo(3 + 2.5 + 1, 9);
  expect((usual - early) / dayMs).toBeCloseTo(Math.hypot(1, 1), 9);
  expect((late - usual) / dayMs).toBeCloseTo(Math.hypot(1, 1.5, 1), 9);
  // Ten degrees warmer the jar and the bottle are quicker by 1.09 a degree; the cold is not.
  expect(glassAfter([2, 4], 32, 0).usual / dayMs).toBeCloseTo(5.5 / 1.09 ** 10 + 1, 9);
});

test('warmer is sooner, and a stage never comes before the one it waits for', () => {
  const ids = waysToBegin.map((each) => each.way.id);
  fc.assert(
    fc.property(fc.constantFrom(...ids), fc.double({ min: 5, max: 40, noNaN: true }), (id, celsius) => {
      const [here, warmer] = [way(id, [2, 4], celsius), way(id, [2, 4], celsius + 2)];
      expect(warmer.at(-1)!.usual).toBeLessThanOrEqual(here.at(-1)!.usual);
      for (const [i, stage] of here.entries()) {
        expect(stage.early).toBeLessThanOrEqual(stage.usual);
        expect(stage.usual).toBeLessThanOrEqual(stage.late);
        if (i > 0) expect(stage.usual).toBeGreaterThanOrEqual(here[i - 1]!.usual);
      }
    }),
  );
});

test('what to buy: the jar, five feeds and the brew, each thing once', () => {
  const bug = waysToBegin.find((each) => each.way.id === 'ginger-bug')!;
  const brew = [
    { what: 'ginger', grams: 60 },
    { what: 'white-sugar', grams: 160 },
    { what: 'lemon-juice', ml: 40 },
  ];
  // 420 ml of water: 21 g of each, and five feeds of 12.6 g; the brew takes 60 g and 160 g.
  expect(firstShopping(bug.way, bug.culture, brew, 700, 5)).toEqual({
    bought: [
      { what: 'ginger', grams: 144 },
      { what: 'white-sugar', grams: 244 },
      { what: 'lemon-juice', ml: 40 },
    ],
    had: [],
  });
  const lively = waysToBegin.find((each) => each.way.id === 'lively-bug')!;
  expect(firstShopping(lively.way, lively.culture, [], 700, 0)).toEqual({ bought: [], had: [] });
});

test('what somebody has is not bought, and it is said how much of it is taken', () => {
  const takes = (id: string, jarMl: number) => {
    const { way: found, culture } = waysToBegin.find((each) => each.way.id === id)!;
    return firstShopping(found, culture, [], jarMl, 7);
  };
  // 650 ml of water: a seventh of ripe ferment, 0.7 % of tea and 6.5 % of sugar.
  const tea = takes('tea-mother', 1000);
  expect(tea.had.map(({ what }) => what)).toEqual(['ripe-tea']);
  expect(tea.had[0]!.ml).toBeCloseTo(0.14 * 650, -1);
  expect(tea.bought.map(({ what }) => what)).toEqual(['black-tea', 'white-sugar']);
  expect(takes('whey', 700)).toEqual({ bought: [], had: [{ what: 'whey', ml: 200 }] });
  expect(takes('peel', 2000).had).toEqual([{ what: 'pineapple-rind', grams: 360 }]);
  // A packet is had whole.
  expect(takes('wine-yeast', 700)).toEqual({ bought: [], had: [] });
  // Whatever an empty kitchen is asked for is never on its list.
  for (const { way: found, culture } of waysToBegin.filter((each) => each.way.have)) {
    const { bought, had } = firstShopping(found, culture, [], 700, 5);
    for (const { what } of had) expect(bought.map((each) => each.what)).not.toContain(what);
  }
});
