import { id as idSchema } from './entries/base';
import { latest, latestId } from '../time-range';
import { begun, stamp, told } from './entries.test-tool';
import fc from 'fast-check';
import { liquidMl } from '../matter/contents';
import type { Entry } from './entry';

import { lotOf } from './household';
import { clockOf, idShape, nextId } from './instant-id';
import { admit, append, journalOf } from './journal';
import { dawn } from './random-journal.test-tool';
import { hourMs } from '../duration';

const idIsLetIn = (text: string) => idSchema.safeParse(text).success;
const later = dawn + 400 * hourMs;

describe('entries that lie in the future', () => {
  const jar = begun(dawn, 'jar0');
  const ahead: Entry = {
    ...stamp(dawn + 1, 'feed'),
    at: later + 900 * hourMs,
    kind: 'portions-added',
    lotId: jar.id,
    portions: [{ what: 'water', ml: 100 }],
  };

  test('are named and left out, until their time comes or is mended', () => {
    const journal = append(journalOf([jar], later), [ahead], later);
    expect(journal.ahead.map(({ id }) => id)).toEqual([ahead.id]);
    expect(liquidMl(lotOf(journal.household, jar.id)!.contents)).toBeCloseTo(1062, 0);
    expect(told(journalOf([jar, ahead], later))).toEqual(told(journal));
    const due = admit(journal, ahead.at);
    expect([due.ahead.length, Math.round(liquidMl(lotOf(due.household, jar.id)!.contents))]).toEqual([
      0, 1162,
    ]);
    expect(admit(journal, later)).toBe(journal);
    const mended = append(
      journal,
      [{ ...stamp(later, 'mend'), kind: 'amended', targetId: ahead.id, patch: { at: dawn + 5 * hourMs } }],
      later,
    );
    expect([mended.ahead.length, Math.round(liquidMl(lotOf(mended.household, jar.id)!.contents))]).toEqual([
      0, 1162,
    ]);
  });
});

describe('ids', () => {
  test('sort by writing even when the clock moves back', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1e12, max: 2e12 }), { minLength: 2, maxLength: 60 }),
        (instants) => {
          let clock = { ms: 0, count: 0 };
          const ids = instants.map((ms) => {
            const next = nextId(clock, ms, 'abcd');
            clock = next.clock;
            return next.id;
          });
          expect([...ids].sort()).toEqual(ids);
          expect(new Set(ids).size).toBe(ids.length);
          expect(ids.every((id) => idShape.test(id))).toBe(true);
          expect(clockOf(ids.at(-1)!)).toEqual(clock);
        },
      ),
      { seed: 8 },
    );
  });
});

test('after the latest id that is let in, every later act still has one: none is refused for want of room', () => {
  const last = nextId({ ms: 0, count: 0 }, latestId, 'last');
  expect(idIsLetIn(last.id)).toBe(true);
  expect(idIsLetIn(nextId({ ms: 0, count: 0 }, latestId + 1, 'last').id)).toBe(false);
  let clock = last.clock;
  for (let i = 0; i < 5000; i++) {
    const next = nextId(clock, dawn, 'mine');
    expect(next.id > last.id).toBe(true);
    clock = next.clock;
  }
  expect(clock.ms).toBeLessThan(latest);
});
