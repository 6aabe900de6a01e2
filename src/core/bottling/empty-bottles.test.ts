import type { Lot } from '../lots/lot';
import { makesInUse } from './empty-bottles';
import { partOf } from '../part-of.test-tool';

const household = {
  settings: {
    stock: {
      half: { kind: 'swing-top', ml: 500, count: 4, since: null, knocks: 0, markedBar: null },
      jar: { kind: 'preserving-jar', ml: 1000, count: 1, since: null, knocks: 0, markedBar: null },
    },
  },
} as const;
const lot = (stock: string | undefined, more: Partial<Lot> = {}): Lot =>
  ({
    role: 'bottle',
    vessel: { kind: 'swing-top', ml: 500, stock },
    opened: null,
    ended: null,
    ...more,
  }) as Lot;
const at = { at: 1, entryId: 'e' };
const counts = (lots: readonly Lot[]) =>
  makesInUse(household, lots).map(({ make, full, empty }) => [make.key, full, empty]);

test('a bottle is in use until it is opened or ended; one of no make counts for none', () => {
  expect(counts([])).toEqual([
    ['half', 0, 4],
    ['jar', 0, 1],
  ]);
  expect(
    counts([
      lot('half'),
      lot('half'),
      lot('half', { opened: { ...at, how: 'lively' } }),
      lot('half', { ended: partOf<Lot['ended']>(at) }),
      lot(undefined),
      lot('gone'),
    ]),
  ).toEqual([
    ['half', 2, 2],
    ['jar', 0, 1],
  ]);
});

test('a jar that was opened is still full of what is in it', () => {
  expect(counts([lot('jar', { role: 'starter', opened: { ...at, how: 'still' } })])).toContainEqual([
    'jar',
    1,
    0,
  ]);
});

test('more in use than was said: none is empty, never fewer', () => {
  expect(counts(Array.from({ length: 6 }, () => lot('half')))).toContainEqual(['half', 6, 0]);
});
