import { contentsOf } from '../lots/begin';
import type { Lot } from '../lots/lot';
import { levelMl, liquidMl, solidGrams } from '../matter/contents';
import type { Portion } from '../matter/portion';
import { refusal, success, type Result } from '../result';
import { knownCultures, lastBatchId, type CultureTable } from '../cultures/registry';
import { mostDrawableMl, planDraw, type DrawPlan } from '../starter/draw-plan';
import { noDose, sugarAccount, type Dose, type SugarAccount } from './sugar-account';

/** What brings life into a brew: a lot of the kitchen, a packet (already among the portions), or the base itself. */
export type Life =
  /** `sugarGramsPerLitre` is what its liquid has left now; by its kind when nobody knows. */
  | {
      readonly kind: 'lot';
      readonly lot: Lot;
      readonly ml: number;
      readonly sugarGramsPerLitre?: number;
    }
  | { readonly kind: 'packet'; readonly lot: Lot; readonly grams: number }
  | { readonly kind: 'portion' }
  | { readonly kind: 'bare' };

export interface BrewAsk {
  /** Finished volume wanted, or the water at hand, ml. */
  readonly ml: number;
  readonly by: 'volume' | 'water';
  /** Everything but water and the dose. */
  readonly portions: readonly Portion[];
  readonly life: Life;
}

export interface BrewPlan {
  readonly portions: readonly Portion[];
  readonly waterMl: number;
  readonly account: SugarAccount;
  readonly draw: DrawPlan | null;
  /** Smallest jar that holds it with room to foam, ml. */
  readonly jarMl: number;
}

/**
 * Works a brew out: the water to measure, the sugar account, what the draw leaves in the starter's jar.
 *
 * @returns refusals `brew.no-room` (nothing is left for water), `brew.thick` (more sugar than any culture takes),
 *   `draw.too-large`, `draw.nothing`
 */
export function planBrew(ask: BrewAsk, cultures: CultureTable = knownCultures): Result<BrewPlan> {
  const dose = doseOf(ask.life, cultures);
  const rest = contentsOf(ask.portions);
  const waterMl = ask.by === 'water' ? ask.ml : ask.ml - liquidMl(rest) - dose.ml;
  if (waterMl < -0.5) return refusal('brew.no-room');
  const portions =
    waterMl >= 0.5
      ? [{ what: 'water', ml: Math.round(waterMl * 10) / 10 }, ...ask.portions]
      : [...ask.portions];
  const account = sugarAccount(portions, dose);
  if (account.totalGramsPerLitre > mostSugar)
    return refusal('brew.thick', { gramsPerLitre: account.totalGramsPerLitre, most: mostSugar });
  const draw = ask.life.kind === 'lot' ? planDraw(ask.life.lot, ask.life.ml, cultures) : null;
  if (draw && !draw.ok) return draw;
  const level = levelMl(contentsOf(portions)) + dose.ml;
  return success({
    portions,
    waterMl: Math.max(0, waterMl),
    account,
    draw: draw?.ok ? draw.value : null,
    jarMl: Math.ceil((level * 1.1) / 50) * 50,
  });
}

/** Sugar beyond which the starters of this kitchen stall, g/L: practice. */
export const mostSugar = 260;

function doseOf(life: Life, cultures: CultureTable): Dose {
  if (life.kind !== 'lot') return noDose;
  const culture = cultures(life.lot.role === 'starter' ? life.lot.culture : lastBatchId);
  return { ml: life.ml, residualSugar: life.sugarGramsPerLitre ?? culture?.residualSugar ?? 0 };
}

/** How much smaller a dose is by each degree above 22 °C: practice, half as much at 34, within what is usual. */
const lessPerDegree = 1.06;

/**
 * The usual dose for a batch, or what the jar can give: less of it in the heat, more in the cold, within the kind's own range.
 *
 * @param celsius where the batch will ferment
 * @returns ml (or g for what is measured by mass)
 */
export function suggestedDose(
  lot: Lot,
  batchMl: number,
  celsius = 22,
  cultures: CultureTable = knownCultures,
): number {
  const culture = cultures(lot.role === 'starter' ? lot.culture : lastBatchId);
  if (culture?.packet) return Math.min((culture.dose.usual * batchMl) / 1000, solidGrams(lot.contents));
  if (culture?.unit !== 'ml') return Math.max(0, Math.min(0.1 * batchMl, mostDrawableMl(lot, cultures)));
  const { low, usual, high } = culture.dose;
  const share = Math.max(low, Math.min(high, usual * lessPerDegree ** (22 - celsius)));
  return Math.max(0, Math.min(share * batchMl, mostDrawableMl(lot, cultures)));
}
