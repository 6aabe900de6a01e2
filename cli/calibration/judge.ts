import { stepper } from '../stepper.ts';
import { signs } from '../../src/core/ferment/scenario/scenario-kinds';
import { fermentOf, type KnownKitchen } from '../../src/core/ferment/scenario/ferment.ts';
import { Scenario, type Reading } from '../../src/core/ferment/scenario/scenario.ts';
import { weighedEnsemble } from '../../src/core/forecast/ensemble/ensemble.ts';
import { ordinalScales } from '../../src/core/forecast/ensemble/ordinal-scales.ts';
import { tellingLooks } from '../../src/core/forecast/advice/informative-observation.ts';
import { firstPassageHours, passageQuantiles } from '../../src/core/forecast/read-off/first-passage.ts';
import {
  courseOf,
  drawBatch,
  drawKitchen,
  gaugeAt,
  gravityAt,
  hourOf,
  target,
  weatherOf,
  type Batch,
  type Course,
} from './courses.ts';
import { type CultureOfTruth, truths } from './truths.ts';

/** A forecast of the time to the target: where its quantiles lie, and where the truth lies among them. */
export interface Verdict {
  readonly held90: boolean;
  readonly held50: boolean;
  /** Logarithm of forecast over truth. */
  readonly lean: number;
  readonly errorHours: number;
  /** Share of plausible kitchens that are earlier than the truth, 0–1. */
  readonly rank: number;
}

export interface Record {
  readonly before: Verdict;
  /** After three readings at hours of the maker's choosing. */
  readonly after: Verdict;
  /** The same, the third being the look that Today asks for. */
  readonly asked: Verdict;
  /** Its hour over the truth. */
  readonly askedAt: number;
}

/** Words from a felt pressure. */
export function squeezeWord(gaugeBar: number): (typeof signs.squeeze)[number] {
  const { edges } = ordinalScales.squeeze;
  return signs.squeeze[edges.filter((edge) => gaugeBar > edge).length]!;
}

type Tool = 'sg' | 'gaugeBar' | 'squeeze';
/** Tools for a bottle that stays shut. */
const onBottles = ['squeeze', 'gaugeBar'] as const;

interface Look {
  readonly kind: Tool;
  readonly hour: number;
}
/** Where a gauge's scale ends, bar. */
const scaleEnds = 10;

/** What a maker reads off a tool; `stray` is a standard normal number. */
function readOff(course: Course, kind: Tool, hour: number, stray: number): Reading {
  switch (kind) {
    case 'sg':
      return { hour, kind, value: gravityAt(course, hour) + 0.0015 * stray };
    case 'gaugeBar': {
      const shown = gaugeAt(course, hour) + 0.15 * stray;
      return { hour, kind, value: Math.min(scaleEnds, Math.max(-0.4, shown)) };
    }
    case 'squeeze':
      return { hour, kind, value: squeezeWord(gaugeAt(course, hour) + 0.25 * stray) };
  }
}

/** A hydrometer, a gauge and a squeeze on the way to a target that is expected after so many hours. */
export const threeReadings = (course: Course, expectedHours: number, strays: readonly number[]): Reading[] =>
  (['sg', 'gaugeBar', 'squeeze'] as const).map((kind, i) =>
    readOff(course, kind, Math.max(2, [0.35, 0.55, 0.7][i]! * expectedHours), strays[i]!),
  );

/** The look between two hours that would tell most, of squeeze and gauge; null when none would tell anything. */
function mostTelling(
  { run, passages }: ReturnType<typeof askOf>,
  span: { readonly fromHour: number; readonly untilHour: number },
): Look | null {
  const looks = tellingLooks(run, { kinds: onBottles, moments: passages, ...span });
  const [look] = looks.sort((a, b) => b.gain - a.gain);
  return look ? { kind: look.kind as Tool, hour: look.hour } : null;
}

/** The look that Today would ask for after these readings. */
function askedLook(scenario: Scenario, hours: number): Look | null {
  const answer = askOf(scenario, hours);
  const [late] = passageQuantiles(answer.run, answer.passages, [0.75]) as [number];
  return mostTelling(answer, { fromHour: scenario.readings.at(-1)!.hour, untilHour: late });
}

/** The scenario of a batch, as a maker would write it. */
export const scenarioOf = (
  culture: CultureOfTruth,
  batch: Batch,
  readings: readonly Reading[],
  learned: { readonly vigour?: number; readonly vigourSpread?: number } = {},
): Scenario =>
  Scenario.parse({
    schema: 'yuzet.scenario/1',
    liquidLitres: 0.48,
    base: culture.base,
    sugars: { sucrose: batch.sugar },
    members: 200,
    readings,
    starter: { kind: culture.id, amountPerLitre: culture.amountPerLitre, ...learned },
    stages: [{ hours: batch.hours, vessel: 'sealed', celsius: batch.celsius, headspaceMl: 20 }],
  });

/** The forecast of the time to the target: its quantiles, and each member's hour. Never later than the batch was followed. */
export function askOf(scenario: Scenario, hours: number, kitchen: KnownKitchen | null = null) {
  const { run, posterior } = weighedEnsemble({ ...fermentOf(scenario), kitchen, longSteps: true }, stepper);
  const passages = firstPassageHours(run, 'heldVolumes', target, 'rises').map((hour) =>
    Math.min(hours, hour),
  );
  return {
    run,
    passages,
    weights: run.weights,
    posterior,
    quantiles: passageQuantiles(run, passages, [0.05, 0.25, 0.5, 0.75, 0.95]),
  };
}

