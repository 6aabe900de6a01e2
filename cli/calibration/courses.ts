import { seededNormal, seededUniform } from '../../src/core/forecast/run/random.ts';
import { gravityOf } from '../../src/core/sugar/ferment-gravity.ts';
import { sealedBottleGas } from '../../src/core/gas/sealed-bottle.ts';
import { left, step, type CultureOfTruth, type Kitchen, type TruthState, type Truth } from './truths.ts';

/** How a batch goes under a truth: kitchens and batches drawn, their weather, the course of sugar and gas, and what tools would show. */

/** A batch as it went, every tenth of an hour. Volumes are all the gas the vessel holds. */
export interface Course {
  readonly sugar: Float64Array;
  readonly made: Float64Array;
  readonly volumes: Float64Array;
  readonly celsius: Float64Array;
}

/** Fizz whose hour the forecast is judged by, volumes. */
export const target = 2.5;
/** Volumes from a gram of sugar in a litre, as much as yeast really makes. */
const volumesPerGram = 0.245;

export const drawKitchen = (normal: () => number): Kitchen => ({
  speed: Math.exp(0.36 * normal()),
  lag: Math.exp(0.4 * normal()),
  cells: Math.exp(0.22 * normal()),
  offset: 1.0 * normal(),
});

export const drawBatch = (kitchen: Kitchen, normal: () => number): Kitchen => ({
  speed: kitchen.speed * Math.exp(0.1 * normal()),
  lag: kitchen.lag * Math.exp(0.15 * normal()),
  cells: kitchen.cells * Math.exp(0.08 * normal()),
  offset: kitchen.offset + 0.3 * normal(),
});

export interface Batch {
  readonly truth: Truth;
  readonly culture: CultureOfTruth;
  readonly kitchen: Kitchen;
  readonly sugar: number;
  /** What the thermometer says. */
  readonly celsius: number;
  readonly hours: number;
  /** Hour of sealing; before it the jar stands under an airlock. */
  readonly sealedFrom?: number;
  /** How much a bottle's own pace differs once it is filled. */
  readonly own?: number;
  /** Sugar that is stirred in as it is sealed, g/L. */
  readonly dose?: number;
}

/** What a batch lives through: the counter's warmth, and a pace of its own that wanders by a fifth within days. */
export interface Weather {
  readonly celsius: Float64Array;
  readonly pace: Float64Array;
}

/** A thermometer's fault, a daily swing, and two slow wanderings. */
export function weatherOf(batch: Batch, normal: () => number): Weather {
  let warmer = 0;
  let livelier = 0;
  const off = batch.kitchen.offset + (batch.truth.thermometer ?? 0) * Math.sign(normal());
  const { swing = 1 } = batch.truth;
  // Where days matter, batches begin at any hour.
  const begun = batch.truth.swing === undefined ? 0 : 12 * normal();
  const count = Math.round(batch.hours / step) + 1;
  const celsius = new Float64Array(count);
  const pace = new Float64Array(count);
  const forgets = Math.exp(-step / 40);
  for (let i = 0; i < count; i++) {
    warmer = 0.995 * warmer + 0.05 * normal();
    livelier = forgets * livelier + 0.2 * Math.sqrt(1 - forgets ** 2) * normal();
    celsius[i] = batch.celsius + off + warmer + swing * Math.sin(((i * step + begun) * Math.PI) / 12);
    pace[i] = Math.exp(livelier);
  }
  return { celsius, pace };
}

/** Held in water under an airlock at room temperature, volumes. */
export const underAirlock = 0.85;

/** A batch through its weather. @param pace grams an hour that make the middling kitchen reach the target in its time */
export function courseOf(
  batch: Batch,
  weather: Weather,
  pace = paceOf(batch.truth, batch.culture),
  factor?: number,
): Course {
  const { celsius: warm } = weather;
  const { truth, culture } = batch;
  const kitchen = apart(batch.kitchen, factor ?? spreadOf(truth, culture));
  const course: Course = {
    sugar: new Float64Array(warm.length),
    made: new Float64Array(warm.length),
    volumes: new Float64Array(warm.length),
    celsius: warm,
  };
  const s: TruthState = {
    cells: 1,
    others: 0.15,
    glucose: batch.sugar / 2,
    fructose: batch.sugar / 2,
    age: 0,
    held: 0.02,
    start: batch.sugar,
  };
  let made = 0.02;
  let dosed = batch.dose === undefined;
  for (let i = 0; i < warm.length; i++) {
    course.sugar[i] = left(s);
    course.made[i] = made;
    course.volumes[i] = s.held;
    const sealed = i * step >= (batch.sealedFrom ?? 0);
    if (sealed && !dosed) {
      dosed = true;
      s.glucose += (batch.dose ?? 0) / 2;
      s.fructose += (batch.dose ?? 0) / 2;
    }
    const lived =
      step * weather.pace[i]! * truth.warmth(warm[i]!) * kitchen.speed * (sealed ? (batch.own ?? 1) : 1);
    s.age += lived;
    const eaten = Math.min(left(s), pace * lived * truth.eat(s, kitchen, culture));
    const fromGlucose = Math.min(s.glucose, eaten * (s.glucose / (s.glucose + 0.6 * s.fructose + 1e-9)));
    s.glucose -= fromGlucose;
    s.fructose = Math.max(0, s.fructose - (eaten - fromGlucose));
    const gas = eaten * volumesPerGram * (truth.gasShare?.(s) ?? 1);
    made += gas;
    s.held += gas;
    if (!sealed) s.held = Math.min(underAirlock, s.held);
    else s.held -= step * (truth.leak ?? 0) * Math.max(0, s.held - 1);
  }
  return course;
}

