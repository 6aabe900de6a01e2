import { nominalMember } from '../ferment/member';
import type { Ferment, LotStage } from '../ferment/ferment';
import { contradictions, type ForecastWarning } from './contradictions';
import { loneFerment, runFamily, type Family } from './family';
import { memberOf, UNKNOWNS } from './priors';
import { drawPoints, fittedProposal, logPriorOver, priorProposal, type Proposal } from './proposal';
import { seededNormal, seededUniform } from './random';
import type { StoredRun } from './stored-run';
import { countSenses, effectiveMembers, logLikelihoods, withoutCollapse } from './weigh';

/** What the readings left of the spread, whatever was drawn from the jar. */
export interface Weighing {
  /** Members the weights are worth. */
  readonly effectiveMembers: number;
  /** Mean and standard deviation of the logarithm of the vigour, after the readings. */
  readonly logVigour: { readonly mean: number; readonly deviation: number };
  readonly warnings: readonly ForecastWarning[];
}

export interface WeighedRun extends Weighing {
  readonly run: StoredRun;
}

export interface WeighedFamily extends Weighing {
  /** The jar's run, then one a branch; all carry the same weights. */
  readonly runs: readonly StoredRun[];
}

/** Least share of effective members before the search is repeated where the likely kitchens are. */
const enough = 0.3;
const searches = 3;

/** One jar or bottle by itself; one member gives the nominal ferment, unweighed. Deterministic from its seed. */
export function weighedEnsemble(ferment: Ferment): WeighedRun {
  const { runs, ...weighing } = weighedFamily(loneFerment(ferment));
  return { run: runs[0]!, ...weighing };
}

/**
 * Simulates plausible kitchens and weighs them by what was seen on any lot of the family: adaptive importance sampling.
 * While too few members carry the weight, new ones are drawn around the likely ones and weighed by prior over proposal, so
 * nothing is counted twice.
 *
 * @returns runs with weights; deterministic from the root's seed
 * @source O. Cappé and others, J. Comput. Graph. Stat. 13 (2004) 907–929 (population Monte Carlo)
 */
export function weighedFamily(family: Family): WeighedFamily {
  const { root } = family;
  const seen = [root.readings, ...family.branches.map(({ readings }) => readings)];
  if (root.members === 1) {
    const runs = runFamily(family, [nominalMember]);
    const warnings = runs.flatMap((run, i) => contradictions(run, seen[i]!));
    return { runs, effectiveMembers: 1, logVigour: { mean: 0, deviation: 0 }, warnings };
  }
  const uniform = seededUniform(root.seed);
  const normal = seededNormal(uniform);
  let proposal: Proposal = priorProposal;
  let warnings: readonly ForecastWarning[] = [];
  // While searching only the past that was read matters; the rest is run once, with the members that stay.
  const looked = upToReadings(family);
  const counts = countSenses(seen.flat());
  for (let search = 1; ; search++) {
    const points = drawPoints(proposal, root.members, uniform, normal);
    const members = Array.from({ length: root.members }, (_, m) =>
      memberOf(points, m * UNKNOWNS, root.vigourSpread),
    );
    const runs = runFamily(looked, members);
    if (search === 1) warnings = runs.flatMap((run, i) => contradictions(run, seen[i]!));
    const logs = new Float64Array(root.members);
    runs.forEach((run, i) => logLikelihoods(run, seen[i]!, counts).forEach((log, m) => (logs[m] = logs[m]! + log)));
    for (let m = 0; m < logs.length; m++) logs[m] = logs[m]! + logPriorOver(proposal, points, m);
    const { weights, power } = withoutCollapse(
      logs,
      Math.min(root.members, Math.max(8, root.members * 0.08)),
    );
    const worth = effectiveMembers(weights);
    if (worth >= root.members * enough || search === searches) {
      return {
        runs: (looked === family ? runs : runFamily(family, members)).map((run) => ({ ...run, weights })),
        effectiveMembers: worth,
        logVigour: vigourOf(points, weights, root.vigourSpread),
        warnings: power < 0.5 ? [...warnings, { code: 'readings.disagree', sentence: disagree }] : warnings,
      };
    }
    proposal = fittedProposal(points, weights);
  }
}

/** The family as far as its last reading. */
function upToReadings(family: Family): Family {
  const { root, branches } = family;
  const all = [root, ...branches].flatMap(({ readings }) => readings.map(({ hour }) => hour));
  if (all.length === 0 || !root.longSteps) return family;
  const last = Math.max(...all, ...branches.map(({ fromHour }) => fromHour)) + 1;
  const cut = <T extends { readonly stages: readonly LotStage[] }>(of: T, from: number): T => {
    const stages: LotStage[] = [];
    let left = last - from;
    for (const stage of of.stages) {
      if (left <= 0 && stages.length > 0) break;
      stages.push({ ...stage, hours: Math.min(stage.hours, Math.max(1, left)) });
      left -= stage.hours;
    }
    return { ...of, stages };
  };
  return { ...family, root: cut(root, 0), branches: branches.map((branch) => cut(branch, branch.fromHour)) };
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
