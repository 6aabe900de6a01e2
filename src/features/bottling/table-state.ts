import { amountIn, withAmount } from '@/core/brew/composition';
import { chargeOf, type Charged } from '@/core/bottling/charge';
import {
  emptyMl,
  fillPlan,
  leastToBottle,
  usualHeadspaceCm,
  type EmptyBottles,
} from '@/core/bottling/fill-plan';
import type { JarNow } from '@/core/forecast/answer/jar-now';
import type { PlaceId } from '@/core/kitchen/places';

import { mlOfPortion, type Portion } from '@/core/matter/portion';
import type { BottlingWay } from '@/core/recipes/recipe';
import { headspaceCm } from '@/core/vessels/bottle-shape';
import { holdsFizz, type VesselId } from '@/core/vessels/vessel-kinds';
import { marks, type Mark } from '@/core/lots/records/new-lot';

/** What is dosed into a bottle, for each litre of its liquid. */
export interface Dose {
  readonly what: string;
  readonly perLitre: number;
  readonly unit: 'grams' | 'ml';
  /** Sugar of a juice by its label, g/100 ml. */
  readonly sugar?: number | undefined;
}

/** One bottle on the table. */
export interface TableBottle {
  readonly key: number;
  readonly stock: string | null;
  readonly kind: VesselId;
  readonly ml: number;
  readonly pilot: boolean;
  readonly name: string;
  readonly mark: Mark | null;
  /** What is other about it, in its maker's words. */
  readonly variant: string;
  /** Its own doses; those of all when left out. */
  readonly doses?: readonly Dose[] | undefined;
  /** What is poured into it from the jar, when it is filled in part, ml. */
  readonly fillMl?: number | undefined;
  /** It takes what the others leave, as far as that goes. */
  readonly takesRest?: boolean | undefined;
  readonly place: PlaceId;
  /** Poured with what floats in it, not strained. */
  readonly pulp: boolean;
  readonly chillDays: number;
}

/** The bottling table: what is filled, how, and with what. */
export interface TableState {
  readonly bottles: readonly TableBottle[];
  /** What goes into every bottle: sugar and juice and a spice. */
  readonly doses: readonly Dose[];
  /** Whether it is stirred into the whole jar before filling. */
  readonly primed: boolean;
  readonly headspaceCm: number;
  readonly pilot: boolean;
  readonly wantedVolumes: number;
  readonly nextKey: number;
  /** Bottles of this batch that were filled before: their numbers are taken. */
  readonly taken: number;
}

/** One bottle worked out. */
export interface Worked {
  readonly bottle: TableBottle;
  readonly portions: readonly Portion[];
  readonly fillMl: number;
  readonly headspaceMl: number;
  readonly headspaceCm: number;
  readonly charged: Charged;
}

export interface Worktable {
  readonly rows: readonly Worked[];
  /** What is stirred into the jar before filling. */
  readonly stirredIn: readonly Portion[];
  readonly usedMl: number;
  /** Over in the jar; below 0 when the bottles want more than is there. */
  readonly leftMl: number;
}

const roomOf = (portions: readonly Portion[]): number =>
  portions.reduce((sum, portion) => sum + mlOfPortion(portion), 0);

/** Doses in a bottle, or a jar, whose liquid is so much. */
const portionsOf = (doses: readonly Dose[], liquidMl: number): Portion[] =>
  doses.filter(({ perLitre }) => perLitre > 0).map((dose) => dosePortion(dose, liquidMl));

/** Less is not filled into a bottle, ml. */
export const leastPartMl = 20;

/** Headspace beyond this share of a bottle is much air: it takes fizz, and lets the drink sour. */
export const muchAirShare = 0.25;

/** A dose in a bottle whose liquid is so much, to what a scale or a spoon can tell. */
export function dosePortion({ what, perLitre, unit, sugar }: Dose, liquidMl: number): Portion {
  const amount = (perLitre * liquidMl) / 1000;
  const fine = unit === 'grams' && amount < 20 ? 10 : 1;
  return {
    what,
    [unit]: Math.round(amount * fine) / fine,
    ...(sugar === undefined ? {} : { sugar }),
  };
}

const filledIn = (rows: readonly Worked[]): number => rows.reduce((sum, { fillMl }) => sum + fillMl, 0);

/** Works out each bottle: what of the jar, what of the dose, how much stays empty, what all of it could do. */
export function worked(
  state: TableState,
  batchMl: number,
  jar: JarNow,
  warmestCelsius = jar.celsius,
): Worktable {
  const stirredIn = state.primed ? portionsOf(state.doses, batchMl) : [];
  const primedMl = batchMl + roomOf(stirredIn);
  const workOut = (bottle: TableBottle, part: number | undefined): Worked => {
    const full = bottle.ml - emptyMl(bottle.kind, bottle.ml, state.headspaceCm);
    const doses = bottle.doses ?? (state.primed ? [] : state.doses);
    const portions = portionsOf(doses, part ?? full);
    const room = roomOf(portions);
    const fillMl = Math.max(0, part === undefined ? full - room : Math.min(part, full - room));
    const empty = bottle.ml - fillMl - room;
    // Once all of it is bottled the jar is empty, and the table is still in sight for a moment.
    const share = fillMl / (primedMl || fillMl);
    return {
      bottle,
      portions,
      fillMl,
      headspaceMl: empty,
      headspaceCm: headspaceCm(bottle.kind, bottle.ml, empty),
      charged: chargeOf({
        fillMl: share * (batchMl || fillMl),
        bottleMl: bottle.ml,
        leftGramsPerLitre: jar.sugarGramsPerLitre[2],
        presentVolumes: jar.co2Volumes[2],
        ethanolGramsPerLitre: jar.ethanolGramsPerLitre[2],
        portions: [
          ...portions,
          ...stirredIn.map((portion) => withAmount(portion, amountIn(portion) * share)),
        ],
        celsius: jar.celsius,
        warmestCelsius: Math.max(warmestCelsius, jar.celsius),
      }),
    };
  };
  const others = state.bottles
    .filter(({ takesRest }) => !takesRest)
    .map((each) => workOut(each, each.fillMl));
  let rest = primedMl - filledIn(others);
  const rows = state.bottles.map((bottle): Worked => {
    const row = others.find((each) => each.bottle === bottle) ?? workOut(bottle, Math.max(leastPartMl, rest));
    if (bottle.takesRest) rest -= row.fillMl;
    return row;
  });
  const usedMl = filledIn(rows);
  return { rows, stirredIn, usedMl, leftMl: primedMl - usedMl };
}

