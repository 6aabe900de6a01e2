import { nominalMember } from '../ferment/member';
import type { Scenario } from '../ferment/scenario';
import { contradictions, type ForecastWarning } from './contradictions';
import { memberOf, UNKNOWNS, usualVigourSpread } from './priors';
import { drawPoints, fittedProposal, logPriorOver, priorProposal, type Proposal } from './proposal';
import { seededNormal, seededUniform } from './random';
import { runMembers, type StoredRun } from './stored-run';
import { effectiveMembers, logLikelihoods, withoutCollapse } from './weigh';

export interface WeighedRun {
  readonly run: StoredRun;
  /** Members the weights are worth. */
  readonly effectiveMembers: number;
  /** Mean and standard deviation of the logarithm of the vigour, after the readings. */
  readonly logVigour: { readonly mean: number; readonly deviation: number };
  readonly warnings: readonly ForecastWarning[];
}

/** Least share of effective members before the search is repeated where the likely kitchens are. */
const enough = 0.3;
const searches = 3;

/**
 * Simulates plausible kitchens and weighs them by what was seen: adaptive importance sampling. While too few members carry
 * the weight, new ones are drawn around the likely ones and weighed by prior over proposal, so nothing is counted twice.
 *
 * @param scenario validated; one member gives the nominal ferment, unweighed
 * @returns the stored run with weights; deterministic from `scenario.seed`
 * @source O. Cappé and others, J. Comput. Graph. Stat. 13 (2004) 907–929 (population Monte Carlo)
 */
export function weighedEnsemble(scenario: Scenario): WeighedRun {
  const vigourSpread = scenario.starter.vigourSpread ?? usualVigourSpread(scenario.starter.kind);
  if (scenario.members === 1) {
    const run = runMembers(scenario, [nominalMember]);
    const warnings = contradictions(run, scenario.readings);
    return { run, effectiveMembers: 1, logVigour: { mean: 0, deviation: 0 }, warnings };
  }
  const uniform = seededUniform(scenario.seed);
  const normal = seededNormal(uniform);
  let proposal: Proposal = priorProposal;
  let warnings: readonly ForecastWarning[] = [];
  for (let search = 1; ; search++) {
    const points = drawPoints(proposal, scenario.members, uniform, normal);
    const members = Array.from({ length: scenario.members }, (_, m) =>
      memberOf(points, m * UNKNOWNS, vigourSpread),
    );
    const run = runMembers(scenario, members);
    if (search === 1) warnings = contradictions(run, scenario.readings);
    const logs = logLikelihoods(run, scenario.readings);
    for (let m = 0; m < logs.length; m++) logs[m] = logs[m]! + logPriorOver(proposal, points, m);
    const { weights, power } = withoutCollapse(
      logs,
      Math.min(scenario.members, Math.max(8, scenario.members * 0.08)),
    );
    const worth = effectiveMembers(weights);
    if (worth >= scenario.members * enough || search === searches) {
      const odd = power < 0.5 ? [...warnings, { code: 'readings.disagree', sentence: disagree }] : warnings;
      return {
        run: { ...run, weights },
        effectiveMembers: worth,
        logVigour: vigourOf(points, weights, vigourSpread),
        warnings: odd,
      };
    }
    proposal = fittedProposal(points, weights);
  }
}

const disagree =
  'The readings do not fit one ferment: one of them is probably off, so the forecast stays wide.';

function vigourOf(points: Float64Array, weights: Float64Array, spread: number) {
  let mean = 0;
  for (let m = 0; m < weights.length; m++) mean += weights[m]! * spread * points[m * UNKNOWNS]!;
  let variance = 0;
  for (let m = 0; m < weights.length; m++)
    variance += weights[m]! * (spread * points[m * UNKNOWNS]! - mean) ** 2;
  return { mean, deviation: Math.sqrt(variance) };
}
