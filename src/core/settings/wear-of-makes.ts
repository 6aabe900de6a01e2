import { dayMs } from '../duration';
import { makeOf, type HoldsStock, type Stock } from './stock';
import type { Vessel } from '../vessels/records/vessel';
import { strengthOf, unknownWear, type Strength, type Wear } from '../vessels/strength';
import { vesselKind } from '../vessels/vessel-kinds';

/** Working limit of a vessel, bar gauge: a lower mark on the make goes before what its kind is good for. */
export function limitOf(vessel: Vessel, household: HoldsStock): number {
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
export const strengthIn = (vessel: Vessel, household: HoldsStock, now: number): Strength | null =>
  strengthOf(vessel.kind, wearOf(makeOf(vessel, household), now));
