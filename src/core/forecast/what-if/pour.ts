import { spanAt, stageSpans } from '../../ferment/run/time-table';
import { placesOf, valuesAt } from '../read-off/quantiles';
import { quantileLevels, weightedQuantiles, type FiveNumbers } from '../read-off/weighted-quantiles';
import { chanceOverLimit, peakGauges } from '../read-off/chance';
import { type StoredRun } from '../run/stored-run';
import { settleHours } from '../question/lot-stages';
import { chillStages, whatIf } from './what-if';

/** What would be in the glass, as five quantiles each, and the highest pressure on the way there. */
export interface Pour {
  readonly sweetnessGramsPerLitre: FiveNumbers;
  readonly volumes: FiveNumbers;
  readonly abvPercent: FiveNumbers;
  readonly ph: FiveNumbers;
  readonly peakGaugeBar: FiveNumbers;
  /** Chance, 0–1, that the working limit is passed before pouring. */
  readonly chanceOverLimit: number;
}

const members = 48;

/**
 * What would be poured if a bottle went into the fridge at an hour and was opened two days later.
 *
 * @param run a stored run of the sealed bottle, left warm to its end
 * @param chillHour hours from the start of the run
 * @param limitBar working limit of the bottle, bar gauge
 * @returns ranges over 48 representative members; a few milliseconds
 */
export function pourAfterChill(run: StoredRun, chillHour: number, limitBar: number): Pour {
  const { stage } = spanAt(stageSpans(run.ferment.stages), chillHour);
  const cold = whatIf(run, {
    fromHour: chillHour,
    stages: chillStages(stage, settleHours),
    members,
    stepHours: settleHours / 4,
  });
  const places = placesOf(cold);
  const last = cold.hours.length - 1;
  const five = (values: Float64Array) => weightedQuantiles(values, cold.weights, quantileLevels);
  const at = (quantity: Parameters<typeof valuesAt>[1]) =>
    five(valuesAt(cold, quantity, last, places[last]!));
  return {
    sweetnessGramsPerLitre: at('sweetnessGramsPerLitre'),
    volumes: at('co2Volumes'),
    abvPercent: at('abvPercent'),
    ph: at('ph'),
    // What came before the fridge is stored for every member: no need to take a few.
    peakGaugeBar: weightedQuantiles(peakGauges(run, chillHour), run.weights, quantileLevels),
    chanceOverLimit: chanceOverLimit(run, limitBar, chillHour),
  };
}
