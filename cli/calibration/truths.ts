/**
 * Ferments of another make than Yuzet's, to judge its forecasts by. They differ from it and from each other in structure: how
 * growth ends, how sugar is taken, how warmth speeds them, whether the bottle holds. Euler steps of six minutes.
 */

/** What differs between kitchens and batches. */
export interface Kitchen {
  readonly speed: number;
  readonly lag: number;
  readonly cells: number;
  readonly offset: number;
}

/** Where a ferment stands: cells against those pitched, sugars g/L, hours lived at 21 °C since pitching, gas held. */
export interface TruthState {
  cells: number;
  /** Cells of a second kind, where there is one. */
  others: number;
  glucose: number;
  fructose: number;
  age: number;
  held: number;
  start: number;
}

/** A way of fermenting: sugar eaten within an hour lived at 21 °C, g/L; it may let its cells grow. */
export interface Truth {
  readonly name: string;
  /** Whether priors and tempering were set with it in sight. */
  readonly inSight: boolean;
  readonly warmth: (celsius: number) => number;
  readonly eat: (s: TruthState, k: Kitchen, culture: CultureOfTruth) => number;
  /** How much of what is eaten makes gas, 0–1; all of it where nothing is said. */
  readonly gasShare?: (s: TruthState) => number;
  /** Gas lost an hour, share of what is held above a volume; thermometer's fault, and how far the days stray from the middle when it is not by the usual degree, °C. */
  readonly leak?: number;
  readonly thermometer?: number;
  readonly swing?: number;
}

/** What is pitched: hours to 2.5 volumes at 21 °C in the middling kitchen, hours of lag among them, and base. */
export interface CultureOfTruth {
  readonly id: 'ginger-bug' | 'water-kefir-grains' | 'water-kefir-liquid' | 'wine-yeast' | 'peel' | 'whey';
  readonly base: string;
  readonly amountPerLitre: number;
  readonly sugar: number;
  readonly hoursToTarget: number;
  readonly celsius: number;
  readonly lagHours: number;
  /** How many times the cells may grow. */
  readonly growsBy: number;
}

/** Middling times: three volumes of a bug's soda in two to four days; a cycle of kefir, half of its sugar or more, in a day at 25 to 27 °C. */
export const cultures: Readonly<Record<'bug' | 'kefir', CultureOfTruth>> = {
  bug: {
    id: 'ginger-bug',
    base: 'ginger-tea',
    amountPerLitre: 80,
    sugar: 85,
    hoursToTarget: 55,
    celsius: 21,
    lagHours: 8,
    growsBy: 5,
  },
  kefir: {
    id: 'water-kefir-grains',
    base: 'mineral-sugar',
    amountPerLitre: 50,
    sugar: 60,
    hoursToTarget: 11.5,
    celsius: 25,
    lagHours: 2.1,
    growsBy: 3,
  },
};

/** Step of a course, hours. */
export const step = 0.1;

const squareRoot = (celsius: number) => {
  const root = (celsius - 1) * (1 - Math.exp(0.25 * (celsius - 43)));
  return celsius > 1 && root > 0 ? root * root : 0;
};
const ratkowsky = (celsius: number) => squareRoot(celsius) / squareRoot(21);
const tenfold = (q10: number) => (celsius: number) => Math.pow(q10, (celsius - 21) / 10);
const arrhenius = (celsius: number) => Math.exp(7600 * (1 / 294.15 - 1 / (celsius + 273.15)));

export const left = (s: TruthState) => s.glucose + s.fructose;
const monod = (s: TruthState, half: number) => left(s) / (half + left(s));

/** Cells that double until there are `growsBy` of them, eating in proportion, slowed a little by gas. */
function logistic(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = s.age > lagHours * k.lag ? 1 : 0.15;
  s.cells += step * awake * 0.13 * s.cells * (1 - s.cells / (growsBy * k.cells));
  return (awake * s.cells * monod(s, 3)) / (1 + s.held / 14);
}

/** No nutrient ends growth: it is gas, alcohol and sugar that slow it. */
function uncapped(s: TruthState, k: Kitchen, { lagHours }: CultureOfTruth): number {
  const waking = 1 - Math.exp(-((s.age / (lagHours * k.lag)) ** 2));
  s.cells += (step * waking * 0.045 * s.cells * monod(s, 6)) / (1 + s.held / 6);
  return (waking * k.cells * s.cells * monod(s, 6)) / (1 + s.held / 20);
}

/** Sugar goes as fast as it is carried to the cells, whatever there is of it. */
function linear(s: TruthState, k: Kitchen, { lagHours }: CultureOfTruth): number {
  const waking = 1 / (1 + Math.exp(-(s.age - 1.3 * lagHours * k.lag) / (0.25 * lagHours)));
  return waking * k.cells;
}

