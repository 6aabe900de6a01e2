import { cholesky, logDeterminant, whitenedSquare } from './linear-algebra';

/** L = [2 0 0; 6 1 0; -8 5 3]: its product with its transpose is the matrix of the textbooks. */
const factor = [2, 0, 0, 6, 1, 0, -8, 5, 3];
const matrix = [4, 12, -16, 12, 37, -43, -16, -43, 98];

test('a matrix of three rows has the factor worked out by hand', () => {
  const { outcome, value } = cholesky(Float64Array.from(matrix), 3);
  expect(outcome).toBe('positive-definite');
  expect([...value]).toEqual(factor);
});

test('one that has none, or hardly one, gives the identity', () => {
  const identity = [1, 0, 0, 0, 1, 0, 0, 0, 1];
  const none = cholesky(Float64Array.from([4, 12, -16, 12, 36, -43, -16, -43, 98]), 3);
  expect([none.outcome, [...none.value]]).toEqual(['not-positive-definite', identity]);
  expect(cholesky(Float64Array.of(1e-12), 1).outcome).toBe('not-positive-definite');
  expect(cholesky(Float64Array.of(1.01e-12), 1).outcome).toBe('positive-definite');
  expect(cholesky(Float64Array.of(NaN), 1).outcome).toBe('not-positive-definite');
});

test('the logarithm of its determinant is the sum over its diagonal', () => {
  expect(logDeterminant(Float64Array.from(factor), 3)).toBeCloseTo(Math.log(6), 12);
});

test('a length in its measure, by substitution from the first row on', () => {
  const room = new Float64Array(3);
  // L⁻¹·(2, 7, 0): 1, then 7 − 6·1 = 1, then (0 + 8·1 − 5·1)/3 = 1.
  expect(whitenedSquare(Float64Array.from(factor), [2, 7, 0], 3, room)).toBeCloseTo(3, 12);
  expect([...room]).toEqual([1, 1, 1]);
});
