/** How much a degree hastens feeds and peaks: a jar fed daily at 22 °C is fed twice a day at 30. Practice. */
const perDegree = 1.09;

/**
 * Hours of something that takes so many at 22 °C.
 *
 * @param celsius counted between 12 and 34 °C
 * @example hoursAt(24, 30) // ≈ 12
 */
export const hoursAt = (at22: number, celsius: number): number =>
  at22 * perDegree ** Math.max(-12, Math.min(10, 22 - celsius));
