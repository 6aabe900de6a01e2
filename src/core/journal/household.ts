import type { Warmths } from '../kitchen/places';
import type { Lot } from '../lots/lot';
import type { Settings } from '../settings/settings';
import { emptyMap, allValues, valueIn, type PersistentMap } from './persistent-map';

/** Everything the journal tells. */
export interface Household {
  readonly lots: PersistentMap<Lot>;
  readonly warmths: Warmths;
  readonly settings: Settings;
}

export const emptyHousehold: Household = { lots: emptyMap(), warmths: {}, settings: {} };

/** The lot of that id. */
export const lotOf = (household: Household, id: string): Lot | undefined => valueIn(household.lots, id);

/** All lots, in no order. */
export const everyLot = (household: Household): Lot[] => allValues(household.lots);
