import { atmosphereBar, co2SolubilityInWater } from '../../gas/co2-solubility';
import { cardinal, CardinalTemperatures, coldBelow, rosso } from './cardinal-temperature';

/** What temperature alone decides: CO2's solubility in water, mol/(L·bar), and the activity of each kind of cell, 0–1. */
export class columns {
  static readonly SOLUBLE: i32 = 0;
  static readonly YEAST: i32 = 1;
  static readonly LACTIC: i32 = 2;
  static readonly ACETIC: i32 = 3;
  static readonly COUNT: i32 = 4;
}
const COUNT: i32 = columns.COUNT;

/** Drinks live between these, °C. Cardinal temperatures are whole degrees, so that their kinks fall on a row. */
const from: number = -5;
const to: number = 60;
const perDegree: number = 16;
const last: number = (to - from) * perDegree - 1e-9;

const table = tableOf(((to - from) * perDegree + 1) as i32);

function tableOf(rows: i32): Float64Array {
  const values = new Float64Array(rows * columns.COUNT);
  for (let row = 0; row < rows; row++) {
    const celsius = from + (row as f64) / perDegree;
    const at = row * columns.COUNT;
    values[at + columns.SOLUBLE] = co2SolubilityInWater(celsius) / atmosphereBar;
    values[at + columns.YEAST] = rosso(celsius, cardinal.yeast);
    values[at + columns.LACTIC] = rosso(celsius, cardinal.lactic);
    values[at + columns.ACETIC] = rosso(celsius, cardinal.acetic);
  }
  return values;
}

/** Place of a temperature in the table: its row, and how far it is on to the next. Beyond the table its last row counts. */
export function placeOf(celsius: number): number {
  return Math.max(0, Math.min(last, (celsius - from) * perDegree));
}

/**
 * A column at a place, by straight lines between rows: solubility within 1e-6 and activity within 1e-4 of the formulas.
 * Four columns cost one search and no call, which the inner loop feels.
 */
export function atPlace(place: number, column: i32): number {
  const whole = Math.floor(place);
  const at = (whole as i32) * COUNT + column;
  const value = table[at]!;
  return value + (place - whole) * (table[at + COUNT]! - value);
}

/** As `temperatureResponse` below 12 °C, where `active` is the model's own activity and `cold` `coldPace` times the member's. */
export function inTheCold(kind: CardinalTemperatures, active: number, cold: number): number {
  return Math.max(active, Math.min(kind.fridgeFloor * cold, rosso(coldBelow, kind)));
}
