import fc from 'fast-check';
import { choiceAt, choicesFor, brewDayHours, brewMoments, chanceBy, waysThrough } from './choices';
import { isFree, isFreeFor, joined } from './free-hours';
import { lookErrors } from './look-errors';
import { householdOf, lengthsAlike, monday, wayOf, wishOf } from './plan.test-tool';
import type { Choice, Household } from './problem';
import { fitTogether, schedule } from './schedule';
import { dayMs, hourMs } from '../duration';
import { believed, believedOfBottles } from './believed';
import { chancesByDay } from './other-days';

const at = (day: number, hour: number, minute = 0) => new Date(2026, 5, day, hour, minute).getTime();
const free = householdOf().free;

test('a chance that is counted is believed up to six in ten, and a fifth of what goes beyond', () => {
  expect([0, 0.3, 0.6].map((share) => believed(share, false))).toEqual([0, 0.3, 0.6]);
  expect(believed(1, false)).toBeCloseTo(0.68, 9);
  expect([0, 0.5, 1].map((share) => believed(share, true))).toEqual([0, 0.35, 0.7]);
  expect([0, 0.4, 0.55].map(believedOfBottles)).toEqual([0, 0.4, 0.55]);
  expect(believedOfBottles(1)).toBeCloseTo(0.64, 9);
});

test('the chance by other days rises with them, until it has stood too long', () => {
  const lengths = lengthsAlike(
    Array.from({ length: 12 }, (_, k): [number, number, number, number] => [30 + 8 * k, 200, 30, 90]),
  );
  const days = chancesByDay(wayOf('a', lengths), wishOf('w', 8, []), householdOf());
  expect(days.map(({ at: day }) => (day - monday) / dayMs)).toEqual(
    Array.from({ length: 15 }, (_, i) => i + 1),
  );
  const chances = days.map(({ chance }) => chance);
  expect([...chances].sort((a, b) => a - b)).toEqual(chances);
  expect(chances[0]).toBe(0);
  expect(chances.at(-1)).toBeCloseTo(0.68, 9);
});

test('the chance is the share of kitchens that are good and in time', () => {
  // Ready after 20, 44, 68 and 500 hours; the third is chilled too late when nobody is there.
  const lengths = lengthsAlike([
    [20, 90, 24, 60],
    [44, 90, 24, 60],
    [68, 140, 24, 60],
    [500, 600, 24, 60],
  ]);
  const way = wayOf('a', lengths);
  const wish = wishOf('w', 7, [way]);
  const ways = waysThrough(way, at(1, 18), householdOf());
  expect(ways.map(({ good }) => good)).toEqual([true, true, true, true]);
  expect(chanceBy(ways, wish.by)).toBe(0.75);
  expect(chanceBy(ways, at(4, 23))).toBe(0.25);
  expect(choiceAt(wish, way, at(1, 18), householdOf()).jar).toEqual([at(1, 18), wish.by]);
});

test('what has stood in the cold for more than three weeks is not what was wished', () => {
  const ways = [{ bottledAt: 0, chilledAt: 0, glassAt: 0, good: true }];
  expect([chanceBy(ways, 21 * dayMs), chanceBy(ways, 21 * dayMs + 1)]).toEqual([1, 0]);
});

test('errors of looks are standard normal, and the same each time', () => {
  const errors = lookErrors(999, 3);
  const mean = errors.reduce((sum, each) => sum + each, 0) / errors.length;
  const spread = Math.sqrt(errors.reduce((sum, each) => sum + each * each, 0) / errors.length);
  expect(Math.abs(mean)).toBeLessThan(0.01);
  expect(spread).toBeGreaterThan(0.97);
  expect(spread).toBeLessThan(1.01);
  expect(lookErrors(5, 2)).toEqual(lookErrors(5, 2));
});

const hours = fc.integer({ min: 10, max: 160 });
const kitchen = fc.tuple(
  hours,
  fc.integer({ min: 5, max: 60 }),
  fc.integer({ min: 10, max: 90 }),
  fc.integer({ min: 6, max: 60 }),
);
const lengthsArb = fc
  .array(kitchen, { minLength: 4, maxLength: 8 })
  .map((all) => lengthsAlike(all.map(([ready, dry, firm, over]) => [ready, ready + dry, firm, firm + over])));
