/** Vigour of a dose drawn at that liveliness: 1 at the peak, under half when flat. Practice. @example doseVigour(1) // 1 */
export const doseVigour = (liveliness: number): number => 0.45 + 0.55 * Math.min(1, Math.max(0, liveliness));
