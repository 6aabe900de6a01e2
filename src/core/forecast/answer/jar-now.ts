import { betweenHours } from '../run/hour-index';
import { placesOf, valuesAt } from '../read-off/quantiles';
import { quantileLevels, weightedQuantiles, type FiveNumbers } from '../read-off/weighted-quantiles';
import type { Quantity } from '../run/quantities';
import type { StoredRun } from '../run/stored-run';

/** What a jar's liquid is thought to hold at an hour: what the first ferment left. */
export interface JarNow {
  readonly sugarGramsPerLitre: FiveNumbers;
  readonly co2Volumes: FiveNumbers;
  readonly ethanolGramsPerLitre: FiveNumbers;
  readonly celsius: number;
}

/** Reads a jar's run at an hour, to the nearest reported hour before it. */
export function jarNow(run: StoredRun, hour: number): JarNow {
  const { index } = betweenHours(run.hours, hour);
  const places = placesOf(run);
  const five = (quantity: Quantity) =>
    weightedQuantiles(valuesAt(run, quantity, index, places[index]!), run.weights, quantileLevels);
  return {
    sugarGramsPerLitre: five('sugarGramsPerLitre'),
    co2Volumes: five('co2Volumes'),
    ethanolGramsPerLitre: five('ethanolGramsPerLitre'),
    celsius: run.ferment.stages.at(-1)!.celsius,
  };
}
