import { suggestedDose, type Life } from '@/core/brew/brew-plan';
import { bareId, cultureOfIngredient, knownCultures, lastBatchId, peelId } from '@/core/cultures/registry';
import type { Lot } from '@/core/lots/lot';
import { solidGrams } from '@/core/matter/contents';
import { refusal, success, type Result } from '@/core/result';
import { isPacket } from '../../../forms/packet-dose';
import type { WorktopState } from './worktop-state';

const grainsMark = ':grains';

/** The lot a choice of life names, and whether its grains are meant rather than its liquid. */
export function lotOfLife(
  life: string,
  lots: readonly Lot[],
): { readonly lot: Lot; readonly grains: boolean } | null {
  const grains = life.endsWith(grainsMark);
  const lot = lots.find(({ id }) => id === (grains ? life.slice(0, -grainsMark.length) : life));
  return lot ? { lot, grains: grains || isPacket(lot) } : null;
}
export const grainsOf = (lot: Lot): string => `${lot.id}${grainsMark}`;

/** Whether a jar's grains can be moved into a brew. */
export const hasGrains = (lot: Lot): boolean =>
  lot.role === 'starter' &&
  !isPacket(lot) &&
  knownCultures(lot.culture)?.unit === 'g' &&
  solidGrams(lot.contents) > 1;

export const doseFor = (lot: Lot, ml: number, celsius: number) =>
  Number(suggestedDose(lot, ml, celsius).toFixed(isPacket(lot) ? 1 : 0));

/** A jar or packet that holds what a recipe is brewed with. */
export function jarFor(cultureId: string, lots: readonly Lot[]): string | null {
  const lot = lots.find(({ role, culture }) => role === 'starter' && culture === cultureId);
  if (lot) return hasGrains(lot) ? grainsOf(lot) : lot.id;
  // A cup of the last batch comes from any batch that lives.
  return cultureId === lastBatchId ? (lots.find(({ role }) => role === 'brew')?.id ?? null) : null;
}

/** What brings it to life, as the core takes it. */
export function lifeOf(state: WorktopState, lots: readonly Lot[]): Result<Life> {
  const { life, composition } = state;
  if (life === 'bare') return success({ kind: 'bare' });
  if (life === 'portion')
    return composition.rows.some(({ portion }) => cultureOfIngredient(portion.what) !== null)
      ? success({ kind: 'portion' })
      : refusal('life.none', { culture: state.wants });
  const found = lotOfLife(life, lots);
  if (!found) return refusal('life.none', { culture: null });
  const { lot, grains } = found;
  if (!grains) return success({ kind: 'lot', lot, ml: composition.dose });
  const there = solidGrams(lot.contents);
  if (composition.dose > there + 0.05) return refusal('packet.too-much', { lot: lot.name, there });
  return composition.dose > 0
    ? success({ kind: 'packet', lot, grams: composition.dose })
    : refusal('dose.nothing');
}

/** Whether the dose takes room of the batch: it is poured. */
export const doseIsMl = (state: WorktopState, lots: readonly Lot[]): boolean =>
  lotOfLife(state.life, lots)?.grains === false;

/** The kind of culture a recipe of it names. */
export function cultureOfWorktop(state: WorktopState, lots: readonly Lot[]): string {
  const found = lotOfLife(state.life, lots);
  if (found) return found.lot.role === 'starter' ? (found.lot.culture ?? bareId) : lastBatchId;
  if (state.life === 'bare')
    return state.composition.rows.some(({ portion }) => portion.what === 'pineapple-rind') ? peelId : bareId;
  return (
    state.composition.rows
      .map(({ portion }) => cultureOfIngredient(portion.what))
      .find((culture) => culture !== null)?.id ?? bareId
  );
}
