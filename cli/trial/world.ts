import { coolingHours } from '../../src/core/forecast/question/lot-stages.ts';
import type { Reading } from '../../src/core/ferment/scenario/scenario.ts';
import { failureChance } from '../../src/core/forecast/read-off/failure.ts';
import { strengthOf } from '../../src/core/vessels/strength.ts';
import type { VesselId } from '../../src/core/vessels/vessel-kinds.ts';
import {
  at,
  courseOf,
  drawBatch,
  drawKitchen,
  gaugeAt,
  underAirlock,
  weatherOf,
  type Batch,
  type Course,
  type Weather,
} from '../calibration/courses.ts';
import { spreads } from './spreads.ts';
import { squeezeWord } from '../calibration/judge.ts';
import { step, type CultureOfTruth, type Truth } from '../calibration/truths.ts';

/** A batch of half-litre swing-tops in a kitchen whose truth is not the forecast's, and a soft pilot beside them. */
export interface Bottles {
  readonly batch: Batch;
  readonly weather: Weather;
  /** Left warm to the end: the glass, and the pilot, which is filled a little otherwise and goes at a pace of its own. */
  readonly warm: Course;
  readonly pilot: Course;
  /** Bar that the pilot holds less than the glass at the same fizz. */
  readonly pilotSlack: number;
  readonly celsius: number;
  readonly wanted: number;
  /** g/L when it is poured. */
  readonly wantedSweetness: number;
  readonly sealedFrom: number;
  readonly glass: VesselId;
  /** Sweetness that is good of it, as shares of the wanted; the usual band where it is left out. */
  readonly band?: readonly [number, number];
}

/**
 * Checked against practice before any advice was tried on it, and left alone since: three volumes after two to four days at 21 °C
 * for four kitchens of five; three days on the counter pour gushers often, and lose a bottle of some hundred. The calibration's
 * kitchens lie further apart, and most of its truths do not feel the gas they are under.
 */
const practice = { hoursToTarget: 60, spread: 0.8 };

/** Gas in the liquid slows every ferment: at five volumes (10 g/L) to half, with growth all but ended at 15 g/L (Schmitthenner 1950). */
const underGas = (truth: Truth): Truth => ({
  ...truth,
  eat: (s, kitchen, culture) => truth.eat(s, kitchen, culture) / (1 + (Math.max(0, s.held) / 5) ** 3),
});

const apartOf = ({ truth, culture }: Batch): number => practice.spread * spreads[culture.id][truth.name]!;

/** What came of bottles that were chilled at an hour. */
export interface Poured {
  readonly volumes: number;
  /** g/L. */
  readonly sweetness: number;
  /** Chance that one of them burst. */
  readonly burst: number;
  readonly peakBar: number;
}

const coldDays = 3;

/** A batch drawn on its own: any kitchen, any room. */
export function bottlesOf(
  truth: Truth,
  culture: CultureOfTruth,
  uniform: () => number,
  normal: () => number,
): Bottles {
  const celsius = culture.celsius - 3 + 8 * uniform();
  const sealedFrom = culture.id === 'ginger-bug' ? 0.5 + 6 * uniform() : 0.5 + 2 * uniform();
  const kitchen = drawBatch(drawKitchen(normal), normal);
  const sugar = culture.sugar * (0.85 + 0.3 * uniform());
  const jar = standing({ truth, culture, kitchen, sugar, celsius }, sealedFrom, normal);
  return filledFrom(jar, { hour: sealedFrom, dose: 0, glass: 'swing-top' }, uniform, normal);
}

/** What ferments in a jar. */
export interface StandingJar {
  readonly batch: Batch;
  readonly weather: Weather;
  /** As it goes on under its airlock. */
  readonly course: Course;
}

/** A batch that stands in its jar. @param mostHours longest that it may stand there */
export function standing(
  { culture, truth, ...rest }: Omit<Batch, 'hours' | 'own' | 'sealedFrom' | 'dose'>,
  mostHours: number,
  normal: () => number,
): StandingJar {
  const hoursToTarget = culture.hoursToTarget * (practice.hoursToTarget / 55);
  const batch: Batch = {
    ...rest,
    truth: underGas(truth),
    culture: { ...culture, hoursToTarget },
    hours: Math.ceil(mostHours + 4 * hoursToTarget + 60),
  };
  const weather = weatherOf(batch, normal);
  return {
    batch,
    weather,
    course: courseOf({ ...batch, sealedFrom: Infinity }, weather, undefined, apartOf(batch)),
  };
}

interface Filling {
  /** Hour of the jar. */
  readonly hour: number;
  /** Sugar that goes in, g/L. */
  readonly dose: number;
  readonly glass: VesselId;
}

