import type { KnownKitchen, Gaussian } from '../../ferment/scenario/ferment';
import { usualKitchen } from './unknowns';
import { dayMs } from '../../duration';

/** What an ensemble says, after its readings, of what outlasts a batch: logarithms of the factors, °C of the offsets. */
export interface KitchenPosterior {
  readonly vigour: Gaussian;
  readonly offset: Gaussian;
  readonly fridge: Gaussian;
  readonly coldActivity: Gaussian;
}

/** What one finished ferment teaches the next. Its ensemble must have known nothing of other lessons. */
export interface Lesson {
  /** When it ended, ms. */
  readonly at: number;
  readonly culture: string;
  /** The kept jar it was pitched from; null for what comes from a packet. */
  readonly starter: string | null;
  readonly posterior: KitchenPosterior;
}

/** What is known before the next batch. */
export interface Learned {
  /** Usual vigour of this starter against its kind, 1 when nothing was learned, and the spread of its logarithm. */
  readonly vigour: number;
  readonly spread: number;
  readonly kitchen: KnownKitchen;
  /** Finished batches of this very starter, and all that taught something. */
  readonly batches: number;
  readonly lessons: number;
}

/** For whom the lessons are drawn. */
export interface Pupil {
  readonly culture: string;
  readonly starter: string | null;
  readonly now: number;
  /** Standard deviation of the logarithm of the vigour within the kind, above 0. */
  readonly kindSpread: number;
}

/** How much a starter's vigour varies from batch to batch: standard deviation of its logarithm. Practice. */
const betweenBatches = 0.15;
/** Share of a kind's variance that all starters of one kitchen have in common: its water, its flour and ginger, its hands. Practice. */
const kitchensShare = 0.4;
/** The same of a place: how much of the doubt about it is the same next time, variance share. A batch may stand nearer the stove. */
const lasting = { offset: 0.6, fridge: 0.8, coldActivity: 0.7 } as const;
/** Days after which a lesson counts half: starters drift in a season, rooms with the heating, fridges seldom. */
const halfLifeDays = { vigour: 120, offset: 90, fridge: 365, coldActivity: 365 } as const;

/** A normal belief: mean and precision. */
interface Belief {
  readonly mean: number;
  readonly precision: number;
}

/** What a lesson saw by itself: its prior taken out. Its posterior is never taken for surer than its readings can be. */
function seen({ mean, deviation }: Gaussian, prior: Gaussian): Belief {
  const posterior = 1 / Math.max(deviation, 0.05 * prior.deviation) ** 2;
  const before = 1 / prior.deviation ** 2;
  const precision = Math.max(0, posterior - before);
  return precision > 1e-3 * before
    ? { mean: (mean * posterior - prior.mean * before) / precision, precision }
    : { mean: prior.mean, precision: 0 };
}

/** A belief that meets what was seen, each seen thing varying by `variance` of its own, and counting by its age. */
function taught(
  prior: Belief,
  all: readonly { readonly belief: Belief; readonly counts: number }[],
  variance: number,
): Belief {
  let { precision } = prior;
  let sum = prior.mean * prior.precision;
  for (const { belief, counts } of all) {
    if (belief.precision === 0) continue;
    const weight = counts / (1 / belief.precision + variance);
    precision += weight;
    sum += weight * belief.mean;
  }
  return { mean: sum / precision, precision };
}

const ageCounts = (at: number, now: number, halfLife: number) =>
  0.5 ** (Math.max(0, now - at) / dayMs / halfLife);

/**
 * What finished batches teach the next one, shrunk towards the usual when they are few and forgotten slowly.
 *
 * Normal beliefs in three layers: a kind's vigour in this kitchen, a starter's within it, a batch's within that; and one
 * layer each for the room, the fridge and the cold. A lesson is itself a posterior, so its prior is taken out before it counts.
 *
 * @param lessons any order; of other kinds they teach the room and the fridge only
 * @source conjugate normal models; Gelman and others, Bayesian Data Analysis, ch. 2 and 5
 * @example learn([], { culture: 'whey', starter: null, now: 0, kindSpread: 0.28 }).vigour // 1
 */
export function learn(lessons: readonly Lesson[], pupil: Pupil): Learned {
  const { now, kindSpread } = pupil;
  const kindVariance = kindSpread ** 2;
  const prior = { mean: 0, deviation: kindSpread };
  const ofKind = lessons.filter(({ culture }) => culture === pupil.culture);
  const own = ofKind.filter(({ starter }) => starter === pupil.starter);
  const counted = (some: readonly Lesson[]) =>
    some.map(({ at, posterior }) => ({
      belief: seen(posterior.vigour, prior),
      counts: ageCounts(at, now, halfLifeDays.vigour),
    }));
  // What others of the kind say reaches this starter only through what the kitchen's starters have in common.
  const betweenStarters = (1 - kitchensShare) * kindVariance;
  const common = taught(
    { mean: 0, precision: 1 / (kitchensShare * kindVariance) },
    counted(ofKind.filter((lesson) => !own.includes(lesson))),
    betweenStarters + betweenBatches ** 2,
  );
  const ofStarter = { mean: common.mean, precision: 1 / (1 / common.precision + betweenStarters) };
  const after = taught(ofStarter, counted(own), betweenBatches ** 2);
  const spread = Math.hypot(Math.sqrt(1 / after.precision), betweenBatches);
  return {
    vigour: Math.exp(after.mean),
    spread: own.length + ofKind.length === 0 ? kindSpread : Math.min(kindSpread, spread),
    kitchen: {
      offset: place(lessons, 'offset', now),
      fridge: place(lessons, 'fridge', now),
      coldActivity: place(ofKind, 'coldActivity', now),
    },
    batches: own.length,
    lessons: lessons.length,
  };
}

function place(lessons: readonly Lesson[], what: keyof KnownKitchen, now: number): Gaussian {
  const usual = usualKitchen[what];
  const variance = usual.deviation ** 2;
  const each = (1 - lasting[what]) * variance;
  const all = lessons.map(({ at, posterior }) => ({
    belief: seen(posterior[what], usual),
    counts: ageCounts(at, now, halfLifeDays[what]),
  }));
  const { mean, precision } = taught(
    { mean: usual.mean, precision: 1 / (lasting[what] * variance) },
    all,
    each,
  );
  return { mean, deviation: Math.sqrt(1 / precision + each) };
}
