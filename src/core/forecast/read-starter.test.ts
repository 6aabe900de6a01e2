import { usualKitchen } from './usual-kitchen';
import { handmadeRun, warmJar } from './handmade.test-tool';
import { readStarter } from './starter-answer';
import type { StarterQuestion } from './starter-question';

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
  kept: object | null = { settled: null },
) {
  const run = handmadeRun({
    hours,
    members: 3,
    row: (m, hour) => row(lively(m, hour), sugar(m, hour)),
    stages: [{ ...warmJar, hours: 120 }],
  });
  const question: StarterQuestion = {
    lotId: 'jar',
    start: 0,
    ferment: { ...run.ferment, kept: kept as never },
    settledMass,
    ripe: { by: 'liveliness', opens: 0.6, closes: 0.5 },
    nowHour: 40,
    fedHour: 24,
    drawnHour: null,
    restHours: 24,
    feedEveryHours: 24,
    ...more,
  };
  return readStarter({ run, told, warnings: [] }, question);
}

const told = { ...usualKitchen, vigour: { mean: 0.1, deviation: 0.2 } };

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
    // 20 g/L at 24 h, 1 g/L an hour: 2 g/L are left after 18 h, at 42 h.
    const { feed } = read(lively, (_, hour) => Math.max(0, 20 - (hour - 24)));
    expect(feed).toEqual({
      earliest: expect.closeTo(24 + 0.6 * 18, 3),
      best: expect.closeTo(42, 3),
      latest: expect.closeTo(42 + 0.3 * 18, 3),
      earliestSpread: expect.closeTo(0.2 * 18, 3),
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

  test('sugar and liveliness are told at every hour, five numbers each', () => {
    const answer = read(lively, (m, hour) => 60 - m - hour * 0.1);
    expect([answer.sugar.length, answer.liveliness.length]).toEqual([61, 61]);
    expect(answer.sugar[10]![2]).toBeCloseTo(57, 4);
    expect(answer.told).toBe(told);
  });
});
