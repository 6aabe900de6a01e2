import { isInstant } from '../time-range';
import { placeIds, type PlaceId, type WarmthStep, type Warmths } from './places';

/** So much of a starter wanted at its peak at an instant: ml of liquid, or g of grains. */
export interface BuildUpPlan {
  readonly lotId: string;
  readonly amount: number;
  readonly at: number;
}

/** Nobody home from an instant to another. */
export interface AwayPlan {
  readonly from: number;
  readonly to: number;
}

/** Weather that is coming: a place at a temperature for a while. */
export interface Spell {
  readonly place: PlaceId;
  readonly from: number;
  readonly to: number;
  readonly celsius: number;
}

/** Things that are kept, by kind and key, as the household holds them. */
interface Plans {
  readonly kept: Readonly<Record<string, Readonly<Record<string, Readonly<Record<string, unknown>>>>>>;
}

const isNumber = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);

/** Keys under which plans are kept. */
export const awayKey = 'away';
export const buildKey = (lotId: string): string => `build:${lotId}`;

/** Amounts of starters that are wanted by a time, in order of time. */
export function buildUpsOf({ kept }: Plans): BuildUpPlan[] {
  return Object.entries(kept.plan ?? {})
    .flatMap(([key, value]): BuildUpPlan[] => {
      if (!key.startsWith('build:') || !isNumber(value.amount) || !isInstant(value.at)) return [];
      return [{ lotId: key.slice('build:'.length), amount: value.amount, at: value.at }];
    })
    .sort((a, b) => a.at - b.at);
}

/** The next absence, if one is planned. */
export function awayOf({ kept }: Plans): AwayPlan | null {
  const value = kept.plan?.[awayKey];
  return value && isInstant(value.from) && isInstant(value.to) && value.to > value.from
    ? { from: value.from, to: value.to }
    : null;
}

const isPlace = (value: unknown): value is PlaceId => (placeIds as readonly unknown[]).includes(value);

/** Spells of heat or cold that were entered, in order of time. */
export function spellsOf({ kept }: Plans): Spell[] {
  return Object.values(kept.spell ?? {})
    .flatMap(({ place, from, to, celsius }): Spell[] =>
      isPlace(place) && isInstant(from) && isInstant(to) && to > from && isNumber(celsius)
        ? [{ place, from, to, celsius }]
        : [],
    )
    .sort((a, b) => a.from - b.from);
}

/**
 * Temperature histories with the spells laid over them: from its beginning to its end a place is as warm as the spell says,
 * whatever was said before; then it is again as it would have been. What is read within a spell counts for itself.
 *
 * @param spells in order of time; the later one wins where two meet
 */
export function withSpells(
  warmths: Warmths,
  spells: readonly Spell[],
  before: (place: PlaceId, at: number) => number,
): Warmths {
  if (spells.length === 0) return warmths;
  const out: Partial<Record<PlaceId, readonly WarmthStep[]>> = { ...warmths };
  for (const { place, from, to, celsius } of spells) {
    const steps = out[place] ?? [];
    // A place that was never spoken of keeps what it stood at until then.
    const first: WarmthStep[] = steps.some(({ at }) => at <= from)
      ? []
      : [{ at: from - 1, celsius: before(place, from - 1) }];
    const within = steps.filter(({ at }) => at > from && at < to);
    const spoken = within.at(-1) ?? steps.filter(({ at }) => at <= from).at(-1);
    const after = spoken ?? { celsius: before(place, from - 1) };
    out[place] = [
      ...steps.filter(({ at }) => at <= from),
      ...first,
      { at: from, celsius },
      ...within,
      { ...after, at: to },
      ...steps.filter(({ at }) => at >= to),
    ].sort((a, b) => a.at - b.at);
  }
  return out;
}
