import { isVesselId, vesselKind, type VesselId } from '../vessels/vessel-kinds';
import { strengthOf, unknownWear, type Strength, type Wear } from '../vessels/strength';
import { dayMs } from '../duration';
import { type Vessel } from '../vessels/records/vessel';

/** So many bottles or jars of one make that a household has. */
export interface Stock {
  readonly key: string;
  readonly kind: VesselId;
  readonly ml: number;
  readonly count: number;
  /** In use since, ms; null when nobody knows. */
  readonly since: number | null;
  /** Hard knocks that these have had. */
  readonly knocks: number;
  /** What is marked on it, bar gauge, when it is less than what its kind is good for. */
  readonly markedBar: number | null;
}

/** Things that are kept, by kind and key, as the household holds them. */
export interface Keeps {
  readonly kept: Readonly<Record<string, Readonly<Record<string, Readonly<Record<string, unknown>>>>>>;
}

const isCount = (value: unknown): value is number =>
  typeof value === 'number' && Number.isFinite(value) && value >= 0;

/** Every make of bottle and jar that the household keeps, the smallest first. */
export const stockOf = ({ kept }: Keeps): Stock[] =>
  Object.entries(kept.stock ?? {})
    .flatMap(([key, { kind, ml, count, since, knocks, markedBar }]): Stock[] =>
      isVesselId(kind) && isCount(ml) && ml >= 20 && isCount(count)
        ? [
            {
              key,
              kind,
              ml,
              count,
              since: isCount(since) ? since : null,
              knocks: isCount(knocks) ? knocks : 0,
              markedBar: isCount(markedBar) && markedBar > 0 ? markedBar : null,
            },
          ]
        : [],
    )
    .sort((a, b) => a.ml - b.ml || (a.key < b.key ? -1 : 1));

/** The make that a vessel is one of, if it was said. */
export const makeOf = ({ stock }: Vessel, household: Keeps): Stock | null =>
  stock === undefined ? null : (stockOf(household).find(({ key }) => key === stock) ?? null);

/** Working limit of a vessel, bar gauge: a lower mark on the make goes before what its kind is good for. */
export function limitOf(vessel: Vessel, household: Keeps): number {
  const { limitBar } = vesselKind(vessel.kind);
  return Math.min(limitBar, makeOf(vessel, household)?.markedBar ?? Infinity);
}

const yearMs = 365.25 * dayMs;

/** What a make has been through by an instant, its years to a half: a forecast is not another one every day. */
export function wearOf(make: Stock | null, now: number): Wear {
  if (!make) return unknownWear;
  const years = make.since === null ? unknownWear.years : Math.max(0, (now - make.since) / yearMs);
  return { years: Math.round(years * 2) / 2, knocks: make.knocks };
}

/** What a vessel is thought to bear; null for what is never closed tight. */
export const strengthIn = (vessel: Vessel, household: Keeps, now: number): Strength | null =>
  strengthOf(vessel.kind, wearOf(makeOf(vessel, household), now));