function verdictOf(scenario: Scenario, truth: number, hours: number): { verdict: Verdict; middle: number } {
  const { passages, weights, quantiles } = askOf(scenario, hours);
  const [low, under, middle, over, high] = quantiles as [number, number, number, number, number];
  let rank = 0;
  passages.forEach((hour, m) => (rank += hour < truth ? weights[m]! : 0));
  return {
    verdict: {
      held90: truth >= low && truth <= high,
      held50: truth >= under && truth <= over,
      lean: Math.log(middle / truth),
      errorHours: Math.abs(middle - truth),
      rank,
    },
    middle,
  };
}

const drawnBatch = (
  truth: (typeof truths)[number],
  culture: CultureOfTruth,
  uniform: () => number,
  normal: () => number,
): Batch => ({
  truth,
  culture,
  kitchen: drawBatch(drawKitchen(normal), normal),
  sugar: culture.sugar * (0.85 + 0.3 * uniform()),
  celsius: culture.celsius - 3 + 6 * uniform(),
  hours: Math.ceil(3.4 * culture.hoursToTarget),
});

/** Puts the forecast to as many kitchens of one truth as asked. */
export function judge(
  truth: (typeof truths)[number],
  culture: CultureOfTruth,
  kitchens: number,
  uniform: () => number,
  normal: () => number,
): Record[] {
  return Array.from({ length: kitchens }, () => {
    const batch = drawnBatch(truth, culture, uniform, normal);
    const course = courseOf(batch, weatherOf(batch, normal));
    const hour = Math.min(batch.hours, hourOf(course.volumes, target));
    const before = verdictOf(scenarioOf(culture, batch, []), hour, batch.hours);
    const strays = [normal(), normal(), normal()];
    const three = threeReadings(course, before.middle, strays);
    const two = three.slice(0, 2);
    const look = askedLook(scenarioOf(culture, batch, two), batch.hours);
    const third = look ? readOff(course, look.kind, look.hour, strays[2]!) : three[2]!;
    const after = verdictOf(scenarioOf(culture, batch, three), hour, batch.hours);
    const asked = verdictOf(scenarioOf(culture, batch, [...two, third]), hour, batch.hours);
    return {
      before: before.verdict,
      after: after.verdict,
      asked: asked.verdict,
      askedAt: third.hour / hour,
    };
  });
}

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
const share = (verdicts: readonly Verdict[], of: (verdict: Verdict) => boolean) =>
  mean(verdicts.map((verdict) => Number(of(verdict))));

/** What a table says of forecasts of one truth, made at one moment. */
export interface Score {
  readonly held90: number;
  readonly held50: number;
  /** Centre of the forecast over the truth, as a ratio. */
  readonly centre: number;
  readonly errorHours: number;
  /** How many truths lie in each fifth of the forecast: the rank histogram. */
  readonly ranks: readonly number[];
}

export const scoreOf = (verdicts: readonly Verdict[]): Score => ({
  held90: share(verdicts, ({ held90 }) => held90),
  held50: share(verdicts, ({ held50 }) => held50),
  centre: Math.exp(mean(verdicts.map(({ lean }) => lean))),
  errorHours: mean(verdicts.map(({ errorHours }) => errorHours)),
  ranks: [0, 1, 2, 3, 4].map((fifth) =>
    share(verdicts, ({ rank }) => Math.min(4, Math.floor(5 * rank)) === fifth),
  ),
});

/** Mean error of the time to the target, hours: unread, after the look that is asked for, and after one at random. */
export interface LookScore {
  readonly unread: number;
  readonly asked: number;
  readonly random: number;
}

/** Puts the asked-for look to kitchens of one truth, beside a look of a random kind at a random hour of the same stretch. */
export function judgeLooks(
  truth: (typeof truths)[number],
  culture: CultureOfTruth,
  kitchens: number,
  uniform: () => number,
  normal: () => number,
): LookScore {
  const errors = { unread: 0, asked: 0, random: 0 };
  for (let k = 0; k < kitchens; k++) {
    const batch = drawnBatch(truth, culture, uniform, normal);
    const course = courseOf(batch, weatherOf(batch, normal));
    const hour = Math.min(batch.hours, hourOf(course.volumes, target));
    const unread = askOf(scenarioOf(culture, batch, []), batch.hours);
    const { quantiles } = unread;
    const span = { fromHour: 0.2 * quantiles[2]!, untilHour: 0.8 * quantiles[2]! };
    const asked = mostTelling(unread, span)!;
    const random = {
      kind: onBottles[Math.floor(2 * uniform())]!,
      hour: span.fromHour + (span.untilHour - span.fromHour) * uniform(),
    };
    const after = (look: Look) =>
      askOf(scenarioOf(culture, batch, [readOff(course, look.kind, look.hour, normal())]), batch.hours)
        .quantiles[2]!;
    errors.unread += Math.abs(quantiles[2]! - hour) / kitchens;
    errors.asked += Math.abs(after(asked) - hour) / kitchens;
    errors.random += Math.abs(after(random) - hour) / kitchens;
  }
  return errors;
}
