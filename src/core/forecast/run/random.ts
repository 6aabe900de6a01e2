/**
 * A seeded generator of uniform numbers in [0, 1): mulberry32, 32 bits of state, good enough for ensembles.
 *
 * @param seed whole number, 0 to 2³²−1; the same seed gives the same numbers on every machine
 */
export function seededUniform(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Standard normal numbers by Box and Muller, from a uniform generator. */
export function seededNormal(uniform: () => number): () => number {
  let spare: number | undefined;
  return () => {
    if (spare !== undefined) {
      const kept = spare;
      spare = undefined;
      return kept;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - uniform()));
    const angle = 2 * Math.PI * uniform();
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}

/**
 * Share of a standard normal below x.
 *
 * @returns 0–1, within 1e-7
 * @source Abramowitz and Stegun 26.2.17
 * @example normalBelow(1.96) // ≈ 0.975
 */
export function normalBelow(x: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(x));
  const tail =
    0.3989422804 *
    Math.exp((-x * x) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return x > 0 ? 1 - tail : tail;
}

/**
 * Number below which a share of a standard normal lies.
 *
 * @param share 0–1; the ends give ∓∞
 * @returns within 1e-8 relative
 * @source P. J. Acklam's rational approximation with one step of Halley's method
 * @example normalQuantile(0.975) // ≈ 1.96
 */
export function normalQuantile(share: number): number {
  if (share <= 0 || share >= 1) return share <= 0 ? -Infinity : Infinity;
  const rough = roughQuantile(share);
  const error = (normalBelow(rough) - share) * Math.sqrt(2 * Math.PI) * Math.exp((rough * rough) / 2);
  return rough - error / (1 + (rough * error) / 2);
}

const polynomial = (coefficients: readonly number[], x: number): number =>
  coefficients.reduce((sum, coefficient) => sum * x + coefficient, 0);
const centreTop = [-39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239]; // prettier-ignore
const centreBottom = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572, 1]; // prettier-ignore
const tailTop = [-0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968, 2.938163982698783]; // prettier-ignore
const tailBottom = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416, 1];

function roughQuantile(share: number): number {
  const tail = 0.02425;
  if (share >= tail && share <= 1 - tail) {
    const q = share - 0.5;
    return (polynomial(centreTop, q * q) * q) / polynomial(centreBottom, q * q);
  }
  const q = Math.sqrt(-2 * Math.log(Math.min(share, 1 - share)));
  const low = polynomial(tailTop, q) / polynomial(tailBottom, q);
  return share < tail ? low : -low;
}
