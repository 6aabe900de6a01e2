/** Usual sizes of a batch, ml. */
const usual = [1000, 2000, 3000, 5000] as const;

/** Sizes to offer, ml in order: the usual ones, and the present one in place of the one nearest to it. */
export function roughLitres(ml: number): number[] {
  const nearest = usual.reduce((best, each) => (Math.abs(each - ml) < Math.abs(best - ml) ? each : best));
  return usual.map((each) => (each === nearest ? ml : each)).sort((a, b) => a - b);
}
