import { turnDose, turnMl, turnRow, withAmount, type Hold, type Turned } from '@/core/brew/composition';
import type { Lot } from '@/core/lots/lot';
import type { When } from '@/core/lots/records/method';
import { solidGrams } from '@/core/matter/contents';
import { mlWithWater } from '@/core/brew/scale';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { isPoured, mlOfPortion, type Portion } from '@/core/matter/portion';
import { usualWhen } from '@/core/recipes/import-recipe';
import { isPacket } from '../../../forms/packet-dose';
import type { DoseLine } from '@/core/recipes/import-recipe';
import { doseFor, doseIsMl, jarFor, lotOfLife } from './worktop-life';
import type { WorktopState } from './worktop-state';

const turned = (state: WorktopState, { composition, followed }: Turned): WorktopState => ({
  ...state,
  composition,
  followed,
});

/** A row's amount turned or typed. */
export function withRow(
  state: WorktopState,
  at: number,
  to: { readonly amount: number; readonly typed?: string | undefined },
  hold: Hold,
): WorktopState {
  const next = turned(state, turnRow(state.composition, at, to.amount, hold));
  return to.typed === undefined ? next : changedRow(next, at, { typed: to.typed });
}

/** The litres turned; a dose nobody typed follows them whatever is held. */
export function withMl(
  state: WorktopState,
  ml: number,
  hold: 'proportions' | 'amounts',
  { lots, celsius }: { readonly lots: readonly Lot[]; readonly celsius: number },
): WorktopState {
  const next = turned(state, turnMl(state.composition, ml, hold));
  const found = lotOfLife(state.life, lots);
  if (state.doseTyped || !found || found.grains) return next;
  const dose = doseFor(found.lot, ml, celsius);
  if (dose === state.composition.dose) return next;
  return {
    ...next,
    composition: { ...next.composition, dose },
    followed: [...next.followed.filter((each) => each !== 'dose'), 'dose'],
  };
}

export const withDose = (state: WorktopState, dose: number, hold: Hold): WorktopState => ({
  ...turned(state, turnDose(state.composition, dose, hold)),
  doseTyped: true,
});

/** Another source of life: its usual dose follows, until one is typed. */
export function withLife(
  state: WorktopState,
  life: string,
  lots: readonly Lot[],
  celsius: number,
): WorktopState {
  const found = lotOfLife(life, lots);
  const dose = !found
    ? 0
    : found.grains && !isPacket(found.lot)
      ? Math.min(60 * (state.composition.ml / 1000), solidGrams(found.lot.contents))
      : doseFor(found.lot, state.composition.ml, celsius);
  return {
    ...state,
    life,
    doseTyped: false,
    followed: ['dose', 'water'],
    composition: { ...state.composition, dose: Number(dose.toFixed(1)) },
  };
}

/** A row's other properties: when it goes in, how ripe it is, what its label says. */
export function changedRow(
  state: WorktopState,
  at: number,
  change: Partial<Portion>,
  when?: When,
): WorktopState {
  const rows = state.composition.rows.map((row, i) =>
    i === at ? { when: when ?? row.when, portion: { ...row.portion, ...change } } : row,
  );
  return { ...state, composition: { ...state.composition, rows } };
}

/** Something put on the worktop: to its own row, or one more. */
export function withPortions(state: WorktopState, portions: readonly Portion[]): WorktopState {
  let rows = [...state.composition.rows];
  for (const portion of portions) {
    if (portion.what === 'water') continue;
    const at = rows.findIndex((row) => row.portion.what === portion.what);
    rows =
      at < 0
        ? [...rows, { portion, when: usualWhen(portion.what, state.method.heat !== 'none') }]
        : rows.map((row, i) => (i === at ? { ...row, portion } : row));
  }
  return { ...state, composition: { ...state.composition, rows }, followed: ['water'] };
}

/** A starter that a line names: from a jar of its kind, else from the one that is chosen if it is measured alike. */
function withListedDose(
  state: WorktopState,
  { culture, amount }: DoseLine,
  lots: readonly Lot[],
): WorktopState {
  const life = (culture === null ? null : jarFor(culture, lots)) ?? state.life;
  const found = lotOfLife(life, lots);
  if (!found) return { ...state, wants: culture ?? state.wants };
  return { ...state, life, doseTyped: true, composition: { ...state.composition, dose: amount } };
}

/**
 * A pasted list: it takes the place of rows nobody has touched, and stands beside those that were; one thing may stand in it
 * twice (cooked, and raw later); its water sets the water, and its starter the
 * dose, from a jar of that kind where one lives.
 */
export function withList(
  state: WorktopState,
  portions: readonly Portion[],
  dose: DoseLine | null,
  { lots, untouched }: { readonly lots: readonly Lot[]; readonly untouched: boolean },
): WorktopState {
  const begun = dose ? withListedDose(state, dose, lots) : state;
  const boils = state.method.heat !== 'none';
  const rows = [...(untouched ? [] : state.composition.rows)];
  const before = rows.length;
  for (const portion of portions) {
    if (portion.what === 'water') continue;
    const at = rows.findIndex((row, i) => i < before && row.portion.what === portion.what);
    const row = { portion, when: usualWhen(portion.what, boils) };
    if (at < 0) rows.push(row);
    else rows[at] = { ...rows[at]!, portion };
  }
  const listed = { ...begun.composition, rows };
  const water = portions
    .filter(({ what }) => what === 'water')
    .reduce((sum, portion) => sum + mlOfPortion(portion), 0);
  const ml = water > 0 ? mlWithWater(listed, state.method, doseIsMl(begun, lots), water) : listed.ml;
  return { ...begun, composition: { ...listed, ml: Math.max(100, ml) }, followed: ['water'] };
}

export const withoutRow = (state: WorktopState, at: number): WorktopState => ({
  ...state,
  followed: ['water'],
  composition: { ...state.composition, rows: state.composition.rows.filter((_, i) => i !== at) },
});

/** Something picked: a usual amount of it for the batch. What is there already gets a row more, for a part that stays raw. */
function withPicked(state: WorktopState, what: string, usual: number): WorktopState {
  const portion = withAmount({ what, ...usualUnit(what) }, (usual * state.composition.ml) / 1000);
  const there = state.composition.rows.some((row) => row.portion.what === what);
  if (!there) return withPortions(state, [portion]);
  const rows = [...state.composition.rows, { portion, when: 'last' as const }];
  return { ...state, composition: { ...state.composition, rows }, followed: ['water'] };
}

/** Something named or tapped: in the amount that is usual of it for the batch. */
export function withUsual(state: WorktopState, what: string): WorktopState {
  const [low, high] = ingredientOf(what).typical ?? [5, 15];
  return withPicked(state, what, Math.sqrt(low * high));
}

const usualUnit = (what: string): { ml?: number; grams?: number } =>
  isPoured(what) ? { ml: 0 } : { grams: 0 };
