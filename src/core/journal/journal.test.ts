import fc from 'fast-check';
import { demoHousehold } from '../../demo/household';
import { inventory, isSound, levelMl, liquidMl } from '../matter/contents';
import { contentsOf } from '../lots/begin';
import { movedBy } from '../lots/lot';
import { plus, nothing, substances, volumeOf, type Amounts } from '../matter/substances';
import type { Entry } from './entry';
import { everyValue } from './entry-table';
import { everyLot, lotOf } from './household';
import { clockOf, idShape, nextId } from './instant-id';
import { admit, append, emptyJournal, entriesAbout, journalOf, type Journal } from './journal';
import { TestKitchen } from '../forecast/kitchen.test-tool';
import { dawn, steps, written } from './random-journal.test-tool';

const hourMs = 3_600_000;
const later = dawn + 400 * hourMs;
const byId = (entries: readonly Entry[]) => [...entries].sort((a, b) => (a.id < b.id ? -1 : 1));
/** What a journal tells, in a form that can be compared whatever the order it was told in. */
const told = (journal: Journal) => ({
  lots: Object.fromEntries(
    everyLot(journal.household)
      .map((lot) => [lot.id, lot])
      .sort(),
  ),
  warmths: Object.fromEntries(
    Object.entries(journal.household.warmths).filter(([, steps]) => steps.length > 0),
  ),
  kept: Object.fromEntries(
    Object.entries(journal.household.kept)
      .map(([thing, keys]) => [thing, Object.fromEntries(Object.entries(keys).sort())])
      .filter(([, keys]) => Object.keys(keys as object).length > 0),
  ),
  standing: byId(everyValue(journal.standing)),
});

describe('a journal carried on', () => {
  test('tells the same as one told anew, after every entry, in any order of arrival', () => {
    fc.assert(
      fc.property(steps, fc.infiniteStream(fc.nat()), (list, shuffle) => {
        const entries = written(list);
        const arrival = entries
          .map((entry) => ({ entry, key: shuffle.next().value! }))
          .sort((a, b) => a.key - b.key)
          .map(({ entry }) => entry);
        let journal = emptyJournal;
        entries.forEach((entry, i) => {
          journal = append(journal, [entry], later);
          if (i % 7 === 6) expect(told(journal)).toEqual(told(journalOf(entries.slice(0, i + 1), later)));
        });
        expect(told(journal)).toEqual(told(journalOf(entries, later)));
        const jumbled = arrival.reduce((sum, entry) => append(sum, [entry], later), emptyJournal);
        expect(told(jumbled)).toEqual(told(journal));
      }),
      { seed: 11, numRuns: 120 },
    );
  });

  test('knows each id once, however often it comes', () => {
    const entries = demoHousehold(dawn, 0);
    const journal = journalOf([...entries, ...entries], later);
    expect(journal.entries.size).toBe(entries.length);
    expect(append(journal, entries, later)).toBe(journal);
  });

  test('conserves liquid, sugars, acids and solids over any graph of transfers', () => {
    fc.assert(
      fc.property(steps, (list) => {
        const journal = journalOf(written(list), later);
        const lots = everyLot(journal.household);
        let given: Amounts = nothing;
        let held: Amounts = nothing;
        let away: Amounts = nothing;
        let lost = 0;
        for (const lot of lots) {
          expect(isSound(lot.contents)).toBe(true);
          held = plus(held, inventory(lot.contents));
          lost += lot.lostMl;
          for (const event of lot.events) {
            if (event.kind === 'added') given = plus(given, inventory(movedBy(event)));
            if (
              event.kind === 'went' &&
              (event.to === null || !arrived(journal, event.to, event.entryId, event.index))
            )
              away = plus(away, inventory(event.contents));
          }
        }
        // What a cloth or a rim let go is water and whatever spilled with it: volumes close, and nothing is made.
        const [before, after] = [volumeOf(given), volumeOf(plus(held, away)) + lost];
        expect(Math.abs(before - after)).toBeLessThanOrEqual(1e-9 * Math.max(1, before));
        if (lots.every(({ lostMl }) => lostMl === 0))
          for (const key of substances)
            expect(Math.abs(given[key] - held[key] - away[key])).toBeLessThanOrEqual(
              1e-9 * Math.max(1, given[key]),
            );
        for (const key of substances)
          expect(held[key] + away[key]).toBeLessThanOrEqual(given[key] * (1 + 1e-9) + 1e-9);
      }),
      { seed: 12, numRuns: 200 },
    );
  });
});

