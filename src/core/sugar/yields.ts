/** Molar masses, g/mol (IUPAC 2021 abridged). */
export const molar = {
  carbon: 12.011,
  sucrose: 342.297,
  hexose: 180.156,
  ethanol: 46.069,
  co2: 44.009,
  lactic: 90.078,
  acetic: 60.052,
  glycerol: 92.094,
  /** One carbon of yeast, CH1.8 O0.5 N0.2 (Roels 1983), ash-free. */
  biomass: 24.626,
} as const;

/** Grams of glucose and fructose from a gram of sucrose when it is split: water joins in. */
export const hexosePerSucrose = (2 * molar.hexose) / molar.sucrose;

/** Gay-Lussac: grams of CO2 and ethanol from a gram of hexose wholly fermented. */
export const co2PerHexose = (2 * molar.co2) / molar.hexose;
export const ethanolPerHexose = (2 * molar.ethanol) / molar.hexose;

export const co2PerSucrose = co2PerHexose * hexosePerSucrose;
export const ethanolPerSucrose = ethanolPerHexose * hexosePerSucrose;

/** Share of the theoretical gas and alcohol that yeast really makes; the rest of the carbon is glycerol and cells. */
export const practicalShare = { co2: 0.94, ethanol: 0.92 } as const;

/** Grams of carbon in a gram of each, from the molar masses. */
export const carbonIn = {
  sucrose: (12 * molar.carbon) / molar.sucrose,
  hexose: (6 * molar.carbon) / molar.hexose,
  ethanol: (2 * molar.carbon) / molar.ethanol,
  co2: molar.carbon / molar.co2,
  lactic: (3 * molar.carbon) / molar.lactic,
  acetic: (2 * molar.carbon) / molar.acetic,
  glycerol: (3 * molar.carbon) / molar.glycerol,
  biomass: molar.carbon / molar.biomass,
} as const;