const busyArb = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 300 }), fc.integer({ min: 2, max: 40 })), { maxLength: 4 })
  .map((all) =>
    joined(
      all.map(([from, long]) => ({ from: monday + from * hourMs, until: monday + (from + long) * hourMs })),
    ),
  );
const householdArb = fc.record({
  jars: fc.integer({ min: 1, max: 2 }),
  bottles: fc.integer({ min: 2, max: 10 }),
  busy: busyArb,
});
const wishesArb = fc.array(
  fc.record({
    days: fc.integer({ min: 4, max: 12 }),
    bottles: fc.integer({ min: 1, max: 6 }),
    lengths: lengthsArb,
    shared: fc.boolean(),
    readyHours: fc.integer({ min: 0, max: 72 }),
  }),
  { minLength: 1, maxLength: 3 },
);

function problem(
  {
    jars,
    bottles,
    busy,
  }: { jars: number; bottles: number; busy: readonly { from: number; until: number }[] },
  wishes: readonly {
    days: number;
    bottles: number;
    lengths: ReturnType<typeof lengthsAlike>;
    shared: boolean;
    readyHours: number;
  }[],
) {
  const household = householdOf({ jars, bottles, free: { ...free, busy } });
  const options = wishes.map((wish, i) =>
    choicesFor(
      wishOf(
        `w${i}`,
        wish.days,
        [
          wayOf(`way${i}`, wish.lengths, {
            readyAt: monday + wish.readyHours * hourMs,
            drawsFrom: wish.shared ? { lotId: 'bug', againAfterHours: 24 } : null,
          }),
        ],
        wish.bottles,
      ),
      household,
    ),
  );
  return { household, options };
}

/** Whether choices can be done together, told in another way than the solver does: hour by hour. */
function canBeDone(choices: readonly Choice[], { jars, bottles }: Household): boolean {
  const instants = choices.flatMap(({ jar, filled }) => [jar[0], filled[0]]);
  for (const instant of instants) {
    const within = ([from, until]: readonly [number, number]) => from <= instant && instant < until;
    if (choices.filter(({ jar }) => within(jar)).length > jars) return false;
    if (choices.filter(({ filled }) => within(filled)).reduce((sum, each) => sum + each.bottles, 0) > bottles)
      return false;
  }
  return choices.every((a, i) =>
    choices.every((b, k) => {
      if (k >= i) return true;
      const apart = Math.abs(a.pitchAt - b.pitchAt) / hourMs;
      const [one, other] = [a.way.drawsFrom, b.way.drawsFrom];
      const rest = one && other && one.lotId === other.lotId ? one.againAfterHours : 0;
      return apart >= Math.max(brewDayHours, rest);
    }),
  );
}

function bestOfAll(options: readonly (readonly Choice[])[], household: Household): number {
  let best = 0;
  const walk = (index: number, taken: readonly Choice[], worth: number): void => {
    if (index === options.length) {
      if (canBeDone(taken, household)) best = Math.max(best, worth);
      return;
    }
    walk(index + 1, taken, worth);
    for (const choice of options[index]!) walk(index + 1, [...taken, choice], worth + choice.worth);
  };
  walk(0, [], 0);
  return best;
}

test('on two hundred small households nothing is better than what is found', () => {
  fc.assert(
    fc.property(householdArb, wishesArb, (house, wishes) => {
      const { household, options } = problem(house, wishes);
      // Three wishes of twenty choices are eight thousand schedules; more are thinned out.
      const few = options.map((each) => each.filter((_, i) => i % Math.ceil(each.length / 12) === 0));
      const found = schedule(few, household, brewDayHours);
      expect(found.proved).toBe(true);
      expect(found.worth).toBeCloseTo(bestOfAll(few, household), 9);
    }),
    { numRuns: 200, seed: 30 },
  );
});

test('nothing is done outside free hours, and nothing is taken twice over', () => {
  fc.assert(
    fc.property(householdArb, wishesArb, (house, wishes) => {
      const { household, options } = problem(house, wishes);
      const { choices, worth, bound } = schedule(options, household, brewDayHours);
      expect(canBeDone(choices, household)).toBe(true);
      expect(fitTogether(choices, household, brewDayHours)).toBe(true);
      expect(worth).toBeLessThanOrEqual(bound + 1e-9);
      for (const { way, pitchAt } of choices) {
        expect(isFreeFor(pitchAt, brewDayHours * hourMs, household.free)).toBe(true);
        expect(pitchAt).toBeGreaterThanOrEqual(way.readyAt);
        for (const { bottledAt, chilledAt, glassAt } of waysThrough(way, pitchAt, household))
          for (const act of [bottledAt, chilledAt, glassAt])
            if (Number.isFinite(act)) expect(isFree(act, household.free)).toBe(true);
      }
    }),
    { numRuns: 100, seed: 31 },
  );
});

