import { composedQuestion } from '../brew/composed-question';
import { stepper } from '../ferment/run/compiled/stepper.test-tool';
import { lotOf } from '../journal/household';
import { journalOf } from '../journal/journal';
import { simmered } from '../recipes/library/methods';
import { bugEntry, dawn, id } from '../starter/bug.test-tool';
import { answerPlan, type LengthsCache, type PlanAsk } from './answer';
import { choicesFor } from './choices';
import { nothingHeld } from './held';
import { alternativesOf, remediesOf } from './otherwise';
import { outlineOf } from './outline';
import { householdOf, lengthsAlike, monday, wayOf, wishOf } from './plan.test-tool';
import { dayMs, hourMs } from '../duration';

const now = dawn + 6 * dayMs + 12 * hourMs;
const { household } = journalOf(bugEntry(), now + 1);
const bug = lotOf(household, id(0))!;
const question = composedQuestion({
  portions: [
    { what: 'water', ml: 1700 },
    { what: 'white-sugar', grams: 160 },
  ],
  life: { kind: 'lot', lot: bug, ml: 160 },
  base: 'ginger-tea',
  method: simmered(),
  place: 'counter',
  wantedVolumes: 2.5,
  jarMl: 2500,
  find: (lotId) => lotOf(household, lotId),
  warmths: {},
  learned: () => null,
  now,
})!;
const way = {
  id: 'ginger@1',
  question,
  meant: { straight: false, ceilingPercent: null, sweetness: null, pauseHours: 0 },
  readyAt: now,
  drawsFrom: null,
  actsBefore: 0,
};
const wish = { id: 'w', by: now + 9 * dayMs, bottles: 2000, weight: 1, held: nothingHeld, ways: [way] };
const ask: PlanAsk = {
  now,
  waking: { from: 420, to: 1350 },
  busy: [],
  look: 'squeeze',
  pace: [],
  jars: 2,
  bottles: 6000,
  fridge: 1e6,
  cold: { span: [now, now], bottles: 0 },
  wishes: [wish],
};

test('a wish of nine days is planned with the ensemble: its steps in order, its chance the share of kitchens', () => {
  const cache: LengthsCache = new Map();
  const { wishes, proved } = answerPlan(ask, stepper, cache);
  const { chosen, moments, alternatives } = wishes[0]!;
  expect(proved).toBe(true);
  expect(chosen!.chance).toBeGreaterThan(0.35);
  expect(chosen!.chance).toBeLessThan(1);
  expect(chosen!.steps.map(({ kind }) => kind)).toEqual(['brew', 'taste', 'bottle', 'look', 'chill', 'pour']);
  const begins = ['brew', 'bottle', 'chill', 'pour'].map(
    (kind) => chosen!.steps.find((step) => step.kind === kind)!.from,
  );
  expect([...begins].sort((a, b) => a - b)).toEqual(begins);
  expect(chosen!.latestStart).toBeGreaterThanOrEqual(chosen!.pitchAt);
  expect(moments.find(({ at }) => at === chosen!.pitchAt)!.chance).toBe(chosen!.chance);
  expect(alternatives.length).toBeGreaterThanOrEqual(1);
  // Asked again it is known: nothing is run, and the answer is the same.
  expect(cache.size).toBe(1);
  expect(answerPlan(ask, stepper, cache).wishes[0]!.chosen).toEqual(chosen);
});

test('a brew day that is held stands, whatever would be better; tomorrow is too soon for anything', () => {
  const cache: LengthsCache = new Map();
  const heldAt = now + 3 * dayMs;
  const held = answerPlan(
    { ...ask, wishes: [{ ...wish, held: { ...nothingHeld, pitchAt: heldAt } }] },
    stepper,
    cache,
  ).wishes[0]!;
  expect(held.chosen!.pitchAt).toBe(heldAt);
  expect(held.moments.length).toBeGreaterThan(5);
  const soon = answerPlan({ ...ask, wishes: [{ ...wish, by: now + dayMs }] }, stepper, cache).wishes[0]!;
  expect([soon.chosen, soon.moments]).toEqual([null, []]);
});

test('two wishes and one jar: only one is met, and another jar would meet both', () => {
  const cache: LengthsCache = new Map();
  const two = {
    ...ask,
    jars: 1,
    wishes: [
      { ...wish, by: now + 7 * dayMs },
      { ...wish, id: 'v', by: now + 7 * dayMs },
    ],
  };
  const { wishes } = answerPlan(two, stepper, cache);
  const unmet = wishes.filter(({ chosen }) => chosen === null);
  expect(unmet).toHaveLength(1);
  expect(unmet[0]!.remedies.map(({ kind }) => kind)).toContain('jar');
});

