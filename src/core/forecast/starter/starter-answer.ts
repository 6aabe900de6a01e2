import type { Stepper } from '../../ferment/run/stepper';
import type { ForecastWarning } from '../ensemble/warnings';
import { weighedEnsemble, type WeighedRun } from '../ensemble/ensemble';
import type { KitchenPosterior } from '../ensemble/lessons';
import { quantileLevels, weightedQuantiles, type FiveNumbers } from '../read-off/weighted-quantiles';
import { sugarAt } from '../run/quantities';
import { drawEdges, each, passing, spreadOf, type DrawEdges } from './draw-window';
import { closesFalling, livelinessAt, ripenessAt } from './ripeness';
import { tellingLooks, type InformativeObservation } from '../advice/informative-observation';
import type { DrawnQuestion, StarterQuestion } from '../question/starter-question';
import { hourIndexAt } from '../run/hour-index';
import { strainingRule, type JarRule } from '../advice/jar-advice';
import { rowAt, type StoredRun } from '../run/stored-run';
import type { Window } from '../advice/windows';

/** What the forecast says of a kept jar. Hours count from the question's start. */
export interface StarterAnswer {
  readonly start: number;
  readonly hours: readonly number[];
  /** Liveliness, 0 asleep – 1 at its peak, at each hour. */
  readonly liveliness: readonly FiveNumbers[];
  /** Sugar left, g/L. */
  readonly sugar: readonly FiveNumbers[];
  readonly now: FiveNumbers;
  /** When to draw; null when it is not lively within the forecast. */
  readonly draw: Window | null;
  /** Why the window opens no sooner: `cycle` is one that is told by its sugar or its acid. */
  readonly opens: 'ripening' | 'resting' | 'waking' | 'cycle' | 'open';
  /** When it runs out of sugar: its feed is due from a while before until a while after. */
  readonly feed: Window;
  /** Looks that would tell when its window opens, or once it is open, when it closes. */
  readonly looks: readonly InformativeObservation[];
  readonly looksTell: 'opens' | 'closes';
  /** Of a jar that is strained: when to taste it, and from which taste on to strain it. */
  readonly rule?: JarRule;
  /** What its readings say of the culture and the kitchen: lessons for the next. */
  readonly posterior: KitchenPosterior;
  readonly warnings: readonly ForecastWarning[];
}

/** Liveliness at which a jar is said to be lively. Practice: foam on stirring, solids riding. */
const lively = 0.6;
/** Sugar below which a jar is hungry, g/L. */
export const hungryBelow = 2;

const five = (values: Float64Array, run: StoredRun) => weightedQuantiles(values, run.weights, quantileLevels);

/** The forecast of a kept jar. */
export const answerStarter = (question: StarterQuestion, stepper: Stepper): StarterAnswer =>
  readStarter(weighedEnsemble(question.ferment, stepper), question);

/** What a weighed run says of a kept jar. */
export function readStarter(
  { run, posterior, warnings }: Pick<WeighedRun, 'run' | 'posterior' | 'warnings'>,
  question: StarterQuestion,
): StarterAnswer {
  const { ripe } = question;
  const aliveOnly = ripe.by === 'alive';
  const live = run.hours.map((_, i) =>
    each(run, (m) => livelinessAt(run, m, i, question.settledMass, aliveOnly)),
  );
  const sugar = run.hours.map((_, i) => each(run, (m) => sugarAt(run.rows, rowAt(run, m, i))));
  const liveliness = live.map((values) => five(values, run));
  const nowIndex = hourIndexAt(run.hours, question.nowHour);
  const rested = question.drawnHour === null ? -Infinity : question.drawnHour + question.restHours;
  const edges = drawEdges(run, ripenessAt(run, ripe, live, question.fedHour), question, rested);
  const draw = edges.window;
  const rule =
    draw && question.tasting
      ? strainingRule(run, edges, {
          ...question.tasting,
          window: draw,
          nowHour: question.nowHour,
          start: question.start,
          lookedHour: question.tasting.tastedHour,
        })
      : null;
  return {
    start: question.start,
    hours: run.hours,
    liveliness,
    sugar: sugar.map((values) => five(values, run)),
    now: liveliness[nowIndex]!,
    draw,
    opens: opensBy(liveliness, run.hours, question, rested, draw),
    feed: feedWindowOf(run, sugar, question),
    ...looksOf(run, edges, question),
    ...(rule ? { rule } : {}),
    posterior,
    warnings,
  };
}

