/** Kinetic constants that reproduced household practice; per hour at the best temperature. */
export const kinetics = {
  yeast: {
    growth: 0.3,
    yieldOnSugar: 0.12,
    upkeep: 1.05,
    inversion: 6,
    inversionHalf: 8.6,
    glucoseHalf: 0.6,
    fructoseHalf: 1.2,
    sucroseHalf: 4,
  },
  lactics: { growth: 0.3, uptake: 1.9, half: 4, inversion: 2 },
  acetics: { uptake: 3, half: 2, capacity: 0.4, cellsPerEthanol: 0.067, pellicleHalf: 0.1 },
  gasHalfGrowth: 12,
  gasHalfFerment: 45,
  /** Loss of supersaturation from an unsealed vessel, per hour. */
  degassing: 1.5,
  /** Oxygen taken by a gram of live yeast, share per hour. */
  oxygenTaking: 4,
  /** Sugar at which a kept jar is half hungry, g/L, and the readiness it then falls from. Practice. */
  hungryBelow: 0.6,
  readiest: 10,
} as const;
