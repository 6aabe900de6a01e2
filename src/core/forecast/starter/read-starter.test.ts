import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { weighedEnsemble } from '../ensemble/ensemble';
import { dawn, fedBug, TestKitchen } from '../kitchen.test-tool';
import { usualKitchen } from '../ensemble/unknowns';
import { handmadeRun, warmJar, type Row } from '../handmade.test-tool';
import { livelinessAt } from './ripeness';
import { livelinessWhenDrawn, readStarter } from './starter-answer';
import type { StarterQuestion } from '../question/starter-question';
import { hourMs } from '../../duration';
import { partOf, type PartOf } from '../../part-of.test-tool';
import type { Kept } from '../../ferment/scenario/ferment';

const hours = Array.from({ length: 61 }, (_, i) => i * 2);
const settledMass = 4;

/** Cells that make a jar as lively as is said, ready and with plenty or nothing to eat. */
const row = (lively: number, sugar: number) => {
  const food = 0.6 + (0.4 * sugar) / (sugar + 1);
  return { YEAST: (lively / 1.1 / food / 0.9) * settledMass, YEAST_READY: 9, SUCROSE: sugar };
};

/** A jar read off a run written by hand: liveliness and sugar by member and hour. */
function read(
  lively: (m: number, hour: number) => number,
  sugar: (m: number, hour: number) => number,
  more: Partial<StarterQuestion> = {},
  kept: PartOf<Kept> | null = { settled: null },
  rows: (m: number, hour: number) => Row = (m, hour) => row(lively(m, hour), sugar(m, hour)),
) {
  const run = handmadeRun({ hours, members: 3, row: rows, stages: [{ ...warmJar, hours: 120 }] });
  const question: StarterQuestion = {
    lotId: 'jar',
    start: 0,
    ferment: { ...run.ferment, kept: kept && partOf<Kept>(kept) },
    settledMass,
    ripe: { by: 'liveliness', opens: 0.6, closes: 0.5 },
    nowHour: 40,
    fedHour: 24,
    drawnHour: null,
    restHours: 24,
    feedEveryHours: 24,
    ...more,
  };
  return readStarter({ run, posterior, warnings: [] }, question);
}

const posterior = { ...usualKitchen, vigour: { mean: 0.1, deviation: 0.2 } };

const plenty = () => 40;
/** Three kitchens that ripen at 0.01, 0.02 and 0.03 an hour, and tire at half that pace from hour 60 on. */
const pace = [0.01, 0.02, 0.03];
const ripening = (m: number, hour: number) =>
  Math.min(0.95, pace[m]! * hour) - Math.max(0, hour - 60) * pace[m]! * 0.5;

