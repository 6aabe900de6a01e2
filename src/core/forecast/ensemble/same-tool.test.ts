import { likelihood, blunderShare, readingError } from './observe';
import { logOfSameTool, toolOffset } from './same-tool';

const log = (residuals: number[], offset = 0.003) => logOfSameTool(residuals, 0.0015, offset, 0.03);

test('without an offset and blunders it is the product of normal densities, by hand', () => {
  // Two standard deviations off and none: exp(-2) / (2π · 0.0015²).
  expect(Math.exp(logOfSameTool([0.003, 0], 0.0015, 0, 1e-12))).toBeCloseTo(
    Math.exp(-2) / (2 * Math.PI * 0.0015 ** 2),
    3,
  );
});

test('one reading: a normal error widened by the offset, and blunders; the same as its likelihood', () => {
  const wide = Math.hypot(0.0015, 0.003);
  const byHand =
    (0.97 * Math.exp(-0.5 * (0.004 / wide) ** 2)) / (wide * Math.sqrt(2 * Math.PI)) + 0.03 / (0.0015 * 40);
  expect(Math.exp(log([0.004]))).toBeCloseTo(byHand, 6);
  const { sg } = readingError;
  expect(Math.log(likelihood({ kind: 'sg', hour: 1, value: 1.034 }, 1.03))).toBeCloseTo(
    logOfSameTool([0.004], sg, toolOffset.sg, blunderShare),
    1,
  );
});

test('two readings off by the same tell little; one that drops otherwise tells more', () => {
  // Correlated by 0.8: variance of the difference 2 · 0.0015².
  expect(log([0.005, 0.005])).toBeGreaterThan(log([0.005, 0]) + 1.5);
  expect(log([0.005, 0.005])).toBeGreaterThan(log([0, 0]) - 2);
  expect(log([0.003, -0.003])).toBeCloseTo(log([-0.003, 0.003]), 9);
});

test('order does not matter, and one blunder among many never rules a kitchen out', () => {
  expect(log([0.001, 0.002, -0.001])).toBeCloseTo(log([-0.001, 0.001, 0.002]), 9);
  expect(log([0, 0, 0, 0.5]) - log([0, 0, 0, 5])).toBeCloseTo(0, 6);
  expect(Number.isFinite(log(Array.from({ length: 60 }, () => 9)))).toBe(true);
});