/** A jar filled into glass and a soft pilot. */
export function filledFrom(
  { batch: stood, weather, course }: StandingJar,
  { hour, dose, glass }: Filling,
  uniform: () => number,
  normal: () => number,
): Bottles {
  const batch: Batch = { ...stood, sealedFrom: hour, ...(dose > 0 ? { dose } : {}) };
  return {
    batch,
    weather,
    warm: courseOf(batch, weather, undefined, apartOf(batch)),
    pilot: courseOf({ ...batch, own: Math.exp(0.1 * normal()) }, weather, undefined, apartOf(batch)),
    // Filled otherwise than the glass; one cap in five seeps.
    pilotSlack: 0.1 * normal() + (uniform() < 0.2 ? 0.4 * uniform() : 0),
    celsius: batch.celsius,
    wanted: 2.5,
    // What is left of it once the fizz is there.
    wantedSweetness: at(course.sugar, hour) + dose - sugarOfFizz,
    sealedFrom: hour,
    glass,
  };
}

/** Of a drink from the jar a third more or less than wanted is good: as it was mixed it is half sweeter still. */
const jarBand = [0.67, 1.3] as const;
/** A third of the sugar eaten is what makers like. Practice. */
const jarSweetness = 0.66;

/** A jar that is drunk as it stands: under its lid it holds what an airlock leaves. */
export const inJar = ({ batch, weather, course }: StandingJar): Bottles => ({
  batch,
  weather,
  warm: course,
  pilot: course,
  pilotSlack: 0,
  celsius: batch.celsius,
  wanted: underAirlock,
  wantedSweetness: jarSweetness * batch.sugar,
  sealedFrom: 0,
  glass: 'swing-top',
  band: jarBand,
});

/** Sugar that 2.5 volumes take, g/L. */
const sugarOfFizz = 10;

/**
 * A fridge keeps three to eight hundredths of the pace of a room under every truth, as makers see: bottles go on for weeks. What
 * is written for warm kitchens says nothing of 4 degrees.
 */
const paceInCold = ({ warmth }: Truth, celsius: number): number =>
  celsius >= 12
    ? warmth(celsius)
    : Math.min(warmth(celsius), warmth(12) * Math.max(0, (celsius + 2) / 14) ** 2);

/** Warm hours that cooling down and some days of cold are worth. */
function hoursInCold({ batch, warm }: Bottles, hour: number): number {
  const celsius = at(warm.celsius, hour);
  const pace = batch.truth.warmth(celsius);
  let hours = 0;
  for (let t = step / 2; t < coldDays * 24; t += step)
    hours += (step * paceInCold(batch.truth, 4 + (celsius - 4) * Math.exp(-t / coolingHours))) / pace;
  return hours;
}

/** Hours at which glass that is cooling bears the most. */
const peakAfter = 0.75;

/** The bottles chilled at an hour, and poured three days later: what the cold leaves of time is lived as it was warm. */
export function chilledAt(bottles: Bottles, hour: number): Poured {
  const { warm, glass } = bottles;
  const peakBar = gaugeAt(warm, hour + peakAfter);
  const poured = hour + hoursInCold(bottles, hour);
  return {
    volumes: at(warm.volumes, poured),
    sweetness: at(warm.sugar, poured),
    burst: failureChance(strengthOf(glass)!, peakBar),
    peakBar,
  };
}

const words = ['soft', 'gives', 'firm', 'rock'] as const;

/** A squeeze of the pilot: by feel, one in ten misread by a step. */
export function squeezed(
  { pilot, pilotSlack }: Bottles,
  hour: number,
  uniform: () => number,
  normal: () => number,
): Reading {
  const word = squeezeWord(gaugeAt(pilot, hour) - pilotSlack + 0.25 * normal());
  const misread = uniform() < 0.1 ? (uniform() < 0.5 ? -1 : 1) : 0;
  const value = words[Math.min(3, Math.max(0, words.indexOf(word as (typeof words)[number]) + misread))]!;
  return { hour, kind: 'squeeze', value };
}

/** How far a sip strays, g/L of sweetness. */
export const sipError = 8;
const sweetSteps = [15, 32, 55, 82];

/** What a sweetness is called, g/L as it tastes: 1 dry to 5 syrupy. */
export const sweetStep = (tasted: number): number => 1 + sweetSteps.filter((edge) => tasted > edge).length;

/** A sip of something. */
export const sipped = (sugar: number, normal: () => number): number => sweetStep(sugar + sipError * normal());

const hisses = ['none', 'faint', 'good', 'violent'] as const;
const hissSteps = [0.12, 0.7, 2.2];

/** A cap of the glass, eased: by ear. */
export function heard({ warm }: Bottles, hour: number, normal: () => number): (typeof hisses)[number] {
  const bar = gaugeAt(warm, hour) + 0.3 * normal();
  return hisses[hissSteps.filter((edge) => bar > edge).length]!;
}

/** A gauge on one of the bottles. */
export const gauged = ({ warm }: Bottles, hour: number, normal: () => number): Reading => ({
  hour,
  kind: 'gaugeBar',
  value: Math.min(10, Math.max(-0.4, gaugeAt(warm, hour) + 0.15 * normal())),
});
