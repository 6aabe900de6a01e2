import type { Entry } from '../journal/entry';
import { lotOf } from '../journal/household';
import { journalOf } from '../journal/journal';
import { dayMs } from '../duration';

export const dawn = Date.UTC(2026, 3, 1);
export const id = (n: number) => `${(dawn + n).toString(36).padStart(9, '0')}0000test`;
/** A ginger bug's beginning, and more entries after it. */
export const bugEntry = (extra: Entry[] = []): Entry[] => [
  {
    id: id(0),
    at: dawn,
    offset: 0,
    version: 2,
    kind: 'lot-begun',
    role: 'starter',
    name: 'Ada',
    vessel: { kind: 'jar', ml: 750 },
    closure: 'cloth',
    place: 'counter',
    culture: 'ginger-bug',
    portions: [
      { what: 'water', ml: 400 },
      { what: 'ginger', grams: 20 },
      { what: 'white-sugar', grams: 20 },
    ],
  },
  ...extra,
];
/** The bug they tell of. */
export const bug = (extra: Entry[] = []) => lotOf(journalOf(bugEntry(extra), dawn + 1e9).household, id(0))!;

/** A jar of 60 g of grains in a litre of sugar water, with what happened since, and the household it stands in. */
export const grainsJar = (...later: Entry[]) => {
  const begun = {
    ...bugEntry()[0]!,
    culture: 'water-kefir-grains',
    vessel: { kind: 'jar', ml: 1500 },
    portions: [
      { what: 'water', ml: 1000 },
      { what: 'kefir-grains', grams: 60 },
      { what: 'white-sugar', grams: 60 },
    ],
  } as Entry;
  const { household } = journalOf([begun, ...later], dawn + 60 * dayMs);
  return { household, lot: lotOf(household, id(0))! };
};

/** Something begun alone in a kitchen, other than a bug in what is given, and what happened to it later. */
export const begunAlone = (begun: object, ...later: Entry[]) =>
  lotOf(journalOf([{ ...bugEntry()[0]!, ...begun } as Entry, ...later], dawn + 9e10).household, id(0))!;
