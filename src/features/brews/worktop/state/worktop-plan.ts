import type { Life } from '@/core/brew/brew-plan';
import { planComposition, type ComposedPlan } from '@/core/brew/compose-plan';
import type { BaseKind } from '@/core/matter/base-kinds';
import type { Lot } from '@/core/lots/lot';
import type { Portion } from '@/core/matter/portion';
import { baseOf } from '@/core/recipes/import-recipe';
import { success, type Result } from '@/core/result';
import { lifeOf } from './worktop-life';
import type { WorktopState } from './worktop-state';

/** The base, chosen or by what goes in. */
export const baseIn = ({ base, composition }: WorktopState): BaseKind =>
  base ??
  baseOf(
    composition.rows.map(({ portion }) => portion),
    composition.ml,
  );

export interface Planned {
  readonly life: Life;
  readonly plan: ComposedPlan;
}

/** Works the worktop out. @param sugarIn what a jar's liquid has left, g/L; by its kind when left out */
export function planned(
  state: WorktopState,
  lots: readonly Lot[],
  sugarIn?: (lot: Lot) => number | null,
): Result<Planned> {
  const chosen = lifeOf(state, lots);
  if (!chosen.ok) return chosen;
  const left = chosen.value.kind === 'lot' ? (sugarIn?.(chosen.value.lot) ?? null) : null;
  const life =
    chosen.value.kind === 'lot' && left !== null
      ? success({ ...chosen.value, sugarGramsPerLitre: left })
      : chosen;
  const plan = planComposition(state.composition, state.method, life.value);
  return plan.ok ? success({ life: life.value, plan: plan.value }) : plan;
}

/** The account as far as it goes while nothing can be pitched: as if it lived on its base. */
export function unpitched(state: WorktopState): Planned | null {
  const life: Life = { kind: 'bare' };
  const plan = planComposition({ ...state.composition, dose: 0 }, state.method, life);
  return plan.ok ? { life, plan: plan.value } : null;
}

/** What stays raw: put in cold, or once it is cool. */
export const rawIn = ({ composition }: WorktopState): Portion[] =>
  composition.rows.filter(({ when }) => when === 'cold' || when === 'last').map(({ portion }) => portion);