test('six wishes in four weeks: the best is proved, or the bound says how far off it may be', () => {
  const lengths = lengthsAlike(
    Array.from({ length: 96 }, (_, k): [number, number, number, number] => [
      30 + k / 2,
      90 + k,
      30 + (k % 30),
      70 + (k % 40),
    ]),
  );
  const household = householdOf({ jars: 2, bottles: 30 });
  const options = [6, 9, 13, 18, 22, 27].map((days, i) =>
    choicesFor(
      wishOf(
        `w${i}`,
        days,
        [wayOf('bug', lengths, { drawsFrom: { lotId: `jar${i % 2}`, againAfterHours: 48 } })],
        6,
      ),
      household,
    ),
  );
  const found = schedule(options, household, brewDayHours);
  expect(found.choices).toHaveLength(6);
  expect(found.worth).toBeGreaterThan(0.99 * found.bound);
  expect(brewMoments(household, monday + 2 * dayMs)).toEqual([
    monday,
    at(2, 9),
    at(2, 14),
    at(2, 18),
    at(3, 9),
    at(3, 14),
  ]);
});

test('fifty large households: four starters, thirty bottles, six wishes in 28 days, and how far the bound may be off', () => {
  const gaps: number[] = [];
  fc.assert(
    fc.property(
      fc.array(lengthsArb, { minLength: 4, maxLength: 4 }),
      fc.array(fc.tuple(fc.integer({ min: 5, max: 28 }), fc.integer({ min: 2, max: 12 })), {
        minLength: 6,
        maxLength: 6,
      }),
      busyArb,
      (starters, six, busy) => {
        const household = householdOf({ jars: 3, bottles: 30, free: { ...free, busy } });
        const ways = starters.map((lengths, i) =>
          wayOf(`way${i}`, lengths, { drawsFrom: { lotId: `jar${i}`, againAfterHours: 48 } }),
        );
        const options = six.map(([days, bottles], i) =>
          choicesFor(wishOf(`w${i}`, days, ways, bottles), household),
        );
        const { choices, worth, bound } = schedule(options, household, brewDayHours);
        expect(canBeDone(choices, household)).toBe(true);
        expect(worth).toBeLessThanOrEqual(bound + 1e-9);
        gaps.push(bound > 0 ? (bound - worth) / bound : 0);
      },
    ),
    { numRuns: 50, seed: 32 },
  );
  gaps.sort((a, b) => a - b);
  // Forty-six are proved best; of the rest the bound is the sum of what each would be alone.
  expect(gaps.filter((gap) => gap < 1e-9)).toHaveLength(46);
  expect(gaps.at(-2)).toBeLessThan(0.05);
});

test('the fridge holds no more than it holds: with what stands there now, and with another wish', () => {
  const lengths = lengthsAlike([
    [24, 90, 24, 60],
    [24, 90, 24, 60],
  ]);
  const wishes = [wishOf('a', 9, [wayOf('one', lengths)]), wishOf('b', 9, [wayOf('two', lengths)])];
  const met = (more: Partial<Household>) => {
    const household = householdOf(more);
    const options = wishes.map((wish) => choicesFor(wish, household));
    return schedule(options, household, brewDayHours).choices.length;
  };
  expect(met({ fridge: 8 })).toBe(2);
  // Of four bottles each, room for seven: one of them.
  expect(met({ fridge: 7 })).toBe(1);
  expect(met({ fridge: 3 })).toBe(0);
  // Eight stand there until the day on which both are wished; half a day sooner gone, nothing is in the way.
  const until = wishes[0]!.by;
  expect(met({ fridge: 8, cold: { span: [monday, until], bottles: 8 } })).toBe(0);
  expect(met({ fridge: 8, cold: { span: [monday, monday + dayMs], bottles: 8 } })).toBe(2);
});