test('what would make a wish surer: days later, and somebody at home', () => {
  // Ready on Thursday, firm on Friday, cold on Saturday at one; but nobody is home from Tuesday to Friday evening: then it is Monday.
  const lengths = lengthsAlike([
    [60, 110, 30, 90],
    [60, 110, 30, 90],
    [60, 110, 30, 90],
    [60, 110, 30, 90],
    [60, 110, 30, 90],
  ]);
  const one = wishOf('w', 5, [wayOf('a', lengths)]);
  const busy = [{ from: monday + dayMs, until: monday + 4 * dayMs }];
  const house = householdOf({ free: { waking: { from: 420, to: 1350 }, busy } });
  expect(choicesFor(one, house)).toEqual([]);
  const alone = (wish: typeof one, at: typeof house) => choicesFor(wish, at)[0]?.chance ?? 0;
  const found = remediesOf(0, one, house, alone);
  expect(found.map(({ kind, amount }) => [kind, amount])).toEqual([
    ['later', 2],
    ['hours', 1],
  ]);
  expect(remediesOf(0.9, one, house, alone)).toEqual([]);
});

test('the surest, the soonest and the latest differ, or are one', () => {
  const kitchens = Array.from({ length: 20 }, (_, k): [number, number, number, number] => [
    30 + 4 * k,
    140 + 4 * k,
    36,
    90,
  ]);
  const one = wishOf('w', 9, [wayOf('a', lengthsAlike(kitchens))]);
  const options = choicesFor(one, householdOf());
  const found = alternativesOf(options);
  const at = (kind: string) => found.find((each) => each.kind === kind)?.choice;
  expect(at('surest')!.chance).toBe(Math.max(...options.map(({ chance }) => chance)));
  expect(at('latest')!.pitchAt).toBeGreaterThan(at('surest')!.pitchAt);
  expect(at('latest')!.chance).toBeGreaterThanOrEqual(at('surest')!.chance - 0.15);
  // What fails when it is begun late fails for want of time in the jar.
  const late = options.reduce((a, b) => (a.pitchAt > b.pitchAt ? a : b));
  expect(outlineOf(late, options, one, householdOf()).hangsOn).not.toBeNull();
});

test('of all ways the one with least work is told, unless another is much surer', () => {
  const slow = lengthsAlike(Array(20).fill([60, 140, 60, 100]));
  const quick = lengthsAlike(Array(20).fill([30, 140, 30, 60]));
  const fails = lengthsAlike(Array(20).fill([30, 140, 30, 26]));
  const found = (...ways: Parameters<typeof wayOf>[]) => {
    const one = wishOf(
      'w',
      9,
      ways.map((each) => wayOf(...each)),
    );
    const all = choicesFor(one, householdOf());
    const own = all.filter(({ way: { id } }) => id === 'slow');
    return alternativesOf(own, all).find(({ kind }) => kind === 'least-work')?.choice;
  };
  const least = found(['slow', slow], ['quick', quick])!;
  expect(least.way.id).toBe('quick');
  // Brewed, tasted, bottled, looked at and chilled; a feed before counts too.
  expect(least.acts).toBe(5);
  expect(found(['slow', slow], ['quick', quick, { actsBefore: 4 }])?.way.id).not.toBe('quick');
  expect(found(['slow', slow], ['fails', fails])?.way.id).not.toBe('fails');
});

test('a recipe that is held stays, though another would do better', () => {
  const good = { ...way, id: 'other@1' };
  const other = { ...way, id: 'held@1', meant: { ...way.meant, pauseHours: 60 } };
  const asked = (wayId: string | null) =>
    answerPlan(
      { ...ask, wishes: [{ ...wish, held: { ...nothingHeld, wayId }, ways: [good, other] }] },
      stepper,
      new Map(),
    ).wishes[0]!.chosen!.wayId;
  expect(asked(null)).toBe('other@1');
  expect(asked('held@1')).toBe('held@1');
  expect(asked('gone@1')).toBe('other@1');
});

test('a ceiling of alcohol below what its fizz makes leaves hardly a chance; one well above changes nothing', () => {
  const of = (ceilingPercent: number | null) => {
    const meant = { ...way.meant, ceilingPercent };
    return answerPlan({ ...ask, wishes: [{ ...wish, ways: [{ ...way, meant }] }] }, stepper, new Map())
      .wishes[0]!;
  };
  expect(of(0.5).chosen?.chance ?? 0).toBeLessThan(0.1);
  expect(of(8).chosen).toEqual(of(null).chosen);
});

test('straight to the bottle: nobody waits for a taste, and it is cold days sooner', () => {
  const of = (straight: boolean) => {
    const meant = { ...way.meant, straight };
    const { chosen } = answerPlan(
      { ...ask, wishes: [{ ...wish, by: now + 14 * dayMs, ways: [{ ...way, meant }] }] },
      stepper,
      new Map(),
    ).wishes[0]!;
    const [brew, bottle] = ['brew', 'bottle'].map((kind) =>
      chosen!.steps.find((step) => step.kind === kind)!,
    );
    return (bottle!.from - brew!.from) / hourMs;
  };
  expect(of(true)).toBe(0);
  expect(of(false)).toBeGreaterThan(12);
});
