import { gramsPerVolume } from '../../gas/co2-solubility';
import { strengthOf } from '../../vessels/strength';
import { bottleAdvice, burstsBorne, hoursAfterChilling, type BottleAdviceAsk } from './bottle-advice';
import { handmadeRun, warmBottle } from '../handmade.test-tool';
import { hourMs } from '../../duration';

const hours = Array.from({ length: 97 }, (_, i) => i);
/** Kitchens that make gas at paces of their own, volumes an hour, from nothing. */
const made = (...paces: number[]) =>
  handmadeRun({
    hours,
    members: paces.length,
    row: (m, hour) => ({ CO2: paces[m]! * hour * gramsPerVolume, SUCROSE: 60, PH: 3.6 }),
    stages: [{ ...warmBottle, hours: 96 }],
  });
/** Filled at seven in the morning; somebody is up at every hour. */
const ask = (more: Partial<BottleAdviceAsk> = {}): BottleAdviceAsk => ({
  wantedVolumes: 2,
  wantedSweetness: 60,
  risk: { strength: strengthOf('sparkling-wine')!, bottles: 6, caution: 'careful' },
  nowHour: 0,
  start: new Date(2026, 4, 4, 7).getTime(),
  waking: { from: 0, to: 24 * 60 - 1 },
  lookedHour: null,
  ceilingPercent: null,
  looks: [],
  neverFelt: false,
  ...more,
});

test('cooling and three days of cold are worth some hours of warmth, the more the warmer it stood', () => {
  // Two to three hours while it cools, and 72 hours at some 7 % of a warm room's pace.
  expect(hoursAfterChilling(21)).toBeGreaterThan(5);
  expect(hoursAfterChilling(21)).toBeLessThan(12);
  expect(hoursAfterChilling(28)).toBeLessThan(hoursAfterChilling(18));
  expect(hoursAfterChilling(4)).toBeCloseTo(72, 6);
  expect(hoursAfterChilling(60)).toBe(0);
});

test('one kitchen: chilled so that what is made until it is cold comes to what is wanted', () => {
  const { chill, rule } = bottleAdvice(made(0.05), ask())!;
  // Two volumes at a twentieth an hour are 40 hours, less those that the cold still gives; every third hour is tried.
  const warm = made(0.05).celsius[0]!;
  expect(Math.abs(chill.hour - (40 - hoursAfterChilling(warm)))).toBeLessThanOrEqual(1.5);
  expect(rule).toBeNull();
  expect([chill.good, chill.flat, chill.over]).toEqual([1, 0, 0]);
  // Within an eighth of the fizz it is hardly worse: 0.1 is lost at a quarter.
  expect(chill.until - chill.from).toBeGreaterThanOrEqual(7);
  expect(chill.until - chill.from).toBeLessThanOrEqual(13);
  expect(chill.burst).toBeLessThan(1e-9);
  expect(chill.ends).toBe('pour');
});

test('a quick and a slow kitchen: a squeeze tells them apart, and each result has its own hour', () => {
  const { chill, rule } = bottleAdvice(made(0.11, 0.035), ask({ looks: ['hiss', 'squeeze'] }))!;
  expect(rule!.kind).toBe('squeeze');
  const by = Object.fromEntries(rule!.branches.map(({ result, next, hour }) => [result, { next, hour }]));
  // 2 volumes come after 18 and 57 hours.
  expect(by.rock!.hour).toBeLessThan(20);
  expect(by.soft!.hour).toBeGreaterThan(by.rock!.hour);
  expect(rule!.worth).toBeGreaterThan(0.8);
  expect(chill.good).toBeLessThanOrEqual(0.5);
  expect(rule!.branches.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 6);
  // Just felt, it is not felt again at once.
  const again = bottleAdvice(made(0.11, 0.035), ask({ looks: ['squeeze'], lookedHour: 14 }))!;
  expect(again.rule?.hour ?? 99).toBeGreaterThanOrEqual(16);
});

