import { refusalWords } from '@/words/refusals';
import { mlWithWater, scaleBy, type ScaleBy } from '@/core/brew/scale';
import type { Lot } from '@/core/lots/lot';
import { gramsOfPortion } from '@/core/matter/portion';
import { parseMeasure, parseNumber } from '@/core/measures/parse-measure';
import { portionTyped, volumeTyped } from '@/core/measures/portion-measure';
import { doseIsMl } from './worktop-life';
import { withMl } from './worktop-turns';
import type { WorktopState } from './worktop-state';
import { t } from '@/core/language/t';
import { ownUnit } from '@/core/measures/unit-system';

/** What sets the size of a batch, as it is chosen. */
export const scaleWays = [
  { value: 'litres', label: t`Litres of soda` },
  { value: 'bottles', label: t`Bottles` },
  { value: 'jar', label: t`The jar` },
  { value: 'pot', label: t`The pot` },
  { value: 'starter', label: t`Starter on hand` },
  { value: 'ingredient', label: t`What I have` },
  { value: 'water', label: t`Water I have` },
] as const;
export type ScaleWay = (typeof scaleWays)[number]['value'];

interface Asked {
  readonly way: ScaleWay;
  readonly typed: string;
  readonly size: string;
  readonly at: number;
}

/** The worktop brought to the size that was asked for, or what is wrong with it. */
export function scaled(
  state: WorktopState,
  { way, typed, size, at }: Asked,
  lots: readonly Lot[],
  celsius: number,
): WorktopState | string {
  const poured = doseIsMl(state, lots);
  if (way === 'water') {
    const water = volumeTyped(typed, 'l');
    if (!water.ok) return refusalWords(water);
    const ml = mlWithWater(state.composition, state.method, poured, water.value);
    return withMl(state, ml, 'amounts', { lots, celsius });
  }
  const by = read({ way, typed, size, at }, state);
  if (typeof by === 'string') return by;
  const result = scaleBy(state.composition, by, state.method, poured);
  return result.ok
    ? {
        ...state,
        composition: result.value,
        jarMl: way === 'jar' && by.by === 'jar' ? by.ml : state.jarMl,
        potMl: way === 'pot' && by.by === 'pot' ? by.ml : state.potMl,
        followed: [...state.composition.rows.keys(), 'ml', 'dose', 'water'],
      }
    : refusalWords(result);
}

function read({ way, typed, size, at }: Asked, { composition }: WorktopState): ScaleBy | string {
  if (way === 'bottles') {
    const count = parseNumber(typed);
    if (!Number.isInteger(count) || count < 1 || count > 60) return t`A whole number of bottles, 1 to 60.`;
    const each = volumeTyped(size, 'ml');
    if (!each.ok) return refusalWords(each);
    if (each.value < 50 || each.value > 5000) return t`Between 50 ml and 5 L a bottle.`;
    return { by: 'bottles', count, sizeMl: each.value };
  }
  if (way === 'ingredient') {
    const row = composition.rows[at];
    if (!row) return t`Put something in first.`;
    const portion = portionTyped(row.portion.what, typed, row.portion.form);
    return portion.ok
      ? { by: 'ingredient', at, grams: gramsOfPortion(portion.value) }
      : refusalWords(portion);
  }
  if (way === 'starter') {
    const amount = parseMeasure(typed, ownUnit('ml'));
    if (!amount.ok) return refusalWords(amount);
    const there = amount.value.millilitres ?? amount.value.grams ?? 0;
    return there > 0 ? { by: 'starter', amount: there } : t`Write how much there is.`;
  }
  const volume = volumeTyped(typed, 'l');
  if (!volume.ok) return refusalWords(volume);
  if (!(volume.value >= 100 && volume.value <= 50_000)) return t`Between 100 ml and 50 L.`;
  return way === 'litres'
    ? { by: 'litres', ml: volume.value }
    : { by: way === 'jar' ? 'jar' : 'pot', ml: volume.value };
}
