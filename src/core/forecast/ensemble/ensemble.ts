import type { Stepper } from '../../ferment/run/stepper';
import { nominalMember, type Member } from '../../ferment/state/member';
import type { Ferment, Reading, Gaussian } from '../../ferment/scenario/ferment';
import { conditionsSaid } from './conditions-said';
import { contradictions } from './contradictions';
import type { ForecastWarning } from './warnings';
import { followFamily, loneFerment, type Family } from '../run/family';
import type { KitchenPosterior } from './lessons';
import { memberOf } from './priors';
import { indexOf, unknownCount, usualKitchen, type UnknownName } from './unknowns';
import { addDensities, drawPoints, fittedProposal, priorProposal, type Proposal } from './proposal';
import { seededUniform } from '../run/random';
import {
  gasADayOn,
  lastReadHour,
  pickedByWeight,
  pickedByWhatComes,
  upTo,
  usualCare,
  type Care,
} from './picking';
import type { StoredRun } from '../run/stored-run';
import { countSenses, effectiveMembers, logLikelihoods, withoutCollapse } from './weigh';

/** What the readings left of the spread, whatever was drawn from the jar. */
export interface Weighing {
  /** Members the weights are worth. */
  readonly effectiveMembers: number;
  /** What the readings say of the culture and the kitchen. */
  readonly posterior: KitchenPosterior;
  readonly warnings: readonly ForecastWarning[];
}

export interface WeighedRun extends Weighing {
  readonly run: StoredRun;
}

export interface WeighedFamily extends Weighing {
  /** The jar's run, then one a branch; all carry the same weights. */
  readonly runs: readonly StoredRun[];
}

/** Takes a run of a family when it is done; what it does not hold is let go. */
export type Reader = (run: StoredRun, index: number) => void;

/** Effective members, against those asked for, at which the search for likely kitchens ends. */
const enough = 2;
const searches = 6;

/** One jar or bottle by itself; one member gives the nominal ferment, unweighed. Deterministic from its seed. */
export function weighedEnsemble(ferment: Ferment, stepper: Stepper): WeighedRun {
  const { runs, ...weighing } = weighedFamily(loneFerment(ferment), stepper);
  return { run: runs[0]!, ...weighing };
}

/**
 * Simulates plausible kitchens and weighs them by what was seen on any lot of the family: adaptive multiple importance
 * sampling. While too few members carry the weight, more are drawn around the likely ones; all that were ever drawn count, by
 * prior over the mixture of proposals. In the end as many as were asked for are picked by weight and run to the end.
 *
 * @param care how thoroughly they are searched for and picked
 * @returns runs with weights; deterministic from the root's seed. The likeliest members may stand for several: there are at
 *   most as many as asked for
 * @source J.-M. Cornuet and others, Scand. J. Statist. 39 (2012) 798–812
 */
export function weighedFamily(family: Family, stepper: Stepper, care: Care = usualCare): WeighedFamily {
  const runs: StoredRun[] = [];
  return { ...readFamily(family, stepper, (run) => runs.push(run), care), runs };
}

/** The same, each run given to a reader as it is done and then let go. */
export function readFamily(family: Family, stepper: Stepper, read: Reader, care: Care = usualCare): Weighing {
  const { root } = family;
  const said: ForecastWarning[] = [];
  const take = (run: StoredRun, index: number) => {
    said.push(...conditionsSaid(run));
    read(run, index);
  };
  const seen = [root.readings, ...family.branches.map(({ readings }) => readings)];
  if (root.members === 1) {
    const warnings: ForecastWarning[] = [];
    followFamily(family, [nominalMember], stepper, (run, index) => {
      warnings.push(...contradictions(run, seen[index]!));
      take(run, index);
    });
    return {
      effectiveMembers: 1,
      posterior: posteriorOf(new Float64Array(unknownCount), Float64Array.of(1), root),
      warnings: [...warnings, ...once(said)],
    };
  }
  const uniform = seededUniform(root.seed);
  if (seen.every((readings) => readings.length === 0)) {
    const points = drawPoints(priorProposal, root.members, uniform);
    followFamily(family, membersAt(points, root.members, root), stepper, take);
    return {
      effectiveMembers: root.members,
      posterior: posteriorOf(points, new Float64Array(root.members).fill(1 / root.members), root),
      warnings: once(said),
    };
  }
  const { points, weights, power, warnings, gassy } = likelyPoints(
    family,
    stepper,
    seen,
    uniform,
    care.draws,
  );
  const found = membersAt(points, weights.length, root);
  const picked = care.foresight
    ? pickedByWhatComes(family, stepper, found, weights, gassy, care.foresight)
    : pickedByWeight(weights, gassy, root.members);
  followFamily(
    family,
    picked.indices.map((m) => found[m]!),
    stepper,
    (run, index) => take({ ...run, weights: picked.weights, read: true }, index),
  );
  return {
    effectiveMembers: Math.min(root.members, effectiveMembers(weights)),
    posterior: posteriorOf(points, weights, root),
    warnings: [
      ...warnings,
      ...once(said),
      ...(power < 0.5 ? [{ code: 'readings.disagree' as const, params: null }] : []),
    ],
  };
}

