import { cardinal, temperatureResponse } from '../ferment/cardinal-temperature';

/** The temperature the household rules are written for, °C. */
export const ruleCelsius = 22;

/**
 * How fast a starter lives against 22 °C.
 *
 * @param celsius any
 * @returns 1 at 22 °C, about 0.04 in a fridge, never below 0.01
 * @example pace(22) // 1
 */
export const pace = (celsius: number): number =>
  Math.max(
    0.01,
    temperatureResponse(celsius, cardinal.yeast) / temperatureResponse(ruleCelsius, cardinal.yeast),
  );
