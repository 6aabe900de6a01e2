import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Entry } from '@/core/journal/entry';
import { nextId } from '@/core/journal/instant-id';
import { readEntries } from '@/core/journal/migrate/read-entries';
import type { KeptAnswer } from '@/workers/forecast-queue';
import { answerCache } from './answer-cache';
import type { Connection } from './connection';
import { journalDisk, type JournalDisk } from './journal-disk';
import { checksum, rawOf, encodeRecord, decodeRecord } from './record';
import { partOf, standIn } from '@/core/part-of.test-tool';
import type { FamilyAnswer } from '@/core/forecast/answer/family-answer';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import type { FiveNumbers } from '@/core/forecast/read-off/weighted-quantiles';
import type { AsyncStorage } from '@react-native-async-storage/async-storage';

const start = Date.UTC(2026, 4, 4, 18);
const entry = (n: number): Entry => ({
  kind: 'temperature-set',
  place: 'counter',
  celsius: 15 + (n % 10),
  id: nextId({ ms: 0, count: 0 }, start + n, 'disk').id,
  at: start + n,
  offset: 60,
  version: 2,
});

const always = async (piece: () => Promise<void>) => {
  await piece();
  return true;
};

async function inSmallWrites({ save }: JournalDisk, entries: readonly Entry[]) {
  for (let at = 0; at < entries.length; at += 300) await save(entries.slice(at, at + 300));
}

/** A database in memory that tells how often it was written. */
function memory(values = new Map<string, string>()) {
  const writes: number[] = [];
  const connection = {
    storage: standIn<AsyncStorage>(null),
    write: (
      changes: ReadonlyMap<string, string | null>,
      whenEmpty: () => ReadonlyMap<string, string | null> = () => changes,
    ) => {
      writes.push(changes.size);
      for (const [key, value] of values.size === 0 ? whenEmpty() : changes) {
        if (value === null) values.delete(key);
        else values.set(key, value);
      }
      return Promise.resolve();
    },
    readAll: () => Promise.resolve(new Map(values)),
    read: (keys: readonly string[]) => Promise.resolve(keys.map((key) => values.get(key))),
  } satisfies Connection;
  let readers = 0;
  const disk = journalDisk(connection, () => {
    readers += 1;
    return Promise.resolve(readEntries);
  });
  return { disk, connection, values, writes, readers: () => readers };
}