test('a burst is never bought by fizz: weak glass is chilled sooner, and what is expected stays below what is borne', () => {
  const of = (
    kind: 'sparkling-wine' | 'swing-top' | 'decorative',
    caution: 'careful' | 'usual' = 'careful',
  ) =>
    bottleAdvice(
      made(0.04, 0.05, 0.06, 0.08),
      ask({ wantedVolumes: 4, risk: { strength: strengthOf(kind)!, bottles: 6, caution } }),
    )!.chill;
  expect(of('swing-top').hour).toBeLessThan(of('sparkling-wine').hour);
  expect(of('decorative').hour).toBeLessThan(of('swing-top').hour);
  expect(of('swing-top').hour).toBeLessThanOrEqual(of('swing-top', 'usual').hour);
  expect(of('swing-top').burst).toBeLessThan(burstsBorne.careful);
  expect(of('swing-top', 'usual').burst).toBeLessThan(burstsBorne.usual);
  expect(of('swing-top').ends).toBe('burst');
});

test('nobody is asked to get up: acts lie in waking hours, but for now itself', () => {
  const waking = { from: 7 * 60, to: 22 * 60 };
  for (const pace of [0.03, 0.05, 0.08, 0.12]) {
    const { chill } = bottleAdvice(made(pace), ask({ waking }))!;
    const hour = new Date(ask().start + chill.hour * hourMs).getHours();
    expect(hour >= 7 && hour <= 22).toBe(true);
  }
  // Asked for three in the morning, when it is past its best: as they get up. Who squeezed it at three is told of then.
  const late = ask({ waking, nowHour: 44 });
  expect(bottleAdvice(made(0.08), late)!.chill.hour).toBe(48);
  expect(bottleAdvice(made(0.08), { ...late, lookedHour: 44 })!.chill.hour).toBe(44);
});

test('what the night risked keeps nobody from a look in the morning', () => {
  const waking = { from: 7 * 60, to: 22 * 60 };
  const risk = { strength: strengthOf('swing-top')!, bottles: 6, caution: 'careful' } as const;
  const night = ask({ waking, risk, looks: ['squeeze'], nowHour: 20 });
  const { rule, chill } = bottleAdvice(made(0.03, 0.035, 0.2), night)!;
  // It is three: one kitchen in three is past 4 volumes at seven, and a squeeze tells which.
  expect(rule!.hour).toBe(24);
  expect(chill.from).toBe(24);
  const by = Object.fromEntries(rule!.branches.map(({ result, next, hour }) => [result, { next, hour }]));
  expect(by.rock).toEqual({ next: 'act', hour: 24 });
  expect(by.gives!.hour).toBeGreaterThan(24);
});

test('past its end there is nothing to decide', () => {
  expect(bottleAdvice(made(0.05), ask({ nowHour: 96 }))).toBeNull();
});

test('who never looks is asked for none, and told what one would bring', () => {
  const both = made(0.11, 0.035);
  const asked = bottleAdvice(both, ask({ looks: ['squeeze'] }))!;
  const never = bottleAdvice(both, ask({ looks: ['squeeze'], neverFelt: true }))!;
  expect(never.rule).toBeNull();
  expect(never.chill).toEqual(asked.chill);
  expect(never.unasked!.kind).toBe('squeeze');
  expect(never.unasked!.gain).toBeGreaterThan(0.2);
  expect(never.unasked!.gain).toBeLessThan(asked.rule!.worth);
  // One kitchen, and a look brings nothing.
  expect(bottleAdvice(made(0.05), ask({ looks: ['squeeze'], neverFelt: true }))!.unasked).toBeUndefined();
});

test('a ceiling for alcohol ends the window where it is passed, and says so', () => {
  // A hundredth of a percent an hour, with gas for two volumes after 40.
  const brew = handmadeRun({
    hours,
    members: 2,
    row: (m, hour) => ({
      CO2: 0.05 * hour * gramsPerVolume,
      ETHANOL: (0.2 + 0.02 * m) * hour,
      SUCROSE: 60,
      PH: 3.6,
    }),
    stages: [{ ...warmBottle, hours: 96 }],
  });
  const free = bottleAdvice(brew, ask())!.chill;
  const bound = bottleAdvice(brew, ask({ ceilingPercent: 0.5 }))!.chill;
  expect(bound.hour).toBeLessThan(free.hour);
  expect([free.ends, bound.ends]).toEqual(['pour', 'alcohol']);
  // A ceiling out of reach changes nothing.
  expect(bottleAdvice(brew, ask({ ceilingPercent: 9 }))!.chill).toEqual(free);
});
