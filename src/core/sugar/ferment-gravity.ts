import { sucroseDensity, waterDensity20 } from './sucrose-solution';

/** What is dissolved in a fermenting liquid, grams per litre. Monosaccharides count by mass with sucrose. */
export interface Dissolved {
  readonly sugar: number;
  readonly ethanol: number;
  readonly acids: number;
  /** Minerals, gums, tannins and sugars that nothing eats; none where nothing is said. */
  readonly extract?: number;
}

/**
 * Room per gram in dilute water, ml/g: ethanol 1.193 and less as it gets stronger (from the OIML tables at 20 °C: 996.70,
 * 991.06 and 984.71 kg/m³ at 1, 5 and 10 % by volume); lactic and acetic acid and glycerol about 0.80 (0.77, 0.87, 0.77);
 * extract about 0.55 (minerals 0.3, gums and sorbitol 0.6–0.67).
 */
const millilitresPerGram = { ethanol: 1.1931, ethanolLess: 2.53e-4, acids: 0.8, extract: 0.55 } as const;

/**
 * Specific gravity 20/20 of sugar, ethanol, acids and extract in water, gas not counted. The sugar follows the ICUMSA density;
 * ethanol and acids displace water by their apparent volume.
 *
 * @param dissolved g/L; sugar 0–400, ethanol 0–120, acids 0–40, extract 0–40
 * @returns SG 20/20, within 0.0005 for sugar alone, 0.0001 for ethanol alone and about 0.001 for mixtures
 * @source OIML R 22 (1975) for ethanol
 * @example gravityOf({ sugar: 94.1, ethanol: 0, acids: 0 }) // ≈ 1.0363
 */
export function gravityOf({ sugar, ethanol, acids, extract = 0 }: Dissolved): number {
  const water = waterDensity20 / 1000;
  const change =
    ethanol * (1 - (millilitresPerGram.ethanol - millilitresPerGram.ethanolLess * ethanol) * water) +
    acids * (1 - millilitresPerGram.acids * water) +
    extract * (1 - millilitresPerGram.extract * water);
  return (sugarDensity(sugar) + change) / waterDensity20;
}

/** Density, g/L, of a solution with that many grams of sugar in a litre: four fixed-point steps, exact to 1e-6 relative. */
function sugarDensity(sugarGramsPerLitre: number): number {
  let density = waterDensity20 + 0.38 * sugarGramsPerLitre;
  for (let i = 0; i < 4; i++) density = sucroseDensity(sugarGramsPerLitre / density);
  return density;
}
