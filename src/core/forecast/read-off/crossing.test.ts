import { crossingOf, risingCrossing } from './crossing';
import type { FiveNumbers } from './weighted-quantiles';

const falls = (from: number, to: number): FiveNumbers[] => [
  [from, from, from, from, from],
  [to - 20, to - 10, to, to + 10, to + 20],
];

test('when a falling course passes a level: quick, middling and slow kitchens', () => {
  // From 80 to 20, 40 and 60 g/L in ten hours: 60 g/L after 3.33, 5 and 10 h.
  const { earliest, middle, latest } = crossingOf([0, 10], falls(80, 40), 60);
  expect([earliest, middle, latest]).toEqual([expect.closeTo(10 / 3, 9), 5, 10]);
});

test('not within the forecast, and there from the start', () => {
  expect(crossingOf([0, 10], falls(80, 40), 10)).toEqual({ earliest: null, middle: null, latest: null });
  expect(crossingOf([2, 10], falls(80, 40), 90)).toEqual({ earliest: 2, middle: 2, latest: 2 });
});

test('a rising course: the quickest kitchens first, null for what never gets there', () => {
  const series = [
    [0, 0, 0, 0, 0],
    [1, 2, 4, 5, 8],
    [2, 3, 4, 6, 8],
  ] as const;
  expect(risingCrossing([0, 10, 20], series, 2)).toEqual({ earliest: 2.5, middle: 5, latest: 20 });
  expect(risingCrossing([0, 10, 20], series, 5)).toEqual({ earliest: 6.25, middle: null, latest: null });
});
