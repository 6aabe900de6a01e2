import { refusalWords } from '@/words/refusals';
import { portionTyped, volumeTyped } from '@/core/measures/portion-measure';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { gramsOfPortion, type Portion } from '@/core/matter/portion';
import { amountOf, echo, kitchenVolume, millilitres } from '@/words/amounts';
import { t } from '@/core/language/t';

/** A row of a list of portions, as typed. */
export interface PortionRow {
  readonly what: string;
  readonly amount: string;
  readonly form?: Portion['form'];
}

/** A row that shows a portion as it is. */
export const rowOf = (portion: Portion): PortionRow => ({
  what: portion.what,
  amount: portion.typed ?? amountOf(portion),
  ...(portion.form ? { form: portion.form } : {}),
});

/**
 * Reads rows: empty ones are passed over.
 * @returns the portions, or what is wrong at which row (`portions.0.amount`)
 */
export function readRows(rows: readonly PortionRow[]): {
  portions: Portion[];
  faults: Record<string, string>;
} {
  const portions: Portion[] = [];
  const faults: Record<string, string> = {};
  rows.forEach((row, index) => {
    if (row.amount.trim() === '') return;
    const read = portionTyped(row.what, row.amount, row.form);
    const path = `portions.${index}.amount`;
    if (!read.ok) faults[path] = refusalWords(read);
    else if (gramsOfPortion(read.value) > 60_000) faults[path] = t`More than 60 kg: check the unit.`;
    else if (gramsOfPortion(read.value) > 0) portions.push(read.value);
  });
  return { portions, faults };
}

/** What was understood of a row, shown below its box. */
export function rowEcho(row: PortionRow): string | undefined {
  if (row.amount.trim() === '') return undefined;
  const read = portionTyped(row.what, row.amount, row.form);
  return read.ok ? echo(read.value) : undefined;
}

export const ingredientName = (what: string): string => ingredientOf(what).name;

/** What was understood of a volume, shown below its box. */
export const volumeEcho =
  (fallback: 'ml' | 'l') =>
  (text: string): string | undefined => {
    const read = volumeTyped(text, fallback);
    if (!read.ok) return undefined;
    const kitchen = kitchenVolume(read.value);
    return `= ${millilitres(read.value)}${kitchen === null ? '' : t`, about ${kitchen}`}`;
  };
