import {
  handmadeRun,
  hundredHours,
  risingBottles,
  warmBottle,
  warmJar,
  type Row,
} from '../handmade.test-tool';
import { firstPassageHours, passageQuantiles } from '../read-off/first-passage';
import { livelinessAt } from '../starter/ripeness';
import { chillStages } from '../what-if/what-if';
import { acceptedRisk, chillWindow, tasteWindow } from './windows';

describe('windows', () => {
  test('a bottle opens at four fifths of the fizz, is best at it, closes at a quarter more', () => {
    // The middle kitchen gains 0.04 an hour: 1.2 at 30 h, 1.5 at 37.5 h, 1.875 at 46.9 h. No limit in reach.
    const window = chillWindow(risingBottles(), 1.5, 99, 0);
    expect(window).toMatchObject({
      earliest: expect.closeTo(30, 3),
      best: expect.closeTo(37.5, 3),
      latest: expect.closeTo(46.875, 3),
      closes: 'fizz',
      limitHour: Infinity,
      reached: true,
    });
    // Quarter to three quarters of five equal kitchens: a quarter of the way between neighbours.
    expect(window.earliestSpread).toBeCloseTo(40 + 0.25 * 20 - (24 - 0.25 * 4), 3);
    expect(window.latestSpread).toBeCloseTo(62.5 + 0.25 * 31.25 - (37.5 - 0.25 * 6.25), 3);
  });

  test('it closes at the limit when one kitchen in twenty has passed it', () => {
    const run = risingBottles([0.3, 0.3, 0.2, 0.12, 0.08]);
    const over = firstPassageHours(run, 'gaugeBar', 1, 'rises', 0);
    const [limitHour] = passageQuantiles(run, over, [acceptedRisk]);
    const window = chillWindow(run, 4, 1, 0);
    expect(acceptedRisk).toBe(0.05);
    expect(window.closes).toBe('limit');
    expect(window.limitHour).toBe(limitHour);
    expect(window.latest).toBe(limitHour);
    // The fizz comes after the limit: the window is a short one before it, 15 % of the time at hand.
    expect(window.reached).toBe(false);
    expect(window.earliest).toBeCloseTo(limitHour! * 0.85, 6);
    expect(window.best).toBe(window.latest);
    const [low, high] = passageQuantiles(run, over, [0.25, 0.75]);
    expect(window.latestSpread).toBeCloseTo(high! - low!, 6);
  });

  test('never shorter than two hours before a limit, never before the bottle was sealed', () => {
    const late = chillWindow(risingBottles(), 4, 0.01, 24);
    expect(late.latest - late.earliest).toBeLessThanOrEqual(2);
    expect(late.earliest).toBeGreaterThanOrEqual(24);
  });

  test('what the forecast does not reach is said', () => {
    const window = chillWindow(risingBottles(), 4, 99, 0);
    expect(window).toMatchObject({ closes: 'beyond-forecast', latest: 100, earliest: expect.closeTo(80, 3) });
    expect(window.latestSpread).toBe(24);
  });

  test('a first ferment is tasted from 15 % above the wanted sweetness to a quarter below it', () => {
    const run = handmadeRun({
      hours: hundredHours,
      members: 1,
      row: (_, hour) => ({ SUCROSE: 100 - hour }),
      stages: [warmJar],
    });
    expect(tasteWindow(run, 60)).toEqual({
      earliest: expect.closeTo(31, 4),
      best: expect.closeTo(40, 4),
      latest: expect.closeTo(55, 4),
      earliestSpread: 0,
      latestSpread: 0,
    });
    expect(tasteWindow(run, -8)).toMatchObject({ earliest: 100, best: 100, latest: 100, earliestSpread: 24 });
  });
});

describe('liveliness of a jar', () => {
  const alive = (row: Row) =>
    livelinessAt(handmadeRun({ hours: [0], members: 1, row: () => row }), 0, 0, 3.9);

  test('is how much lives there, how ready it is, and whether it has food', () => {
    // mass 1 · q 9/(1+9) · food (0.6 + 0.4·1/2) · 1.1
    expect(alive({ YEAST: 3.6, LACTICS: 0.3, YEAST_READY: 9, SUCROSE: 1 })).toBeCloseTo(0.9 * 0.8 * 1.1, 6);
    expect(alive({ YEAST: 1.8, LACTICS: 0.15, YEAST_READY: 9, GLUCOSE: 1 })).toBeCloseTo(0.45 * 0.8 * 1.1, 6);
    expect(alive({ YEAST: 36, LACTICS: 3, YEAST_READY: 9 })).toBeCloseTo(0.9 * 0.6 * 1.1, 6);
    expect(alive({ YEAST: 9, YEAST_READY: 999, SUCROSE: 99 })).toBe(1);
    expect(alive({})).toBe(0);
  });
});

describe('a bottle that is chilled', () => {
  test('takes three hours on the way, is not burped any more, and is primed no second time', () => {
    const warm = {
      ...warmBottle,
      celsius: 24,
      ventEveryHours: 12,
      addSugars: { sucrose: 5, glucose: 0, fructose: 0 },
      inflows: [],
    };
    const [way, cold, ...rest] = chillStages(warm, 48);
    expect(way).toEqual({ ...warmBottle, hours: 3, celsius: 14, ventEveryHours: null });
    expect(cold).toEqual({ ...warmBottle, hours: 48, celsius: 4, ventEveryHours: null });
    expect(rest).toEqual([]);
  });
});
