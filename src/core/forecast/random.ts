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
