import { crossingOf } from './crossing';
import type { FiveNumbers } from './quantiles';

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