/** How far ahead a look is asked for, hours. */
const looksAhead = 36;

function looksOf(
  run: StoredRun,
  { window, opens, closes }: DrawEdges,
  { nowHour }: StarterQuestion,
): Pick<StarterAnswer, 'looks' | 'looksTell'> {
  const looksTell = window && window.earliest <= nowHour ? 'closes' : 'opens';
  const end = run.hours.at(-1)!;
  // A kitchen in which it never opened has tired already.
  const edge =
    looksTell === 'opens' ? opens : closes.map((hour, m) => (opens[m]! < Infinity ? hour : nowHour));
  const until = (looksTell === 'opens' ? window?.earliest : window?.latest) ?? nowHour + looksAhead;
  const looks = tellingLooks(run, {
    kinds: ['foam', 'sweet'],
    moments: edge.map((hour) => Math.min(end, hour)),
    fromHour: nowHour,
    untilHour: Math.min(until, nowHour + looksAhead),
  });
  return { looks, looksTell };
}

function opensBy(
  liveliness: readonly FiveNumbers[],
  hours: readonly number[],
  question: StarterQuestion,
  rested: number,
  draw: Window | null,
): StarterAnswer['opens'] {
  const { nowHour, ripe } = question;
  if (rested > nowHour) return 'resting';
  if (draw && draw.earliest <= nowHour && draw.latest > nowHour) return 'open';
  if (!closesFalling(ripe)) return 'cycle';
  const past = hours.findIndex((hour, i) => hour <= nowHour && liveliness[i]![2] >= lively);
  if (liveliness[hourIndexAt(hours, nowHour)]![2] >= lively) return 'open';
  return past < 0 && question.ferment.kept?.settled === null ? 'ripening' : 'waking';
}

/**
 * When the next feed is due: before the sugar of the last one is gone, and no later than the kind's usual rhythm at that
 * temperature, since plants bring nutrients that sugar does not.
 */
/** A jar that was fed and has eaten it somewhat early still keeps to its rhythm, within this share of it: practice. */
const leastShare = 0.85;

function feedWindowOf(
  run: StoredRun,
  sugar: readonly Float64Array[],
  { fedHour, feedEveryHours }: StarterQuestion,
): Window {
  const end = run.hours.at(-1)!;
  const hungry = passing(run, sugar, hungryBelow, false, fedHour + 0.5);
  const [early, middle] = weightedQuantiles(hungry, run.weights, [0.25, 0.5]) as [number, number];
  const fed = middle - fedHour > 0.4 * feedEveryHours;
  const soonest = Math.max(2, fed ? leastShare * feedEveryHours : 0);
  const wait = Math.max(soonest, Math.min(end - fedHour, middle - fedHour, feedEveryHours * 1.25));
  const best = Math.min(fedHour + wait, Math.max(early, fedHour + 0.7 * wait));
  return {
    earliest: fedHour + 0.6 * wait,
    best,
    latest: fedHour + wait + Math.max(4, 0.3 * wait),
    earliestSpread: Math.min(24, 0.2 * wait),
    latestSpread: Math.min(48, Math.max(3, spreadOf(run, hungry))),
  };
}

/** What a draw took along: liveliness at that hour, as the middle and the spread between kitchens. */
export function livelinessWhenDrawn(
  question: DrawnQuestion,
  stepper: Stepper,
): {
  readonly mean: number;
  readonly deviation: number;
} {
  const { run } = weighedEnsemble(
    { ...question.ferment, members: Math.min(40, question.ferment.members) },
    stepper,
  );
  const index = hourIndexAt(run.hours, question.atHour);
  const values = each(run, (m) =>
    livelinessAt(run, m, index, question.settledMass, question.ripe.by === 'alive'),
  );
  let mean = 0;
  for (const [m, value] of values.entries()) mean += run.weights[m]! * value;
  let variance = 0;
  for (const [m, value] of values.entries()) variance += run.weights[m]! * (value - mean) ** 2;
  return { mean, deviation: Math.sqrt(variance) };
}
