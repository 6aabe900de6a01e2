import { refusal, success, type Result } from '../result';
import { dissolve } from '../sugar/sucrose-solution';
import { gingerBug, millilitresPerGramIn } from '../starter/ginger-bug';

/** What goes into a ginger soda. Volumes in ml, masses in g. */
export interface SodaAmounts {
  readonly waterMl: number;
  readonly sugarGrams: number;
  readonly doseMl: number;
}

export interface SugarAccount {
  /** Finished volume with sugar and starter, ml. */
  readonly batchMl: number;
  readonly addedGramsPerLitre: number;
  readonly starterGramsPerLitre: number;
  readonly totalGramsPerLitre: number;
  readonly gravity: number;
  readonly brix: number;
  readonly doseShare: number;
}

const waterGramsPerMl = 0.998;

/**
 * Sugar account of a soda: what a litre in the jar really holds, since sugar and starter take up room.
 *
 * @param amounts water above 0; sugar and dose 0 or more
 * @returns g/L, SG 20/20 and °Brix before anything ferments; the starter's own sugar reckoned at 12 g/L (practice)
 * @example sugarAccount({ waterMl: 1000, sugarGrams: 100, doseMl: 0 }).totalGramsPerLitre // ≈ 94
 */
export function sugarAccount({ waterMl, sugarGrams, doseMl }: SodaAmounts): SugarAccount {
  const starterSugar = (doseMl / 1000) * gingerBug.residualSugar;
  const base = dissolve(sugarGrams + starterSugar, (waterMl + doseMl) * waterGramsPerMl);
  const litres = base.litres;
  return {
    batchMl: litres * 1000,
    addedGramsPerLitre: sugarGrams / litres,
    starterGramsPerLitre: starterSugar / litres,
    totalGramsPerLitre: base.gramsPerLitre,
    gravity: base.gravity,
    brix: base.brix,
    doseShare: doseMl / (litres * 1000),
  };
}

/**
 * Water to measure for a wanted volume: what sugar and starter leave room for.
 *
 * @param batchMl wanted, finished volume
 * @returns ml of water, exact to 1 ml; refusal `brew.no-room` when sugar and starter already fill it
 */
export function waterFor(batchMl: number, sugarGrams: number, doseMl: number): Result<number> {
  let waterMl = batchMl - doseMl - sugarGrams * millilitresPerGramIn.sugar;
  for (let i = 0; i < 5 && waterMl > 0; i++) {
    waterMl += batchMl - sugarAccount({ waterMl, sugarGrams, doseMl }).batchMl;
  }
  return waterMl > 0 && waterMl > 0.2 * batchMl
    ? success(waterMl)
    : refusal(
        'brew.no-room',
        'Sugar and starter leave hardly any room for water: use less sugar or a larger volume.',
      );
}

/** A remark on the total, where it leaves what sodas usually hold (60–110 g/L). */
export function sugarRemark(totalGramsPerLitre: number): string | undefined {
  if (totalGramsPerLitre < 60) return 'Lean: most sodas start at 60–110 g/L. It will end dry and sharp.';
  if (totalGramsPerLitre > 110)
    return 'Rich: most sodas start at 60–110 g/L. What stays unfermented keeps building pressure.';
  return undefined;
}
