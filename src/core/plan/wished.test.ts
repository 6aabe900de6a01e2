import { dawn, TestKitchen } from '../forecast/kitchen.test-tool';
import { lotOf } from '../journal/household';
import { journalOf } from '../journal/journal';
import type { Entry } from '../journal/entry';
import type { WishSetting } from '../settings/wish';
import { openWishes, stockOf } from './wished';
import { heldHourOf } from './held-hour';
import { lookToolOf } from './look-tool';
import { onClock } from '../calendar';
import { dayMs, hourMs } from '../duration';

const hour = (at: number) => (at - dawn) / hourMs;
const wished = (more: Partial<WishSetting>): WishSetting => ({
  recipe: '',
  ml: 2000,
  by: dawn + 4 * dayMs,
  taken: null,
  ...more,
});
const keep = (kitchen: TestKitchen, value: WishSetting, at = 0) =>
  kitchen.at(at, { kind: 'kept', thing: 'wish', key: 'w', value });
const read = ({ entries }: TestKitchen, now: number) => journalOf(entries, now).household;

/** A brew of a recipe, in four bottles of 480 ml a day later. */
function fourBottles(kitchen: TestKitchen, at: number, id = 'quince-bay-ginger-beer') {
  const brew = kitchen.at(at, {
    kind: 'lot-begun',
    role: 'brew',
    name: 'Quince and bay',
    vessel: { kind: 'jar', ml: 3000 },
    closure: 'cloth',
    place: 'counter',
    culture: 'bare',
    recipe: { base: 'ginger-tea', wantedVolumes: 2.5, from: { id, version: 1 } },
    portions: [
      { what: 'water', ml: 1920 },
      { what: 'ginger', grams: 60 },
    ],
  });
  const filled = kitchen.at(at + 24, {
    kind: 'transferred',
    from: brew,
    taken: 'liquid',
    targets: [1, 2, 3, 4].map((number) => ({
      ml: 480,
      begin: {
        role: 'bottle',
        name: String(number),
        vessel: { kind: 'swing-top', ml: 500 },
        closure: 'sealed',
        place: 'counter',
        culture: null,
      },
    })),
  });
  return [1, 2, 3, 4].map((number) => `${filled}-${number}`);
}

test('a wish for every second day comes three times, and goes on from where brews and days have brought it', () => {
  const kitchen = new TestKitchen(22);
  const every = { kind: 'every', days: 2, since: dawn } as const;
  keep(kitchen, wished({ standing: every }));
  const times = (now: number) => openWishes(read(kitchen, now), now).map(({ by }) => (by - dawn) / dayMs);
  expect(times(dawn + hourMs)).toEqual([4, 6, 8]);
  // On its hour it is past; a brew since meets the next one.
  expect(times(dawn + 4 * dayMs)).toEqual([6, 8, 10]);
  fourBottles(kitchen, 30);
  expect(times(dawn + 2 * dayMs)).toEqual([6, 8, 10]);
  expect(openWishes(read(kitchen, dawn + hourMs), dawn + hourMs).map(({ id }) => id)).toEqual([
    'w',
    'w+1',
    'w+2',
  ]);
});

test('nothing is planned further ahead than four weeks', () => {
  const kitchen = new TestKitchen(22);
  keep(kitchen, wished({ standing: { kind: 'every', days: 20, since: dawn } }));
  expect(openWishes(read(kitchen, dawn), dawn).map(({ by }) => (by - dawn) / dayMs)).toEqual([4, 24]);
});

test('always so much: wished for the evening of the day it runs short, as bottles are opened sooner', () => {
  const kitchen = new TestKitchen(22);
  keep(kitchen, wished({ ml: 1000, standing: { kind: 'stock', weeklyMl: 560, since: dawn } }));
  const now = dawn + 3 * dayMs;
  // A change of the clock lies between.
  const days = () =>
    openWishes(read(kitchen, now), now).map(({ by }) => Math.round((by - onClock(now, 18 * 60)) / dayMs));
  // Nothing is there: as soon as a soda can be made, and another litre twelve and a half days later.
  expect(days()).toEqual([10, 22]);
  const bottles = fourBottles(kitchen, 30);
  expect(stockOf({ recipe: '' }, read(kitchen, now))).toBeCloseTo(1920, -1);
  // 0.92 litres more than wanted last eleven days and a half at eight centilitres a day.
  expect(days()).toEqual([11, 24]);
  kitchen.at(60, { kind: 'opened', lotId: bottles[0]!, how: 'lively' });
  kitchen.at(60.1, { kind: 'ended', lots: [bottles[0]!], how: 'drunk', why: '' });
  expect(stockOf({ recipe: '' }, read(kitchen, now))).toBeCloseTo(1440, -1);
  expect(days()).toEqual([10, 22]);
  expect(stockOf({ recipe: 'rhubarb-sage@1' }, read(kitchen, now))).toBe(0);
});

