import type { Entry } from '../journal/entry';
import type { Lot } from '../lots/lot';
import { bug, dawn, grainsJar, id } from './bug.test-tool';
import { hoursAt } from '../kitchen/pace';
import { usualWaking } from '../kitchen/waking';
import { planBuildUp, type Wanted } from './build-up';
import { dayMs, hourMs } from '../duration';

/** Ten days old: ripe. */
const now = dawn + 10 * dayMs;
const asked = (amount: number, days: number, more: Partial<Wanted> = {}): Wanted => ({
  amount,
  at: now + days * dayMs,
  now,
  celsius: 22,
  ...more,
});
const planOf = (lot: Lot, wanted: Wanted) => {
  const plan = planBuildUp(lot, wanted);
  if (!plan.ok) throw new Error(plan.code);
  return plan.value;
};
/** The bug drawn down: 430 ml less 330. */
const low = () =>
  bug([
    {
      id: id(9),
      at: dawn + 9 * dayMs,
      offset: 0,
      version: 2,
      kind: 'transferred',
      from: id(0),
      taken: 'liquid',
      targets: [{ ml: 330 }],
    } as Entry,
  ]);

test('hours at a temperature: 9 % a degree, as far as twelve degrees colder and ten warmer', () => {
  expect(hoursAt(24, 22)).toBe(24);
  expect(hoursAt(24, 27)).toBeCloseTo(24 / 1.09 ** 5, 9);
  expect(hoursAt(24, 18)).toBeCloseTo(24 * 1.09 ** 4, 9);
  expect(hoursAt(10, 40)).toBeCloseTo(10 / 1.09 ** 12, 9);
  expect(hoursAt(10, 4)).toBeCloseTo(10 * 1.09 ** 10, 9);
});

test('a feed that would fall in the night is given before it', () => {
  // Two feeds, a day and 0.45 of a day before eleven in the morning: a quarter past midnight, the last of them.
  const lot = bug();
  const eleven = new Date(2026, 3, 9, 11).getTime();
  const plan = planBuildUp(lot, {
    amount: 300,
    at: eleven,
    now: dawn + 3 * dayMs,
    celsius: 22,
    waking: usualWaking,
  });
  const asleep = planBuildUp(lot, { amount: 300, at: eleven, now: dawn + 3 * dayMs, celsius: 22 });
  if (!plan.ok || !asleep.ok) throw new Error('no plan');
  const last = asleep.value.feeds.at(-1)!.at;
  expect(new Date(last).getHours()).toBe(0);
  expect(plan.value.feeds.at(-1)!.at).toBe(new Date(2026, 3, 8, 22, 30).getTime());
  expect(plan.value.readyAt).toBe(eleven);
});

describe('a bug at its mark of 432 ml', () => {
  test('200 ml take one feed, the evening before: 0.45 of a day ahead', () => {
    const plan = planOf(bug(), asked(200, 3));
    expect(plan.feeds).toHaveLength(1);
    expect(plan.feeds[0]!.at).toBe(now + 3 * dayMs - 0.45 * dayMs);
    // 200 + 40 % of 432 = 373 ml are less than the jar holds: it is fed as it is.
    expect(plan.feeds[0]!.portions).toEqual([
      { what: 'ginger', grams: 13 },
      { what: 'white-sugar', grams: 13 },
    ]);
    expect([plan.feeds[0]!.comesTo, plan.wakeAt]).toEqual([expect.closeTo(432, 0), null]);
    expect([plan.readyAt, plan.amount]).toEqual([now + 3 * dayMs, 200]);
  });

  test('450 ml: 450 + 173 that stay = 623 ml, one doubling, 191 ml of water', () => {
    const plan = planOf(bug(), asked(450, 3));
    expect(plan.feeds).toHaveLength(1);
    expect(plan.feeds[0]!.comesTo).toBeCloseTo(622.8, 1);
    // 13 g for 432 ml are 18.7 for 623; the ginger itself lifts 0.03·623·0.3 = 6 ml.
    expect(plan.feeds[0]!.portions).toEqual([
      { what: 'ginger', grams: 19 },
      { what: 'white-sugar', grams: 19 },
      { what: 'water', ml: 185 },
    ]);
  });

  test('more than the jar holds: the jar it would take, and what this one gives', () => {
    // 600 + 173 = 773 over 675, which is nine tenths of 750: a jar of 773/0.9 = 859, up to 900.
    expect(planBuildUp(bug(), asked(600, 5))).toMatchObject({
      code: 'build.too-much',
      params: { jar: 900, stays: expect.closeTo(172.8, 6), most: 500 },
    });
    expect(planBuildUp(bug(), asked(4, 5))).toMatchObject({ code: 'build.nothing' });
  });
});

