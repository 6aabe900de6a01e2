/** One plausible kitchen: how it departs from the nominal ferment. The nominal member has every factor 1, every shift 0. */
export interface Member {
  /** Speed of yeast and bacteria. */
  readonly vigour: number;
  /** Length of the lag. */
  readonly lag: number;
  /** Amount of bacteria in the starter. */
  readonly bacteria: number;
  /** Nutrients in the base. */
  readonly capacity: number;
  /** True temperature less the stated one, °C. */
  readonly offset: number;
  /** Half the day/night swing, °C. */
  readonly swing: number;
  /** Hour at which the swing is at its mean and rising. */
  readonly swingPhase: number;
  /** Share of the overpressure's gas that the seal lets go, per hour. */
  readonly leak: number;
  /** Where the seals of its vessels lie between the best and the worst, 0–1: each vessel takes its own leak from it. */
  readonly seal: number;
  /** How the pace strays from the equations: logarithm of the vigour gained within the first day, and over the first week. */
  readonly earlyDrift: number;
  readonly lateDrift: number;
  /** Live cells of the dose, and how fast they double, against the usual. */
  readonly cells: number;
  readonly growth: number;
  /** How early growth feels its limit: 0 is logistic, below nearer to exponential, above nearer to linear. Above −1. */
  readonly shape: number;
  /** How much more gas it takes to slow growth and fermenting. */
  readonly gasTolerance: number;
  /** True temperature of a fridge less the stated one, °C. */
  readonly fridge: number;
  /** Pace kept in the cold, against the usual. */
  readonly coldActivity: number;
}

export const nominalMember: Member = {
  vigour: 1,
  lag: 1,
  bacteria: 1,
  capacity: 1,
  offset: 0,
  swing: 0,
  swingPhase: 0,
  leak: 0,
  seal: 0,
  cells: 1,
  growth: 1,
  earlyDrift: 0,
  lateDrift: 0,
  shape: 0,
  gasTolerance: 1,
  fridge: 0,
  coldActivity: 1,
};