test('a plan that was taken is the next one’s alone, until its brew is made', () => {
  const kitchen = new TestKitchen(22);
  const taken = {
    recipe: 'quince-bay-ginger-beer@1',
    pitchAt: dawn + 30 * hourMs,
    chance: 0.6,
    since: dawn + hourMs,
  };
  keep(kitchen, wished({ taken, standing: { kind: 'every', days: 3, since: dawn } }), 1);
  const open = (now: number) => openWishes(read(kitchen, now), now);
  expect(open(dawn + 2 * hourMs).map((wish) => wish.taken)).toEqual([taken, null, null]);
  fourBottles(kitchen, 30);
  const after = open(dawn + 31 * hourMs);
  expect(after.map((wish) => wish.taken)).toEqual([null, null, null]);
  expect(hour(after[0]!.by)).toBe(7 * 24);
  // The wish as it is kept goes along, so that it can be taken again.
  expect(after[1]!.kept.by).toBe(dawn + 4 * dayMs);
});

test('wishes survive a merge in any order, and an undo brings back what was', () => {
  const kitchen = new TestKitchen(22);
  keep(kitchen, wished({}));
  const taken = { recipe: 'a@1', pitchAt: dawn + 30 * hourMs, chance: 0.6, since: dawn + hourMs };
  const undone = keep(kitchen, wished({ taken }), 1);
  const now = dawn + 3 * hourMs;
  const there = openWishes(read(kitchen, now), now);
  expect(there[0]!.taken).toEqual(taken);
  const backwards: Entry[] = [...kitchen.entries].reverse();
  expect(openWishes(journalOf(backwards, now).household, now)).toEqual(there);
  kitchen.at(2, { kind: 'undone', targetId: undone });
  expect(openWishes(read(kitchen, now), now)[0]!.taken).toBeNull();
});

test('pressure is told by a gauge where one was read lately, else by hand', () => {
  const kitchen = new TestKitchen(22);
  const [first] = fourBottles(kitchen, 0);
  const now = dawn + 3 * dayMs;
  expect(lookToolOf(read(kitchen, now))).toBe('squeeze');
  kitchen.at(40, { kind: 'measured', lotId: first!, quantity: 'gaugeBar', value: 1.4 });
  expect(lookToolOf(read(kitchen, now))).toBe('gauge');
});

test('an hour that was held is told with the bottles of the plan’s own brew, until it has gone by', () => {
  const kitchen = new TestKitchen(22);
  const chillAt = dawn + 60 * hourMs;
  const taken = {
    recipe: 'quince-bay-ginger-beer@1',
    pitchAt: dawn + 2 * hourMs,
    chance: 0.5,
    since: dawn,
    chillAt,
  };
  keep(kitchen, wished({ taken, recipe: 'quince-bay-ginger-beer@1' }));
  const [bottle] = fourBottles(kitchen, 2);
  const [other] = fourBottles(kitchen, 3, 'another-recipe');
  const household = read(kitchen, dawn + 30 * hourMs);
  const task = (lotId: string, fromHour: number, verb: 'chill' | 'open' | 'bottle' = 'chill') => ({
    verb,
    lots: [lotOf(household, lotId)!],
    from: dawn + fromHour * hourMs,
    until: dawn + (fromHour + 10) * hourMs,
    fromSoftHours: 2,
    untilSoftHours: 3,
  });
  const now = dawn + 30 * hourMs;
  expect(heldHourOf(task(bottle!, 55), household, now)).toEqual({ at: chillAt, fits: true });
  // Two hours before the window it is within its soft edge, three hours are not; likewise after.
  const fits = (fromHour: number) => heldHourOf(task(bottle!, fromHour), household, now)!.fits;
  expect([62, 63, 47, 46].map(fits)).toEqual([true, false, true, false]);
  expect(heldHourOf(task(bottle!, 55), household, chillAt + 1)).toBeNull();
  expect(heldHourOf(task(bottle!, 55, 'open'), household, now)).toBeNull();
  // No hour of bottling was held, and another brew is not the plan's.
  expect(heldHourOf(task(bottle!, 55, 'bottle'), household, now)).toBeNull();
  expect(heldHourOf(task(other!, 55), household, now)).toBeNull();
});
