import { stockOf, type HoldsStock, type Stock } from '../settings/stock';
import type { Lot } from '../lots/lot';

/** A make of the household's, and how many of it are in use. */
export interface MakeInUse {
  readonly make: Stock;
  readonly full: number;
  readonly empty: number;
}

/** Every make of bottle and jar with how many of it are full: one that was opened or ended is empty again. */
export function makesInUse(household: HoldsStock, lots: readonly Lot[]): MakeInUse[] {
  const full = new Map<string, number>();
  for (const { vessel, opened, ended, role } of lots) {
    if (vessel.stock === undefined || ended || (role === 'bottle' && opened)) continue;
    full.set(vessel.stock, (full.get(vessel.stock) ?? 0) + 1);
  }
  return stockOf(household).map((make) => {
    const used = full.get(make.key) ?? 0;
    return { make, full: used, empty: Math.max(0, make.count - used) };
  });
}
