import type { Reading } from '../../ferment/scenario/ferment';
import { feltBelow, readingError, weighs, wordChance } from './observe';
import { isOrdinal } from './ordinal-scales';
import { spanAt, stageSpans } from '../../ferment/run/time-table';
import type { StoredRun } from '../run/stored-run';
import { expectations } from './weigh';
import type { ForecastWarning } from './warnings';

/**
 * Readings that hardly any plausible kitchen would give: said, rather than bent to.
 *
 * @param prior the ensemble before readings weighed it
 * @returns one warning for each surprising reading: numbers over 3 standard deviations off, words under 2 % likely
 */
export function contradictions(prior: StoredRun, readings: readonly Reading[]): ForecastWarning[] {
  return readings.flatMap((reading) => {
    if (!weighs(reading)) return [];
    const values = expectations(prior, reading);
    const mean = values.reduce((sum, v) => sum + v, 0) / values.length;
    const surprising = isOrdinal(reading.kind)
      ? chanceOf(reading.kind, reading.value, values) < 0.02
      : Math.abs((reading.value as number) - mean) >
        3 * Math.hypot(deviation(values, mean), readingError[reading.kind]);
    if (!surprising) return [];
    const { stage } = spanAt(stageSpans(prior.ferment.stages), reading.hour);
    const below = isFelt(reading) && feltBelow(reading.kind, reading.value, mean);
    return [
      {
        code: 'reading.unusual',
        params: { reading, celsius: stage.celsius, expected: mean, below },
      },
    ];
  });
}

const chanceOf = (kind: Parameters<typeof wordChance>[0], word: string | number, values: Float64Array) =>
  values.reduce((sum, value) => sum + wordChance(kind, word, value), 0) / values.length;

const deviation = (values: Float64Array, mean: number) =>
  Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length);

/** What is felt, heard or seen of pressure. */
const isFelt = (reading: Reading): reading is Extract<Reading, { kind: 'squeeze' | 'hiss' | 'lid' }> =>
  reading.kind === 'squeeze' || reading.kind === 'hiss' || reading.kind === 'lid';
