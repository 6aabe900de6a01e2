import { dawn, TestKitchen } from '@/core/forecast/kitchen.test-tool';
import { journalOf } from '@/core/journal/journal';
import { brewOf, openWishes } from '@/core/plan/wished';
import { nothingHeld } from '@/core/plan/held';
import type { WishSetting } from '@/core/settings/wish';
import { dayMs, hourMs } from '@/core/duration';
import { learnedBy } from '../forecasting/finished';
import { planAsk } from './plan-ask';
import { shoppingFor } from './shopping';
import { buildUpOf } from './ways';

const quince = 'quince-bay-ginger-beer@1';
/** Two days from dawn. */
const now = dawn + 48 * hourMs;
const wish: WishSetting = { recipe: quince, ml: 3000, by: dawn + 14 * dayMs, taken: null };
/** Nothing was learned yet. */
const forecasts = { learnedFor: learnedBy([], now) };

/** A bug of so much, fed twelve hours ago. */
function kitchen(ml: number) {
  const told = new TestKitchen(22);
  const bug = told.jar(-240, 'ginger-bug', [
    { what: 'water', ml },
    { what: 'ginger', grams: ml / 20 },
    { what: 'white-sugar', grams: ml / 20 },
  ]);
  told.at(36, { kind: 'portions-added', lotId: bug, portions: [{ what: 'white-sugar', grams: ml / 40 }] });
  return { told, bug };
}
const householdOf = ({ told }: ReturnType<typeof kitchen>) => journalOf(told.entries, now).household;

test('what a wish is asked with: its recipe’s brew, when its starter is ready, what there is', () => {
  const given = kitchen(700);
  given.told.at(1, { kind: 'kept', thing: 'wish', key: 'w', value: wish });
  given.told.at(1, {
    kind: 'kept',
    thing: 'stock',
    key: 's',
    value: { kind: 'swing-top', ml: 500, count: 6, since: null, knocks: 0, markedBar: null },
  });
  const household = householdOf(given);
  const ask = planAsk(household, forecasts, now);
  expect(ask.bottles).toBe(3000);
  // Nobody said how many jars there are: enough.
  expect(ask.jars).toBe(1000);
  expect(ask.busy).toEqual([]);
  const [asked] = ask.wishes;
  expect(asked).toMatchObject({ id: 'w', by: wish.by, bottles: 3000, weight: 1, held: nothingHeld });
  const [way] = asked!.ways;
  expect(way).toMatchObject({ id: quince, readyAt: now, actsBefore: 0 });
  expect(way!.drawsFrom!.lotId).toBe(given.bug);
  // What is composed now is pitched now, whatever is in it.
  expect(way!.question.start).toBe(now);
  expect(way!.question.lots[0]!.wantedVolumes).toBeGreaterThan(1);
  expect(buildUpOf(wish, quince, household, now)).toBeNull();
});

test('a jar that gives too little is built up first, and no sooner than five hours after a feed', () => {
  const given = kitchen(150);
  given.told.at(1, { kind: 'kept', thing: 'wish', key: 'w', value: wish });
  const household = householdOf(given);
  const [way] = planAsk(household, forecasts, now).wishes[0]!.ways;
  expect(way!.actsBefore).toBeGreaterThanOrEqual(1);
  expect(way!.readyAt).toBeGreaterThan(now);
  const built = buildUpOf(wish, quince, household, now)!;
  expect(built.lotId).toBe(given.bug);
  expect(built.amount).toBeGreaterThan(100);
  // Just fed: ready so much later.
  given.told.at(47, {
    kind: 'portions-added',
    lotId: given.bug,
    portions: [{ what: 'white-sugar', grams: 5 }],
  });
  const fed = planAsk(householdOf(given), forecasts, now).wishes[0]!.ways[0]!;
  expect(fed.readyAt).toBe(way!.readyAt + 4 * hourMs);
});

test('hands are busy while away, at work and by the calendar, spans that meet made one', () => {
  const given = kitchen(700);
  const at = (day: number, hour: number) => new Date(2026, 2, day, hour).getTime();
  given.told.at(1, { kind: 'kept', thing: 'away', key: 'away', value: { from: at(7, 10), to: at(9, 12) } });
  given.told.at(1, {
    kind: 'kept',
    thing: 'working',
    key: 'working',
    // Wednesdays and Mondays from nine to five; the Monday falls into the absence.
    value: { weekdays: [1, 3], from: 540, to: 1020 },
  });
  given.told.at(1, {
    kind: 'kept',
    thing: 'busy',
    key: 'calendar',
    value: { spans: [{ from: at(4, 16), until: at(4, 19) }] },
  });
  expect(planAsk(householdOf(given), forecasts, now).busy.slice(0, 3)).toEqual([
    { from: at(4, 9), until: at(4, 19) },
    { from: at(7, 10), until: at(9, 17) },
    { from: at(11, 9), until: at(11, 17) },
  ]);
});

