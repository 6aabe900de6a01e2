/**
 * How many bottles a batch fills.
 *
 * @param batchMl in the jar
 * @param bottleMl nominal volume of a bottle, above 0
 * @param headspaceMl left empty in each, below `bottleMl`
 * @returns whole bottles and what is left over, ml
 * @example fillPlan(2000, 500, 20) // { bottles: 4, leftMl: 80 }
 */
export function fillPlan(
  batchMl: number,
  bottleMl: number,
  headspaceMl: number,
): { bottles: number; leftMl: number } {
  const each = bottleMl - headspaceMl;
  const bottles = Math.floor(batchMl / each + 1e-9);
  return { bottles, leftMl: batchMl - bottles * each };
}

/** Headspace by school: 2–5 cm of a neck is about 4 % of a bottle; never none. @example usualHeadspaceMl(500) // 20 */
export function usualHeadspaceMl(bottleMl: number): number {
  const step = bottleMl < 125 ? 1 : 5;
  return Math.max(1, Math.round((bottleMl * 0.04) / step) * step);
}