const arrived = (journal: Journal, to: string, entryId: string, index: number) =>
  (lotOf(journal.household, to)?.events ?? []).some(
    (event) => event.kind === 'came' && event.entryId === entryId && event.index === index,
  );

const stamp = (ms: number, id: string) =>
  ({ id: `${ms.toString(36).padStart(9, '0')}0000${id}`, at: ms, offset: 0, version: 2 }) as const;
const begun = (ms: number, id: string, ml = 1000): Entry => ({
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
const pour = (ms: number, id: string, from: string, ml: number, to?: string): Entry => ({
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

describe('what is said of lots', () => {
  const jar = begun(dawn, 'jar0');
  test('a jar is bottled in several goes, and a correction of the first moves what is left for good', () => {
    const first = pour(dawn + hourMs, 'bot1', jar.id, 480);
    const second = pour(dawn + 2 * hourMs, 'bot2', jar.id, 300);
    const journal = journalOf([jar, first, second], later);
    const whole = volumeOf(
      contentsOf([
        { what: 'water', ml: 1000 },
        { what: 'white-sugar', grams: 100 },
      ]).liquid,
    );
    expect(liquidMl(lotOf(journal.household, jar.id)!.contents)).toBeCloseTo(whole - 780, 6);
    const corrected = append(
      journal,
      [
        {
          ...stamp(dawn + 30 * hourMs, 'amen'),
          kind: 'amended',
          targetId: first.id,
          patch: { targets: [{ ...(first as { targets: unknown[] }).targets[0]!, ml: 450 }] as never },
        },
      ],
      later,
    );
    expect(liquidMl(lotOf(corrected.household, jar.id)!.contents)).toBeCloseTo(whole - 750, 6);
    expect(liquidMl(lotOf(corrected.household, `${first.id}-1`)!.contents)).toBeCloseTo(450, 6);
    expect(liquidMl(lotOf(corrected.household, `${second.id}-1`)!.contents)).toBeCloseTo(300, 6);
    const undone = append(
      corrected,
      [
        {
          ...stamp(dawn + 31 * hourMs, 'undo'),
          kind: 'undone',
          targetId: stamp(dawn + 30 * hourMs, 'amen').id,
        },
      ],
      later,
    );
    expect(liquidMl(lotOf(undone.household, `${first.id}-1`)!.contents)).toBeCloseTo(480, 6);
  });

  test('an undoing replays what hangs on it and leaves the rest alone, identically', () => {
    const other = begun(dawn + 1, 'jar1');
    const entries = [jar, other, pour(dawn + hourMs, 'bot1', jar.id, 480)];
    const journal = journalOf(entries, later);
    const undone = append(
      journal,
      [{ ...stamp(dawn + 2 * hourMs, 'undo'), kind: 'undone', targetId: entries[2]!.id }],
      later,
    );
    expect(lotOf(undone.household, `${entries[2]!.id}-1`)).toBeUndefined();
    expect(lotOf(undone.household, other.id)).toBe(lotOf(journal.household, other.id));
    const redone = append(
      undone,
      [
        {
          ...stamp(dawn + 3 * hourMs, 'redo'),
          kind: 'undone',
          targetId: stamp(dawn + 2 * hourMs, 'undo').id,
        },
      ],
      later,
    );
    expect(told(redone).lots).toEqual(told(journal).lots);
  });

  test('a feed of a jar that was undone away changes nothing, and counts again when the jar is back', () => {
    const feed: Entry = {
      ...stamp(dawn + hourMs, 'feed'),
      kind: 'portions-added',
      lotId: jar.id,
      portions: [{ what: 'water', ml: 100 }],
    };
    const gone: Entry = { ...stamp(dawn + 2 * hourMs, 'undo'), kind: 'undone', targetId: jar.id };
    const back: Entry = { ...stamp(dawn + 3 * hourMs, 'back'), kind: 'undone', targetId: gone.id };
    const journal = journalOf([jar, feed, gone], later);
    expect(lotOf(journal.household, jar.id)).toBeUndefined();
    expect(liquidMl(lotOf(append(journal, [back], later).household, jar.id)!.contents)).toBeCloseTo(1162, 0);
  });

  test('a vessel holds no more than itself; what is over spills and is counted', () => {
    const flood: Entry = {
      ...stamp(dawn + hourMs, 'feed'),
      kind: 'portions-added',
      lotId: jar.id,
      portions: [{ what: 'water', ml: 5000 }],
    };
    const lot = lotOf(journalOf([jar, flood], later).household, jar.id)!;
    expect(liquidMl(lot.contents)).toBeCloseTo(3000, 6);
    expect(lot.lostMl).toBeCloseTo(1061.8 + 5000 - 3000 - 1, 0);
  });

  test('a starter’s feed raises its level by what is poured and 0.3 ml a gram of plant', () => {
    const bug: Entry = {
      ...begun(dawn, 'bug0', 500),
      role: 'starter',
      culture: 'ginger-bug',
      portions: [
        { what: 'water', ml: 500 },
        { what: 'ginger', grams: 25 },
        { what: 'white-sugar', grams: 25 },
      ],
    } as Entry;
    const feed: Entry = {
      ...stamp(dawn + hourMs, 'feed'),
      kind: 'portions-added',
      lotId: bug.id,
      portions: [
        { what: 'ginger', grams: 20 },
        { what: 'white-sugar', grams: 20 },
        { what: 'water', ml: 60 },
      ],
    };
    const level = (entries: Entry[]) => {
      const { contents } = lotOf(journalOf(entries, later).household, bug.id)!;
      return volumeOf(inventory(contents));
    };
    expect(level([bug, feed]) - level([bug])).toBeCloseTo(66, 6);
  });

  test('a clock set back keeps the order of what depends on what', () => {
    const early: Entry = {
      ...stamp(dawn + hourMs, 'feed'),
      at: dawn - 5 * hourMs,
      kind: 'portions-added',
      lotId: jar.id,
      portions: [{ what: 'water', ml: 100 }],
    };
    expect(liquidMl(lotOf(journalOf([early, jar], later).household, jar.id)!.contents)).toBeCloseTo(1162, 0);
  });
});

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

describe('a level that is measured', () => {
  const kitchen = new TestKitchen(21);
  const jar = kitchen.jar(0, 'ginger-bug', [
    { what: 'water', ml: 500 },
    { what: 'white-sugar', grams: 20 },
  ]);
  const level = () => levelMl(lotOf(kitchen.household, jar)!.contents);

  test('is what the lot holds from then on, with the difference told; undone it is as before', () => {
    const before = level();
    const measured = kitchen.at(5, { kind: 'measured', lotId: jar, quantity: 'ml', value: 450 });
    expect(level()).toBeCloseTo(450, 9);
    expect(lotOf(kitchen.household, jar)!.events.at(-1)).toEqual({
      kind: 'read',
      at: expect.any(Number),
      entryId: measured,
      readings: [{ kind: 'ml', value: 450 }],
      by: undefined,
      foundMl: expect.closeTo(450 - before, 9),
    });
    kitchen.at(6, { kind: 'portions-added', lotId: jar, portions: [{ what: 'water', ml: 100 }] });
    expect(level()).toBeCloseTo(450 + 99.98, 1);
    kitchen.at(7, { kind: 'undone', targetId: measured });
    expect(level()).toBeCloseTo(before + 99.98, 1);
    kitchen.at(8, { kind: 'measured', lotId: jar, quantity: 'sg', value: 1.02 });
    expect(lotOf(kitchen.household, jar)!.events.at(-1)).not.toHaveProperty('foundMl');
    kitchen.at(9, { kind: 'measured', lotId: '0'.repeat(17), quantity: 'ml', value: 5 });
    expect(everyLot(kitchen.household)).toHaveLength(1);
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

describe('the invented household', () => {
  const now = Date.UTC(2026, 4, 4, 18);
  const journal = journalOf(demoHousehold(now, 120), now);
  test('has something in every state, and every jar holds what it should', () => {
    const lots = everyLot(journal.household);
    expect(new Set(lots.map(({ role }) => role))).toEqual(new Set(['starter', 'brew', 'bottle']));
    expect(new Set(lots.filter(({ role }) => role === 'starter').map(({ culture }) => culture)).size).toBe(2);
    for (const lot of lots) {
      expect(isSound(lot.contents)).toBe(true);
      expect(volumeOf(inventory(lot.contents))).toBeLessThanOrEqual(lot.vessel.ml);
    }
    expect(lots.some(({ role, opened }) => role === 'bottle' && opened)).toBe(true);
    expect(entriesAbout(journal, 'place:counter')).toHaveLength(3);
  });
});
