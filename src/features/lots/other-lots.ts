import { everyLot, lotOf, type Household } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';

/** Lots something can be poured into: not ended, not opened, not this one; brews first. */
export const openLots = (household: Household, except: Lot): Lot[] =>
  everyLot(household)
    .filter((lot) => lot.id !== except.id && !lot.ended && !lot.opened)
    .sort((a, b) => order[a.role] - order[b.role] || b.begunAt - a.begunAt)
    .slice(0, 12);

const order = { brew: 0, starter: 1, bottle: 2 } as const;

export const lotIn = (household: Household, id: string): Lot | undefined => lotOf(household, id);
