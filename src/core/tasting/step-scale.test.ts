import { stepPlace } from './step-scale';

test('a value lies within the step whose word it is', () => {
  // Sweetness: edges 15, 32, 55, 82 g/L; fizz 0.9, 1.7, 2.5, 3.3 volumes; hiss 0.12, 0.7, 2.2 bar.
  expect(stepPlace('sweet', 15)).toBe(1);
  expect(stepPlace('sweet', 43.5)).toBe(2.5);
  expect(stepPlace('fizz', 2.1)).toBeCloseTo(2.5, 12);
  expect(stepPlace('hiss', 1.45)).toBeCloseTo(2.5, 12);
  // The outer steps are as wide as those beside them: −2 to 15 g/L, 82 to 109.
  expect(stepPlace('sweet', 6.5)).toBe(0.5);
  expect(stepPlace('sweet', 95.5)).toBe(4.5);
});

test('what lies beyond the scale is at its end', () => {
  expect([stepPlace('sweet', -9), stepPlace('sweet', 400), stepPlace('hiss', 9)]).toEqual([0, 5, 4]);
});
