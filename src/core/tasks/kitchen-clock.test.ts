import type { LotAnswer } from '../forecast/answer/family-answer';
import type { FiveNumbers } from '../forecast/read-off/weighted-quantiles';
import { likeThen, nightsOf } from './kitchen-clock';
import { hourMs } from '../duration';
import { partOf } from '../part-of.test-tool';

const noon = new Date(2026, 4, 4, 12).getTime();
const five = (middle: number): FiveNumbers => [0, 0, middle, 9, 9];

test('nights between two moments, as the household sleeps', () => {
  const nights = nightsOf(noon, noon + 48 * hourMs, { from: 7 * 60, to: 22 * 60 + 30 });
  const at = (day: number, hour: number, minute: number) => new Date(2026, 4, day, hour, minute).getTime();
  expect(nights).toEqual([
    [at(4, 22, 31), at(5, 7, 0)],
    [at(5, 22, 31), at(6, 7, 0)],
  ]);
  // Begun in the night, and ended in it.
  expect(nightsOf(at(4, 3, 0), at(4, 23, 0), { from: 7 * 60, to: 22 * 60 + 30 })).toEqual([
    [at(4, 3, 0), at(4, 7, 0)],
    [at(4, 22, 31), at(4, 23, 0)],
  ]);
});

test('who is up past midnight has a short night', () => {
  const at = (day: number, hour: number, minute = 0) => new Date(2026, 4, day, hour, minute).getTime();
  expect(nightsOf(noon, noon + 24 * hourMs, { from: 10 * 60, to: 60 })).toEqual([[at(5, 1, 1), at(5, 10)]]);
});

test('what a lot is like then: between reports, and nothing beyond them', () => {
  const answer = partOf<LotAnswer>({
    start: noon,
    hours: [0, 10, 20],
    limitBar: 2,
    series: {
      sweet: [five(80), five(60), five(50)],
      fizz: [five(0), five(1), five(2)],
      gauge: [five(0), five(1), five(1.8)],
    },
  });
  const lotAnswer = (id: string) => (id === 'a' ? answer : null);
  expect(likeThen(lotAnswer, 'a', noon + 5 * hourMs)).toEqual({
    sweetness: 70,
    volumes: 0.5,
    limitShare: 0.25,
  });
  expect(likeThen(lotAnswer, 'a', noon + 15 * hourMs).limitShare).toBeCloseTo(0.7, 9);
  expect(likeThen(lotAnswer, 'a', noon + 30 * hourMs).sweetness).toBeNull();
  expect(likeThen(lotAnswer, 'a', noon - hourMs).sweetness).toBeNull();
  expect(likeThen(lotAnswer, 'nobody', noon)).toEqual({
    sweetness: null,
    volumes: null,
    limitShare: null,
  });
});
