import { brewed, dawn, pitched } from '../forecast/kitchen.test-tool';
import { stepper } from '../ferment/run/compiled/stepper.test-tool';
import { risingBottles } from '../forecast/handmade.test-tool';
import { resampled } from '../forecast/what-if/resampled';
import { valuesOverTime } from '../forecast/read-off/quantiles';
import { dayMs, hourMs } from '../duration';
import { bottleLengths } from './lengths';
import { underWay, type UnderWayAsk, type UnderWayCache } from './under-way';
import { householdOf } from './plan.test-tool';

const notHeld = { bottleAt: null, chillAt: null };
const awake = { waking: { from: 0, to: 24 * 60 - 1 }, busy: [] };
const handsAt = (hour: number) => ({ ...householdOf({ free: awake }), now: dawn + hour * hourMs });

const bottles: string[] = [];
const closed = brewed((kitchen, brew, bug) => {
  pitched(kitchen, brew, bug);
  bottles.push(...kitchen.bottles(40, brew, 2));
});
const jar = brewed(pitched);

/** Of fewer kitchens than the app asks: what is pinned here hangs on no single point of a chance. */
function askOf(days: number, lotId: string, kitchen: typeof jar, hour: number): UnderWayAsk {
  const whole = kitchen.of(hour);
  const { family } = whole;
  const question = { ...whole, family: { ...family, root: { ...family.root, members: 120 } } };
  return { wishId: 'w', by: dawn + hour * hourMs + days * dayMs, question, lotId, held: notHeld };
}

test('members that weigh three quarters and a quarter stand three times and once', () => {
  const run = risingBottles([0, 0.75, 0, 0.25, 0]);
  const same = resampled(run, 4);
  expect([...same.weights]).toEqual([0.25, 0.25, 0.25, 0.25]);
  const before = valuesOverTime(run, 'heldVolumes')[100]!;
  const after = valuesOverTime(same, 'heldVolumes')[100]!;
  expect([...after]).toEqual([before[1], before[1], before[1], before[3]]);
  expect(same.hours).toEqual(run.hours);
});

test('a closed bottle by hand: hours count from its closing, nothing is passed before it is asked', () => {
  // 0.02 to 0.06 volumes an hour, closed at hour 20: the middle one passes 95 % of 2.5 at 59.4 h, 39.4 h after its closing.
  const run = resampled(risingBottles(), 5);
  const lengths = bottleLengths(run, 20, { wantedVolumes: 2.5, ceilingPercent: null, fromHour: 30 });
  const after = lengths.fizz.wanted[0]!;
  const cooling = 59.375 - 20 - after[2]!;
  expect(cooling).toBeGreaterThan(0);
  // Gas made while cooling is taken off each alike.
  expect(after[1]).toBeCloseTo(79.1667 - 20 - cooling, 3);
  expect(after[0]).toBe(Infinity);
  // Three quarters are passed by the quickest at 31.25 h; asked from hour 50 on, it is passed at once.
  expect(lengths.fizz.enough[0]![4]).toBeCloseTo(31.25 - 20 - cooling, 3);
  const late = bottleLengths(run, 20, { wantedVolumes: 2.5, ceilingPercent: null, fromHour: 50 });
  expect(late.fizz.enough[0]![4]).toBeCloseTo(50 - 20 - cooling, 3);
});

test('a jar under way: the later it is wished, the surer, never before now and never surer than is believed', () => {
  const cache: UnderWayCache = new Map();
  const answers = [1, 3, 6, 12].map((days) =>
    underWay(askOf(days, jar.brew, jar, 20), handsAt(20), stepper, cache),
  );
  const chances = answers.map(({ chance }) => chance);
  expect(chances[0]).toBe(0);
  expect(chances).toEqual([...chances].sort((a, b) => a - b));
  expect(chances[3]).toBeGreaterThan(0.25);
  expect(chances[3]).toBeLessThanOrEqual(0.68);
  // A day in the cold is the least.
  for (const { glass } of answers) expect(glass.from).toBeGreaterThan(dawn + 44 * hourMs);
  // Wished for tomorrow it is too late for anything; the day after next it can be chilled in time, sweeter and flatter.
  expect(answers[0]).toMatchObject({ inTime: null, hangsOn: 'slow-jar' });
  const soon = underWay(askOf(2.5, jar.brew, jar, 20), handsAt(20), stepper, cache);
  expect(soon.inTime!.chillAt).toBe(dawn + 20 * hourMs + 1.5 * dayMs);
  expect(soon.inTime!.volumes).toBeLessThan(soon.inTime!.wantedVolumes);
  expect(soon.inTime!.sweetness).toBeGreaterThan(soon.inTime!.wantedSweetness);
  // What is surer is later, and keeps its word when it is asked.
  const { surer } = soon;
  expect(surer!.at).toBeGreaterThan(dawn + 20 * hourMs + 2.5 * dayMs);
  const then = underWay({ ...askOf(2.5, jar.brew, jar, 20), by: surer!.at }, handsAt(20), stepper, cache);
  expect(then.chance).toBe(surer!.chance);
  expect(surer!.chance).toBeGreaterThanOrEqual(soon.chance + 0.15);
  // One question, one run.
  expect(cache.size).toBe(1);
});

test('a bottle under way: the hour of the fridge that is held is kept, one that has gone by is not', () => {
  const cache: UnderWayCache = new Map();
  const ask = askOf(8, bottles[0]!, closed, 46);
  const free = underWay(ask, handsAt(46), stepper, cache);
  expect(free.chance).toBeGreaterThan(0.3);
  const at = dawn + 47 * hourMs;
  const soon = { ...ask, held: { bottleAt: null, chillAt: at } };
  const held = underWay(soon, handsAt(46), stepper, cache);
  // Chilled an hour later in every kitchen: poured a day after, and hardly ever with fizz enough.
  expect(held.glass).toEqual({ from: at + dayMs, until: at + dayMs });
  expect(held.chance).toBeLessThan(free.chance);
  expect(underWay(soon, handsAt(60), stepper, cache).glass).not.toEqual(held.glass);
  // Nothing is chilled before now.
  const late = underWay(ask, handsAt(200), stepper, cache);
  expect(late.glass.from).toBeGreaterThanOrEqual(dawn + 224 * hourMs);
});

test('nobody is told to leave a bottle warm for a glass in time when its limit may be passed by then', () => {
  const ask = askOf(1.25, bottles[0]!, closed, 46);
  expect(underWay(ask, handsAt(46), stepper).inTime).toMatchObject({ chillAt: dawn + 52 * hourMs });
  const { question } = ask;
  const weak = question.lots.map((lot) => ({ ...lot, limitBar: 0.2 }));
  expect(underWay({ ...ask, question: { ...question, lots: weak } }, handsAt(46), stepper).inTime).toBeNull();
});