describe('a jar that ripens', () => {
  test('is drawn from when the middle kitchen is lively until it is tired', () => {
    const { draw, now, opens } = read(ripening, plenty);
    // The middle one passes 0.6 at 30 h and falls from 0.95 below 0.5 at 60 + 0.45/0.01 = 105 h.
    expect(draw!.earliest).toBeCloseTo(30, 4);
    expect(draw!.latest).toBeCloseTo(105, 4);
    expect(draw!.best).toBe(48);
    // Looked for since the middle one was last tired, at 24 h: quarter to three quarters of 24, 30 and 60 h are 25.5 and 52.5.
    expect(draw!.earliestSpread).toBeCloseTo(27, 3);
    expect(now[2]).toBeCloseTo(0.8, 6);
    expect(opens).toBe('open');
  });

  test('before it is lively: ripening while it is new, waking when it once was settled', () => {
    expect(read(ripening, plenty, { nowHour: 20 }).opens).toBe('ripening');
    expect(read(ripening, plenty, { nowHour: 20 }, { settled: { yeast: 1 } }).opens).toBe('waking');
    // It was lively before and is tired now: it wakes, new as it is.
    expect(read(ripening, plenty, { nowHour: 118 }).opens).toBe('waking');
  });

  test('it rests after a draw, and the window opens no sooner', () => {
    const drawn = read(ripening, plenty, { drawnHour: 36 });
    expect([drawn.opens, drawn.draw!.earliest]).toEqual(['resting', 60]);
    expect(read(ripening, plenty, { drawnHour: 10 }).draw!.earliest).toBeCloseTo(34, 4);
    expect(read(ripening, plenty, { drawnHour: 10 }).opens).toBe('open');
  });

  test('never lively within the forecast, there is no window', () => {
    expect(read(() => 0.59, plenty).draw).toBeNull();
    expect(read(() => 0.61, plenty).draw).toMatchObject({ earliest: 0, latest: 120 });
  });

  test('the window on view is the one after the last tired hour', () => {
    const twice = (_: number, hour: number) => (hour <= 20 ? 0.8 : hour <= 30 ? 0.3 : 0.9);
    expect(read(twice, plenty, { nowHour: 44 }).draw!.earliest).toBeGreaterThanOrEqual(30);
    expect(read(twice, plenty, { nowHour: 10 }).draw!.earliest).toBe(0);
  });

  test('kitchens in which it never opens say nothing of when it closes', () => {
    // One of three stays dull; the others are lively from 30 h and tire at 80 and 90 h.
    const some = (m: number, hour: number) =>
      m === 0 ? 0.3 : hour < 30 || hour >= (m === 1 ? 80 : 90) ? 0.2 : 0.9;
    const { draw } = read(some, plenty, { nowHour: 40 });
    expect(draw!.earliest).toBeGreaterThan(28);
    expect(draw!.latest).toBeGreaterThan(78);
    expect(draw!.latest).toBeLessThan(90);
  });

  test('a window is at least two hours', () => {
    const flash = (_: number, hour: number) => (hour === 50 ? 0.7 : 0.2);
    const { draw } = read(flash, plenty, { nowHour: 50 });
    expect(draw!.latest - draw!.earliest).toBeGreaterThanOrEqual(2);
  });
});

describe('hunger', () => {
  const lively = () => 0.8;

  test('a feed is due before its sugar is gone: from six tenths of the wait on', () => {
    // 20 g/L at 24 h, 1 g/L an hour: 2 g/L are left after 18 h, at 42 h; its rhythm of 24 h lets it wait 0.85 × 24 = 20.4 h.
    const { feed } = read(lively, (_, hour) => Math.max(0, 20 - (hour - 24)));
    expect(feed).toEqual({
      earliest: expect.closeTo(24 + 0.6 * 20.4, 3),
      best: expect.closeTo(42, 3),
      latest: expect.closeTo(44.4 + 0.3 * 20.4, 3),
      earliestSpread: expect.closeTo(0.2 * 20.4, 3),
      latestSpread: 3,
    });
  });

  test('no later than a quarter past the kind’s rhythm, however much sugar is left', () => {
    const { feed } = read(lively, plenty);
    expect(feed.earliest).toBeCloseTo(24 + 0.6 * 30, 6);
    expect(feed.latest).toBeCloseTo(24 + 30 + 9, 6);
    expect(feed.latestSpread).toBe(24);
  });

  test('what is hungry at once is due within hours', () => {
    const { feed } = read(lively, () => 0.5);
    expect(feed.earliest).toBeCloseTo(24 + 1.2, 6);
    expect(feed.latest).toBeCloseTo(24 + 2 + 4, 6);
  });

  test('kitchens that differ make the edges soft', () => {
    const { feed } = read(lively, (m, hour) => Math.max(0, 22 - (hour - 24) * [0.8, 1, 2][m]!));
    // 20 g/L eaten at 2, 1 and 0.8 an hour: hungry at 34, 44 and 49 h.
    expect(feed.best).toBeLessThanOrEqual(44);
    expect(feed.latestSpread).toBeGreaterThan(5);
    expect(feed.latestSpread).toBeLessThan(16);
  });

  test('sugar and liveliness are posterior at every hour, five numbers each', () => {
    const answer = read(lively, (m, hour) => 60 - m - hour * 0.1);
    expect([answer.sugar.length, answer.liveliness.length]).toEqual([61, 61]);
    expect(answer.sugar[10]![2]).toBeCloseTo(57, 4);
    expect(answer.posterior).toBe(posterior);
  });
});

