import { cholesky, logDeterminant, whitenedSquare } from './linear-algebra';
import { unknownCount } from './unknowns';
import { normalQuantile } from '../run/random';

/** A place to look for likely kitchens: a Gaussian over the unknowns, with a share drawn from the prior for safety. */
export interface Proposal {
  readonly mean: Float64Array;
  readonly factor: Float64Array;
  /** Share drawn from the prior, 0–1. */
  readonly prior: number;
}

const n = unknownCount;

export const priorProposal: Proposal = {
  mean: new Float64Array(n),
  factor: cholesky(
    Float64Array.from({ length: n * n }, (_, i) => (i % (n + 1) === 0 ? 1 : 0)),
    n,
  ).value,
  prior: 1,
};

/** Positive part of what is left of an estimate when its own sampling noise is taken off (James and Stein). */
const beyondNoise = (distance: number, noise: number): number =>
  distance === 0 ? 0 : Math.max(0, 1 - (noise / distance) ** 2);

/** Mean and covariance of weighted points. */
function momentsOf(points: Float64Array, weights: Float64Array) {
  const mean = new Float64Array(n);
  const cov = new Float64Array(n * n);
  for (let m = 0; m < weights.length; m++) {
    for (let i = 0; i < n; i++) mean[i] = mean[i]! + weights[m]! * points[m * n + i]!;
  }
  for (let m = 0; m < weights.length; m++) {
    if (weights[m] === 0) continue;
    for (let i = 0; i < n; i++) {
      const di = weights[m]! * (points[m * n + i]! - mean[i]!);
      for (let j = 0; j <= i; j++) cov[i * n + j] = cov[i * n + j]! + di * (points[m * n + j]! - mean[j]!);
    }
  }
  return { mean, cov };
}

/**
 * A Gaussian around weighted points, widened by a quarter so that the tails are reached, but no further than the prior. Of what a few members seem to say of
 * an unknown only what stands out of their sampling noise is believed: an unknown that no reading touches keeps its prior, and
 * costs no weight.
 */
export function fittedProposal(points: Float64Array, weights: Float64Array): Proposal {
  const { mean, cov } = momentsOf(points, weights);
  const members = 1 / weights.reduce((sum, weight) => sum + weight * weight, 0);
  const deviation = mean.map((_, i) => Math.sqrt(Math.max(1e-6, cov[i * n + i]!)));
  const wide = deviation.map((sd) => {
    const variance = sd * sd;
    return 1 + (variance - 1) * beyondNoise(variance - 1, Math.sqrt(2 / members));
  });
  const reach = wide.map((variance) => Math.max(variance, Math.min(1, variance * 1.25 + 0.03)));
  const fitted = new Float64Array(n * n);
  for (let i = 0; i < n; i++) {
    fitted[i * n + i] = reach[i]!;
    for (let j = 0; j < i; j++) {
      const correlation = cov[i * n + j]! / (deviation[i]! * deviation[j]!);
      const kept = correlation * beyondNoise(correlation, 1 / Math.sqrt(members));
      fitted[i * n + j] = kept * Math.sqrt(reach[i]! * reach[j]!);
      fitted[j * n + i] = fitted[i * n + j]!;
    }
  }
  const { outcome, value } = cholesky(fitted, n);
  const factor = outcome === 'positive-definite' ? value : rootsOfDiagonal(fitted);
  return {
    mean: mean.map((value_, i) => value_ * beyondNoise(value_, deviation[i]! / Math.sqrt(members))),
    factor,
    prior: 0.15,
  };
}

function rootsOfDiagonal(matrix: Float64Array): Float64Array {
  const roots = new Float64Array(n * n);
  for (let i = 0; i < n; i++) roots[i * n + i] = Math.sqrt(matrix[i * n + i]!);
  return roots;
}

/** Numbers from 0 to `count` − 1 in an order drawn at random (Fisher and Yates). */
function shuffled(count: number, uniform: () => number): Int32Array {
  const order = Int32Array.from({ length: count }, (_, i) => i);
  for (let i = count - 1; i > 0; i--) {
    const j = Math.floor(uniform() * (i + 1));
    [order[i], order[j]] = [order[j]!, order[i]!];
  }
  return order;
}

/**
 * Draws points, spread evenly: along each unknown one in every layer of equal chance (a Latin hypercube), so that a few
 * hundred members stand for as many as several times their number drawn anyhow.
 *
 * @returns `count` points of unknownCount numbers; the first share of them from the prior
 * @source M. D. McKay, R. J. Beckman, W. J. Conover, Technometrics 21 (1979) 239–245
 */
export function drawPoints(p: Proposal, count: number, uniform: () => number): Float64Array {
  const wide = Math.round(p.prior * count);
  const points = new Float64Array(count * n);
  for (const [from, size] of [
    [0, wide],
    [wide, count - wide],
  ] as const) {
    for (let i = 0; i < n; i++) {
      const layer = shuffled(size, uniform);
      for (let m = 0; m < size; m++)
        points[(from + m) * n + i] = normalQuantile((layer[m]! + uniform()) / size);
    }
  }
  for (let m = wide; m < count; m++) moved(p, points.subarray(m * n, m * n + n));
  return points;
}

/** Carries independent normal numbers to where the proposal looks. */
function moved(p: Proposal, z: Float64Array): void {
  for (let i = n - 1; i >= 0; i--) {
    let value = p.mean[i]!;
    for (let k = 0; k <= i; k++) value += p.factor[i * n + k]! * z[k]!;
    z[i] = value;
  }
}

/**
 * Adds to the sum of every point the density of a proposal there over that of the prior: what undoes the choice of where to
 * look.
 *
 * @param sums one a point, changed in place
 */
export function addDensities(p: Proposal, points: Float64Array, sums: Float64Array): void {
  const scale = logDeterminant(p.factor, n);
  const centred = new Float64Array(n);
  const room = new Float64Array(n);
  for (let m = 0; m < sums.length; m++) {
    let square = 0;
    for (let i = 0; i < n; i++) {
      const x = points[m * n + i]!;
      square += x * x;
      centred[i] = x - p.mean[i]!;
    }
    const here =
      p.prior === 1 ? 0 : Math.exp((square - whitenedSquare(p.factor, centred, n, room)) / 2 - scale);
    sums[m] = sums[m]! + p.prior + (1 - p.prior) * here;
  }
}
