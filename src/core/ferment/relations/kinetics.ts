/** Kinetic constants that reproduced household practice; per hour at the best temperature, g/L. */
export class yeastKinetics {
  static readonly growth: number = 0.3;
  static readonly yieldOnSugar: number = 0.12;
  static readonly upkeep: number = 1.05;
  static readonly inversion: number = 6;
  static readonly inversionHalf: number = 8.6;
  static readonly glucoseHalf: number = 0.6;
  static readonly fructoseHalf: number = 1.2;
  static readonly sucroseHalf: number = 4;
}
export class lacticKinetics {
  static readonly growth: number = 0.3;
  static readonly uptake: number = 1.9;
  static readonly half: number = 4;
  static readonly inversion: number = 2;
}
export class aceticKinetics {
  static readonly uptake: number = 3;
  static readonly half: number = 2;
  static readonly capacity: number = 0.4;
  static readonly cellsPerEthanol: number = 0.067;
  static readonly pellicleHalf: number = 0.1;
  /** Gluconic acid made beside a gram of acetic where glucose is plenty, g, and the glucose that halves it, g/L (tea ferments: a fifth to a half). */
  static readonly gluconic: number = 0.3;
  static readonly gluconicHalf: number = 5;
}
export class gasKinetics {
  /** Dissolved CO2 that halves growth, and fermenting, g/L. */
  static readonly halfGrowth: number = 12;
  static readonly halfFerment: number = 45;
  /** Loss of supersaturation from an unsealed vessel, per hour. */
  static readonly degassing: number = 1.5;
  /** Oxygen taken by a gram of live yeast, share per hour. */
  static readonly oxygenTaking: number = 4;
}
/** Sugar at which a kept jar is half hungry, g/L, and the readiness it then falls from. Practice. */
export class hungerKinetics {
  static readonly hungryBelow: number = 0.6;
  static readonly readiest: number = 10;
}
