import type { Reading } from '../../ferment/scenario/ferment';
import { feltBelow, readingError, weighs, wordChance } from './observe';
import { isOrdinal } from './ordinal-scales';
import { spanAt, stageSpans } from '../../ferment/run/time-table';
import type { StoredRun } from '../run/stored-run';
import { expectations } from './weigh';
import { capital } from '../../capital';

export interface ForecastWarning {
  readonly code: string;
  readonly sentence: string;
}

const unit: Partial<Record<Reading['kind'], string>> = { gaugeBar: ' bar', celsius: ' °C', brix: ' °Brix' };

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
    return surprising
      ? [{ code: `reading.unusual.${reading.kind}`, sentence: sentenceFor(reading, mean, prior) }]
      : [];
  });
}

const chanceOf = (kind: Parameters<typeof wordChance>[0], word: string | number, values: Float64Array) =>
  values.reduce((sum, value) => sum + wordChance(kind, word, value), 0) / values.length;

const deviation = (values: Float64Array, mean: number) =>
  Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length);

function sentenceFor(reading: Reading, mean: number, prior: StoredRun): string {
  const hours = Math.round(reading.hour);
  const { stage } = spanAt(stageSpans(prior.ferment.stages), reading.hour);
  const where = `after ${hours} h, at ${Math.round(stage.celsius)} °C`;
  switch (reading.kind) {
    case 'squeeze':
    case 'hiss':
    case 'lid': {
      return feltBelow(reading.kind, reading.value, mean)
        ? `${reading.value === 'none' || reading.value === 'soft' ? 'No fizz' : 'So little fizz'} ${where} is unusual: a leaky seal, a tired or overheated starter, or a colder spot than the thermometer says.`
        : `So much pressure ${where} is unusual: more sugar, a livelier starter or a warmer spot than written. Treat it as dangerous.`;
    }
    case 'foam':
    case 'bubbles':
    case 'film':
    case 'smell':
    case 'sediment':
    case 'grains':
    case 'colour':
      return `${capital(reading.kind)} “${reading.value}” ${where} is unusual: check the temperature and what went in.`;
    case 'sweet':
    case 'sour':
    case 'fizz':
    case 'strength':
      return `A taste of ${reading.value} in 5 for ${reading.kind} ${where} is unusual: check the sugar that went in.`;
    default: {
      const digits = reading.kind === 'sg' ? 3 : 1;
      return `${label[reading.kind]} ${reading.value.toFixed(digits)}${unit[reading.kind] ?? ''} ${where} is unusual; about ${mean.toFixed(digits)} was expected. Read it again, gas driven off.`;
    }
  }
}

const label = {
  sg: 'A gravity of',
  brix: 'A refractometer at',
  ph: 'A pH of',
  gaugeBar: 'A gauge at',
  celsius: 'A temperature of',
};
