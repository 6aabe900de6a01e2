import { begun, pour, stamp, told } from './entries.test-tool';
import { inventory, levelMl, liquidMl } from '../matter/contents';
import { contentsOf } from '../lots/begin';
import { volumeOf } from '../matter/substances';
import type { Entry } from './entry';

import { everyLot, lotOf } from './household';
import { append, journalOf } from './journal';
import { TestKitchen } from '../forecast/kitchen.test-tool';
import { dawn } from './random-journal.test-tool';
import { hourMs } from '../duration';
import { partOf } from '../part-of.test-tool';

const later = dawn + 400 * hourMs;

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
          patch: { targets: partOf([{ ...(first as { targets: unknown[] }).targets[0]!, ml: 450 }]) },
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