/** No cells at all: gas follows an S over the hours lived, the steeper the more cells of the culture would grow. */
function sCurve(s: TruthState, k: Kitchen, { hoursToTarget, growsBy }: CultureOfTruth): number {
  const middle = (1.15 * hoursToTarget * Math.sqrt(k.lag)) / Math.sqrt(k.cells);
  const width = (1.15 * hoursToTarget) / (2 * Math.acosh(Math.sqrt(2.4 * growsBy)));
  const e = Math.exp(-(s.age - middle) / width);
  return e / (1 + e) ** 2;
}

/** Glucose first; when it thins out the cells stop and change over to fructose, which goes slower. */
function diauxic(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = s.age > 0.8 * lagHours * k.lag ? 1 : 0.1;
  s.cells += step * awake * 0.1 * s.cells * (1 - s.cells / (growsBy * k.cells));
  const onGlucose = s.glucose / (4 + s.glucose);
  const glucoseShare = s.glucose / (s.glucose + 0.4 * s.fructose + 1e-9);
  const onFructose = (0.55 * s.fructose) / (10 + s.fructose);
  return awake * s.cells * (glucoseShare * onGlucose + (1 - glucoseShare) * onFructose);
}

/** Two kinds of cells: quick ones that gas soon slows, and a few slow ones that it does not. */
function twoKinds(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = s.age > 0.7 * lagHours * k.lag ? 1 : 0.1;
  s.cells += step * awake * 0.15 * s.cells * (1 - s.cells / (2 * k.cells));
  s.others += step * awake * 0.07 * s.others * (1 - s.others / (growsBy * k.cells));
  return awake * monod(s, 4) * (s.cells / (1 + s.held / 3) + s.others);
}

/** Cells sink, and those on the ground meet less sugar. */
function sinking(s: TruthState, k: Kitchen, { lagHours, growsBy, hoursToTarget }: CultureOfTruth): number {
  const awake = 1 - Math.exp(-s.age / (1.2 * lagHours * k.lag));
  s.cells += step * awake * 0.12 * s.cells * (1 - s.cells / (growsBy * k.cells));
  const afloat = 0.4 + 0.6 * Math.exp(-s.age / hoursToTarget);
  return awake * s.cells * afloat * monod(s, 5);
}

/** What the cells make sours them: the more they have eaten, the slower they go. */
function souring(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = s.age > lagHours * k.lag ? 1 : 0.2;
  const slowed = 1 / (1 + ((s.start - left(s)) / 14) ** 2);
  s.cells += step * awake * 0.09 * slowed * s.cells * (1 - s.cells / (2 * growsBy * k.cells));
  return awake * s.cells * slowed * monod(s, 3);
}

/** Gas follows a lopsided S (Gompertz): quick to rise, long to end. */
function lopsided(s: TruthState, k: Kitchen, { hoursToTarget, lagHours, growsBy }: CultureOfTruth): number {
  const u = (s.age - lagHours * k.lag - 0.6 * hoursToTarget) / (hoursToTarget / Math.log(2 * growsBy));
  return k.cells * Math.exp(-u - Math.exp(-u));
}

/** Cane sugar has to be split before it is eaten, and the splitting takes its time. */
function splitFirst(s: TruthState, k: Kitchen, { lagHours, growsBy, hoursToTarget }: CultureOfTruth): number {
  const awake = 1 - Math.exp(-s.age / (lagHours * k.lag));
  s.cells += step * awake * 0.1 * s.cells * (1 - s.cells / (growsBy * k.cells));
  const split = left(s) * (1 - Math.exp((-s.age * Math.sqrt(k.cells)) / (0.5 * hoursToTarget)));
  return (awake * s.cells * split) / (12 + split);
}

/** Cells multiply quickly while the air in the liquid lasts, and not at all afterwards. */
function whileAirLasts(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = s.age > 0.6 * lagHours * k.lag ? 1 : 0.1;
  if (s.cells < 0.7 * growsBy * k.cells) s.cells += step * awake * 0.11 * s.cells;
  return (awake * s.cells * monod(s, 4)) / (1 + s.held / 25);
}

/** Cells wake one after another, in three stages; alcohol slows their growth and their work, and nothing else does. */
function wakingByAndBy(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const stages = (2 * s.age) / (lagHours * k.lag);
  const awake = 1 - Math.exp(-stages) * (1 + stages + stages ** 2 / 2);
  const easy = Math.max(0, 1 - (s.start - left(s)) / (12 * growsBy));
  s.cells += step * awake * 0.06 * easy * s.cells;
  return awake * k.cells * s.cells * Math.sqrt(easy) * monod(s, 5);
}

/** Bacteria take a share of the sugar at first and make no gas of it; yeast takes over by and by. */
function bacteriaFirst(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = s.age > 0.7 * lagHours * k.lag ? 1 : 0.15;
  s.cells += step * awake * 0.1 * s.cells * (1 - s.cells / (growsBy * k.cells));
  return awake * (s.cells + 0.8) * monod(s, 4);
}

