import { gravityOf } from './ferment-gravity';
import { sugarOfGravity } from './sucrose-solution';
import { ethanolPerSucrose, practicalShare } from './yields';

/** Grams of ethanol from a gram of sucrose, as yeast makes it. @example ethanolYield // ≈ 0.506 */
export const ethanolYield: number = ethanolPerSucrose * practicalShare;

/** Density of pure ethanol at 20 °C, g/ml (OIML R 22). */
const ethanolDensity = 0.78924;

/** Alcohol by volume, percent, of ethanol in g/L at 20 °C. @example abvOfEthanol(7.8924) // 1 */
export const abvOfEthanol = (ethanolGramsPerLitre: number): number =>
  ethanolGramsPerLitre / ethanolDensity / 10;

/** First rule of thumb for alcohol, % by volume, of gravities before and after: (OG − FG) · 131.25. @example abvByRule131(1.05, 1.01) // 5.25 */
export const abvByRule131 = (og: number, fg: number): number => (og - fg) * 131.25;

/** Second rule of thumb, % by volume: gravity points over 7.5. @example abvByRule7_5(1.05, 1.01) // ≈ 5.33 */
export const abvByRule7_5 = (og: number, fg: number): number => ((og - fg) * 1000) / 7.5;

/**
 * Alcohol by mass balance from two gravities: the sugar that must have gone so that what is left, with the ethanol made
 * from the rest, weighs what the second gravity says. Bisection over the sugar fermented, to 1e-6 g/L.
 *
 * @param og original SG 20/20, 1.000–1.2
 * @param fg later SG 20/20, not above `og`; sucrose and ethanol only, gas driven off
 * @returns percent ABV; 0 when fg ≥ og
 * @source yields of Gay-Lussac, of which practice reaches 94 %, densities as in `gravityOf`
 * @example abvByMassBalance(1.05, 1.01) // ≈ 5.39
 */
export function abvByMassBalance(og: number, fg: number): number {
  const sugarAtStart = sugarOfGravity(og);
  let low = 0;
  let high = sugarAtStart;
  for (let i = 0; i < 50; i++) {
    const fermented = (low + high) / 2;
    if (gravityAfter(sugarAtStart, fermented) > fg) low = fermented;
    else high = fermented;
  }
  return abvOfEthanol(low * ethanolYield);
}

const gravityAfter = (sugarAtStart: number, fermented: number): number =>
  gravityOf({ sugar: sugarAtStart - fermented, ethanol: fermented * ethanolYield, acids: 0 });