describe('a jar that goes by its cycle', () => {
  const dull = () => 0.1;
  const eaten = { ripe: { by: 'eaten', opens: 0.5, closes: 0.9 }, fedHour: 24 } as const;

  test('by what is eaten since its feed: opens with half of it gone, closes with nine tenths', () => {
    // 60 g/L stand in the first row after the feed, at 26 h; 1, 2 and 3 g/L an hour go from it.
    const sugar = (m: number, hour: number) =>
      hour <= 24 ? 5 : Math.max(0, 60 - (m + 1) * Math.max(0, hour - 26));
    const { draw, opens } = read(dull, sugar, { ...eaten, nowHour: 30 });
    // The middle one has eaten 30 g after 15 h and 54 after 27.
    expect(draw!.earliest).toBeCloseTo(41, 3);
    expect(draw!.latest).toBeCloseTo(53, 3);
    expect(draw!.best).toBeCloseTo(45, 3);
    expect(opens).toBe('cycle');
    expect(read(dull, sugar, { ...eaten, nowHour: 44 }).opens).toBe('open');
    expect(read(dull, sugar, { ...eaten, nowHour: 54 }).opens).toBe('cycle');
  });

  test('what was eaten before the feed does not count; under a gram a litre there is nothing to eat', () => {
    const gone = (_: number, hour: number) => (hour <= 24 ? 1 : 0.4);
    // Of the gram that counts, 0.6 g are gone at 26 h and nothing at 24.
    expect(read(dull, gone, eaten).draw!.earliest).toBeCloseTo(24 + 2 * (0.5 / 0.6), 4);
    expect(read(dull, () => 40, eaten).draw).toBeNull();
    // Never fed, it counts from its first row.
    const first = read(dull, (_, hour) => 80 - hour, { ...eaten, fedHour: 0 });
    expect(first.draw!.earliest).toBeCloseTo(40, 3);
    expect(first.draw!.latest).toBeCloseTo(72, 3);
  });

  test('fed after the last row there is no cycle to see', () => {
    expect(read(dull, (_, hour) => 80 - hour / 2, { ...eaten, fedHour: 120, nowHour: 119 }).draw).toBeNull();
  });

  test('by its acids: lactic and acetic together, from the feed on', () => {
    const acids = (m: number, hour: number): Row => ({ LACTIC: 0.05 * hour, ACETIC: 0.02 * (m + 1) * hour });
    const by = { ripe: { by: 'acids', opens: 4.5, closes: 9 }, fedHour: 24 } as const;
    const { draw } = read(dull, plenty, by, null, acids);
    // The middle one makes 0.09 g/L an hour.
    expect(draw!.earliest).toBeCloseTo(50, 3);
    expect(draw!.latest).toBeCloseTo(100, 3);
    // What was made by the feed at 60 h shows in the next row: 5.58 g/L, from nothing.
    expect(read(dull, plenty, { ...by, fedHour: 60 }, null, acids).draw!.earliest).toBeCloseTo(
      60 + 2 * (4.5 / 5.58),
      3,
    );
  });

  test('where only what is alive counts, hunger and sleep do not', () => {
    const sleeping = (_: number, hour: number): Row => ({
      YEAST: settledMass * Math.max(0, 1.2 - hour / 100),
    });
    const alive = { ripe: { by: 'alive', opens: 0.6, closes: 0.5 }, fedHour: 0 } as const;
    const { draw, now, opens } = read(dull, plenty, { ...alive, nowHour: 40 }, null, sleeping);
    expect(now[2]).toBeCloseTo(0.8, 5);
    expect([draw!.earliest, opens]).toEqual([0, 'open']);
    expect(draw!.latest).toBeCloseTo(70, 3);
  });
});

