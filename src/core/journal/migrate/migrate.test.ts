import demoFile from '../fixtures/demo.v1.json';
import demoThen from '../fixtures/demo.household.json';
import storyFile from '../fixtures/story.v1.json';
import storyThen from '../fixtures/story.household.json';
import { readBackup } from '../../formats/read-backup';
import { writeBackup } from '../../formats/write-backup';
import { levelMl, liquidMl } from '../../matter/contents';
import type { Entry } from '../entry';
import { fromVersion1, unknownStarter } from './from-1';
import type { EntryV1 } from './version-1';
import { everyLot, lotOf } from '../household';
import { entriesAbout, journalOf, type Journal } from '../journal';
import { partOf } from '../../part-of.test-tool';

const later = Date.UTC(2026, 5, 1);

function taken(file: unknown): { journal: Journal; entries: Entry[] } {
  const read = readBackup(JSON.stringify(file));
  if (!read.ok) throw new Error(read.code);
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

describe('entry by entry, by hand', () => {
  const stamp = { at: later, offset: 60 };
  const id = (n: number) => `${n}`.padStart(17, '0');
  const risen = (kind: string, more: object, others: readonly Entry[] = []) => {
    const [entry] = fromVersion1([{ ...stamp, id: id(9), version: 1, kind, ...more } as EntryV1], others);
    const { id: same, at, offset, version, ...rest } = entry!;
    expect([same, at, offset, version]).toEqual([id(9), later, 60, 2]);
    return rest;
  };
  const amounts = { waterMl: 500, gingerGrams: 20, sugarGrams: 30 };
  const grated = [
    { what: 'water', ml: 500 },
    { what: 'ginger', grams: 20, form: 'grated' },
    { what: 'white-sugar', grams: 30 },
  ];

  test('jars: what went in, and a jar that holds it', () => {
    const begun = { name: 'Nib', culture: 'ginger-bug', ...amounts };
    const jar = {
      kind: 'lot-begun',
      role: 'starter',
      name: 'Nib',
      closure: 'cloth',
      place: 'counter',
      culture: 'ginger-bug',
      portions: grated,
    };
    expect(risen('starter-begun', { ...begun, jarMl: 700 })).toEqual({
      ...jar,
      vessel: { kind: 'jar', ml: 700 },
    });
    // 500 + 20 + 30 × 0.62 = 538.6 ml.
    expect(risen('starter-begun', { ...begun, jarMl: 400 })).toEqual({
      ...jar,
      vessel: { kind: 'jar', ml: 539 },
    });
    expect(risen('fed', { starterId: id(1), ...amounts, gingerGrams: 0 })).toEqual({
      kind: 'portions-added',
      lotId: id(1),
      portions: [grated[0], grated[2]],
    });
    expect(risen('looked', { starterId: id(1), foam: 'riding' })).toEqual({
      kind: 'observed',
      lotId: id(1),
      signs: { foam: 'riding' },
    });
    expect(risen('starter-moved', { starterId: id(1), place: 'fridge' })).toEqual({
      kind: 'moved',
      lots: [id(1)],
      place: 'fridge',
    });
  });

  test('brews: a jar with a tenth of room, pitched from the starter it was planned with', () => {
    // (1800 + 40 + 150 × 0.62 + 160) × 1.1 = 2302.3, up to the next fifty.
    const begun = risen('batch-begun', {
      name: 'Quince',
      starterId: id(1),
      waterMl: 1800,
      gingerGrams: 40,
      sugarGrams: 150,
      doseMl: 160,
      wantedVolumes: 2.4,
    });
    expect(begun).toMatchObject({
      kind: 'lot-begun',
      role: 'brew',
      closure: 'airlock',
      place: 'counter',
      vessel: { kind: 'jar', ml: 2350 },
      recipe: { base: 'ginger-tea', wantedVolumes: 2.4, planned: { lotId: id(1), ml: 160 } },
      portions: [{ ml: 1800 }, { grams: 40, form: 'sliced' }, { grams: 150 }],
    });
    const pitched = { batchId: id(5), celsius: 24, doseMl: 150 };
    const other = partOf<Entry>({ id: id(5), kind: 'lot-begun', recipe: { planned: { lotId: id(3) } } });
    const plain = partOf<Entry>({ id: id(5), kind: 'lot-begun' });
    const drawn = {
      kind: 'transferred',
      from: id(3),
      taken: 'liquid',
      celsius: 24,
      targets: [{ lotId: id(5), ml: 150 }],
    };
    expect(risen('pitched', pitched, [other])).toEqual(drawn);
    expect(risen('pitched', { ...pitched, doseMl: 0 }, [plain])).toEqual({
      ...drawn,
      from: unknownStarter,
      targets: [{ lotId: id(5), ml: 0.1 }],
    });
    expect(risen('gravity-read', { batchId: id(5), gravity: 1.03 })).toEqual({
      kind: 'measured',
      lotId: id(5),
      quantity: 'sg',
      value: 1.03,
    });
    expect(risen('tasted', { batchId: id(5), sweet: 4, sour: 2 })).toEqual({
      kind: 'tasted',
      lotId: id(5),
      sweet: 4,
      sour: 2,
    });
  });

  test('bottles: as many as were filled, less what the priming takes of their room', () => {
    const filled = { batchId: id(5), vessel: 'swing-top', count: 2, bottleMl: 500, headspaceMl: 30 };
    const bottle = (name: string) => ({
      role: 'bottle',
      name,
      vessel: { kind: 'swing-top', ml: 500 },
      closure: 'sealed',
      place: 'counter',
    });
    expect(risen('bottled', { ...filled, primingGramsPerLitre: 0 })).toEqual({
      kind: 'transferred',
      from: id(5),
      taken: 'liquid',
      targets: [
        { begin: bottle('1'), ml: 470 },
        { begin: bottle('2'), ml: 470 },
      ],
    });
    // 10 g a litre for 470 ml: 4.7 g, which take 2.914 ml.
    expect(risen('bottled', { ...filled, primingGramsPerLitre: 10 })).toMatchObject({
      targets: [
        {
          ml: expect.closeTo(467.086, 6),
          portions: [{ what: 'white-sugar', grams: expect.closeTo(4.7, 9) }],
        },
        {},
      ],
    });
    expect(risen('squeezed', { bottleId: id(6), feel: 'firm' })).toEqual({
      kind: 'observed',
      lotId: id(6),
      signs: { squeeze: 'firm' },
    });
    expect(risen('burped', { bottleId: id(6) })).toEqual({ kind: 'vented', lots: [id(6)], long: false });
    expect(risen('bottles-moved', { bottleIds: [id(6), id(7)], place: 'fridge' })).toEqual({
      kind: 'moved',
      lots: [id(6), id(7)],
      place: 'fridge',
    });
    const opened = { kind: 'opened', lotId: id(6), how: 'lively', sweet: 3, sour: 4 };
    const open = { bottleId: id(6), opening: 'lively', sweet: 3, sour: 4 };
    expect(risen('opened', { ...open, note: '' })).toEqual(opened);
    expect(risen('opened', { ...open, note: 'Pears' })).toEqual({ ...opened, note: 'Pears' });
  });

  test('the kitchen, and what was undone', () => {
    const warm = { kind: 'temperature-set', place: 'counter' };
    expect(risen('kitchen-warmed', { celsius: 23 })).toEqual({ ...warm, celsius: 23 });
    expect(risen('kitchen-warmed', { celsius: 58 })).toEqual({ ...warm, celsius: 45 });
    expect(risen('undone', { targetId: id(2) })).toEqual({ kind: 'undone', targetId: id(2) });
  });
});
