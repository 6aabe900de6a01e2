import demoFile from '../fixtures/demo.v1.json';
import demoThen from '../fixtures/demo.household.json';
import storyFile from '../fixtures/story.v1.json';
import storyThen from '../fixtures/story.household.json';
import { readBackup } from '../../formats/read-backup';
import { writeBackup } from '../../formats/write-backup';
import { levelMl, liquidMl } from '../../matter/contents';
import type { Entry } from '../entry';
import { everyLot, lotOf } from '../household';
import { entriesAbout, journalOf, type Journal } from '../journal';

const later = Date.UTC(2026, 5, 1);

function taken(file: unknown): { journal: Journal; entries: Entry[] } {
  const read = readBackup(JSON.stringify(file));
  if (!read.ok) throw new Error(read.sentence);
  return { journal: journalOf(read.value, later), entries: read.value };
}

describe.each([
  ['the invented household', demoFile, demoThen],
  ['a story with every kind of entry', storyFile, storyThen],
] as const)('a journal of the first version: %s', (_, file, then) => {
  const { journal, entries } = taken(file);
  const { household } = journal;

  test('keeps every entry, with its id and instant', () => {
    expect(entries.map(({ id, at, offset }) => [id, at, offset])).toEqual(
      file.entries.map(({ id, at, offset }) => [id, at, offset]),
    );
    expect(entries.every(({ version }) => version === 2)).toBe(true);
    const again = readBackup(writeBackup(entries, '2026-06-01T00:00:00Z'));
    expect(again.ok && journalOf(again.value, later).household).toEqual(household);
  });

  test('tells the same starters, levels and ledgers', () => {
    const before = Object.values(then.starters);
    expect(
      everyLot(household)
        .filter(({ role }) => role === 'starter')
        .map(({ id }) => id)
        .sort(),
    ).toEqual(before.map(({ id }) => id).sort());
    for (const starter of before) {
      const lot = lotOf(household, starter.id)!;
      expect([lot.name, lot.vessel.ml, lot.place, lot.begunAt]).toEqual([
        starter.name,
        starter.jarMl,
        starter.place,
        starter.begunAt,
      ]);
      // The first version gave ginger a millilitre a gram; its flesh takes a little less.
      expect(Math.abs(levelMl(lot.contents) - starter.levelMl)).toBeLessThan(3);
      expect(Math.abs(lot.markMl - starter.markMl)).toBeLessThanOrEqual(2);
      const ledger = entriesAbout(journal, starter.id);
      expect(ledger.map(({ id, at }) => [id, at])).toEqual(
        starter.ledger.map(({ entryId, at }) => [entryId, at]),
      );
    }
  });

  test('tells the same brews and bottles', () => {
    for (const batch of Object.values(then.batches)) {
      const lot = lotOf(household, batch.id)!;
      expect([lot.name, lot.begunAt, lot.recipe?.wantedVolumes]).toEqual([
        batch.name,
        batch.begunAt,
        batch.wantedVolumes,
      ]);
      const written = file.entries.find(({ id }) => id === batch.id)!;
      expect(lot.recipe?.planned).toEqual({
        lotId: batch.starterId,
        ml: 'doseMl' in written ? written.doseMl : null,
      });
      for (const bottle of batch.bottles) {
        const there = lotOf(household, bottle.id)!;
        expect([there.vessel, there.place, there.begunAt]).toEqual([
          { kind: bottle.vessel, ml: bottle.bottleMl },
          bottle.place,
          bottle.sealedAt,
        ]);
        expect(bottle.bottleMl - liquidMl(there.contents)).toBeCloseTo(bottle.headspaceMl, 2);
        expect(there.opened ? { at: there.opened.at, opening: there.opened.how } : null).toEqual(
          bottle.opened ? { at: bottle.opened.at, opening: bottle.opened.opening } : null,
        );
        expect(there.events.filter(({ kind }) => kind === 'vented')).toHaveLength(bottle.burps.length);
        expect(there.events.filter(({ kind }) => kind === 'moved').map(({ at }) => at)).toEqual(
          (bottle.moves as { at: number }[]).map(({ at }) => at),
        );
      }
    }
  });

  test('tells the same kitchen temperatures', () => {
    expect(household.warmths.counter).toEqual(then.warmth);
  });
});

test('a second bottling that the first version dropped now counts', () => {
  const { journal } = taken(storyFile);
  const bottles = everyLot(journal.household).filter(({ role }) => role === 'bottle');
  expect(bottles.map(({ vessel }) => vessel.kind).sort()).toEqual([
    'plastic-soda',
    'swing-top',
    'swing-top',
    'swing-top',
  ]);
});