describe('the look that is asked for', () => {
  test('while it ripens, when it opens: foam or a sip until then, for a day and a half at most', () => {
    const parted = (m: number) => 60 - 20 * m;
    const { looks, looksTell, draw } = read(ripening, parted, { nowHour: 20 });
    expect(looksTell).toBe('opens');
    expect([looks[0]!.hour, looks.at(-1)!.hour, Math.floor(draw!.earliest)]).toEqual([20, 30, 30]);
    // Kitchens open at 20, 30 and 60 h; a jar in which none differs is not looked at.
    expect(looks[0]!.decides[0]).toBeGreaterThanOrEqual(20);
    expect(looks[0]!.decides[1]).toBeLessThanOrEqual(60);
    expect(read(() => 0.3, parted, { nowHour: 20 }).looks).toEqual([]);
  });

  test('a jar that never opens within the forecast is looked at for a day and a half', () => {
    const some = (m: number, hour: number) => (m === 2 && hour > 80 ? 0.7 : 0.2);
    const parted = (m: number) => 60 - 20 * m;
    const { draw, looks, looksTell } = read(some, parted, { nowHour: 20 });
    expect([draw, looksTell]).toEqual([null, 'opens']);
    expect([looks[0]!.hour, looks.at(-1)!.hour]).toEqual([20, 56]);
    // Two of three never open, which counts as the end of the forecast, 120 h; the third at 82.
    expect(looks[0]!.decides[1]).toBeLessThanOrEqual(120);
    expect(looks[0]!.decides[0]).toBeGreaterThanOrEqual(80);
  });

  test('once it is open, when it closes; a kitchen in which it never opened has tired already', () => {
    const some = (m: number, hour: number) =>
      m === 0 ? 0.3 : hour < 30 || hour >= (m === 1 ? 70 : 90) ? 0.2 : 0.9;
    const parted = (m: number) => 20 + 20 * m;
    const { looks, looksTell, draw } = read(some, parted, { nowHour: 44 });
    expect(looksTell).toBe('closes');
    expect([looks[0]!.hour, looks.at(-1)!.hour <= 44 + 36]).toEqual([44, true]);
    expect(looks.at(-1)!.hour).toBeLessThanOrEqual(draw!.latest);
    // Its results point from now, where the dull one stands, to 90 h.
    expect(looks[0]!.decides[0]).toBeGreaterThanOrEqual(44);
    expect(looks[0]!.decides[0]).toBeLessThan(60);
    expect(looks[0]!.decides[1]).toBeGreaterThan(75);
  });

  test('at the very hour it opens, its closing is asked for', () => {
    const { draw } = read(() => 0.61, plenty, { nowHour: 0 });
    expect(draw!.earliest).toBe(0);
    expect(read(() => 0.61, plenty, { nowHour: 0 }).looksTell).toBe('closes');
  });
});

test('what a draw took along: the middle and the spread of liveliness at that hour, over forty kitchens at most', () => {
  const kitchen = new TestKitchen(22);
  const bug = fedBug(kitchen, -96, -1);
  const brew = kitchen.brew(-2, 160);
  kitchen.draw(0, bug, brew, 150);
  const drawn = kitchen.question(brew, 10).drawn!;
  const posterior = livelinessWhenDrawn(drawn, stepper);
  const { run } = weighedEnsemble({ ...drawn.ferment, members: 40 }, stepper);
  const at = run.hours.indexOf(96);
  const values = run.members.map((_, m) => livelinessAt(run, m, at, drawn.settledMass));
  const mean = values.reduce((sum, value) => sum + value, 0) / 40;
  expect(posterior.mean).toBeCloseTo(mean, 9);
  expect(posterior.deviation).toBeCloseTo(
    Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / 40),
    9,
  );
  expect(posterior.deviation).toBeGreaterThan(0.05);
  // Alive counts the cells alone, of which there are more than are ready.
  expect(
    livelinessWhenDrawn({ ...drawn, ripe: { by: 'alive', opens: 0.5, closes: 0.3 } }, stepper).mean,
  ).not.toBeCloseTo(mean, 3);
  expect([drawn.atHour, dawn - drawn.atHour * hourMs]).toEqual([96, dawn - 96 * hourMs]);
});
