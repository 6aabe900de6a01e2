import { leastHeadspaceShare } from '../gas/headspace';
import { headspaceCm, headspaceMl } from '../vessels/bottle-shape';
import { holdsFizz, vesselKind, type VesselId } from '../vessels/vessel-kinds';

/** So many bottles of a make that stand empty. */
export interface EmptyBottles {
  /** The make in the household's stock; null for one that is not kept there. */
  readonly stock: string | null;
  readonly kind: VesselId;
  readonly ml: number;
  readonly count: number;
}

/** One bottle to fill. */
interface Fill {
  readonly stock: string | null;
  readonly kind: VesselId;
  readonly ml: number;
  /** Liquid of the batch that goes in, what is dosed not counted. */
  readonly fillMl: number;
  readonly headspaceMl: number;
  readonly headspaceCm: number;
  /** The soft one, filled first: its squeeze speaks for the glass. */
  readonly pilot: boolean;
}

/** What can be done with a batch that its bottles do not hold. */
export type ShortOption = 'leave-in-jar' | 'drink-now' | 'loose-lid' | 'empty-first';

export interface FillPlan {
  readonly fills: readonly Fill[];
  /** What no whole bottle takes, ml: what is over when there are bottles, what is short of them when not. */
  readonly leftMl: number;
  /** Whether all bottles are full and liquid is left for at least a small one. */
  readonly short: boolean;
  readonly options: readonly ShortOption[];
  /** Empty bottles or jars that were left out because they are not made for fizz. */
  readonly refused: readonly VesselId[];
  /** A pilot is asked for, and no soft bottle stands empty. */
  readonly noPilot: boolean;
}

export interface FillAsk {
  /** Liquid in the jar that can be bottled. */
  readonly batchMl: number;
  readonly empty: readonly EmptyBottles[];
  /** How far under the rim each is filled, cm. */
  readonly headspaceCm: number;
  /** Share of a bottle's liquid that is dosed: juice, purée, syrup. 0–0.5. */
  readonly doseShare?: number;
  readonly pilot: boolean;
}

/** Volumes are told apart in steps of so many ml when bottles are picked: finely, unless there is much. */
const stepOf = (ml: number): number => (ml > 6000 ? 5 : 1);
/** Less than this is tasted, not bottled, ml. */
export const leastToBottle = 100;
/** So much more over is as good: then fewer bottles, or stronger ones. */
const asMuchMl = 15;
/** Bottles that are worked out with at most, of each make. */
const most = 40;

/**
 * Which bottles a batch goes into: the soft pilot first, then those that together leave least over; of those that leave as
 * much, the fewest. Vessels that are not made for pressure are left out and named.
 *
 * @returns bottles in the order of filling, what is over, and what to do when bottles are short
 */
export function fillPlan(ask: FillAsk): FillPlan {
  const { batchMl, doseShare = 0 } = ask;
  const sound = ask.empty.filter(({ kind, count }) => count > 0 && holdsFizz(kind));
  const fillOf = ({ kind, ml }: Pick<EmptyBottles, 'kind' | 'ml'>) =>
    (ml - emptyMl(kind, ml, ask.headspaceCm)) * (1 - doseShare);
  const pilot = ask.pilot
    ? [...sound]
        .filter((each) => each.kind === 'plastic-soda' && fillOf(each) <= batchMl)
        .sort((a, b) => a.ml - b.ml)[0]
    : undefined;
  const rest = sound.map((each) => (each === pilot ? { ...each, count: each.count - 1 } : each));
  const after = batchMl - (pilot ? fillOf(pilot) : 0);
  const picked = pickBottles(rest, fillOf, after);
  const toFill = (each: EmptyBottles, isPilot: boolean): Fill => {
    const empty = emptyMl(each.kind, each.ml, ask.headspaceCm);
    return {
      stock: each.stock,
      kind: each.kind,
      ml: each.ml,
      fillMl: Math.round(fillOf(each) * 10) / 10,
      headspaceMl: Math.round(empty * 10) / 10,
      headspaceCm: Math.round(headspaceCm(each.kind, each.ml, empty) * 10) / 10,
      pilot: isPilot,
    };
  };
  const fills = [...(pilot ? [toFill(pilot, true)] : []), ...picked.map((each) => toFill(each, false))];
  const leftMl = Math.max(0, batchMl - fills.reduce((sum, { fillMl }) => sum + fillMl, 0));
  const allFull = fills.length === sound.reduce((sum, { count }) => sum + Math.min(count, most), 0);
  const short = allFull && leftMl >= leastToBottle;
  return {
    fills,
    leftMl,
    short,
    options: short ? ['leave-in-jar', 'empty-first', 'drink-now', 'loose-lid'] : [],
    refused: [
      ...new Set(
        ask.empty.filter(({ kind, count }) => count > 0 && !holdsFizz(kind)).map(({ kind }) => kind),
      ),
    ],
    noPilot: ask.pilot && !sound.some(({ kind }) => kind === 'plastic-soda'),
  };
}