describe('the journal on disk', () => {
  test('a record an entry, all in one transaction; what comes back needs no validator', async () => {
    const { disk, values, writes, readers } = memory();
    const entries = [entry(1), entry(2), entry(3)];
    await disk.save(entries);
    expect(writes).toEqual([3]);
    expect([...values.keys()]).toEqual(entries.map(({ id }) => `entry:${id}`));
    expect(await disk.load()).toEqual({ entries, damaged: [] });
    expect(readers()).toBe(0);
  });

  test('old records are bound into pages of 400 once there are half as many more; none is lost', async () => {
    const { disk, values } = memory();
    const entries = Array.from({ length: 1001 }, (_, n) => entry(n));
    await inSmallWrites(disk, entries);
    await disk.tidy(always);
    const pages = [...values.keys()].filter((key) => key.startsWith('page:'));
    expect(pages).toEqual([`page:${entries[0]!.id}`, `page:${entries[400]!.id}`]);
    expect(values.size).toBe(2 + 201);
    const { entries: back } = await disk.load();
    expect(back.map(({ id }) => id).sort()).toEqual(entries.map(({ id }) => id));
    await disk.tidy(always);
    expect(values.size).toBe(203);
  });

  test('many at once are pages from the start, in one transaction, and the rest records', async () => {
    const { disk, values, writes } = memory();
    const entries = Array.from({ length: 1001 }, (_, n) => entry(n));
    expect(await disk.save([...entries].reverse())).toBe(1001);
    // 400 + 400, and 201 of their own.
    expect(writes).toEqual([203]);
    expect([...values.keys()].filter((key) => key.startsWith('page:'))).toHaveLength(2);
    const { entries: back, damaged } = await disk.load();
    expect([back.map(({ id }) => id).sort(), damaged]).toEqual([entries.map(({ id }) => id), []]);
    // Another tab that took in all but one keeps its page beside this one.
    await disk.save([...entries.slice(0, 399), entry(5000)]);
    expect([...values.keys()].filter((key) => key.startsWith('page:'))).toHaveLength(3);
    expect((await disk.load()).entries).toHaveLength(1002);
    // The whole of a great journal goes back so too.
    values.clear();
    expect(await disk.save([entry(1)], () => entries)).toBe(1001);
    expect(values.size).toBe(203);
  });

  test('an emptied database gets all that memory holds, in the same transaction; else only what is new', async () => {
    const { disk, values, writes } = memory();
    const all = [entry(1), entry(2), entry(3)];
    expect(await disk.save([entry(3)], () => all)).toBe(3);
    expect([values.size, writes.length]).toEqual([3, 1]);
    expect(await disk.save([entry(4)], () => [...all, entry(4)])).toBe(1);
    expect(values.size).toBe(4);
  });

  test('binding stops as soon as it may not go on', async () => {
    const { disk, values } = memory();
    await inSmallWrites(
      disk,
      Array.from({ length: 1001 }, (_, n) => entry(n)),
    );
    await disk.tidy(() => Promise.resolve(false));
    expect([...values.keys()].filter((key) => key.startsWith('page:'))).toEqual([]);
  });

  test('fewer than 600 stay single', async () => {
    const { disk, values } = memory();
    await inSmallWrites(
      disk,
      Array.from({ length: 599 }, (_, n) => entry(n)),
    );
    await disk.tidy(always);
    expect(values.size).toBe(599);
    await disk.save([entry(599)]);
    await disk.tidy(always);
    expect(values.size).toBe(201);
  });

  test('a damaged record is named and kept, a newer one is called newer, the rest is read', async () => {
    const { disk, values } = memory();
    await disk.save([entry(1), entry(2)]);
    const key = `entry:${entry(1).id}`;
    values.set(key, values.get(key)!.replace('counter', 'c0unter'));
    values.set('entry:x', '{"version":9}');
    values.set('entry:y', 'torn {');
    const { entries, damaged } = await disk.load();
    expect(entries).toEqual([entry(2)]);
    expect(damaged.map(({ key: each, newer }) => [each, newer])).toEqual([
      [key, false],
      ['entry:x', true],
      ['entry:y', false],
    ]);
    expect(values.has('entry:y')).toBe(true);
  });

  test('a damaged checksum over an entry that is whole is mended', async () => {
    const { disk, values } = memory();
    await disk.save([entry(1)]);
    const key = `entry:${entry(1).id}`;
    values.set(key, values.get(key)!.replace(/^2:.{8}/, '2:00000000'));
    expect(await disk.load()).toEqual({ entries: [entry(1)], damaged: [] });
    expect(decodeRecord(values.get(key)!)).toEqual(entry(1));
  });

  test('records of the first version come up and are written anew', async () => {
    const story = JSON.parse(
      readFileSync(path.join(process.cwd(), 'src/core/journal/fixtures/story.v1.json'), 'utf8'),
    ) as { entries: { id: string }[] };
    const { disk, values, readers } = memory(
      new Map(story.entries.map((each) => [`entry:${each.id}`, JSON.stringify(each)])),
    );
    const { entries, damaged } = await disk.load();
    expect([entries.length, damaged, readers()]).toEqual([story.entries.length, [], 1]);
    expect(entries.every(({ version }) => version === 2)).toBe(true);
    expect([...values.values()].every((text) => decodeRecord(text) !== null)).toBe(true);
    expect((await disk.load()).entries).toEqual(expect.arrayContaining(entries));
    expect(readers()).toBe(1);
  });

  test('a whole record of an older version in a page is read as of the version in force, and written once', async () => {
    const { id, at, offset } = entry(1);
    const stamp = { id, at, offset, version: 2 };
    const old = { ...stamp, kind: 'kept', thing: 'choice', key: 'caution', value: { is: 'usual' } };
    const text = JSON.stringify(old);
    const page = [`2:${checksum(text)}:${text}`, encodeRecord(entry(2))].join('\n');
    const { disk, values, readers } = memory(new Map([['page:1', page]]));
    const read = { ...old, version: 3, thing: 'caution', value: { caution: 'usual' } };
    for (let start = 0; start < 3; start++)
      expect((await disk.load()).entries).toEqual(expect.arrayContaining([read, entry(2)]));
    expect([readers(), values.get('page:1'), values.size]).toEqual([1, page, 2]);
    expect(decodeRecord(values.get(`entry:${entry(1).id}`)!)).toEqual(read);
  });

  test('forgetting leaves what is not the journal', async () => {
    const { disk, values } = memory(
      new Map([
        ['answer:x', '{}'],
        ['page:1', ''],
        ['entry:1', ''],
      ]),
    );
    await disk.wipe();
    expect([...values.keys()]).toEqual(['answer:x']);
  });
});

