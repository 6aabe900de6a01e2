import type { Entry } from '../journal/entry';
import { lotOf } from '../journal/household';
import { journalOf } from '../journal/journal';

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
