import { suggestedDose, type Life } from '@/core/brew/brew-plan';
import {
  turnDose,
  turnMl,
  turnRow,
  withAmount,
  type Composition,
  type Hold,
  type Row,
  type Turned,
} from '@/core/brew/composition';
import { planComposition, type ComposedPlan } from '@/core/brew/compose-plan';
import { bareId, cultureOfIngredient, knownCultures, lastBatchId, peelId } from '@/core/cultures/registry';
import type { BaseKind } from '@/core/ferment/scenario-kinds';
import type { PlaceId } from '@/core/kitchen/places';
import type { Lot } from '@/core/lots/lot';
import type { Method, When } from '@/core/lots/method';
import { solidGrams } from '@/core/matter/contents';
import { isIngredient } from '@/core/matter/ingredients/registry';
import { isPoured, type Portion } from '@/core/matter/portion';
import { portionTyped } from '@/core/measures/portion-measure';
import { baseOf, usualWhen } from '@/core/recipes/import-recipe';
import type { ReadLine } from '@/core/recipes/ingredient-line';
import { simmered } from '@/core/recipes/library/methods';
import { compositionOf, type Recipe } from '@/core/recipes/recipe';
import { refusal, success, type Result } from '@/core/result';
import { isPacket } from '../../forms/packet-dose';

/** A brew on the worktop. */
export interface WorktopState {
  readonly name: string;
  readonly about: string;
  readonly composition: Composition;
  readonly method: Method;
  /** Null while it follows what goes in. */
  readonly base: BaseKind | null;
  /** A lot's id, with `:grains` for the solids of its jar; `portion` for what is among the rows; `bare` for what lives on the base. */
  readonly life: string;
  readonly volumes: number;
  readonly from: { readonly id: string; readonly version: number } | null;
  /** Percent of sweetener that was meant, as typed. */
  readonly meant: string;
  readonly jarMl: number | null;
  /** Where it would ferment, and how warm that is supposed to be; null as it is there. */
  readonly place: PlaceId;
  readonly celsius: number | null;
  readonly potMl: number | null;
  readonly doseTyped: boolean;
  /** What the recipe is brewed with, where there is one. */
  readonly wants: string | null;
  readonly followed: Turned['followed'];
  /** Lines of a pasted or imported recipe that must be asked about. */
  readonly asked: readonly ReadLine[];
}

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

const usualRows: readonly Row[] = [
  { portion: { what: 'white-sugar', grams: 160 }, when: 'pot' },
  { portion: { what: 'ginger', grams: 60 }, when: 'pot' },
];

/** What the worktop begins with when no recipe is laid out. */
export function emptyWorktop(lots: readonly Lot[], celsius: number): WorktopState {
  const first = lots.find(({ role }) => role === 'starter');
  const life = first?.id ?? 'portion';
  return {
    name: '',
    about: '',
    composition: { ml: 2000, rows: usualRows, dose: first ? doseFor(first, 2000, celsius) : 0 },
    method: simmered(),
    base: null,
    life,
    volumes: 2.5,
    from: null,
    meant: '',
    jarMl: null,
    place: 'counter',
    celsius: null,
    potMl: null,
    doseTyped: false,
    wants: null,
    followed: [],
    asked: [],
  };
}

const doseFor = (lot: Lot, ml: number, celsius: number) =>
  Number(suggestedDose(lot, ml, celsius).toFixed(isPacket(lot) ? 1 : 0));

/** A jar or packet that holds what a recipe is brewed with. */
export function jarFor(cultureId: string, lots: readonly Lot[]): string | null {
  const lot = lots.find(({ role, culture }) => role === 'starter' && culture === cultureId);
  if (lot) return hasGrains(lot) ? grainsOf(lot) : lot.id;
  // A cup of the last batch comes from any batch that lives.
  return cultureId === lastBatchId ? (lots.find(({ role }) => role === 'brew')?.id ?? null) : null;
}

