import type { Entry } from './entry';
import { allValues } from './persistent-map';
import { everyLot } from './household';
import type { Journal } from './journal';

/** Id, instant and version of an entry written at an instant. */
export const stamp = (ms: number, id: string) =>
  ({ id: `${ms.toString(36).padStart(9, '0')}0000${id}`, at: ms, offset: 0, version: 2 }) as const;
/** A brew of sweet water is begun. */
export const begun = (ms: number, id: string, ml = 1000): Entry => ({
  ...stamp(ms, id),
  kind: 'lot-begun',
  role: 'brew',
  name: id,
  vessel: { kind: 'jar', ml: 3000 },
  closure: 'airlock',
  place: 'counter',
  portions: [
    { what: 'water', ml },
    { what: 'white-sugar', grams: 100 },
  ],
});
/** So much is poured into a lot, or into a bottle of half a litre. */
export const pour = (ms: number, id: string, from: string, ml: number, to?: string): Entry => ({
  ...stamp(ms, id),
  kind: 'transferred',
  from,
  taken: 'liquid',
  targets: [
    to
      ? { lotId: to, ml }
      : {
          begin: {
            role: 'bottle',
            name: '1',
            vessel: { kind: 'swing-top', ml: 500 },
            closure: 'sealed',
            place: 'counter',
          },
          ml,
        },
  ],
});

const byId = (entries: readonly Entry[]) => [...entries].sort((a, b) => (a.id < b.id ? -1 : 1));
/** What a journal tells, in a form that can be compared whatever the order it was told in. */
export const told = (journal: Journal) => ({
  lots: Object.fromEntries(
    everyLot(journal.household)
      .map((lot) => [lot.id, lot])
      .sort(),
  ),
  warmths: Object.fromEntries(
    Object.entries(journal.household.warmths).filter(([, steps]) => steps.length > 0),
  ),
  settings: Object.fromEntries(
    Object.entries(journal.household.settings)
      .map(([thing, keys]) => [thing, Object.fromEntries(Object.entries(keys).sort())])
      .filter(([, keys]) => Object.keys(keys as object).length > 0),
  ),
  standing: byId(allValues(journal.effective)),
});
