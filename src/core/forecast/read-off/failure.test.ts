import { accepted, anyFails, failureChance, failureCourse, failureHour } from './failure';
import { handmadeRun } from '../handmade.test-tool';
import { pressureCourse } from './pressure-course';
import { valuesOverTime } from './quantiles';
import { chillWindow } from '../advice/windows';

const strength = { medianBar: 8, logSpread: 0.25 };
/** Two kitchens, one twice as fast as the other; CO2 in g/L. */
const run = handmadeRun({
  hours: Array.from({ length: 101 }, (_, i) => i),
  members: 2,
  row: (m, hour) => ({ CO2: 0.1 * (1 + m) * hour }),
  weights: [0.75, 0.25],
});
const gauge = (hour: number) => valuesOverTime(run, 'gaugeBar')[hour]!;

test('a bottle bursts at its median with one chance in two; a spread below with 16 %', () => {
  expect(failureChance(strength, 8)).toBeCloseTo(0.5, 6);
  expect(failureChance(strength, 8 * Math.exp(-0.25))).toBeCloseTo(0.158655, 5);
  expect(failureChance(strength, 8 * Math.exp(-0.75))).toBeCloseTo(0.00135, 5);
  expect([failureChance(strength, 0), failureChance(strength, -0.2)]).toEqual([0, 0]);
});

test('of four bottles with one chance in ten each, one in three batches loses some', () => {
  expect(anyFails(0.1, 4)).toBeCloseTo(0.3439, 6);
  expect(anyFails(0, 6)).toBe(0);
});

test('the course weighs every kitchen’s highest pressure so far', () => {
  const course = failureCourse(run, { strength, bottles: 3 });
  const [slow, fast] = [...gauge(80)] as [number, number];
  const byHand =
    0.75 * anyFails(failureChance(strength, slow), 3) + 0.25 * anyFails(failureChance(strength, fast), 3);
  expect(course[80]).toBeCloseTo(byHand, 5);
  expect(course[0]).toBe(0);
  expect(course.every((chance, i) => i === 0 || chance >= course[i - 1]!)).toBe(true);
});

test('the hour at which a share is reached lies between the reports about it', () => {
  const risk = { strength, bottles: 3 };
  const course = failureCourse(run, risk);
  const hour = failureHour(run, risk, 0.1);
  const before = Math.floor(hour);
  expect(course[before]).toBeLessThan(0.1);
  expect(course[before + 1]).toBeGreaterThanOrEqual(0.1);
  expect(hour - before).toBeCloseTo((0.1 - course[before]!) / (course[before + 1]! - course[before]!), 6);
  expect(failureHour(run, { strength: { medianBar: 500, logSpread: 0.1 }, bottles: 1 }, 0.1)).toBe(Infinity);
});

test('what a careful and a usual maker accept', () => {
  expect(accepted).toEqual({
    careful: { limit: 0.05, failure: 0.005 },
    usual: { limit: 0.5, failure: 0.02 },
  });
});

test('the chill window closes where the glass or the limit says so, and says which', () => {
  const weak = { strength: { medianBar: 4, logSpread: 0.3 }, bottles: 4 } as const;
  const by = (limitBar: number, caution: 'careful' | 'usual') =>
    chillWindow(run, 5, limitBar, 0, { ...weak, caution });
  const careful = by(2.8, 'careful');
  expect(careful.closes).toBe('strength');
  expect(careful.latest).toBeCloseTo(failureHour(run, weak, 0.005), 6);
  const usual = by(2.8, 'usual');
  expect(usual.closes).toBe('strength');
  expect(usual.latest).toBeCloseTo(failureHour(run, weak, 0.02), 6);
  expect(usual.latest).toBeGreaterThan(careful.latest);
  // A low limit is passed before such glass is in doubt: the quick kitchen at the 5 %, the slow one at the half.
  expect(by(0.5, 'careful')).toMatchObject({ closes: 'limit' });
  expect(by(0.5, 'careful').latest).toBe(by(0.5, 'careful').limitHour);
  expect(by(0.5, 'usual').latest).toBeGreaterThan(1.4 * by(0.5, 'careful').latest);
  // Nothing is asked of the glass: as it was before anybody asked.
  expect(chillWindow(run, 5, 2.8, 0).failureHour).toBe(Infinity);
});

test('a bottle that is meant for later is best later, within its window', () => {
  const at = (laterHours: number) => chillWindow(run, 1.5, 99, 0, null, laterHours);
  expect(at(6).best - at(0).best).toBeCloseTo(6, 6);
  expect(at(-2).best - at(0).best).toBeCloseTo(-2, 6);
  expect(at(500).best).toBe(at(0).latest);
  expect(at(-500).best).toBe(at(0).earliest);
});

test('when each share of the limit is passed, from an hour on', () => {
  const one = handmadeRun({ hours: run.hours, members: 1, row: (_, hour) => ({ CO2: 0.1 * hour }) });
  const course = pressureCourse(one, 2, { strength, bottles: 1, caution: 'careful' }, 0);
  expect(course.passes.map(({ share }) => share)).toEqual([0.7, 0.9, 1]);
  const [seventy, ninety, whole] = course.passes.map(({ hours }) => hours[2]);
  const slow = (hour: number) => valuesOverTime(one, 'gaugeBar')[hour]![0]!;
  for (const [hour, share] of [
    [seventy, 0.7],
    [ninety, 0.9],
    [whole, 1],
  ] as const) {
    expect(slow(Math.floor(hour!))).toBeLessThan(2 * share);
    expect(slow(Math.ceil(hour!))).toBeGreaterThanOrEqual(2 * share);
  }
  expect(course.failure).toHaveLength(101);
  expect(pressureCourse(one, 2, null, 0).failure).toEqual([]);
  // Looked at from hour 90 on, what was passed before counts from then.
  expect(pressureCourse(one, 2, null, 90).passes[0]!.hours[2]).toBe(90);
});