/** What stays empty of a bottle that is filled so far under its rim, ml: never less than a bottle needs. */
export const emptyMl = (kind: VesselId, ml: number, cm: number): number =>
  Math.max(ml * leastHeadspaceShare * 1.02, headspaceMl(kind, ml, cm));

/** What is taken first: stronger glass; soft ones are kept for pilots. */
const rankOf = ({ kind }: Pick<EmptyBottles, 'kind'>): number =>
  kind === 'plastic-soda' ? 0 : vesselKind(kind).limitBar;

/** The bottles that take most of a volume without going over it; of those, the fewest, and the stronger ones. */
function pickBottles(
  makes: readonly EmptyBottles[],
  fillOf: (make: EmptyBottles) => number,
  ml: number,
): EmptyBottles[] {
  const ordered = [...makes].sort((a, b) => rankOf(b) - rankOf(a) || b.ml - a.ml);
  const step = stepOf(ml);
  const room = Math.max(0, Math.floor(ml / step + 1e-9));
  // fewest[v] is the least number of bottles whose fills make up v steps; taken[v] the last one put there.
  const fewest = new Float64Array(room + 1).fill(Infinity);
  fewest[0] = 0;
  const taken: (readonly number[])[] = Array.from({ length: room + 1 }, () => []);
  for (const [index, make] of ordered.entries()) {
    const size = Math.ceil(fillOf(make) / step - 1e-9);
    if (size < 1) continue;
    for (let n = 0; n < Math.min(make.count, most); n++)
      for (let v = room; v >= size; v--) {
        const before = fewest[v - size]!;
        if (before + 1 < fewest[v]!) {
          fewest[v] = before + 1;
          taken[v] = [...taken[v - size]!, index];
        }
      }
  }
  let best = room;
  while (best > 0 && fewest[best] === Infinity) best--;
  let chosen = best;
  const strong = (v: number) => taken[v]!.reduce((sum, i) => sum + rankOf(ordered[i]!), 0);
  for (let v = best; v >= Math.max(0, best - Math.ceil(asMuchMl / step)); v--)
    if (fewest[v]! < fewest[chosen]! || (fewest[v] === fewest[chosen] && v > 0 && strong(v) > strong(chosen)))
      chosen = v;
  return taken[chosen]!.map((index) => ordered[index]!).sort((a, b) => b.ml - a.ml);
}

/** How many bottles of one size a batch fills. @returns whole bottles and what is left over, ml */
export function bottlesOf(
  batchMl: number,
  bottleMl: number,
  headspaceMl: number,
): { bottles: number; leftMl: number } {
  const each = bottleMl - headspaceMl;
  const bottles = Math.floor(batchMl / each + 1e-9);
  return { bottles, leftMl: batchMl - bottles * each };
}

/** How far under the rim a bottle is filled, when nobody says: two to five by school. */
export const usualHeadspaceCm = 4;

/** Headspace by school: 2–5 cm of a neck is about 4 % of a bottle; never none. @example usualHeadspaceMl(500) // 20 */
export function usualHeadspaceMl(bottleMl: number): number {
  const each = bottleMl < 125 ? 1 : 5;
  return Math.max(1, Math.round((bottleMl * 0.04) / each) * each);
}