const bottleOf = (
  make: Pick<EmptyBottles, 'stock' | 'kind' | 'ml'>,
  key: number,
  name: string,
  pilot: boolean,
): TableBottle => ({
  key,
  stock: make.stock,
  kind: make.kind,
  ml: make.ml,
  pilot,
  name,
  mark: null,
  variant: '',
  place: 'counter',
  pulp: false,
  chillDays: 0,
});

/**
 * Laid out afresh: the bottles that leave least over, the pilot first; the smallest filled in part where there is too little for
 * any. What differed is gone.
 */
export function laidOut(state: TableState, batchMl: number, empty: readonly EmptyBottles[]): TableState {
  const { fills } = fillPlan({
    batchMl,
    empty,
    headspaceCm: state.headspaceCm,
    pilot: state.pilot,
    doseShare: shareOf(state),
  });
  const bottles = fills.map((fill, i) =>
    bottleOf(fill, state.nextKey + i, String(state.taken + i + 1), fill.pilot),
  );
  const laid = { ...state, bottles, nextKey: state.nextKey + bottles.length };
  const spare = spareOf(laid, empty);
  return bottles.length === 0 && spare && batchMl >= leastToBottle ? withPart(laid, spare) : laid;
}

/** Share of a bottle's liquid that is dosed: none of it when the jar itself is primed. */
export const shareOf = ({ doses, primed }: Pick<TableState, 'doses' | 'primed'>): number =>
  primed ? 0 : Math.min(0.5, roomOf(portionsOf(doses, 1000)) / 1000);

/** An empty table for a batch. */
export const emptyTable = (wantedVolumes: number, taken: number): TableState => ({
  bottles: [],
  doses: [],
  primed: false,
  headspaceCm: usualHeadspaceCm,
  pilot: true,
  wantedVolumes,
  nextKey: 1,
  taken,
});

/** One bottle more of a make, numbered on. */
export function withBottle(state: TableState, make: Pick<EmptyBottles, 'stock' | 'kind' | 'ml'>): TableState {
  const numbers = state.bottles.map(({ name }) => Number(name)).filter(Number.isFinite);
  const number = Math.max(state.taken, ...numbers) + 1;
  return {
    ...state,
    bottles: [...state.bottles, bottleOf(make, state.nextKey, String(number), make.kind === 'plastic-soda')],
    nextKey: state.nextKey + 1,
  };
}

/** The smallest sound bottle that still stands empty; undefined when none does. */
export const spareOf = ({ bottles }: TableState, empty: readonly EmptyBottles[]): EmptyBottles | undefined =>
  empty
    .filter(
      (make) =>
        holdsFizz(make.kind) && bottles.filter(({ stock }) => stock === make.stock).length < make.count,
    )
    .sort((a, b) => a.ml - b.ml)[0];

/** One bottle more that takes what is over, as far as that goes. */
export function withPart(state: TableState, make: Pick<EmptyBottles, 'stock' | 'kind' | 'ml'>): TableState {
  const more = withBottle(state, make);
  const { key } = more.bottles.at(-1)!;
  return {
    ...more,
    bottles: more.bottles.map((each) => (each.key === key ? { ...each, takesRest: true } : each)),
  };
}

/** One bottle less of a make: the last of it. */
export function withoutBottle(state: TableState, stock: string | null): TableState {
  const last = [...state.bottles].reverse().find((each) => each.stock === stock);
  return { ...state, bottles: state.bottles.filter((each) => each !== last) };
}

/** Changes one bottle; one that is now other than its siblings gets a mark of its own. */
export function withChange(state: TableState, key: number, change: Partial<TableBottle>): TableState {
  const bottles = state.bottles.map((bottle) => (bottle.key === key ? { ...bottle, ...change } : bottle));
  const other = bottles.find((bottle) => bottle.key === key);
  if (!other || other.mark !== null || !differs(other)) return { ...state, bottles };
  const used = new Set(bottles.map(({ mark }) => mark));
  const mark = marks.find((each) => !used.has(each)) ?? null;
  return { ...state, bottles: bottles.map((each) => (each === other ? { ...each, mark } : each)) };
}

/** Whether something is other about a bottle. */
export const differs = ({ doses, place, pulp, chillDays, variant }: TableBottle): boolean =>
  doses !== undefined || place !== 'counter' || pulp || chillDays !== 0 || variant !== '';

/** The table set as a recipe's bottles were found to be best: its dose and its headspace. */
export const withWay = (state: TableState, way: BottlingWay | null): TableState =>
  way ? { ...state, doses: way.dose ? [way.dose] : [], headspaceCm: way.headspaceCm } : state;
