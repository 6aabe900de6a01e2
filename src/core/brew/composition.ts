import type { When } from '../lots/records/method';
import { contentsOf } from '../lots/begin';
import { ingredientOf } from '../matter/ingredients/registry';
import type { Portion } from '../matter/portion';
import { fermentableGrams } from '../matter/substances';

/** One thing on the worktop, and when it goes in. */
export interface Row {
  readonly portion: Portion;
  readonly when: When;
}

/** A brew as it is composed: so much liquid in the jar, of which water is what the rest leaves. */
export interface Composition {
  readonly ml: number;
  readonly rows: readonly Row[];
  /** ml of starter, or g of what is measured by mass; 0 for none. */
  readonly dose: number;
}

/** What stays as it is while something is turned: the litres (water follows), the proportions (all follows), or the sugar a litre (the main sweetener follows). */
export type Hold = 'litres' | 'proportions' | 'sugar';

/** A turned composition, and what followed: row numbers, `ml`, `dose`, `water`. */
export interface Turned {
  readonly composition: Composition;
  readonly followed: readonly (number | 'ml' | 'dose' | 'water')[];
}

/** The amount of a portion as it is measured: g, or ml of what is poured; 0 of neither. */
export const amountIn = ({ grams, ml }: Portion): number => grams ?? ml ?? 0;

/** A portion with another amount: what was typed no longer stands. */
export function withAmount({ typed: _typed, ...portion }: Portion, amount: number): Portion {
  const kept = Math.max(0, Number(amount.toFixed(3)));
  return portion.ml === undefined ? { ...portion, grams: kept } : { ...portion, ml: kept };
}

const isSweetener = ({ portion }: Row) => ['sugar', 'syrup'].includes(ingredientOf(portion.what).family);

/** Sugar a portion brings into the liquid, g. */
export const sugarIn = (portion: Portion): number => fermentableGrams(contentsOf([portion]).liquid);

/** The sweetener that brings most, but for one row; -1 for none. */
export function mainSweetener(rows: readonly Row[], but = -1): number {
  let best = -1;
  rows.forEach((row, i) => {
    if (i === but || !isSweetener(row)) return;
    if (best < 0 || sugarIn(row.portion) > sugarIn(rows[best]!.portion)) best = i;
  });
  return best;
}

/** Every amount by the same factor. @param factor above 0 */
export const scaledBy = ({ ml, rows, dose }: Composition, factor: number): Composition => ({
  ml: ml * factor,
  dose: dose * factor,
  rows: rows.map((row) => ({ ...row, portion: withAmount(row.portion, amountIn(row.portion) * factor) })),
});

const every = (composition: Composition, but: number | 'ml' | 'dose'): Turned['followed'] =>
  [...composition.rows.keys(), 'ml' as const, 'dose' as const, 'water' as const].filter(
    (each) => each !== but,
  );

/**
 * One amount turned, and what is not held follows: water, everything in proportion, or the main sweetener so that a litre keeps
 * its sugar.
 *
 * @param amount in the row's own measure, 0 or more; proportions cannot follow from 0
 * @example // 100 g of sugar turned to 80 with the sugar held: the honey beside it makes up 20 g of sugar
 */
export function turnRow(composition: Composition, at: number, amount: number, hold: Hold): Turned {
  const row = composition.rows[at];
  if (!row) return { composition, followed: [] };
  const before = amountIn(row.portion);
  if (hold === 'proportions' && before > 0 && amount > 0)
    return { composition: scaledBy(composition, amount / before), followed: every(composition, at) };
  const rows = composition.rows.map((each, i) =>
    i === at ? { ...each, portion: withAmount(each.portion, amount) } : each,
  );
  const main = hold === 'sugar' ? mainSweetener(composition.rows, at) : -1;
  if (main < 0) return { composition: { ...composition, rows }, followed: ['water'] };
  const other = rows[main]!;
  const change = sugarIn(rows[at]!.portion) - sugarIn(row.portion);
  const sugar = sugarIn(other.portion);
  const perAmount = sugar / Math.max(1e-9, amountIn(other.portion));
  const next = perAmount > 0 ? amountIn(other.portion) - change / perAmount : amountIn(other.portion);
  rows[main] = { ...other, portion: withAmount(other.portion, next) };
  return { composition: { ...composition, rows }, followed: [main, 'water'] };
}

/** The litres turned: all follows in proportion, or only the water. @param ml above 0 */
export const turnMl = (composition: Composition, ml: number, hold: 'proportions' | 'amounts'): Turned =>
  hold === 'proportions'
    ? { composition: scaledBy(composition, ml / composition.ml), followed: every(composition, 'ml') }
    : { composition: { ...composition, ml }, followed: ['water'] };

/** The dose turned: water follows, or all in proportion. */
export const turnDose = (composition: Composition, dose: number, hold: Hold): Turned =>
  hold === 'proportions' && composition.dose > 0 && dose > 0
    ? { composition: scaledBy(composition, dose / composition.dose), followed: every(composition, 'dose') }
    : { composition: { ...composition, dose }, followed: ['water'] };