/** A recipe laid out for a size. */
export function laidOut(recipe: Recipe, ml: number, lots: readonly Lot[], celsius: number): WorktopState {
  const jar = jarFor(recipe.culture, lots);
  const bare = knownCultures(recipe.culture)?.bare != null;
  const composition = compositionOf(recipe, ml, jar !== null);
  const empty = emptyWorktop(lots, celsius);
  return {
    ...empty,
    composition,
    name: recipe.name,
    about: recipe.about,
    method: recipe.method,
    base: recipe.base,
    life: bare ? 'bare' : (jar ?? 'portion'),
    volumes: recipe.wantedVolumes,
    from: { id: recipe.id, version: recipe.version },
    doseTyped: true,
    wants: recipe.culture,
  };
}

/** The base, chosen or by what goes in. */
export const baseIn = ({ base, composition }: WorktopState): BaseKind =>
  base ??
  baseOf(
    composition.rows.map(({ portion }) => portion),
    composition.ml,
  );

/** What brings it to life, as the core takes it. */
export function lifeOf(state: WorktopState, lots: readonly Lot[]): Result<Life> {
  const { life, composition } = state;
  if (life === 'bare') return success({ kind: 'bare' });
  if (life === 'portion')
    return composition.rows.some(({ portion }) => cultureOfIngredient(portion.what) !== null)
      ? success({ kind: 'portion' })
      : refusal('life.none', noLife(state.wants));
  const found = lotOfLife(life, lots);
  if (!found) return refusal('life.none', 'Choose what brings it to life.');
  const { lot, grains } = found;
  if (!grains) return success({ kind: 'lot', lot, ml: composition.dose });
  const there = solidGrams(lot.contents);
  if (composition.dose > there + 0.05)
    return refusal('draw.too-large', `There are ${Number(there.toFixed(1))} g left in ${lot.name}.`);
  return composition.dose > 0
    ? success({ kind: 'packet', lot, grams: composition.dose })
    : refusal('draw.nothing', 'Write how much of it goes in.');
}

/** Why nothing lives in it yet. */
function noLife(wants: string | null): string {
  const culture = knownCultures(wants);
  return culture && !culture.packet
    ? `It is brewed with ${culture.name}, and none lives here yet: begin one, choose another, or add a packet of yeast.`
    : 'Add the yeast, grains or whey to the list, with its amount.';
}

/** Whether the dose takes room of the batch: it is poured. */
export const doseIsMl = (state: WorktopState, lots: readonly Lot[]): boolean =>
  lotOfLife(state.life, lots)?.grains === false;

export interface Planned {
  readonly life: Life;
  readonly plan: ComposedPlan;
}

/** Works the worktop out. */
export function planned(state: WorktopState, lots: readonly Lot[]): Result<Planned> {
  const life = lifeOf(state, lots);
  if (!life.ok) return life;
  const plan = planComposition(state.composition, state.method, life.value);
  return plan.ok ? success({ life: life.value, plan: plan.value }) : plan;
}

/** The account as far as it goes while nothing can be pitched: as if it lived on its base. */
export function unpitched(state: WorktopState): Planned | null {
  const life: Life = { kind: 'bare' };
  const plan = planComposition({ ...state.composition, dose: 0 }, state.method, life);
  return plan.ok ? { life, plan: plan.value } : null;
}

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

export const withoutRow = (state: WorktopState, at: number): WorktopState => ({
  ...state,
  followed: ['water'],
  composition: { ...state.composition, rows: state.composition.rows.filter((_, i) => i !== at) },
});

/** Something picked: a usual amount of it for the batch. */
export function withPicked(state: WorktopState, what: string, usual: number): WorktopState {
  return withPortions(state, [
    withAmount({ what, ...usualUnit(what) }, (usual * state.composition.ml) / 1000),
  ]);
}

const usualUnit = (what: string): { ml?: number; grams?: number } =>
  isPoured(what) ? { ml: 0 } : { grams: 0 };

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

/** With what the workbook sent along; what is no ingredient of the table is left out, and water, which is reckoned. */
export function withSent(state: WorktopState, add: string | undefined): WorktopState {
  const [what = '', amount = ''] = (add ?? '').split('~');
  if (!isIngredient(what) || what === 'water') return state;
  const portion = portionTyped(what, amount);
  return portion.ok ? withPortions(state, [portion.value]) : state;
}
