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
};
