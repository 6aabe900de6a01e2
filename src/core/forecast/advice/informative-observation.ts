import type { Reading } from '../../ferment/scenario/ferment';
import { hourIndexAt } from '../run/hour-index';
import { errorOf, expected, wordChance } from '../ensemble/observe';
import { isOrdinal, ordinalScales, type OrdinalKind } from '../ensemble/ordinal-scales';
import { placesOf } from '../read-off/quantiles';
import { weightedQuantiles } from '../read-off/weighted-quantiles';
import { rowAt, rowOf, type StoredRun } from '../run/stored-run';
import type { ObservationKind } from '../question/lot-ask';

/** A look that would tell when something is ready. Hours from the run's start. */
export interface InformativeObservation {
  readonly kind: ObservationKind;
  readonly hour: number;
  /**
   * Share of the uncertainty of the moment, as a standard deviation, that it would take away on average, 0–1. A look after the
   * moment helps nobody: it counts by the share of kitchens whose moment is still to come.
   */
  readonly gain: number;
  /** The moment it would point to if it turned out low, and high: one in seven looks is beyond each. */
  readonly decides: readonly [earlier: number, later: number];
}

interface LookAsk {
  readonly kinds: readonly ObservationKind[];
  /** The moment in question for every member, hours; finite. */
  readonly moments: Float64Array;
  readonly fromHour: number;
  readonly untilHour: number;
}

/** Hours between the moments at which a look is tried. */
const everyHours = 2;
/** Members at most that results are tried on: of more, every second or third. What a look is worth need not be known to a hundredth. */
const mostMembers = 360;
/** Results of an instrument that are tried, evenly spread over what is expected. */
const results = 9;

/**
 * Which look would narrow a moment most, for every second hour to come: each plausible result is taken as read, the members
 * weighed by it, and the spread of the moment that would be left averaged over the results.
 *
 * @returns the best kind at each hour, none where nothing is gained
 * @source D. V. Lindley, Ann. Math. Stat. 27 (1956) 986–1005: the value of an observation before it is made
 */
export function tellingLooks(run: StoredRun, ask: LookAsk): InformativeObservation[] {
  const places = placesOf(run);
  const every = Math.ceil(run.members.length / mostMembers);
  const tried = Int32Array.from({ length: Math.ceil(run.members.length / every) }, (_, i) => i * every);
  const moments = Float64Array.from(tried, (m) => ask.moments[m]!);
  const weights = Float64Array.from(tried, (m) => run.weights[m]!);
  const before = spread(moments, weights);
  if (!(before.deviation > 0)) return [];
  const out: InformativeObservation[] = [];
  for (let hour = Math.ceil(ask.fromHour); hour <= ask.untilHour; hour += everyHours) {
    const index = hourIndexAt(run.hours, hour);
    const inTime = weightAfter(moments, weights, run.hours[index]!) / before.total;
    const looks = ask.kinds.map((kind): InformativeObservation => {
      const place = { ...places[index]! };
      const values = Float64Array.from(tried, (m) => {
        place.celsius = run.celsius[rowOf(run, m, index)]!;
        return expected(kind, run.rows, rowAt(run, m, index), place);
      });
      const { gain, decides } = worthOf(kind, values, moments, weights, before.deviation);
      return { kind, hour: run.hours[index]!, gain: gain * inTime, decides };
    });
    const best = looks.sort((a, b) => b.gain - a.gain)[0];
    if (best && best.gain > 0.02) out.push(best);
  }
  return out;
}

/** Mean and deviation of weighed moments; of no weight at all, nothing. */
function spread(moments: Float64Array, weights: Float64Array) {
  let total = 0;
  let mean = 0;
  for (let m = 0; m < moments.length; m++) {
    total += weights[m]!;
    mean += weights[m]! * moments[m]!;
  }
  mean /= total;
  let variance = 0;
  for (let m = 0; m < moments.length; m++) variance += weights[m]! * (moments[m]! - mean) ** 2;
  return { mean, deviation: Math.sqrt(variance / total), total };
}

/** Weight of those whose moment comes after an hour. */
const weightAfter = (moments: Float64Array, weights: Float64Array, hour: number): number =>
  weights.reduce((sum, weight, m) => (moments[m]! > hour ? sum + weight : sum), 0);

/** What is left of the spread when the look is made, and how far its results lie apart. */
function worthOf(
  kind: ObservationKind,
  values: Float64Array,
  moments: Float64Array,
  weights: Float64Array,
  before: number,
): Pick<InformativeObservation, 'gain' | 'decides'> {
  const after = possible(kind, values, weights).map((chance) => {
    const posterior = weights.map((weight, m) => weight * chance(values[m]!));
    return spread(moments, posterior);
  });
  const likely = after.filter(({ total }) => total > 0);
  const sum = likely.reduce((all, { total }) => all + total, 0);
  const variance = likely.reduce((all, { total, deviation }) => all + (total / sum) * deviation ** 2, 0);
  const [earlier, later] = weightedQuantiles(
    likely.map(({ mean }) => mean),
    likely.map(({ total }) => total),
    [1 / 7, 6 / 7],
  ) as [number, number];
  return { gain: Math.max(0, 1 - Math.sqrt(variance) / before), decides: [earlier, later] };
}

/** The results a look may have: how likely each is for a member that expects a value. */
function possible(
  kind: ObservationKind,
  values: Float64Array,
  weights: Float64Array,
): ((value: number) => number)[] {
  if (isOrdinal(kind as Reading['kind'])) {
    const words: readonly (string | number)[] = ordinalScales[kind as OrdinalKind].words;
    return words.map((word) => (value) => wordChance(kind as OrdinalKind, word, value));
  }
  const levels = Array.from({ length: results }, (_, i) => (i + 0.5) / results);
  return weightedQuantiles(values, weights, levels).map((read) => (value) => {
    const error = errorOf(kind as 'gaugeBar' | 'sg', value);
    return Math.exp(-(((read - value) / error) ** 2) / 2) / error;
  });
}
