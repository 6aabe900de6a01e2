/** Share of bottles whose seal lets gas go, and how fast the worst does (share of the headspace an hour). */
export const leakyShare = 0.1;
const worstLeak = 0.03;

/** Loss of a seal, share of the headspace an hour, for a uniform number: most bottles hold, a tenth do not. */
export const leakOf = (uniform: number): number =>
  uniform > 1 - leakyShare ? worstLeak * ((uniform - 1 + leakyShare) / leakyShare) ** 2 : 0;

/**
 * Leak of the n-th vessel filled from a jar, share of the headspace an hour: as good as drawn anew, and the same each time the
 * member is run.
 *
 * @param seal the member's uniform number, 0–1
 */
export const leakOfBranch = (seal: number, index: number): number => leakOf((seal * 9973 * (index + 1)) % 1);