describe('a bug drawn down to 102 ml', () => {
  test('300 ml: 473 ml are more than two doublings, so three feeds a day apart', () => {
    const lot = low();
    const plan = planOf(lot, asked(300, 4));
    expect(plan.feeds.map(({ at }) => (at - now) / hourMs)).toEqual([
      expect.closeTo(96 - 10.8 - 48, 6),
      expect.closeTo(96 - 10.8 - 24, 6),
      expect.closeTo(96 - 10.8, 6),
    ]);
    const here = plan.feeds[0]!.comesTo / 2;
    expect(plan.feeds.map(({ comesTo }) => comesTo)).toEqual([
      2 * here,
      4 * here,
      expect.closeTo(300 + 0.4 * 432, 6),
    ]);
    expect(plan.feeds.every(({ portions }) => portions.some(({ what }) => what === 'water'))).toBe(true);
  });

  test('too soon: planned for the soonest instead, two rhythms and a peak from now; sooner when it is warm', () => {
    const plan = planOf(low(), asked(300, 1));
    expect((plan.soonest - now) / hourMs).toBeCloseTo(58.8, 6);
    expect(plan.readyAt).toBe(plan.soonest);
    expect(plan.feeds[0]!.at).toBe(now);
    const warm = planOf(low(), asked(300, 1, { celsius: 27 }));
    expect((warm.soonest - now) / hourMs).toBeCloseTo(58.8 / 1.09 ** 5, 6);
  });

  test('asleep in the fridge it takes a rhythm longer', () => {
    const resting = { ...low(), place: 'fridge' as const };
    expect((planOf(resting, asked(300, 1)).soonest - now) / hourMs).toBeCloseTo(82.8, 6);
    expect(planOf(resting, asked(300, 1)).wakeAt).toBe(now);
    const plan = planOf(resting, asked(300, 6));
    expect((plan.feeds[0]!.at - plan.wakeAt!) / hourMs).toBeCloseTo(24, 6);
  });
});

test('a jar begun today is not ripe before its usual days', () => {
  const plan = planOf(bug(), { amount: 100, at: dawn + dayMs, now: dawn + dayMs / 2, celsius: 22 });
  expect((plan.soonest - dawn) / dayMs).toBeCloseTo(4.5, 9);
});

describe('grains', () => {
  test('60 g to give 80 and keep 30: four cycles of 20 % growth, 36 hours each', () => {
    const plan = planOf(grainsJar().lot, asked(80, 8));
    // ln(110/60)/ln 1.2 = 3.32.
    expect(plan.feeds).toHaveLength(4);
    expect(plan.feeds.map(({ comesTo }) => Math.round(comesTo))).toEqual([72, 86, 104, 110]);
    expect((plan.feeds[1]!.at - plan.feeds[0]!.at) / hourMs).toBeCloseTo(36, 6);
    const sugar = plan.feeds.map(
      ({ portions }) => portions.find(({ what }) => what === 'white-sugar')!.grams!,
    );
    expect(sugar[1]! / sugar[0]!).toBeCloseTo(1.2, 1);
  });
});

test('what is not fed is not built up', () => {
  const whey = { ...bug(), culture: 'whey' };
  expect(planBuildUp(whey, asked(50, 3))).toMatchObject({ code: 'build.not-kept' });
});
