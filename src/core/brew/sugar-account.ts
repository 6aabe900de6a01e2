import { contentsOf } from '../lots/begin';
import { ingredientOf } from '../matter/ingredients/registry';
import type { Portion } from '../matter/portion';
import { fermentableGrams, volumeOf, type Amounts } from '../matter/substances';
import { brixOfGravity } from '../sugar/sucrose-solution';
import { abvOfEthanol } from '../sugar/alcohol';
import { gravityOf } from '../sugar/ferment-gravity';
import { sweetnessOf } from '../matter/sweetness';
import { ethanolPerHexose, ethanolPerSucrose, practicalShare } from '../sugar/yields';
import { t } from '../language/t';

/** A living dose as the account sees it. */
export interface Dose {
  readonly ml: number;
  /** Sugar it still carries, g/L. */
  readonly residualSugar: number;
}

/** One source of sugar, and what share of its dissolved solids ferments. */
interface SugarSource {
  readonly what: string;
  readonly gramsPerLitre: number;
  readonly fermentableShare: number;
}

export interface SugarAccount {
  /** Liquid in the jar, ml: what sugar and dose take up included, solids not. */
  readonly batchMl: number;
  /** Sugar by where it comes from, g per litre of the batch, the largest first; the dose is `starter`. */
  readonly sources: readonly SugarSource[];
  readonly totalGramsPerLitre: number;
  /** Of all that is dissolved and might be sugar (lactose and dextrins too), the share that ferments, 0–1. */
  readonly fermentableShare: number;
  /** As sweet as so much white sugar, g/L, before anything ferments. */
  readonly sweetness: number;
  /** Alcohol if all of it fermented, percent by volume: what yeast makes in practice. */
  readonly abvIfDry: number;
  readonly gravity: number;
  readonly brix: number;
  /** Share of the batch that is the dose. */
  readonly doseShare: number;
}

export const noDose: Dose = { ml: 0, residualSugar: 0 };

/**
 * Sugar account of a brew: what a litre in the jar really holds, since sugar, fruit and starter take up room and bring sugar
 * of their own.
 *
 * @param portions everything but the dose; some liquid among them
 * @returns g/L, SG 20/20 and °Brix before anything ferments; within 1 % of a hand account
 * @example sugarAccount([{ what: 'water', ml: 1000 }, { what: 'white-sugar', grams: 100 }], noDose).totalGramsPerLitre // ≈ 94
 */
export function sugarAccount(portions: readonly Portion[], dose: Dose): SugarAccount {
  const liquid = contentsOf(portions).liquid;
  const batchMl = Math.max(1e-9, volumeOf(liquid) + dose.ml);
  const perLitre = (grams: number) => (grams / batchMl) * 1000;
  const doseSugar = (dose.ml / 1000) * dose.residualSugar;
  const sources = portions
    .map((portion): SugarSource => {
      const own = contentsOf([portion]).liquid;
      return {
        what: portion.what,
        gramsPerLitre: perLitre(fermentableGrams(own)),
        fermentableShare: shareOf(own),
      };
    })
    .concat(
      doseSugar > 0 ? [{ what: 'starter', gramsPerLitre: perLitre(doseSugar), fermentableShare: 1 }] : [],
    )
    .filter(({ gramsPerLitre }) => gramsPerLitre > 0.05)
    .sort((a, b) => b.gramsPerLitre - a.gramsPerLitre);
  const total = perLitre(fermentableGrams(liquid) + doseSugar);
  const gravity = gravityOf({ sugar: total, ethanol: 0, acids: perLitre(acidGrams(liquid)) });
  return {
    batchMl,
    sources,
    totalGramsPerLitre: total,
    fermentableShare: shareOf({ ...liquid, sucrose: liquid.sucrose + doseSugar }),
    sweetness: perLitre(sweetnessOf(liquid) + doseSugar),
    abvIfDry: abvOfEthanol(perLitre(ethanolOf({ ...liquid, sucrose: liquid.sucrose + doseSugar }))),
    gravity,
    brix: brixOfGravity(gravity),
    doseShare: dose.ml / batchMl,
  };
}

/** Share of what is sugar or its like that ferments. */
function shareOf(liquid: Amounts): number {
  const sugar = fermentableGrams(liquid);
  const all = sugar + liquid.lactose + liquid.inert;
  return all > 0 ? sugar / all : 1;
}

/** Ethanol when every sugar that ferments has fermented, g: Gay-Lussac, of which yeast makes 94 %. */
const ethanolOf = ({ sucrose, maltose, glucose, fructose }: Amounts): number =>
  practicalShare * ((sucrose + maltose) * ethanolPerSucrose + (glucose + fructose) * ethanolPerHexose);

const acidGrams = (liquid: Amounts) => liquid.citric + liquid.malic + liquid.lactic + liquid.acetic;

/** Name of a source of sugar, as the account shows it. */
export const sourceName = (what: string): string =>
  what === 'starter' ? t`Starter` : ingredientOf(what).name;

/** A remark on the total, where it leaves what sodas usually hold (60–110 g/L). */
export function sugarRemark(totalGramsPerLitre: number): string | undefined {
  if (totalGramsPerLitre < 60) return t`Lean: most sodas start at 60–110 g/L. It will end dry and sharp.`;
  if (totalGramsPerLitre > 110)
    return t`Rich: most sodas start at 60–110 g/L. What stays unfermented keeps building pressure.`;
  return undefined;
}
