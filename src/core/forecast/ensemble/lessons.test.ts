import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import type { Gaussian, Reading } from '../../ferment/scenario/ferment';
import { askedSoda } from '../handmade.test-tool';
import { weighedEnsemble } from './ensemble';
import { learn, type Lesson, type KitchenPosterior } from './lessons';
import { memberOf } from './priors';
import { unknownCount, usualKitchen } from './unknowns';
import { dayMs } from '../../duration';

const pupil = { culture: 'ginger-bug', starter: 'bug', now: 0, kindSpread: 0.3 };
const silent: KitchenPosterior = { ...usualKitchen, vigour: { mean: 0, deviation: 0.3 } };
const lesson = (told: Partial<KitchenPosterior>, more: Partial<Lesson> = {}): Lesson => ({
  at: 0,
  culture: 'ginger-bug',
  starter: 'bug',
  posterior: { ...silent, ...told },
  ...more,
});
const many = (count: number, each: Lesson) => Array.from({ length: count }, () => each);

describe('the vigour of a starter', () => {
  const brisk = lesson({ vigour: { mean: 0.2, deviation: 0.15 } });

  test('nothing finished: the usual of the kind', () => {
    const learned = learn([], pupil);
    expect([learned.vigour, learned.spread, learned.batches, learned.lessons]).toEqual([1, 0.3, 0, 0]);
    expect(learned.kitchen).toEqual({
      offset: { mean: 0, deviation: expect.closeTo(1.1, 12) },
      fridge: { mean: 0, deviation: expect.closeTo(2, 12) },
      coldActivity: { mean: 0, deviation: expect.closeTo(0.58, 12) },
    });
  });

  test('one batch of its own, by hand', () => {
    // Seen by itself: precision 1/0.0225 − 1/0.09 = 33.33, mean 0.2·44.44/33.33 = 0.26667.
    // It varies by 0.15 of its own: 1/(0.03 + 0.0225) = 19.0476, against a prior of 1/0.09 = 11.1111.
    const learned = learn([brisk], pupil);
    expect(Math.log(learned.vigour)).toBeCloseTo((19.0476 * 0.26667) / (19.0476 + 11.1111), 4);
    expect(learned.spread).toBeCloseTo(Math.hypot(Math.sqrt(1 / 30.1587), 0.15), 5);
    expect([learned.batches, learned.lessons]).toEqual([1, 1]);
  });

  test('another starter of the kind teaches what the kitchen’s starters have in common, by hand', () => {
    // Common variance 0.4·0.09 = 0.036; the other is 0.054 + 0.0225 away from it, seen to 0.03: weight 1/0.1065 = 9.3897.
    const learned = learn([{ ...brisk, starter: 'other' }], pupil);
    const precision = 1 / 0.036 + 9.3897;
    expect(Math.log(learned.vigour)).toBeCloseTo((9.3897 * 0.26667) / precision, 4);
    expect(learned.spread).toBeCloseTo(Math.min(0.3, Math.hypot(Math.sqrt(1 / precision + 0.054), 0.15)), 4);
    expect(learned.batches).toBe(0);
    // Of another kind it teaches nothing of vigour.
    expect(learn([{ ...brisk, culture: 'whey' }], pupil).vigour).toBe(1);
  });

  test('a lesson of four months ago counts half', () => {
    const learned = learn([{ ...brisk, at: -120 * dayMs }], pupil);
    expect(Math.log(learned.vigour)).toBeCloseTo((9.5238 * 0.26667) / (9.5238 + 11.1111), 4);
  });

  test('a batch that was never looked at teaches nothing; many equal ones end at what they saw', () => {
    expect(learn([lesson({})], pupil).vigour).toBe(1);
    const learned = learn(many(400, brisk), pupil);
    expect(Math.log(learned.vigour)).toBeCloseTo(0.2667, 2);
    expect(learned.spread).toBeCloseTo(0.15, 2);
  });

  test('a reading surer than sure is not believed beyond a twentieth of the prior', () => {
    const learned = learn([lesson({ vigour: { mean: 0.2, deviation: 0 } })], pupil);
    expect(Number.isFinite(learned.vigour)).toBe(true);
    expect(Math.log(learned.vigour)).toBeLessThan(0.2);
  });
});

