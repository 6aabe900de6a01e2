import { z } from 'zod';
import type { Vessel } from '../vessels/records/vessel';
import { vesselIds } from '../vessels/vessel-kinds';
import { instant } from './scalars';
import { entriesOf, type Holds } from './holds';

/** So many bottles or jars of one make that a household has, by a key of their own. */
export const StockRecord = z.strictObject({
  kind: z.enum(vesselIds),
  ml: z.number().min(20).max(100_000),
  count: z.number().min(0).max(10_000),
  /** In use since, ms; null when nobody knows. */
  since: instant.nullable(),
  /** Hard knocks that these have had. */
  knocks: z.number().min(0).max(10_000),
  /** What is marked on it, bar gauge, when it is less than what its kind is good for. */
  markedBar: z.number().positive().max(100).nullable(),
});
type StockSetting = z.infer<typeof StockRecord>;
export type Stock = Readonly<StockSetting> & { readonly key: string };
export type HoldsStock = Holds<'stock', StockSetting>;

export const example: StockSetting = {
  kind: 'swing-top',
  ml: 500,
  count: 6,
  since: null,
  knocks: 0,
  markedBar: null,
};

/** Every make of bottle and jar that the household keeps, the smallest first. */
export const stockOf = (household: HoldsStock): Stock[] =>
  entriesOf(household, 'stock')
    .map(([key, make]) => ({ key, ...make }))
    .sort((a, b) => a.ml - b.ml || (a.key < b.key ? -1 : 1));

/** The make that a vessel is one of, if it was said. */
export const makeOf = ({ stock }: Vessel, household: HoldsStock): Stock | null =>
  stock === undefined ? null : (stockOf(household).find(({ key }) => key === stock) ?? null);
