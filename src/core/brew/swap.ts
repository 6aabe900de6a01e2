import { contentsOf } from '../lots/begin';
import { isPoured, type Portion } from '../matter/portion';
import { fermentableGrams } from '../matter/substances';
import { refusal, success, type Result } from '../result';
import { sweetnessOf } from '../matter/sweetness';
import { amountIn, mainSweetener, sugarIn, withAmount, type Composition, type Row } from './composition';

/** What a swap keeps the same. */
export type Equal = 'sugar' | 'sweetness';

/** What a gram (or ml) of a sweetener counts for. */
function worth(what: string, equal: Equal): number {
  const { liquid } = contentsOf([isPoured(what) ? { what, ml: 1 } : { what, grams: 1 }]);
  return equal === 'sugar' ? fermentableGrams(liquid) : sweetnessOf(liquid);
}

/**
 * As much of another sweetener as brings the same sugar, or tastes as sweet.
 *
 * @returns a portion; refusal `swap.not-sweet` when the other has nothing to give
 * @example // 100 g of white sugar for honey at equal sugar: 126 g, since honey is a fifth water
 */
export function swapped(portion: Portion, what: string, equal: Equal): Result<Portion> {
  const each = worth(what, equal);
  if (!(each > 0)) return refusal('swap.not-sweet');
  const { liquid } = contentsOf([portion]);
  const wanted = equal === 'sugar' ? fermentableGrams(liquid) : sweetnessOf(liquid);
  const amount = Number((wanted / each).toFixed(1));
  return success(isPoured(what) ? { what, ml: amount } : { what, grams: amount });
}

/**
 * A sweetener of a composition swapped, wholly or in part.
 *
 * @param share of it that is swapped, above 0 to 1
 */
export function swapRow(
  composition: Composition,
  at: number,
  what: string,
  { equal, share = 1 }: { readonly equal: Equal; readonly share?: number },
): Result<Composition> {
  const row = composition.rows[at];
  if (!row) return refusal('swap.nothing');
  const amount = amountIn(row.portion);
  const other = swapped(withAmount(row.portion, amount * share), what, equal);
  if (!other.ok) return other;
  const kept = share < 1 ? [{ ...row, portion: withAmount(row.portion, amount * (1 - share)) }] : [];
  const there = composition.rows.findIndex((each, i) => i !== at && each.portion.what === what);
  const rows = composition.rows.flatMap((each, i): Row[] => {
    if (i === at) return there < 0 ? [...kept, { when: row.when, portion: other.value }] : kept;
    return i === there
      ? [{ ...each, portion: withAmount(each.portion, amountIn(each.portion) + amountIn(other.value)) }]
      : [each];
  });
  return success({ ...composition, rows });
}

/**
 * Juice instead of part of the sugar and water: so much of it, and the main sweetener less by the sugar it brings. Water
 * follows of itself.
 *
 * @param juice the juice with its amount, and the sugar its label states if it does
 * @returns refusals `swap.nothing` (no sweetener to take from) and `swap.too-much` (the juice brings more sugar than the
 *   sweetener, or more volume than the batch has)
 */
export function juiceInstead(composition: Composition, juice: Portion): Result<Composition> {
  const main = mainSweetener(composition.rows);
  if (main < 0) return refusal('swap.no-sweetener');
  const row = composition.rows[main]!;
  const sugar = sugarIn(row.portion);
  const brings = sugarIn(juice);
  if ((juice.ml ?? 0) > composition.ml) return refusal('swap.too-much-juice');
  if (brings > sugar) return refusal('swap.too-much-sugar', { brings, has: sugar });
  const less = withAmount(row.portion, amountIn(row.portion) * (1 - brings / sugar));
  const rows = composition.rows.flatMap((each, i): Row[] =>
    i === main ? (amountIn(less) > 0.5 ? [{ ...each, portion: less }] : []) : [each],
  );
  return success({ ...composition, rows: [...rows, { when: 'last', portion: juice }] });
}