describe('the kitchen', () => {
  const of = (what: 'offset' | 'fridge' | 'coldActivity', told: Gaussian, more: Partial<Lesson> = {}) =>
    learn([lesson({ [what]: told }, more)], pupil).kitchen[what];

  test('a room, by hand', () => {
    // Seen by itself: 1/0.64 − 1/1.21 = 0.73605, mean 1·1.5625/0.73605 = 2.12283. It varies by 0.4·1.21 = 0.484 each time.
    const weight = 1 / (1 / 0.73605 + 0.484);
    const precision = 1 / (0.6 * 1.21) + weight;
    const told = of('offset', { mean: 1, deviation: 0.8 });
    expect(told.mean).toBeCloseTo((weight * 2.12283) / precision, 4);
    expect(told.deviation).toBeCloseTo(Math.sqrt(1 / precision + 0.484), 4);
  });

  test('is taught by any kind, the cold by its own alone; each forgets at its pace', () => {
    const told = { mean: 1, deviation: 0.5 };
    expect(of('offset', told, { culture: 'whey' })).toEqual(of('offset', told));
    expect(of('fridge', told, { culture: 'whey' })).toEqual(of('fridge', told));
    const cold = { mean: 0.3, deviation: 0.3 };
    expect(of('coldActivity', cold, { culture: 'whey' }).mean).toBe(0);
    expect(of('coldActivity', cold).mean).toBeGreaterThan(0.1);
    const kept = (what: 'offset' | 'fridge', days: number) => {
      // Twice the lesson at half its count is the lesson.
      const twice = learn(many(2, lesson({ [what]: told }, { at: -days * dayMs })), pupil).kitchen[what];
      expect(twice.mean).toBeCloseTo(of(what, told).mean, 9);
    };
    kept('offset', 90);
    kept('fridge', 365);
  });

  test('what was learned moves and narrows the members', () => {
    const kitchen = {
      offset: { mean: 2, deviation: 0.5 },
      fridge: { mean: -1, deviation: 0.7 },
      coldActivity: { mean: 0.4, deviation: 0.2 },
    };
    const z = new Float64Array(unknownCount);
    const middle = memberOf(z, 0, 0.28, kitchen);
    expect([middle.offset, middle.fridge]).toEqual([2, -1]);
    expect(middle.coldActivity).toBeCloseTo(Math.exp(0.4), 12);
    z.fill(1);
    const far = memberOf(z, 0, 0.28, kitchen);
    expect([far.offset, far.fridge]).toEqual([2.5, expect.closeTo(-0.3, 12)]);
    expect(far.coldActivity).toBeCloseTo(Math.exp(0.6), 12);
  });
});

test('an ensemble tells what its readings say of room and culture', () => {
  const ferment = (readings: readonly Reading[]) =>
    askedSoda({
      sugars: { sucrose: 80 },
      members: 200,
      stages: [{ hours: 60, vessel: 'sealed', celsius: 22, headspaceMl: 40 }],
      readings: [...readings],
    });
  const nothing = weighedEnsemble(ferment([]), stepper).posterior;
  expect(nothing.offset.mean).toBeCloseTo(0, 1);
  expect(nothing.offset.deviation).toBeCloseTo(1.1, 1);
  expect(nothing.vigour.deviation).toBeCloseTo(0.28, 1);
  const warm = weighedEnsemble(ferment([{ kind: 'celsius', value: 24.5, hour: 10 }]), stepper).posterior;
  expect(warm.offset.mean).toBeGreaterThan(1);
  expect(warm.offset.mean).toBeLessThan(1.4);
  expect(warm.offset.deviation).toBeLessThan(0.9);
  const quick = weighedEnsemble(ferment([{ kind: 'gaugeBar', value: 2.5, hour: 24 }]), stepper).posterior;
  expect(quick.vigour.mean).toBeGreaterThan(0.05);
  expect(quick.vigour.deviation).toBeLessThan(0.27);
});
