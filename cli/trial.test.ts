import { seededNormal, seededUniform } from '../src/core/forecast/run/random';
import { drawBatch, drawKitchen } from './calibration/courses';
import { cultures, truths } from './calibration/truths';
import { liveAs } from './trial/household';
import { drawHousehold } from './trial/households';
import { drawFrom, jarHour, newJar } from './trial/jar';
import { makings } from './trial/scenes';
import { isGood, Tally } from './trial/tally';
import { wishesTrial } from './trial/wishes';
import { advised, byHabit, planned } from './trial/wish-course';
import { drawWisher } from './trial/wishers';
import { bottlesOf, chilledAt, inJar, standing } from './trial/world';
import { dayMs, hourMs } from '../src/core/duration';

const luck = (seed: number) => [seededUniform(seed), seededNormal(seededUniform(seed + 1))] as const;

describe('a small trial', () => {
  test.each([
    ['ginger bug', 3],
    ['kefir', 8],
  ] as const)('a household of %s lives eight days by what Today says, one of them away', (name, seed) => {
    const making = makings.find((each) => each.name.startsWith(name))!;
    const live = () => {
      const [uniform, normal] = luck(seed);
      const household = drawHousehold(making, truths, uniform, normal);
      return liveAs({ ...household, away: { from: 5, to: 6 } }, uniform, normal, 8);
    };
    const lived = live();
    // Asked morning or evening, cared for before and after, and the jar lives.
    expect(lived.asked).toBeGreaterThanOrEqual(7);
    expect(lived.acts).toBeGreaterThanOrEqual(3);
    expect(lived.jarAlive).toBeGreaterThan(0.3);
    expect(lived.batches).toEqual([]);
    expect(live()).toEqual(lived);
  });

  test('its world: three days at 18 to 26 °C pour gushers often, and lose a bottle of some fifty to two hundred', () => {
    const [uniform, normal] = luck(3);
    const poured = Array.from({ length: 63 }, (_, k) => {
      const bottles = bottlesOf(truths[k % truths.length]!, cultures.bug, uniform, normal);
      return { bottles, ...chilledAt(bottles, bottles.sealedFrom + 72) };
    });
    const mean = (of: (each: (typeof poured)[number]) => number) =>
      poured.reduce((sum, each) => sum + of(each), 0) / poured.length;
    expect(mean(({ burst }) => burst)).toBeGreaterThan(1 / 200);
    expect(mean(({ burst }) => burst)).toBeLessThan(1 / 40);
    expect(mean(({ volumes }) => Number(volumes > 3.6))).toBeGreaterThan(0.3);
    // At 21 °C the middling kitchen reaches three volumes in two to four days.
    const at21 = poured.filter(({ bottles }) => Math.abs(bottles.celsius - 21) < 1.5);
    const hours = at21
      .map(({ bottles }) => bottles.warm.volumes.findIndex((v) => v >= 3) / 10)
      .sort((a, b) => a - b);
    expect(hours[Math.floor(hours.length / 2)]).toBeGreaterThan(48);
    expect(hours[Math.floor(hours.length / 2)]).toBeLessThan(96);
  });

  test('its jar: fed it wakes, starved it dies by half in the days said, a draw takes its cells along', () => {
    const fed = newJar(700, 35);
    for (let hour = 0; hour < 24 * 5; hour++) {
      if (hour % 24 === 0) fed.sugar += 20;
      jarHour(fed, 1);
    }
    expect(fed.alive).toBeGreaterThan(0.6);
    const starved = { ml: 700, sugar: 0, alive: 0.8, isCold: false };
    for (let hour = 0; hour < 24 * 12; hour++) jarHour(starved, 1);
    expect(starved.alive).toBeCloseTo(0.4, 6);
    drawFrom(starved, 350);
    expect(starved.alive).toBeCloseTo(0.2, 6);
  });

  test('what was poured is counted: within a quarter is good', () => {
    const [uniform, normal] = luck(5);
    const bottles = bottlesOf(truths[0]!, cultures.bug, uniform, normal);
    const tally = new Tally();
    for (const volumes of [1.87, 1.88, 3.12, 3.13])
      tally.add(
        'by hand',
        bottles,
        { volumes, sweetness: bottles.wantedSweetness, burst: 1e-4, peakBar: 2 },
        2,
      );
    expect(tally.table().split('\n')[2]).toBe(
      '| by hand | 50 % ± 25 | 25 % | 25 % | 0 % | 0 % | 1.0 | 0 % | – | 2.0 |',
    );
  });

  test('a kitchen that wishes: nothing is cold before it can be, the same luck gives the same, and starts are counted', () => {
    const [uniform, normal] = luck(11);
    const wisher = drawWisher(truths, uniform, normal);
    const wish = planned(wisher, 12);
    const { choices, by, wantedSweetness } = wish;
    expect(choices.length).toBeGreaterThan(5);
    expect(by - wisher.now).toBeLessThan(12 * dayMs);
    for (const { pitchAt } of choices) expect(pitchAt).toBeGreaterThanOrEqual(wisher.now);
    const [best] = choices;
    const led = () => advised(wisher, best!.pitchAt, wish, luck(5));
    expect(led()).toEqual(led());
    expect(led().saidOnceBottled).toBeGreaterThan(0);
    const habitual = byHabit(wisher, best!.pitchAt, wantedSweetness, luck(5));
    // A day in the cold at least, and hours in the bottle before it.
    for (const { glassAt } of [led(), habitual]) expect(glassAt).toBeGreaterThan(best!.pitchAt + 24 * hourMs);
    const table = wishesTrial(1, 11, truths).split('\n');
    expect(table.filter((line) => / \| 1 \| (0|100) ± 0 \|$/.test(line)).length).toBeGreaterThanOrEqual(3);
    expect(table).toContainEqual(expect.stringMatching(/^\| the best plan \| 1 \|/));
  });
});

test('a closed jar on whey: a third of its sugar is eaten after three to five days at 21 °C, in the middle of all kitchens', () => {
  const [, normal] = luck(17);
  const { sugar, culture } = makings.find(({ name }) => name.startsWith('whey'))!.scenes[0]!;
  const days = Array.from({ length: 21 }, (_, k) => {
    const kitchen = drawBatch(drawKitchen(normal), normal);
    const truth = truths[k % 7]!;
    const { course } = standing({ truth, culture, kitchen, sugar, celsius: 21 }, 0, normal);
    return course.sugar.findIndex((left) => left <= (2 / 3) * sugar) / 240;
  }).sort((a, b) => a - b);
  expect(days[10]).toBeGreaterThan(3);
  expect(days[10]).toBeLessThan(5);
});

test('a drink from its jar is good within a third of the sweetness wanted, and not as it was mixed', () => {
  const [uniform, normal] = luck(5);
  const { batch, weather, warm } = bottlesOf(truths[0]!, cultures.bug, uniform, normal);
  const jar = inJar({ batch: { ...batch, sugar: 45 }, weather, course: warm });
  expect(jar.wantedSweetness).toBeCloseTo(29.7, 6);
  const at = (sweetness: number) => isGood(jar, { volumes: jar.wanted, sweetness, burst: 0, peakBar: 0 });
  expect([19, 20, 30, 38, 39, 45].map(at)).toEqual([false, true, true, true, false, false]);
});
