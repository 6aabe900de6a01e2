/** One plausible kitchen: how it departs from the nominal ferment. The nominal member has every factor 1, every shift 0. */
export class Member {
  /** Speed of yeast and bacteria. */
  vigour: number = 1;
  /** Length of the lag. */
  lag: number = 1;
  /** Amount of bacteria in the starter. */
  bacteria: number = 1;
  /** Nutrients in the base. */
  capacity: number = 1;
  /** True temperature less the stated one, °C. */
  offset: number = 0;
  /** Half the day/night swing, °C. */
  swing: number = 0;
  /** Hour at which the swing is at its mean and rising. */
  swingPhase: number = 0;
  /** Share of the overpressure's gas that the seal lets go, per hour. */
  leak: number = 0;
  /** Where the seals of its vessels lie between the best and the worst, 0–1: each vessel takes its own leak from it. */
  seal: number = 0;
  /** How the pace strays from the equations: logarithm of the vigour gained within the first day, and over the first week. */
  earlyDrift: number = 0;
  lateDrift: number = 0;
  /** Live cells of the dose, and how fast they double, against the usual. */
  cells: number = 1;
  growth: number = 1;
  /** How early growth feels its limit: 0 is logistic, below nearer to exponential, above nearer to linear. Above −1. */
  shape: number = 0;
  /** How much more gas it takes to slow growth and fermenting. */
  gasTolerance: number = 1;
  /** True temperature of a fridge less the stated one, °C. */
  fridge: number = 0;
  /** Pace kept in the cold, against the usual. */
  coldActivity: number = 1;
}

export const nominalMember: Member = new Member();
