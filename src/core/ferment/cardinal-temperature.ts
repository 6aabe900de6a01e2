/** The three temperatures between which a microbe grows, °C, and the least activity it keeps at 4 °C. */
export interface CardinalTemperatures {
  readonly least: number;
  readonly best: number;
  readonly most: number;
  /** Activity kept at 4 °C, relative to the best temperature; 0 for none. */
  readonly fridgeFloor: number;
}

/** Cardinal temperatures that reproduced household practice. */
export const cardinal = {
  yeast: { least: 2, best: 34, most: 42, fridgeFloor: 0.02 },
  lactic: { least: 2, best: 33, most: 43, fridgeFloor: 0.015 },
  acetic: { least: 5, best: 30, most: 40, fridgeFloor: 0 },
} as const satisfies Record<string, CardinalTemperatures>;

/**
 * Relative activity at a temperature: the cardinal model with inflection, with a floor of floor·e^(0.12(T−4)) below 12 °C,
 * since cold slows a bottle but never stops it.
 *
 * @param celsius any; 0 at and above `most` and, but for the floor, at and below `least`
 * @returns 0–1, 1 at the best temperature
 * @source L. Rosso, J. R. Lobry, J. P. Flandrois, J. Theor. Biol. 162 (1993) 447–463; the cold floor is practice
 * @example temperatureResponse(34, cardinal.yeast) // 1
 */
export function temperatureResponse(celsius: number, t: CardinalTemperatures): number {
  if (celsius >= t.most) return 0;
  const floor = celsius < 12 ? t.fridgeFloor * Math.exp(0.12 * (celsius - 4)) : 0;
  if (celsius <= t.least) return floor;
  const above = celsius - t.least;
  const reach = t.best - t.least;
  const top = (celsius - t.most) * above * above;
  const bottom = reach * (reach * (celsius - t.best) - (t.best - t.most) * (t.best + t.least - 2 * celsius));
  const response = top / bottom;
  return response > floor ? response : floor;
}
