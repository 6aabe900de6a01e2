/**
 * Saturated vapour pressure of water (Magnus form).
 *
 * @param celsius −20 to 50
 * @returns bar, within 0.2 %
 * @source Alduchov and Eskridge, J. Appl. Meteorology 35 (1996) 601, eq. 21
 * @example waterVapourBar(20) // ≈ 0.0233
 */
export function waterVapourBar(celsius: number): number {
  return 6.1094e-3 * Math.exp((17.625 * celsius) / (celsius + 243.04));
}