const paces = new Map<string, number>();
const middling: Kitchen = { speed: 1, lag: 1, cells: 1, offset: 0 };

/** The pace at which the middling kitchen reaches the target when makers say it does. */
function paceOf(truth: Truth, culture: CultureOfTruth): number {
  const key = `${truth.name} ${culture.id}`;
  const known = paces.get(key);
  if (known !== undefined) return known;
  const hours = 4 * culture.hoursToTarget;
  const batch: Batch = {
    truth,
    culture,
    kitchen: middling,
    sugar: culture.sugar,
    celsius: culture.celsius,
    hours,
  };
  const still = (value: number) => new Float64Array(Math.round(hours / step) + 1).fill(value);
  const weather = { celsius: still(culture.celsius), pace: still(1) };
  let low = 1e-3;
  let high = 1e3;
  for (let i = 0; i < 50; i++) {
    const middle = Math.sqrt(low * high);
    const { volumes } = courseOf({ ...batch, truth: { ...truth, leak: 0 } }, weather, middle, 1);
    if (hourOf(volumes, target) > culture.hoursToTarget) low = middle;
    else high = middle;
  }
  paces.set(key, low);
  return low;
}

/** What makers report are times: kitchens spread them by so much under every truth, standard deviation of the logarithm. */
const timesSpread = 0.36;

/** A kitchen whose departures from the middling one are so many times as large. */
const apart = (kitchen: Kitchen, factor: number): Kitchen => ({
  ...kitchen,
  speed: kitchen.speed ** factor,
  lag: kitchen.lag ** factor,
  cells: kitchen.cells ** factor,
});

const spreads = new Map<string, number>();

/** How far kitchens must lie apart for their times to spread as reported. */
function spreadOf(truth: Truth, culture: CultureOfTruth): number {
  const key = `${truth.name} ${culture.id}`;
  const known = spreads.get(key);
  if (known !== undefined) return known;
  const pace = paceOf(truth, culture);
  const normal = seededNormal(seededUniform(7));
  const hours = 8 * culture.hoursToTarget;
  const drawn = Array.from({ length: 300 }, () => {
    const kitchen = drawBatch(drawKitchen(normal), normal);
    const batch: Batch = { truth, culture, kitchen, sugar: culture.sugar, celsius: culture.celsius, hours };
    return { batch, weather: weatherOf(batch, normal) };
  });
  let low = 0;
  let high = 3;
  for (let i = 0; i < 12; i++) {
    const factor = (low + high) / 2;
    const times = drawn.map(({ batch, weather }) =>
      Math.log(Math.min(hours, hourOf(courseOf(batch, weather, pace, factor).volumes, target))),
    );
    const mean = times.reduce((sum, time) => sum + time, 0) / times.length;
    const variance = times.reduce((sum, time) => sum + (time - mean) ** 2, 0) / times.length;
    if (variance > timesSpread ** 2) high = factor;
    else low = factor;
  }
  spreads.set(key, low);
  return low;
}

/** Value at an hour. */
export const at = (course: Float64Array, hour: number): number =>
  course[Math.min(course.length - 1, Math.round(hour / step))]!;

/** First hour at which the gas reaches a level, or Infinity. */
export function hourOf(course: Float64Array, level: number): number {
  const index = course.findIndex((value) => value >= level);
  return index < 0 ? Infinity : index * step;
}

const ethanolAt = (course: Course, hour: number) => (at(course.made, hour) / volumesPerGram) * 0.49;

/** What a hydrometer would show. */
export const gravityAt = (course: Course, hour: number): number =>
  gravityOf({ sugar: at(course.sugar, hour), ethanol: ethanolAt(course, hour), acids: 0.4 });

/** What a gauge would show on 480 ml with 20 ml of air of which the yeast took the oxygen. */
export const gaugeAt = (course: Course, hour: number): number =>
  sealedBottleGas(
    {
      liquidMl: 480,
      headspaceMl: 20,
      celsius: at(course.celsius, hour),
      sealedAtCelsius: course.celsius[0]!,
      sugarGramsPerLitre: at(course.sugar, hour),
      ethanolGramsPerLitre: ethanolAt(course, hour),
    },
    at(course.volumes, hour),
  ).gaugeBar - 0.2;