test('room in the fridge is what was said, less what stands in it for a week', () => {
  const given = kitchen(700);
  expect(planAsk(householdOf(given), forecasts, now)).toMatchObject({
    fridge: 500_000,
    cold: { bottles: 0 },
  });
  given.told.at(1, { kind: 'kept', thing: 'fridge-room', key: 'fridge', value: { bottles: 9 } });
  const brew = given.told.at(2, {
    kind: 'lot-begun',
    role: 'brew',
    name: 'Quince',
    vessel: { kind: 'jar', ml: 3000 },
    closure: 'cloth',
    place: 'counter',
    culture: 'bare',
    recipe: { base: 'ginger-tea', wantedVolumes: 2.5 },
    portions: [{ what: 'water', ml: 1000 }],
  });
  const begin = {
    role: 'bottle',
    name: '1',
    vessel: { kind: 'swing-top', ml: 500 },
    closure: 'sealed',
    place: 'counter',
    culture: null,
  } as const;
  const filled = given.told.at(20, {
    kind: 'transferred',
    from: brew,
    taken: 'liquid',
    targets: [
      { ml: 480, begin },
      { ml: 480, begin: { ...begin, name: '2' } },
    ],
  });
  given.told.at(40, { kind: 'moved', lots: [`${filled}-1`], place: 'fridge' });
  expect(planAsk(householdOf(given), forecasts, now)).toMatchObject({
    fridge: 4500,
    cold: { span: [now, now + 7 * dayMs], bottles: 500 },
  });
});

test('a plan that was taken is held until it slipped, and is over with its brew', () => {
  const given = kitchen(700);
  const taken = { recipe: quince, pitchAt: now + 5 * hourMs, chance: 0.8, since: dawn + 24 * hourMs };
  given.told.at(25, { kind: 'kept', thing: 'wish', key: 'w', value: { ...wish, taken } });
  const household = householdOf(given);
  const heldAt = (at: number) => planAsk(household, forecasts, at).wishes[0]!.held.pitchAt;
  expect(heldAt(now)).toBe(taken.pitchAt);
  // An hour late it is now; after two it is planned anew.
  expect(heldAt(taken.pitchAt + hourMs)).toBe(taken.pitchAt + hourMs);
  expect(heldAt(taken.pitchAt + 2 * hourMs)).toBeNull();
  expect(planAsk(household, forecasts, now).wishes[0]!.weight).toBe(2);
  const brew = given.told.at(47, {
    kind: 'lot-begun',
    role: 'brew',
    name: 'Quince and bay',
    vessel: { kind: 'jar', ml: 4000 },
    closure: 'cloth',
    place: 'counter',
    culture: null,
    recipe: { base: 'ginger-tea', wantedVolumes: 2.5, from: { id: 'quince-bay-ginger-beer', version: 1 } },
    portions: [{ what: 'water', ml: 2500 }],
  });
  const after = householdOf(given);
  expect(brewOf({ taken }, after)!.id).toBe(brew);
  expect(openWishes(after, now)).toEqual([]);
});

test('what is bought is what all wishes take together, without water', () => {
  const household = householdOf(kitchen(700));
  const wishes = [
    { ...wish, key: 'a', id: 'a' },
    { ...wish, key: 'b', id: 'b', ml: 1000 },
  ].map((each) => ({ ...each, kept: each }));
  const both = shoppingFor(
    wishes,
    ['a', 'b'].map((wishId) => ({ wishId, outline: { wayId: quince } })),
    household,
  );
  const one = shoppingFor(wishes, [{ wishId: 'b', outline: { wayId: quince } }], household);
  expect(both.map(({ what }) => what)).toEqual(one.map(({ what }) => what));
  expect(both.some(({ what }) => what === 'water')).toBe(false);
  const sugar = (all: typeof both) => all.find(({ what }) => what === 'white-sugar')!.grams!;
  // 72 g a litre: for one litre, and for four, 288 g, as a scale is read.
  expect([sugar(one), sugar(both)]).toEqual([72, 290]);
});

test('heat to come is told by itself: the questions stay those of now', () => {
  const given = kitchen(700);
  given.told.at(1, { kind: 'kept', thing: 'wish', key: 'w', value: wish });
  const household = householdOf(given);
  const counter = [
    ...(household.warmths.counter ?? []),
    { at: now + 24 * hourMs, celsius: 31 },
    { at: now + 96 * hourMs, celsius: 22 },
  ];
  const steady = planAsk(household, forecasts, now);
  const hot = planAsk({ ...household, warmths: { ...household.warmths, counter } }, forecasts, now);
  expect(steady.pace).toEqual([]);
  expect(hot.pace.map(({ at }) => (at - now) / hourMs)).toEqual([24, 96]);
  expect(hot.pace[0]!.pace).toBeGreaterThan(1.5);
  expect(hot.wishes).toEqual(steady.wishes);
});
