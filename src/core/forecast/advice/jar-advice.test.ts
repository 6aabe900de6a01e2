import { handmadeRun, warmJar } from '../handmade.test-tool';
import { bottlingRule, strainingRule, type JarRuleAsk } from './jar-advice';
import { hourMs } from '../../duration';

/** Begun at eight in the morning; somebody is up from seven to half past ten. */
const start = new Date(2026, 4, 4, 8).getTime();
const hours = Array.from({ length: 121 }, (_, i) => i);
/** Jars of 90 g/L that lose so many grams an hour. */
const eating = (...paces: number[]) =>
  handmadeRun({
    hours,
    members: paces.length,
    row: (m, hour) => ({ SUCROSE: Math.max(0, 90 - paces[m]! * hour), PH: 3.6 }),
    stages: [{ ...warmJar, hours: 120 }],
  });
const ask = (more: Partial<JarRuleAsk> = {}): JarRuleAsk => ({
  window: { earliest: 24, best: 40, latest: 60, earliestSpread: 5, latestSpread: 5 },
  nowHour: 24,
  start,
  waking: { from: 7 * 60, to: 22 * 60 + 30 },
  lookedHour: null,
  ...more,
});
const isUp = (hour: number) => {
  const at = new Date(start + hour * hourMs);
  const minutes = at.getHours() * 60 + at.getMinutes();
  return minutes >= 420 && minutes <= 1350;
};

test('a quick and a slow jar: a sip tells them apart; dry is bottled, sweet is tasted or bottled later', () => {
  // 60 g/L wanted: reached after 20 and after 75 hours.
  const rule = bottlingRule(eating(1.5, 0.4), 60, ask())!;
  expect(rule.kind).toBe('sweet');
  const by = Object.fromEntries(rule.branches.map(({ result, next, hour }) => [result, { next, hour }]));
  expect(by['2']).toEqual({ next: 'act', hour: rule.hour });
  expect(by['5']!.hour).toBeGreaterThanOrEqual(rule.hour + 12);
  // What is long after a sip is tasted again first, and moments near each other are one.
  expect(by['5']!.next).toBe('look');
  expect(new Set(rule.branches.map(({ hour }) => hour)).size).toBeLessThanOrEqual(3);
  for (const { hour } of rule.branches) expect(isUp(hour)).toBe(true);
  expect(rule.branches.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 6);
});

test('one plausible kitchen needs no sip, nor a window more than two days off, nor a moment just after one', () => {
  expect(bottlingRule(eating(0.7), 60, ask())).toBeNull();
  expect(bottlingRule(eating(0.7, 0.7), 60, ask())).toBeNull();
  const far = { window: { ...ask().window, earliest: 90, latest: 110 } };
  expect(bottlingRule(eating(1.5, 0.4), 60, ask(far))).toBeNull();
  const again = bottlingRule(eating(1.5, 0.4), 60, ask({ lookedHour: 24 }));
  expect(again?.hour ?? 99).toBeGreaterThanOrEqual(30);
});

test('a first sip before the window opens waits until somebody is up', () => {
  // Twelve hours before the window are four in the morning.
  const later = ask({ nowHour: 2, window: { ...ask().window, earliest: 32 } });
  const rule = bottlingRule(eating(1.5, 0.4), 60, later)!;
  expect(isUp(rule.hour)).toBe(true);
  expect(rule.hour).toBeGreaterThanOrEqual(23);
});

test('a jar that is strained: sweet is left, dry is strained at once', () => {
  const run = eating(1.6, 0.45);
  // From a third of its sugar eaten to four fifths of it.
  const at = (share: number) => Float64Array.from([1.6, 0.45], (pace) => (share * 90) / pace);
  const rule = strainingRule(run, { opens: at(0.35), closes: at(0.8) }, ask())!;
  const by = Object.fromEntries(rule.branches.map(({ result, next, hour }) => [result, { next, hour }]));
  // Dry is the quick jar: strained before it closes after 45 hours.
  expect(by['1']!.next).toBe('act');
  expect(by['1']!.hour).toBeLessThanOrEqual(45);
  expect(by['5']!.hour).toBeGreaterThan(rule.hour);
  // Kitchens in which it never opens do not spoil the sum.
  const never = strainingRule(
    run,
    { opens: Float64Array.of(20, Infinity), closes: Float64Array.of(45, Infinity) },
    ask(),
  );
  expect(never?.worth ?? 0).not.toBeNaN();
});
