import { afloatAfter, lastStirred, pourOffSettled, stirsUp } from './settling';
import { slots } from '../state/state';

test('cells stay afloat for three days and sink after it, by hand', () => {
  expect([0, 24, 72].map(afloatAfter)).toEqual([1, 1, 1]);
  // 0.25 + 0.75 · exp(−48/150), exp(−264/150).
  expect(afloatAfter(120)).toBeCloseTo(0.7946, 4);
  expect(afloatAfter(336)).toBeCloseTo(0.379, 4);
  expect(afloatAfter(1e6)).toBeCloseTo(0.25, 9);
});

test('what sank is kept apart, so that nothing is lost; what is poured wakes anew', () => {
  const y = new Float64Array(slots.STATE_SIZE);
  y[slots.YEAST] = 0.4;
  y[slots.YEAST_READY] = 8;
  pourOffSettled(y, 336);
  expect(y[slots.YEAST]! + y[slots.SUNK]!).toBeCloseTo(0.4, 12);
  expect(y[slots.YEAST]).toBeCloseTo(0.4 * 0.379, 4);
  expect(y[slots.YEAST_READY]).toBeCloseTo(8 * 0.379 ** 2, 3);
  const fresh = Float64Array.from(y);
  pourOffSettled(fresh, 72);
  expect(fresh).toEqual(y);
});

test('stirring, feeding and mixing stir up; the last of them counts', () => {
  const stage = {
    hours: 24,
    vessel: 'airlock',
    celsius: 20,
    headspaceMl: 0,
    ventEveryHours: null,
    stirred: false,
  } as const;
  const sugar = { ...stage, addSugars: { sucrose: 5, glucose: 0, fructose: 0 } };
  expect([stage, sugar, { ...stage, stirredOnce: true }].map(stirsUp)).toEqual([false, true, true]);
  expect(lastStirred([stage, sugar, stage], 60)).toBe(24);
  expect(lastStirred([stage, sugar, stage], 23)).toBe(0);
  expect(lastStirred([stage, stage], 40)).toBe(0);
});
