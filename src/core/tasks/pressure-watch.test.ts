import type { LotAnswer, LotSeries } from '../forecast/answer/family-answer';
import type { FiveNumbers } from '../forecast/read-off/weighted-quantiles';
import { passedBy, watchOf } from './pressure-watch';
import { hourMs } from '../duration';
import { partOf } from '../part-of.test-tool';
import type { ChillWindow } from '../forecast/advice/windows';

const start = Date.UTC(2026, 4, 4, 8);
const never: FiveNumbers = [Infinity, Infinity, Infinity, Infinity, Infinity];

/** A bottle good for 2 bar: 0.05 bar an hour in the middle, half as much again at its edge, from hour 0. */
const answer = (more: Partial<LotAnswer> = {}): LotAnswer => {
  const hours = Array.from({ length: 61 }, (_, i) => i);
  return {
    lotId: 'a',
    start,
    hours,
    limitBar: 2,
    chill: partOf<ChillWindow>({ latest: 38 }),
    series: partOf<LotSeries>({
      gauge: hours.map((h) => [0.03 * h, 0.04 * h, 0.05 * h, 0.06 * h, 0.075 * h] as FiveNumbers),
    }),
    pressure: {
      // 1.4, 1.8 and 2 bar: at 28, 36 and 40 h in the middle.
      passes: [
        { share: 0.7, hours: [18.7, 23.3, 28, 35, 46.7] },
        { share: 0.9, hours: [24, 30, 36, 45, 60] },
        { share: 1, hours: [26.7, 33.3, 40, 50, Infinity] },
      ],
      failure: hours.map((h) => 1e-5 * h),
    },
    ...more,
  } as LotAnswer;
};
const at = (hour: number) => watchOf(answer(), start + hour * hourMs)!;

test('shares of the limit now, between reported hours', () => {
  expect(at(10.5).share).toBeCloseTo((0.05 * 10.5) / 2, 6);
  expect(at(10.5).edge).toBeCloseTo((0.075 * 10.5) / 2, 6);
  expect(at(10.5).failureNow).toBeCloseTo(1.05e-4, 9);
  expect(at(10.5).failureWithinDay).toBeCloseTo(3.45e-4, 9);
});

test('when each share is passed, and the chance that it is within a day', () => {
  const [seventy, ninety, whole] = at(10).passes;
  expect(seventy).toEqual({
    share: 0.7,
    early: start + 18.7 * hourMs,
    middle: start + 28 * hourMs,
    late: start + 46.7 * hourMs,
    // 34 h lies 6 of the 7 hours from the middle to the upper quarter: 0.5 + 0.25 · 6/7.
    withinDay: expect.closeTo(0.5 + 0.25 * (6 / 7), 6),
  });
  expect(ninety!.withinDay).toBeCloseTo(0.25 + 0.25 * (4 / 6), 6);
  expect(whole!.late).toBe(Infinity);
});

test('watched, chill now, do not handle: each at its hour', () => {
  // Half of such bottles pass 70 % at 28 h: watched from 4 h on, and from hour 0 on for the early ones' 90 % at 24 h.
  expect(watchOf(answer(), start - 1 * hourMs)!.stage).toBe('at-ease');
  expect([at(0), at(5), at(26)].map(({ stage }) => stage)).toEqual(['watch', 'watch', 'watch']);
  // Its edge comes to 2 bar at 26.7 h.
  expect([at(26.8), at(36.5), at(39.9)].map(({ stage }) => stage)).toEqual([
    'chill-now',
    'chill-now',
    'chill-now',
  ]);
  expect(at(40.1).stage).toBe('do-not-handle');
});

test('a window that has closed says chill now, whatever the pressure', () => {
  const early = answer({ chill: partOf<ChillWindow>({ latest: 12, closes: 'fizz' }) });
  expect(watchOf(early, start + 11.9 * hourMs)!.stage).toBe('watch');
  expect(watchOf(early, start + 11.9 * hourMs)!.closedBy).toBeNull();
  expect(watchOf(early, start + 12 * hourMs)).toMatchObject({ stage: 'chill-now', closedBy: 'fizz' });
});

test('glass in doubt is not handled, though its limit is far', () => {
  const weak = answer({
    pressure: { passes: answer().pressure!.passes, failure: answer().hours.map((h) => 4e-3 * h) },
  });
  expect(watchOf(weak, start + 9.9 * hourMs)!.stage).toBe('watch');
  expect(watchOf(weak, start + 10 * hourMs)!.stage).toBe('do-not-handle');
});

test('what never gets there is at ease; what is not sealed is not watched', () => {
  const calm = answer({
    chill: null,
    series: partOf<LotSeries>({ gauge: answer().hours.map(() => [0, 0, 0.1, 0.2, 0.3] as FiveNumbers) }),
    pressure: {
      passes: [0.7, 0.9, 1].map((share) => ({ share: share as 1, hours: never })),
      failure: [],
    },
  });
  expect(watchOf(calm, start)).toMatchObject({ stage: 'at-ease', failureNow: 0, share: 0.05, edge: 0.15 });
  expect(watchOf(answer({ pressure: null }), start)).toBeNull();
  expect(watchOf(answer({ limitBar: null }), start)).toBeNull();
});

test('chances between the quantiles of a passage', () => {
  const five: FiveNumbers = [10, 20, 30, 40, Infinity];
  expect([5, 10, 15, 25, 35, 40, 99].map((hour) => passedBy(five, hour))).toEqual([
    0,
    0.05,
    expect.closeTo(0.15, 9),
    expect.closeTo(0.375, 9),
    expect.closeTo(0.625, 9),
    0.75,
    0.75,
  ]);
  expect(passedBy([1, 2, 3, 4, 5], 6)).toBe(0.95);
  expect(passedBy(never, 6)).toBe(0);
});
