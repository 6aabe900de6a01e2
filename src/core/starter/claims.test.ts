import type { Entry } from '../journal/entry';
import { everyLot, lotOf } from '../journal/household';
import { journalOf } from '../journal/journal';
import { bug, bugEntry, dawn, id } from './bug.test-tool';
import { claimsOn, competition } from './claims';
import { dayMs } from '../duration';

/** A brew that waits for so much of the jar, begun on a day. */
const waits = (n: number, days: number, ml: number, name: string): Entry =>
  ({
    id: id(n),
    at: dawn + days * dayMs,
    offset: 0,
    version: 2,
    kind: 'lot-begun',
    role: 'brew',
    name,
    vessel: { kind: 'jar', ml: 3000 },
    closure: 'airlock',
    place: 'counter',
    culture: null,
    recipe: { base: 'syrup', wantedVolumes: 2.5, planned: { lotId: id(0), ml } },
    portions: [{ what: 'water', ml: 1500 }],
  }) as Entry;
const pitched = (n: number, days: number, from: string, to: string, ml: number): Entry =>
  ({
    id: id(n),
    at: dawn + days * dayMs,
    offset: 0,
    version: 2,
    kind: 'transferred',
    from,
    taken: 'liquid',
    targets: [{ lotId: to, ml }],
  }) as Entry;
const kitchen = (...entries: Entry[]) => journalOf(entries, dawn + 9e10).household;

test('a jar is promised to the brews that wait for it, in the order they were mixed; served ones no more', () => {
  const begun = bugEntry();
  const two = kitchen(...begun, waits(50, 8, 160, 'Plum'), waits(51, 9, 120, 'Pear'));
  const jar = () => lotOf(two, id(0))!;
  expect(claimsOn(jar(), everyLot(two))).toEqual([
    { lotId: id(50), name: 'Plum', ml: 160 },
    { lotId: id(51), name: 'Pear', ml: 120 },
  ]);
  const one = kitchen(
    ...begun,
    waits(50, 8, 160, 'Plum'),
    waits(51, 9, 120, 'Pear'),
    pitched(52, 9.1, id(0), id(50), 160),
  );
  expect(claimsOn(lotOf(one, id(0))!, everyLot(one)).map(({ name }) => name)).toEqual(['Pear']);
});

test('the second brew is told what is left, and when it could be served', () => {
  const jar = bug();
  const now = dawn + 10 * dayMs;
  const claims = [{ lotId: id(50), name: 'Plum', ml: 160 }];
  // Drawable is what lies above two fifths of the mark; the mark and level are those of a jar left at its beginning.
  const free = Math.floor((jar.markMl * 0.6) / 5) * 5;
  expect(competition(jar, claims, free - 160, { now, celsius: 22 })).toBeNull();
  expect(competition(jar, [], 9000, { now, celsius: 22 })).toBeNull();
  const told = competition(jar, claims, free - 155, { now, celsius: 22 })!;
  expect([told.promisedMl, told.freeMl]).toEqual([160, free - 160]);
  // One feed: it peaks 0.45 of a day later, but a draw is followed by a day of rest.
  expect(told.soonest).toBe(now + dayMs);
  // More than twice of what is left takes two feeds, a day apart: 1.45 days.
  const much = competition(jar, [{ lotId: id(50), name: 'Plum', ml: free }], free, { now, celsius: 22 })!;
  expect((much.soonest! - now) / dayMs).toBeCloseTo(1.45, 6);
  expect(competition(jar, claims, 5000, { now, celsius: 22 })!.soonest).toBeNull();
});
