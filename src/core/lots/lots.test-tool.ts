import type { Portion } from '../matter/portion';
import { addPortions } from './add';
import { emptyLot } from './begin';
import type { Lot } from './lot';
import { openStore } from './lot-store';
import type { Transfer } from './transfer';
import { type NewLot } from './records/new-lot';

/** A litre jar on the counter, as it is said. */
export const jar: NewLot = {
  role: 'starter',
  name: 'Juno',
  vessel: { kind: 'jar', ml: 1000 },
  closure: 'cloth',
  place: 'counter',
  culture: 'ginger-bug',
};
/** An instant with an entry of its own. */
export const moment = (at: number) => ({ at, entryId: `e${at}` });
/** A lot begun with portions. */
export const filled = (said: Partial<NewLot>, portions: readonly Portion[], id = 'lot', at = 0): Lot =>
  addPortions(emptyLot(id, at, { ...jar, ...said }), portions, moment(at));
export const water = (ml: number): Portion => ({ what: 'water', ml });
export const grams = (what: string, amount: number): Portion => ({ what, grams: amount });

/** A pour of liquid at 50 ms. */
export const transfer = (
  from: string,
  targets: Transfer['targets'],
  more: Partial<Transfer> = {},
): Transfer => ({
  id: 'pour',
  at: 50,
  from,
  taken: 'liquid',
  targets,
  ...more,
});
/** A store that holds these lots, all open. */
export const shelfOf = (...lots: Lot[]) => openStore(new Map(lots.map((lot) => [lot.id, lot])));
/** A sealed half litre. */
export const bottle: NewLot = {
  ...jar,
  role: 'bottle',
  name: '1',
  vessel: { kind: 'swing-top', ml: 500 },
  closure: 'sealed',
  culture: null,
};
