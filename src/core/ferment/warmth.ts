import { atmosphereBar, co2SolubilityInWater } from '../gas/co2-solubility';
import { cardinal, coldBelow, rosso } from './cardinal-temperature';

/** What temperature alone decides: CO2's solubility in water, mol/(L·bar), and the activity of each kind of cell, 0–1. */
export const columns = { SOLUBLE: 0, YEAST: 1, LACTIC: 2, ACETIC: 3, COUNT: 4 } as const;
const { COUNT } = columns;

/** Drinks live between these, °C. Cardinal temperatures are whole degrees, so that their kinks fall on a row. */
const from = -5;
const to = 60;
const perDegree = 16;
const last = (to - from) * perDegree - 1e-9;

const table = Float64Array.from({ length: ((to - from) * perDegree + 1) * COUNT }, (_, i) => {
  const celsius = from + Math.floor(i / COUNT) / perDegree;
  const of = [
    co2SolubilityInWater(celsius) / atmosphereBar,
    rosso(celsius, cardinal.yeast),
    rosso(celsius, cardinal.lactic),
    rosso(celsius, cardinal.acetic),
  ];
  return of[i % COUNT]!;
});

/** Place of a temperature in the table: its row, and how far it is on to the next. Beyond the table its last row counts. */
export const placeOf = (celsius: number): number => Math.max(0, Math.min(last, (celsius - from) * perDegree));

/**
 * A column at a place, by straight lines between rows: solubility within 1e-6 and activity within 1e-4 of the formulas.
 * Four columns cost one search and no call, which the inner loop feels.
 */
export function atPlace(place: number, column: number): number {
  const at = (place | 0) * COUNT + column;
  return table[at]! + (place - (place | 0)) * (table[at + COUNT]! - table[at]!);
}

/** Most activity that the cold floor may carry. */
const mostInCold = { yeast: rosso(coldBelow, cardinal.yeast), lactic: rosso(coldBelow, cardinal.lactic) };

/** As `temperatureResponse` below 12 °C, where `active` is the model's own activity and `cold` e^(0.12·(T−4)) times the member's. */
export const inTheCold = (kind: 'yeast' | 'lactic', active: number, cold: number): number =>
  Math.max(active, Math.min(cardinal[kind].fridgeFloor * cold, mostInCold[kind]));
