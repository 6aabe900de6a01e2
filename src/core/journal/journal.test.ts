import fc from 'fast-check';
import { demoHousehold } from '../../demo/household';
import { Entry, parseEntry } from './entry';
import * as fed from './entries/fed';
import * as bottled from './entries/bottled';
import * as opened from './entries/opened';
import * as starterBegun from './entries/starter-begun';
import { carryOn, emptyProjection, project, type Projection } from './fold';
import { warmthAt } from './household';
import { clockOf, idShape, nextId } from './instant-id';
import { merge, standing } from './order';
import { readBackup } from '../formats/read-backup';
import { writeBackup } from '../formats/write-backup';

const now = Date.UTC(2026, 4, 4, 18);
const journal = demoHousehold(now, 120);
const undo = (target: Entry, ms: number): Entry => ({
  kind: 'undone',
  version: 1,
  at: ms,
  offset: 0,
  targetId: target.id,
  id: nextId({ ms: 0, count: 0 }, ms, 'test').id,
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

describe('entries', () => {
  test('examples parse, strangers do not', () => {
    for (const { example } of [fed, bottled, opened, starterBegun])
      expect(Entry.parse(example)).toEqual(example);
    expect(parseEntry({ ...fed.example, version: 2 })).toMatchObject({ code: 'entry.newer' });
    expect(parseEntry({ ...fed.example, gingerGrams: -3 })).toMatchObject({
      code: 'entry.invalid',
      sentence: expect.stringContaining('gingerGrams'),
    });
    expect(parseEntry({ ...fed.example, extra: 1 })).toMatchObject({ code: 'entry.invalid' });
    expect(parseEntry(null)).toMatchObject({ code: 'entry.invalid' });
  });

  test('every entry of the demo is valid', () => {
    for (const entry of journal) expect(parseEntry(entry)).toMatchObject({ ok: true });
  });
});

describe('the projection', () => {
  test('carried on entry by entry, in any order and with undoings, equals a full replay', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 1e6 }), { minLength: journal.length, maxLength: journal.length }),
        fc.array(fc.nat(journal.length - 1), { maxLength: 12 }),
        (keys, struck) => {
          const undoings = struck.map((index, i) => undo(journal[index]!, now + i * 1000));
          const redo = undoings[0] ? [undo(undoings[0], now + 60_000)] : [];
          const shuffled = [
            ...journal.map((entry, i) => ({ entry, key: keys[i]! })),
            ...[...undoings, ...redo].map((entry, i) => ({ entry, key: i * 90_001 })),
          ]
            .sort((a, b) => a.key - b.key)
            .map(({ entry }) => entry);
          let projection: Projection = emptyProjection;
          const all: Entry[] = [];
          for (const entry of shuffled) {
            all.push(entry);
            projection = carryOn(projection, [entry], all);
          }
          expect(projection.household).toEqual(project(all));
        },
      ),
      { seed: 13, numRuns: 25 },
    );
  });

  test('undo strikes, redo restores, and what depended on it waits', () => {
    const begun = journal.find((entry) => entry.kind === 'starter-begun')!;
    const away = undo(begun, now);
    const back = undo(away, now + 1000);
    expect(project([...journal, away]).starters[begun.id]).toBeUndefined();
    expect(project([...journal, away, back])).toEqual(project(journal));
    expect(standing([...journal, away])).toHaveLength(journal.length - 1);
  });

  test('the demo holds every state that can be shown', () => {
    const household = project(journal);
    expect(new Set(Object.values(household.batches).map(({ stage }) => stage))).toEqual(
      new Set(['mixed', 'first-ferment', 'bottled', 'finished']),
    );
    const starters = Object.values(household.starters);
    expect(new Set(starters.map(({ place }) => place))).toEqual(new Set(['counter', 'fridge']));
    for (const starter of starters) expect(starter.levelMl).toBeLessThan(starter.jarMl * 0.95);
    const bottles = Object.values(household.batches).flatMap((batch) => batch.bottles);
    expect(bottles.some(({ opened: o }) => o)).toBe(true);
    expect(bottles.some(({ place, opened: o }) => place === 'counter' && !o)).toBe(true);
  });

  test('the kitchen is as warm as was last said', () => {
    const warmth = [
      { at: 10, celsius: 20 },
      { at: 20, celsius: 24 },
    ];
    expect([5, 15, 25].map((at) => warmthAt(warmth, at))).toEqual([20, 20, 24]);
    expect(warmthAt([], 5)).toBe(21);
  });
});

describe('the journal as a file', () => {
  const text = writeBackup(journal, '2026-05-04T18:00:00Z');

  test('comes back whole, and twice changes nothing', () => {
    const read = readBackup(text);
    if (!read.ok) throw new Error(read.sentence);
    expect(new Set(read.value.map(({ id }) => id))).toEqual(new Set(journal.map(({ id }) => id)));
    expect(project(read.value)).toEqual(project(journal));
    const { all, added } = merge(journal, [...read.value, ...read.value]);
    expect([all.length, added.length]).toEqual([journal.length, 0]);
  });

  test.each([
    ['damaged', () => text.slice(0, text.length - 200), 'backup.not-json'],
    ['foreign', () => '{"recipes":[]}', 'backup.foreign'],
    ['a number', () => '7', 'backup.foreign'],
    ['newer', () => text.replace('yuzet.journal/1', 'yuzet.journal/2'), 'backup.newer'],
    ['newer entries', () => text.replace('"version":1', '"version":9'), 'backup.newer'],
    ['an entry bent', () => text.replace('"celsius":20.5', '"celsius":"hot"'), 'backup.damaged'],
    ['without entries', () => '{"schema":"yuzet.journal/1"}', 'backup.damaged'],
    ['50 MB of nonsense', () => 'x'.repeat(50_000_000), 'backup.too-large'],
  ])('%s is refused as a whole', (_, make, code) => {
    const read = readBackup(make());
    expect(read).toMatchObject({ ok: false, code });
    expect(read.ok ? '' : read.sentence).toMatch(/Nothing was changed|Nothing/);
  });
});
