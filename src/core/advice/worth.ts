/** A curve through points, level beyond its ends. */
function through(points: readonly (readonly [at: number, worth: number])[], x: number): number {
  const after = points.findIndex(([at]) => at >= x);
  if (after <= 0) return points.at(after)![1];
  const [from, below] = points[after - 1]!;
  const [to, above] = points[after]!;
  return below + ((x - from) / (to - from)) * (above - below);
}

/**
 * What a glass is worth by its fizz, against the fizz that is wanted: within a quarter of it good, flat still a drink, much too
 * much half lost over the rim. Practice.
 */
const byFizz = [
  [0, 0.05],
  [0.5, 0.4],
  [0.75, 0.9],
  [1, 1],
  [1.25, 0.9],
  [1.5, 0.45],
  [2, 0.15],
  [3, 0],
] as const;

/** The same by its sweetness: a third to either side is within anybody's taste. Practice. */
const bySweetness = [
  [0, 0.35],
  [0.4, 0.6],
  [0.67, 1],
  [1.5, 1],
  [2.5, 0.6],
] as const;

/** By the acids that its ferment made, g/L: up to three are fresh, six sour, from ten on it is vinegar to most. Practice. */
const bySourness = [
  [3, 1],
  [6, 0.85],
  [10, 0.5],
  [20, 0.2],
] as const;

/** By its alcohol against a ceiling that was set: a little over is a pity, half as much again is not drunk by who set it. */
const byAlcohol = [
  [1, 1],
  [1.1, 0.8],
  [1.5, 0.1],
] as const;

/** Below so much sweetness, g/L, what is meant to be dry is dry. */
const dryBelow = 20;

/** A glass as it is poured. */
export interface Glass {
  /** Fizz held, 0 or more. */
  readonly volumes: number;
  /** g/L as sucrose, 0 or more. */
  readonly sweetness: number;
  /** Acids that its ferment made, g/L. */
  readonly acids: number;
  /** % by volume. */
  readonly alcohol: number;
}

/** What is wanted of it. */
export interface WantedGlass {
  /** Above 0. */
  readonly volumes: number;
  /** g/L; 0 for a drink that is meant to be dry, which is then good at any sweetness below 20. */
  readonly sweetness: number;
  /** Alcohol that it should not pass, % by volume; null for none. */
  readonly ceiling: number | null;
}

/**
 * Worth of a glass as it is poured.
 *
 * @returns 0 to 1: 1 is just as wanted
 * @source practice; the curves are this file's
 * @example
 * pouredWorth({ volumes: 2.5, sweetness: 60, acids: 1, alcohol: 0.5 }, { volumes: 2.5, sweetness: 60, ceiling: null }) // 1
 */
export const pouredWorth = (poured: Glass, wanted: WantedGlass): number =>
  through(byFizz, poured.volumes / wanted.volumes) *
  through(bySweetness, poured.sweetness / Math.max(dryBelow, wanted.sweetness)) *
  through(bySourness, poured.acids) *
  (wanted.ceiling === null ? 1 : through(byAlcohol, poured.alcohol / wanted.ceiling));

/** What a first ferment is worth when it is bottled, by its sweetness against the wanted: too dry there is too little left for fizz. */
const byBottling = [
  [0, 0.2],
  [0.5, 0.55],
  [0.75, 0.9],
  [1, 1],
  [1.15, 0.95],
  [1.6, 0.6],
  [2.5, 0.3],
] as const;

/**
 * Worth of bottling a first ferment at a sweetness.
 *
 * @param sweetness g/L as sucrose, 0 or more
 * @param wanted g/L; of what is meant to be dry, below 20, anything below is as good
 * @returns 0 to 1: 1 is just as wanted
 * @source practice; the curve is this file's
 * @example bottledWorth(69, 69) // 1
 */
export const bottledWorth = (sweetness: number, wanted: number): number =>
  wanted <= dryBelow && sweetness <= wanted ? 1 : through(byBottling, sweetness / Math.max(wanted, 1));

/** Whether fizz is what a maker calls good: within a quarter of what is wanted. */
export const isGoodFizz = (volumes: number, wantedVolumes: number): boolean =>
  Math.abs(volumes / wantedVolumes - 1) <= 0.25;
