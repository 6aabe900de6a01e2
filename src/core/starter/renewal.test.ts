import type { Entry } from '../journal/entry';
import { knownCultures } from '../cultures/registry';
import type { Warmths } from '../kitchen/places';
import { awakeGrains, grainsIn } from '../lots/grains';
import { solidGrams } from '../matter/contents';
import { agenda } from '../tasks/agenda';
import type { StarterAnswer } from '../forecast/starter/starter-answer';
import { begunAlone, bug, dawn, grainsJar, id } from './bug.test-tool';
import { grainsOf, renewalOf } from './renewal';
import { dayMs } from '../duration';

let n = 20;
const entry = (days: number, act: object): Entry =>
  ({ id: id((n += 1)), at: dawn + days * dayMs, offset: 0, version: 2, ...act }) as Entry;
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
  test('a litre over 60 g of grains: strained, then sugar as it was begun with, and water to the mark', () => {
    const { lot } = grainsJar();
    const renewal = renewalOf(lot)!;
    expect(lot.markMl).toBeGreaterThan(1050);
    expect(renewal.strainMl).toBeGreaterThan(940);
    expect(renewal.strainMl).toBeLessThan(1040);
    expect(renewal.strainMl % 5).toBe(0);
    expect(renewal.portions[0]).toEqual({ what: 'white-sugar', grams: 60 });
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
      now: dawn + dayMs,
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

test('too many grains for their sugar are crowded too: 1.65 g for each gram of sugar at most', () => {
  // 80 g in a litre are within the usual 90, but 45 g of sugar feed 74 of them; 52 stay.
  const poorly = entry(2, {
    kind: 'portions-added',
    lotId: id(0),
    portions: [
      { what: 'white-sugar', grams: 45 },
      { what: 'water', ml: 900 },
    ],
  });
  const of = (...later: Entry[]) => grainsOf(grainsJar(...later).lot)!;
  expect(of().perSugar).toBeCloseTo(1 / 0.999, 6);
  expect(of(strained(1.9, 980), poorly, weighed(2.1, 70)).splitGrams).toBeNull();
  const crowded = of(strained(1.9, 980), poorly, weighed(2.1, 80));
  expect(crowded.perSugar).toBeCloseTo(80 / 45 / 0.999, 6);
  expect(crowded.splitGrams).toBe(30);
});

describe('dried grains', () => {
  const dried = (...more: Entry[]) =>
    begunAlone(
      {
        vessel: { kind: 'jar', ml: 1000 },
        culture: 'water-kefir-grains',
        portions: [
          { what: 'water', ml: 600 },
          { what: 'cane-sugar', grams: 36 },
          { what: 'dried-kefir-grains', grams: 10 },
        ],
      },
      ...more,
    );
  const kefir = knownCultures('water-kefir-grains')!;
  const at22: Warmths = { counter: [{ at: dawn - dayMs, celsius: 22 }] };

  test('count as four times their weight, and two waters are thrown away', () => {
    expect(grainsOf(dried())).toMatchObject({
      grams: expect.closeTo(40, 6),
      driedGrams: expect.closeTo(10, 6),
    });
    expect(renewalOf(dried())!.discard).toBe(true);
    expect(renewalOf(dried(strained(2, 500), fed(2)))!.discard).toBe(true);
    expect(renewalOf(dried(strained(2, 500), fed(2), strained(4, 800), fed(4)))!.discard).toBe(false);
    expect(renewalOf(grainsJar().lot)!.discard).toBe(false);
  });

  test('weighed wet, they are grains from then on', () => {
    const lot = dried(weighed(3, 36));
    expect([grainsIn(lot.contents, kefir), solidGrams(lot.contents, 'kefir-grains')]).toEqual([
      expect.closeTo(36, 6),
      expect.closeTo(36, 6),
    ]);
    expect(grainsOf(lot)!.driedGrams).toBe(0);
    expect(renewalOf(lot)!.discard).toBe(false);
  });

  test('wake from half a day on, all of them by the fourth day at 22 °C', () => {
    const awake = (days: number, warmths = at22) => awakeGrains(dried(), kefir, warmths, dawn + days * dayMs);
    expect([0, 0.5, 2.25, 4, 9].map((days) => awake(days))).toEqual(
      [0.8, 0.8, 20, 40, 40].map((grams) => expect.closeTo(grams, 6)),
    );
    // At 27 °C a day counts as 1.09⁵ = 1.539 days: 1.5 of them are 2.308, half and a bit.
    expect(awake(1.5, { counter: [{ at: dawn - dayMs, celsius: 27 }] })).toBeCloseTo(
      (40 * (1.5 * 1.09 ** 5 - 0.5)) / 3.5,
      6,
    );
    expect(awakeGrains(grainsJar().lot, kefir, at22, dawn)).toBeCloseTo(60, 6);
  });
});
