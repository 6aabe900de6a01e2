import type { Stepper } from '../../ferment/run/stepper';
import { fermentOf } from '../../ferment/scenario/ferment';
import type { Scenario } from '../../ferment/scenario/scenario';
import type { ForecastWarning } from '../ensemble/warnings';
import { weighedEnsemble } from '../ensemble/ensemble';
import { recordOf } from '../../record-of';
import { seriesOf } from '../read-off/quantiles';
import { quantileLevels, type FiveNumbers } from '../read-off/weighted-quantiles';
import type { Quantity } from '../run/quantities';

/** Series of the published forecast, in the order of the contract. */
export const publishedSeries = [
  'sg',
  'sugarGramsPerLitre',
  'sweetnessGramsPerLitre',
  'co2Volumes',
  'gaugeBar',
  'abvPercent',
  'ethanolGramsPerLitre',
  'ph',
  'lacticGramsPerLitre',
  'aceticGramsPerLitre',
] as const satisfies readonly Quantity[];

/** A forecast as files and the command line carry it. */
export interface Forecast {
  readonly schema: 'yuzet.forecast/1';
  readonly hours: readonly number[];
  readonly quantiles: typeof quantileLevels;
  readonly series: Readonly<Record<(typeof publishedSeries)[number], readonly FiveNumbers[]>>;
  readonly effectiveMembers: number;
  readonly warnings: readonly ForecastWarning[];
}

/**
 * Answers a scenario: quantiles of every series at every reported hour.
 *
 * @param scenario validated by `Scenario`
 * @returns plain data; the same scenario gives the same bytes
 */
export function forecast(scenario: Scenario, stepper: Stepper): Forecast {
  const { run, effectiveMembers, warnings } = weighedEnsemble(fermentOf(scenario), stepper);
  const series = recordOf(publishedSeries, (name) => seriesOf(run, name));
  return {
    schema: 'yuzet.forecast/1',
    hours: run.hours,
    quantiles: quantileLevels,
    series,
    effectiveMembers: Math.round(effectiveMembers * 10) / 10,
    warnings,
  };
}
