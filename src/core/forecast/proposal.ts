import { cholesky, whitened } from './linear-algebra';
import { UNKNOWNS } from './priors';

/** A place to look for likely kitchens: a Gaussian over the unknowns, with a share drawn from the prior for safety. */
export interface Proposal {
  readonly mean: Float64Array;
  readonly factor: Float64Array;
  /** Share drawn from the prior, 0–1. */
  readonly prior: number;
}

const n = UNKNOWNS;
const logRoot = (n / 2) * Math.log(2 * Math.PI);

export const priorProposal: Proposal = {
  mean: new Float64Array(n),
  factor: cholesky(
    Float64Array.from({ length: n * n }, (_, i) => (i % (n + 1) === 0 ? 1 : 0)),
    n,
  ).value,
  prior: 1,
};

/** Mean and covariance of weighted points, widened by a quarter so that the tails are reached. */
export function fittedProposal(points: Float64Array, weights: Float64Array): Proposal {
  const mean = new Float64Array(n);
  const cov = new Float64Array(n * n);
  for (let m = 0; m < weights.length; m++) {
    for (let i = 0; i < n; i++) mean[i] = mean[i]! + weights[m]! * points[m * n + i]!;
  }
  for (let m = 0; m < weights.length; m++) {
    for (let i = 0; i < n; i++) {
      const di = points[m * n + i]! - mean[i]!;
      for (let j = 0; j < n; j++) {
        cov[i * n + j] = cov[i * n + j]! + weights[m]! * di * (points[m * n + j]! - mean[j]!);
      }
    }
  }
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < n; j++) cov[i * n + j] = cov[i * n + j]! * 1.25 + (i === j ? 0.03 : 0);
  }
  return { mean, factor: cholesky(cov, n).value, prior: 0.15 };
}

/** Draws `count` points. */
export function drawPoints(
  p: Proposal,
  count: number,
  uniform: () => number,
  normal: () => number,
): Float64Array {
  const points = new Float64Array(count * n);
  const e = new Float64Array(n);
  for (let m = 0; m < count; m++) {
    const wide = uniform() < p.prior;
    for (let i = 0; i < n; i++) e[i] = normal();
    for (let i = 0; i < n; i++) {
      let value = wide ? e[i]! : p.mean[i]!;
      if (!wide) for (let k = 0; k <= i; k++) value += p.factor[i * n + k]! * e[k]!;
      points[m * n + i] = value;
    }
  }
  return points;
}

/** Logarithm of prior density over proposal density at a point: the weight that undoes the choice of where to look. */
export function logPriorOver(p: Proposal, points: Float64Array, m: number): number {
  const x = points.subarray(m * n, m * n + n);
  let square = 0;
  for (let i = 0; i < n; i++) square += x[i]! * x[i]!;
  const logPrior = -square / 2 - logRoot;
  if (p.prior === 1) return 0;
  const centred = x.map((value, i) => value - p.mean[i]!);
  const { square: s, logDeterminant } = whitened(p.factor, centred, n);
  const fitted = Math.exp(-s / 2 - logRoot - logDeterminant - logPrior);
  return -Math.log(p.prior + (1 - p.prior) * fitted);
}