/** Of each kind once, however many lots share it. */
const once = (said: readonly ForecastWarning[]): readonly ForecastWarning[] =>
  said.filter(({ code }, i) => said.findIndex((other) => other.code === code) === i);

const membersAt = (points: Float64Array, count: number, { vigourSpread, kitchen }: Ferment): Member[] =>
  Array.from({ length: count }, (_, m) => memberOf(points, m * unknownCount, vigourSpread, kitchen));

/** Searches where kitchens are likely, running only what was read. */
function likelyPoints(
  family: Family,
  stepper: Stepper,
  seen: readonly (readonly Reading[])[],
  uniform: () => number,
  draws: number,
) {
  const { root } = family;
  const looked = upTo(family, lastReadHour(family) + 1e-6);
  const counts = countSenses(seen.flat());
  const size = root.members * draws;
  const proposals: Proposal[] = [priorProposal];
  let points = new Float64Array(0);
  let likelihoods = new Float64Array(0);
  let densities = new Float64Array(0);
  let gassy = new Float64Array(0);
  let warnings: readonly ForecastWarning[] = [];
  for (let search = 1; ; search++) {
    const fresh = drawPoints(proposals.at(-1)!, size, uniform);
    const logs = new Float64Array(size);
    const unusual: ForecastWarning[] = [];
    let lastGas: Float64Array = new Float64Array(0);
    const weigh = (run: StoredRun, index: number) => {
      if (search === 1) unusual.push(...contradictions(run, seen[index]!));
      logLikelihoods(run, seen[index]!, counts).forEach((log, m) => (logs[m] = logs[m]! + log));
      if (index === family.branches.length) lastGas = gasADayOn(run);
    };
    followFamily(looked, membersAt(fresh, size, root), stepper, weigh, true);
    if (search === 1) warnings = unusual;
    // What was drawn before is looked at by the newest proposal alone, what is fresh by all of them.
    const freshDensities = new Float64Array(size);
    addDensities(proposals.at(-1)!, points, densities);
    for (const each of proposals) addDensities(each, fresh, freshDensities);
    densities = joined(densities, freshDensities);
    points = joined(points, fresh);
    likelihoods = joined(likelihoods, logs);
    gassy = joined(gassy, lastGas);
    const { weights, power } = withoutCollapse(
      likelihoods.map((log, m) => log - Math.log(densities[m]! / search)),
      Math.min(root.members, Math.max(8, root.members * 0.08)),
    );
    if (search === searches || effectiveMembers(weights) >= size * enough)
      return { points, weights, power, warnings, gassy };
    proposals.push(fittedProposal(points, weights));
  }
}

function joined(a: Float64Array, b: Float64Array): Float64Array<ArrayBuffer> {
  const both = new Float64Array(a.length + b.length);
  both.set(a);
  both.set(b, a.length);
  return both;
}

/** Mean and spread of what outlasts the batch. */
function posteriorOf(
  points: Float64Array,
  weights: Float64Array,
  { vigourSpread, kitchen }: Ferment,
): KitchenPosterior {
  const { offset, fridge, coldActivity } = kitchen ?? usualKitchen;
  const of = (name: UnknownName, prior: Gaussian): Gaussian => {
    const unknown = indexOf(name);
    let mean = 0;
    for (let m = 0; m < weights.length; m++) mean += weights[m]! * points[m * unknownCount + unknown]!;
    let variance = 0;
    for (let m = 0; m < weights.length; m++)
      variance += weights[m]! * (points[m * unknownCount + unknown]! - mean) ** 2;
    return { mean: prior.mean + prior.deviation * mean, deviation: prior.deviation * Math.sqrt(variance) };
  };
  return {
    vigour: of('vigour', { mean: 0, deviation: vigourSpread }),
    offset: of('offset', offset),
    fridge: of('fridge', fridge),
    coldActivity: of('coldActivity', coldActivity),
  };
}
