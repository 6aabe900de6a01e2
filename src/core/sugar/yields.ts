/**
 * Molar masses, g/mol (IUPAC 2021 abridged). Constants of what is compiled stand in classes, not in objects: see
 * docs/architecture.md, "Compiled steps".
 */
export class molar {
  static readonly carbon: number = 12.011;
  static readonly sucrose: number = 342.297;
  static readonly hexose: number = 180.156;
  static readonly ethanol: number = 46.069;
  static readonly co2: number = 44.009;
  static readonly lactic: number = 90.078;
  static readonly acetic: number = 60.052;
  static readonly gluconic: number = 196.155;
  static readonly glycerol: number = 92.094;
  /** One carbon of yeast, CH1.8 O0.5 N0.2 (Roels 1983), ash-free. */
  static readonly biomass: number = 24.626;
}

/** Grams of glucose and fructose from a gram of sucrose when it is split: water joins in. */
export const hexosePerSucrose: number = (2 * molar.hexose) / molar.sucrose;

/** Gay-Lussac: grams of CO2 and ethanol from a gram of hexose wholly fermented. */
export const co2PerHexose: number = (2 * molar.co2) / molar.hexose;
export const ethanolPerHexose: number = (2 * molar.ethanol) / molar.hexose;

export const co2PerSucrose: number = co2PerHexose * hexosePerSucrose;
export const ethanolPerSucrose: number = ethanolPerHexose * hexosePerSucrose;

/**
 * Share of the theoretical gas and alcohol that yeast really makes, mole for mole; the rest of the carbon is glycerol and cells.
 * What the kinetics of eat.ts come to with yeast alone: 0.91 of 40 g/L, 0.94 of 80, 0.95 of 150 (ferment/run/yeast-yield.test.ts).
 */
export const practicalShare: number = 0.94;

/** Grams of carbon in a gram of each, from the molar masses. */
export class carbonIn {
  static readonly sucrose: number = (12 * molar.carbon) / molar.sucrose;
  static readonly hexose: number = (6 * molar.carbon) / molar.hexose;
  static readonly ethanol: number = (2 * molar.carbon) / molar.ethanol;
  static readonly co2: number = molar.carbon / molar.co2;
  static readonly lactic: number = (3 * molar.carbon) / molar.lactic;
  static readonly acetic: number = (2 * molar.carbon) / molar.acetic;
  static readonly gluconic: number = (6 * molar.carbon) / molar.gluconic;
  static readonly glycerol: number = (3 * molar.carbon) / molar.glycerol;
  static readonly biomass: number = molar.carbon / molar.biomass;
}
