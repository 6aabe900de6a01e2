import { spanAt, stageSpans } from '../ferment/time-table';
import {
  placesOf,
  quantileLevels,
  valuesAt,
  valuesOverTime,
  weightedQuantiles,
  type FiveNumbers,
} from './quantiles';
import { hourIndexAt } from './between-hours';
import { type StoredRun } from './stored-run';
import { chillStages, representatives, whatIf } from './what-if';

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

/** Hours in the fridge before opening: the gas needs about two days to dissolve. */
export const settleHours = 48;

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
  const five = (values: Float64Array) =>
    weightedQuantiles(values, cold.weights, quantileLevels) as unknown as FiveNumbers;
  const at = (quantity: Parameters<typeof valuesAt>[1]) =>
    five(valuesAt(cold, quantity, last, places[last]!));
  const peaks = peakGauges(run, chillHour, members);
  let over = 0;
  for (const peak of peaks) if (peak > limitBar) over += 1 / peaks.length;
  return {
    sweetnessGramsPerLitre: at('sweetnessGramsPerLitre'),
    volumes: at('co2Volumes'),
    abvPercent: at('abvPercent'),
    ph: at('ph'),
    peakGaugeBar: five(peaks),
    chanceOverLimit: over,
  };
}

const cache = new WeakMap<StoredRun, Float32Array>();

/** Highest gauge pressure so far, for every member and hour; worked out once a run. */
function runningPeaks(run: StoredRun): Float32Array {
  const known = cache.get(run);
  if (known) return known;
  const count = run.members.length;
  const peaks = new Float32Array(count * run.hours.length);
  valuesOverTime(run, 'gaugeBar').forEach((values, index) => {
    for (let m = 0; m < count; m++) {
      const before = index === 0 ? 0 : peaks[(index - 1) * count + m]!;
      peaks[index * count + m] = Math.max(before, values[m]!);
    }
  });
  cache.set(run, peaks);
  return peaks;
}

function peakGauges(run: StoredRun, hour: number, count: number): Float64Array {
  const peaks = runningPeaks(run);
  const index = hourIndexAt(run.hours, hour);
  return Float64Array.from(representatives(run, count), (m) => peaks[index * run.members.length + m]!);
}