/** A layer at rest feeds itself slowly; once gas rises it stirs the cells up. */
function stirredByGas(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const waking = 1 - Math.exp(-s.age / (lagHours * k.lag));
  const stirred = 0.35 + 0.65 * (s.held ** 2 / (0.6 + s.held ** 2));
  s.cells += step * waking * 0.08 * stirred * s.cells * (1 - s.cells / (growsBy * k.cells));
  return waking * stirred * s.cells * monod(s, 3);
}

/** Cells sit in clumps and only those outside divide: their number grows by the surface, without an end. */
function inClumps(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = s.age > 0.8 * lagHours * k.lag ? 1 : 0.1;
  s.cells += step * awake * 0.012 * growsBy * s.cells ** (2 / 3);
  return (awake * k.cells * s.cells * monod(s, 4)) / (1 + s.held / 12);
}

/** Cells multiply quickly and die by and by, the sooner the more they have eaten. */
function dying(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = s.age > 0.9 * lagHours * k.lag ? 1 : 0.1;
  const born = awake * 0.14 * (1 - s.cells / (1.6 * growsBy * k.cells));
  s.cells += step * s.cells * (born - 0.002 * (s.start - left(s)));
  return awake * s.cells * monod(s, 3);
}

/** Food for growth runs out as cells are made of it, and cells that lack it also work slower. */
function nitrogenRunsOut(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = 1 - Math.exp(-((s.age / (0.9 * lagHours * k.lag)) ** 3));
  const food = Math.max(0, 1 - s.cells / (1.3 * growsBy * k.cells));
  s.cells += step * awake * 0.11 * s.cells * (food / (0.25 + food));
  return awake * s.cells * (0.45 + 0.55 * food) * monod(s, 4);
}

/** A crowd that quickens itself: each cell works the faster the more of them there are. */
function quickeningCrowd(s: TruthState, k: Kitchen, { lagHours, growsBy }: CultureOfTruth): number {
  const awake = s.age > 0.6 * lagHours * k.lag ? 1 : 0.2;
  s.cells += step * awake * 0.08 * s.cells * (1 - s.cells / (0.8 * growsBy * k.cells));
  return (awake * s.cells ** 1.3 * monod(s, 3)) / (1 + s.held / 10);
}

export const truths: readonly Truth[] = [
  { name: 'logistic cells behind a hard delay', inSight: true, warmth: ratkowsky, eat: logistic },
  { name: 'linear uptake', inSight: true, warmth: arrhenius, eat: linear },
  { name: 'no nutrient cap', inSight: true, warmth: tenfold(2.3), eat: uncapped },
  { name: 'an S of gas', inSight: true, warmth: ratkowsky, eat: sCurve },
  { name: 'glucose first, fructose late', inSight: true, warmth: arrhenius, eat: diauxic },
  { name: 'a leaky bottle', inSight: true, warmth: ratkowsky, eat: logistic, leak: 0.006 },
  { name: 'a thermometer 2 °C off', inSight: true, warmth: tenfold(2.3), eat: logistic, thermometer: 2 },
  { name: 'two kinds of cells', inSight: true, warmth: tenfold(2.1), eat: twoKinds },
  { name: 'cells that sink', inSight: true, warmth: arrhenius, eat: sinking },
  { name: 'cells that sour themselves', inSight: true, warmth: ratkowsky, eat: souring },
  { name: 'a lopsided S of gas', inSight: true, warmth: tenfold(2.2), eat: lopsided },
  { name: 'sugar split first', inSight: true, warmth: ratkowsky, eat: splitFirst },
  { name: 'growth while the air lasts', inSight: true, warmth: arrhenius, eat: whileAirLasts },
  { name: 'cells that wake by and by', inSight: true, warmth: tenfold(2.5), eat: wakingByAndBy },
  {
    name: 'bacteria first',
    inSight: true,
    warmth: ratkowsky,
    eat: bacteriaFirst,
    gasShare: (s) => s.cells / (s.cells + 0.8),
  },
  { name: 'stirred up by its gas', inSight: true, warmth: arrhenius, eat: stirredByGas },
  { name: 'cells in clumps', inSight: true, warmth: tenfold(2), eat: inClumps },
  { name: 'cells that die by and by', inSight: true, warmth: ratkowsky, eat: dying },
  { name: 'warm days and cold nights', inSight: true, warmth: ratkowsky, eat: logistic, swing: 4 },
  { name: 'food for growth runs out', inSight: false, warmth: arrhenius, eat: nitrogenRunsOut },
  { name: 'a crowd that quickens itself', inSight: false, warmth: tenfold(2.2), eat: quickeningCrowd },
];
