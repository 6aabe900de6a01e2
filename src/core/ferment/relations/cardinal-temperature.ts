/** The three temperatures between which a microbe grows, °C, and the least activity it keeps at 4 °C. */
export class CardinalTemperatures {
  readonly least: number;
  readonly best: number;
  readonly most: number;
  /** Activity kept at 4 °C, relative to the best temperature; 0 for none. */
  readonly fridgeFloor: number;

  constructor(least: number, best: number, most: number, fridgeFloor: number) {
    this.least = least;
    this.best = best;
    this.most = most;
    this.fridgeFloor = fridgeFloor;
  }
}

/**
 * Cardinal temperatures that reproduced household practice. The floors are the middle of what is reported: yeast at 4 °C keeps
 * 3–20 % of its pace at 22 °C, by strain and study (lager yeast at the upper end, bread yeast at the lower).
 */
export class cardinal {
  static readonly yeast: CardinalTemperatures = new CardinalTemperatures(2, 34, 42, 0.036);
  static readonly lactic: CardinalTemperatures = new CardinalTemperatures(2, 33, 43, 0.027);
  static readonly acetic: CardinalTemperatures = new CardinalTemperatures(5, 30, 40, 0);
}

/** Below this the cold floor may carry, °C. */
export const coldBelow: number = 12;

/** Activity of the cardinal model alone, 0–1. @see temperatureResponse */
export function rosso(celsius: number, t: CardinalTemperatures): number {
  if (celsius <= t.least || celsius >= t.most) return 0;
  const above = celsius - t.least;
  const reach = t.best - t.least;
  const top = (celsius - t.most) * above * above;
  const bottom = reach * (reach * (celsius - t.best) - (t.best - t.most) * (t.best + t.least - 2 * celsius));
  return top / bottom;
}

/** How the cold floor grows with a temperature below `coldBelow`: 1 at 4 °C, e^0.12 more a degree. Practice. @example coldPace(4) // 1 */
export function coldPace(celsius: number): number {
  return Math.exp(0.12 * (celsius - 4));
}

/**
 * Relative activity at a temperature: the cardinal model with inflection, with a floor of floor·`coldPace` below 12 °C
 * (never above the model's own activity at 12 °C), since cold slows a bottle but never stops it.
 *
 * @param celsius any; 0 at and above `most` and, but for the floor, at and below `least`
 * @param coldActivity factor on the floor: the strongest unknown of a fridge
 * @returns 0–1, 1 at the best temperature
 * @source L. Rosso, J. R. Lobry, J. P. Flandrois, J. Theor. Biol. 162 (1993) 447–463; the cold floor is practice
 * @example temperatureResponse(34, cardinal.yeast) // 1
 */
export function temperatureResponse(celsius: number, t: CardinalTemperatures, coldActivity = 1): number {
  const response = rosso(celsius, t);
  if (celsius >= coldBelow) return response;
  const floor = t.fridgeFloor * coldActivity * coldPace(celsius);
  return Math.max(response, Math.min(floor, rosso(coldBelow, t)));
}
