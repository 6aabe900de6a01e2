import type { Entry } from '../journal/entry';
import { agenda } from '../tasks/agenda';
import type { StarterAnswer } from '../forecast/starter-answer';
import { bug, dawn, grainsJar, id } from './bug.test-tool';
import { grainsOf, renewalOf } from './renewal';

const day = 86_400_000;
let n = 20;
const entry = (days: number, act: object): Entry =>
  ({ id: id((n += 1)), at: dawn + days * day, offset: 0, version: 2, ...act }) as Entry;
const strained = (days: number, ml: number) =>
  entry(days, { kind: 'transferred', from: id(0), taken: 'liquid', targets: [{ ml }] });
const weighed = (days: number, grams: number) =>
  entry(days, { kind: 'measured', lotId: id(0), quantity: 'grams', value: grams });
const fed = (days: number) =>
  entry(days, {
    kind: 'portions-added',
    lotId: id(0),
    portions: [
      { what: 'white-sugar', grams: 60 },
      { what: 'water', ml: 900 },
    ],
  });

describe('a cycle', () => {
  test('a litre over 60 g of grains: strained, then 6 % of the mark in sugar, and water to the mark', () => {
    const { lot } = grainsJar();
    const renewal = renewalOf(lot)!;
    expect(lot.markMl).toBeGreaterThan(1050);
    expect(renewal.strainMl).toBeGreaterThan(940);
    expect(renewal.strainMl).toBeLessThan(1040);
    expect(renewal.strainMl % 5).toBe(0);
    expect(renewal.portions[0]).toEqual({ what: 'white-sugar', grams: Math.round(0.06 * lot.markMl) });
    // What was strained off comes back as water.
    expect(Math.abs(renewal.portions[1]!.ml! - renewal.strainMl)).toBeLessThanOrEqual(10);
  });

  test('is nothing to a jar that stands strained, or is only topped up', () => {
    const { lot } = grainsJar(strained(1, 900));
    expect(renewalOf(lot)).toBeNull();
    expect(renewalOf(bug())).toBeNull();
    expect(renewalOf({ ...bug(), culture: 'whey' })).toBeNull();
  });

  test('a tea mother keeps an eighth of its mark', () => {
    const tea = { ...grainsJar().lot, culture: 'tea-mother' };
    expect(renewalOf(tea)!.strainMl).toBeLessThanOrEqual(tea.markMl * 0.88);
  });

  test('Today asks for the whole of it', () => {
    const { lot, household } = grainsJar();
    const answer = {
      start: dawn,
      feed: { earliest: 20, best: 30, latest: 40, earliestSpread: 1, latestSpread: 1 },
    };
    const [task] = agenda({
      household,
      living: [lot],
      lotAnswer: () => null,
      starterAnswer: () => answer as StarterAnswer,
      now: dawn + day,
    });
    expect(task!.portions).toEqual(renewalOf(lot)!.portions);
  });
});

describe('grains', () => {
  test('are counted by the mark; one weighing tells no growth', () => {
    const count = grainsOf(grainsJar(weighed(1, 66)).lot)!;
    expect(count.grams).toBeCloseTo(66, 6);
    expect(count.perLitre).toBeCloseTo(66 / (grainsJar().lot.markMl / 1000), 6);
    expect([count.growth, count.splitGrams]).toEqual([null, null]);
    expect(grainsOf(bug())).toBeNull();
  });

  test('grow by the root of two weighings over the cycles between them', () => {
    const { lot } = grainsJar(
      weighed(1, 60),
      strained(2, 900),
      fed(2.01),
      strained(4, 900),
      fed(4.01),
      weighed(5, 86.4),
    );
    expect(grainsOf(lot)!.growth).toBeCloseTo(0.2, 9);
  });

  test('a split starts the count anew', () => {
    const split = entry(3, { kind: 'transferred', from: id(0), taken: 'solids', targets: [{ grams: 30 }] });
    const { lot } = grainsJar(weighed(1, 60), fed(2), split, weighed(5, 40));
    expect(grainsOf(lot)!.growth).toBeNull();
  });

  test('above 90 g a litre they crowd: all but 60 g a litre are to go', () => {
    const { lot } = grainsJar(weighed(1, 130));
    const litres = lot.markMl / 1000;
    expect(grainsOf(lot)!.splitGrams).toBe(Math.round((130 - 60 * litres) / 5) * 5);
    expect(grainsOf(grainsJar(weighed(1, 85 * litres)).lot)!.splitGrams).toBeNull();
  });
});