describe('a record', () => {
  test('bears FNV-1a of its text', () => {
    // Published test values of FNV-1a, 32 bits.
    expect([checksum(''), checksum('a'), checksum('foobar')]).toEqual(['811c9dc5', 'e40c292c', 'bf9cf968']);
    expect(encodeRecord(entry(1))).toMatch(/^2:[0-9a-f]{8}:\{"kind":"temperature-set"/);
  });

  test('without its mark is raw: JSON, or nothing', () => {
    expect([rawOf('{"a":1}'), rawOf('2:00000000:{"a":1}'), rawOf('x'), decodeRecord('{"a":1}')]).toEqual([
      { a: 1 },
      { a: 1 },
      null,
      null,
    ]);
  });
});

describe('answers on disk', () => {
  const lanes = (rows: readonly FiveNumbers[]) => ({
    sweet: rows,
    fizz: rows,
    gauge: rows,
    ph: rows,
    alcohol: rows,
  });
  const row = (value: number): FiveNumbers => [value, value, value, value, value];
  const answer: KeptAnswer = {
    key: 'k',
    family: partOf<FamilyAnswer>({
      rootId: 'r',
      lots: [
        {
          lotId: 'b',
          hours: [0, 1, 2, 3, 4],
          series: lanes([0, 1, 2, 3, 4].map((hour) => row(hour + 0.123456))),
          chill: { limitHour: Infinity, latest: 1_777_918_800_123 },
        },
      ],
    }),
  };

  test('are thinned to a row every three hours and the last, in five digits; never is a word', async () => {
    const { connection, values } = memory();
    const cache = answerCache(connection);
    cache.put('r', answer);
    cache.put('s', { key: 'k2', starter: partOf<StarterAnswer>({ now: row(0.5) }) });
    await new Promise((done) => setTimeout(done, 260));
    expect([...values.keys()]).toEqual(['answer:r', 'answer:s']);
    const back = await cache.load();
    const [lot] = back.get('r')!.family!.lots;
    expect(lot).toEqual({
      lotId: 'b',
      hours: [0, 3, 4],
      series: lanes([row(0.12346), row(3.1235), row(4.1235)]),
      chill: { limitHour: 1e9, latest: 1_777_918_800_123 },
    });
    expect(back.get('s')).toEqual({ key: 'k2', starter: { now: row(0.5) } });
  });

  test('the newest of a subject is written, once, when the page is idle', async () => {
    const { connection, values, writes } = memory();
    const cache = answerCache(connection);
    cache.put('r', { key: '1' });
    cache.put('r', { key: '2' });
    expect(writes).toEqual([]);
    await new Promise((done) => setTimeout(done, 260));
    expect([writes, values.get('answer:r')]).toEqual([[1], '{"key":"2"}']);
  });
});
