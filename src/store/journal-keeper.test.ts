import type { Act, Entry } from '@/core/journal/entry';
import { allValues } from '@/core/journal/persistent-map';
import { nextId } from '@/core/journal/instant-id';
import type { JournalDisk, Loaded } from './disk/journal-disk';
import { encodeRecord, decodeRecord, checksum, rawOf } from './disk/record';
import { SecondCopy } from './disk/second-copy';
import { JournalKeeper } from './journal-keeper';
import { createStore } from './store';
import type { TabMessage, Tabs } from './tabs';
import { dayMs } from '@/core/duration';

const start = Date.UTC(2026, 4, 4, 18);
const warm = (celsius: number): Act => ({ kind: 'temperature-set', place: 'counter', celsius });
const entry = (n: number): Entry =>
  ({
    ...warm(15 + (n % 20)),
    id: nextId({ ms: 0, count: 0 }, start + n, 'disk').id,
    at: start + n,
    offset: 0,
    version: 2,
  }) as Entry;

class MemoryStorage {
  readonly map = new Map<string, string>();
  get length() {
    return this.map.size;
  }
  key = (i: number) => [...this.map.keys()][i] ?? null;
  getItem = (key: string) => this.map.get(key) ?? null;
  setItem = (key: string, value: string) => void this.map.set(key, value);
  removeItem = (key: string) => void this.map.delete(key);
}

/** What tabs of one browser share: the household's age, and who holds the lock. */
interface Epochs {
  now: string;
  lock?: Promise<void>;
}

function kitchen(
  onDisk: Entry[] = [],
  storage = new MemoryStorage(),
  epochs: Epochs = { now: '' },
  living: ReadonlySet<string> = new Set(),
) {
  const stored = new Map(onDisk.map((each) => [each.id, each]));
  const state = {
    full: false,
    saves: [] as number[],
    forgotten: 0,
    onPiece: (_piece: number): void => undefined,
  };
  const disk: JournalDisk = {
    load: () => Promise.resolve<Loaded>({ entries: [...stored.values()], damaged: [] }),
    save: async (entries, all = () => []) => {
      if (state.full) throw new Error('full');
      const whole = stored.size === 0 ? new Map([...all(), ...entries].map((each) => [each.id, each])) : null;
      state.saves.push(entries.length);
      await Promise.resolve();
      for (const each of whole?.values() ?? entries) stored.set(each.id, each);
      return whole?.size ?? entries.length;
    },
    wipe: () => Promise.resolve(stored.clear()),
    tidy: async (alone) => {
      for (let piece = 0; piece < 3; piece++)
        if (!(await alone(() => Promise.resolve(state.onPiece(piece))))) return;
    },
  };
  const told: TabMessage[] = [];
  const behind: number[] = [];
  let hear: (message: TabMessage) => void = () => undefined;
  const tabs: Tabs = {
    tell: (message) => void told.push(message),
    listen: (ear) => (hear = ear),
    alone: (work) => (epochs.lock ?? Promise.resolve()).then(work),
    epoch: () => epochs.now,
    newEpoch: () => (epochs.now = `${epochs.now}+`),
    living: () => Promise.resolve(living),
  };
  const store = createStore();
  let now = start;
  const keeper = new JournalKeeper({
    store,
    disk,
    tabs,
    copy: new SecondCopy(storage, 'own', 'abcd'),
    now: () => (now += 1000),
    offsetAt: () => 60,
    writer: 'abcd',
    behind: (newest) => {
      behind.push(newest);
      now = newest;
    },
    forgotten: () => void (state.forgotten += 1),
  });
  return {
    keeper,
    behind,
    store,
    disk,
    stored,
    state,
    told,
    storage,
    say: (message: TabMessage) => hear(message),
    journal: () => store.getState().journal,
    setNow: (at: number) => (now = at),
  };
}

const settled = () => new Promise((done) => setTimeout(done, 5));

describe('the keeper of the journal', () => {
  test('shows at once, marks it until it is on disk, and writes many taps in one go, in order', async () => {
    const { keeper, journal, state, stored, told } = kitchen();
    await keeper.open();
    const written = [20, 21, 22].map((celsius) => keeper.write(warm(celsius))!);
    expect(journal().journal.entries.size).toBe(3);
    expect(journal().keeping).toEqual(written.map(({ id }) => id));
    await settled();
    expect([journal().keeping, stored.size, state.saves.reduce((a, b) => a + b, 0)]).toEqual([[], 3, 3]);
    expect(written.map(({ id }) => id)).toEqual([...written.map(({ id }) => id)].sort());
    expect(told.length).toBeGreaterThan(0);
  });

  test('several entries written together are one act: taken back and brought back at once', async () => {
    const { keeper, journal } = kitchen();
    await keeper.open();
    const alone = keeper.write(warm(19))!;
    const [first, second] = keeper.together(() => [
      keeper.write(warm(20))!,
      keeper.together(() => keeper.write(warm(21))!),
    ]);
    expect([alone.group, first!.group, second!.group]).toEqual([undefined, undefined, first!.id]);
    const undone = () => [alone, first!, second!].map(({ id }) => journal().journal.undone.has(id));
    const taken = keeper.takeBack(second!)!;
    expect(undone()).toEqual([false, true, true]);
    keeper.takeBack(taken);
    expect(undone()).toEqual([false, false, false]);
    keeper.takeBack(alone);
    expect(undone()).toEqual([true, false, false]);
    expect(keeper.write(warm(22))!.group).toBeUndefined();
  });

  test('an act that fails midway leaves no open group behind', async () => {
    const { keeper } = kitchen();
    await keeper.open();
    const broken = () =>
      keeper.together(() => {
        keeper.write(warm(20));
        throw new Error('broken');
      });
    expect(broken).toThrow('broken');
    expect(keeper.write(warm(21))!.group).toBeUndefined();
  });

  test('what could not be written stays, is told, and is written when there is room', async () => {
    const { keeper, journal, state, stored } = kitchen();
    await keeper.open();
    state.full = true;
    const { id } = keeper.write(warm(20))!;
    await settled();
    expect([journal().unsaved, stored.size]).toEqual([[id], 0]);
    expect(await keeper.retry()).toBe(false);
    state.full = false;
    expect(await keeper.retry()).toBe(true);
    expect([journal().unsaved, [...stored.keys()]]).toEqual([[], [id]]);
  });

  test('a page that dies before the disk has it brings it back from the second copy, and says so', async () => {
    const storage = new MemoryStorage();
    const first = kitchen([], storage);
    await first.keeper.open();
    first.state.full = true;
    const { id } = first.keeper.write(warm(23))!;
    const second = kitchen([], storage);
    await second.keeper.open();
    expect([
      second.journal().recovered,
      allValues(second.journal().journal.entries).map((each) => each.id),
    ]).toEqual([1, [id]]);
    await settled();
    expect([...second.stored.keys()]).toEqual([id]);
  });

  test('what the schema refuses is neither held, shown nor copied, and said', async () => {
    const { keeper, journal, stored, storage } = kitchen();
    await keeper.open();
    expect(keeper.write(warm(60))).toBeNull();
    await settled();
    expect(journal().refused).toMatchObject({
      code: 'entry.invalid',
      params: { path: 'celsius', why: 'A temperature between −5 and 45 °C' },
    });
    expect([journal().journal.entries.size, stored.size, journal().keeping, storage.map.size]).toEqual([
      0,
      0,
      [],
      0,
    ]);
  });

  test('a correction is judged by the entry it leaves', async () => {
    const { keeper, journal } = kitchen([entry(1)]);
    await keeper.open();
    const targetId = entry(1).id;
    expect(keeper.write({ kind: 'amended', targetId, patch: { at: 1e300 } })).toBeNull();
    expect(keeper.write({ kind: 'amended', targetId, patch: { place: 'moon' } })).toBeNull();
    expect(keeper.write({ kind: 'amended', targetId, patch: { celsius: 21 } })).not.toBeNull();
    expect(journal().journal.household.warmths.counter).toEqual([expect.objectContaining({ celsius: 21 })]);
  });

  test('site data cleared under the open page: the next tap writes back all that memory holds, and says so', async () => {
    const { keeper, journal, stored } = kitchen(Array.from({ length: 27 }, (_, n) => entry(n)));
    await keeper.open();
    stored.clear();
    keeper.write(warm(20));
    await settled();
    expect([stored.size, journal().writtenBack]).toEqual([28, 28]);
    keeper.write(warm(21));
    await settled();
    expect([stored.size, journal().writtenBack]).toEqual([29, 28]);
  });

  test('a first entry on an empty disk is no loss', async () => {
    const { keeper, journal, stored } = kitchen();
    await keeper.open();
    keeper.write(warm(20));
    keeper.write(warm(21));
    await settled();
    expect([stored.size, journal().writtenBack]).toEqual([2, 0]);
  });

  test('acts made while a long file is told are in view when it is, and after an opening too', async () => {
    const { keeper, journal, say } = kitchen([entry(9001)]);
    const opening = keeper.open();
    say({ kind: 'added', entries: [entry(9002)] });
    await opening;
    expect(journal().journal.entries.size).toBe(2);
    const taking = keeper.takeIn(Array.from({ length: 1200 }, (_, n) => entry(n * 2)));
    const acts = Array.from({ length: 22 }, (_, n) => keeper.write(warm(n))!);
    await taking;
    const shown = new Set(allValues(journal().journal.entries).map(({ id }) => id));
    expect(acts.filter(({ id }) => !shown.has(id))).toEqual([]);
    expect(shown.size).toBe(1224);
  });

  test('a damaged second copy is laid aside and counted; the rest of it comes back', async () => {
    const storage = new MemoryStorage();
    const bent = encodeRecord(entry(2)).replace('"celsius":17', '"celsius":71');
    // Sealed, but no entry: what an older Yuzet let through.
    const text = JSON.stringify({ ...entry(3), celsius: 'hot' });
    const sealed = `2:${checksum(text)}:${text}`;
    storage.setItem('yuzet.copy.own.gone', [encodeRecord(entry(1)), bent, sealed, 'torn {'].join('\n'));
    const { keeper, journal } = kitchen([], storage);
    await keeper.open();
    await settled();
    expect(journal()).toMatchObject({ status: 'ready', recovered: 1, setAside: 3 });
    expect(storage.getItem('yuzet.aside.own')).toBe([bent, sealed, 'torn {'].join('\n'));
    const again = kitchen([entry(1)], storage);
    await again.keeper.open();
    expect(again.journal()).toMatchObject({ recovered: 0, setAside: 0 });
  });

  test('the copy of a tab that is open is its own: nothing is said of it, and it stays', async () => {
    const storage = new MemoryStorage();
    storage.setItem('yuzet.copy.own.wxyz', encodeRecord(entry(1)));
    const { keeper, journal } = kitchen([entry(5)], storage, { now: '' }, new Set(['wxyz']));
    await keeper.open();
    await settled();
    expect([journal().recovered, journal().journal.entries.size]).toEqual([0, 1]);
    expect(storage.getItem('yuzet.copy.own.wxyz')).not.toBeNull();
  });

  test('binding records into pages stops when everything is forgotten, and what was answered goes too', async () => {
    const { keeper, state } = kitchen([entry(1)]);
    await keeper.open();
    const pieces: number[] = [];
    state.onPiece = (piece) => {
      pieces.push(piece);
      if (piece === 0) void keeper.wipe();
    };
    await keeper.tidy();
    await settled();
    expect([pieces, state.forgotten]).toEqual([[0], 1]);
  });

  test('an import says how many are new and whether they are kept', async () => {
    const { keeper, state } = kitchen([entry(1)]);
    await keeper.open();
    const took = (fresh: number, kept: boolean) => ({ ok: true, value: { fresh, kept } });
    expect(await keeper.takeIn([entry(1), entry(2), entry(2)])).toEqual(took(1, true));
    expect(await keeper.takeIn([entry(1)])).toEqual(took(0, true));
    state.full = true;
    expect(await keeper.takeIn([entry(3)])).toEqual(took(1, false));
  });

  test('a file that corrects what is here only is checked against it, and refused whole', async () => {
    const { keeper, journal } = kitchen([entry(1)]);
    await keeper.open();
    const correction = (patch: { readonly [key: string]: string | number | null }): Entry => ({
      kind: 'amended',
      targetId: entry(1).id,
      patch: { ...patch },
      id: nextId({ ms: 0, count: 0 }, start + 9, 'file').id,
      at: start + 9,
      offset: 0,
      version: 2,
    });
    const bent: { readonly [key: string]: string | number | null }[] = [
      { celsius: null },
      { place: 'moon' },
      { at: 1e300 },
    ];
    for (const patch of bent)
      expect(await keeper.takeIn([entry(2), correction(patch)])).toMatchObject({
        ok: false,
        code: 'backup.correction-damaged',
      });
    expect(journal().journal.entries.size).toBe(1);
    expect(await keeper.takeIn([correction({ celsius: 30 })])).toMatchObject({ ok: true });
  });

  test('a thousand entries at once are told in pieces, and counted once each', async () => {
    const { keeper, journal } = kitchen();
    await keeper.open();
    const many = Array.from({ length: 1200 }, (_, n) => entry(n * 2));
    expect(await keeper.takeIn([...many, ...many])).toEqual({ ok: true, value: { fresh: 1200, kept: true } });
    expect(journal().journal.household.warmths.counter).toHaveLength(1200);
  });

  test('nothing another tab was still writing comes back after everything was forgotten', async () => {
    const epochs: Epochs = { now: '' };
    const [one, other] = [kitchen([], new MemoryStorage(), epochs), kitchen([], new MemoryStorage(), epochs)];
    await Promise.all([one.keeper.open(), other.keeper.open()]);
    let release = (): void => undefined;
    epochs.lock = new Promise((done) => (release = done));
    other.keeper.write(warm(20));
    const wiping = one.keeper.wipe();
    release();
    await wiping;
    await settled();
    expect([one.stored.size, other.stored.size]).toEqual([0, 0]);
    other.say({ kind: 'wiped', epoch: epochs.now });
    expect(other.journal().journal.entries.size).toBe(0);
  });

  test('a clock set back, or an entry heard from ahead, leaves new ids last', async () => {
    const { keeper, say, setNow } = kitchen([entry(5_000_000)]);
    await keeper.open();
    setNow(start - 9_000_000);
    const a = keeper.write(warm(20))!;
    expect(a.id > entry(5_000_000).id).toBe(true);
    say({ kind: 'added', entries: [entry(9_000_000)] });
    expect(keeper.write(warm(21))!.id > entry(9_000_000).id).toBe(true);
  });

  test('a clock a year back is said, and the newest entry gone by: nothing is hidden or blamed', async () => {
    const day = dayMs;
    const { keeper, journal, setNow, behind } = kitchen([0, 40, 80, 120].map((days) => entry(days * day)));
    setNow(start - 365 * day);
    await keeper.open();
    expect(behind).toEqual([start + 120 * day]);
    expect(journal().clockSaid).toBeLessThan(start - 364 * day);
    expect([journal().journal.ahead.length, journal().journal.household.warmths.counter!.length]).toEqual([
      0, 4,
    ]);
  });

  test('a database that does not open is said to be stuck or shut', async () => {
    const { keeper, store, disk } = kitchen();
    jest.spyOn(disk, 'load').mockRejectedValue(new Error('no'));
    await keeper.open();
    expect(store.getState().journal.status).toBe('unreadable');
  });
});

describe('records', () => {
  test('an intact record comes back without a validator, a damaged one does not', () => {
    const record = encodeRecord(entry(1));
    expect(decodeRecord(record)).toEqual(entry(1));
    expect(decodeRecord(record.replace('"celsius":16', '"celsius":61'))).toBeNull();
    expect(decodeRecord(JSON.stringify(entry(1)))).toBeNull();
    expect(rawOf(JSON.stringify(entry(1)))).toEqual(entry(1));
    expect(rawOf('{"bro')).toBeNull();
    expect(checksum('')).toBe('811c9dc5');
    expect(checksum('a')).toBe('e40c292c');
  });
});

describe('the second copy', () => {
  test('keeps what is not on disk and the newest, and survives no room', () => {
    const storage = new MemoryStorage();
    const none: ReadonlySet<string> = new Set();
    const copy = new SecondCopy(storage, 'own', 'abcd');

    const all = Array.from({ length: 40 }, (_, n) => entry(n));
    copy.hold(all);
    copy.release(
      all.slice(1).map(({ id }) => id),
      new Set([all[0]!.id]),
    );
    const recalled = copy.recall(none).map((line) => decodeRecord(line)!.id);
    expect(recalled).toHaveLength(21);
    expect(recalled).toContain(all[0]!.id);
    expect(recalled).toContain(all[39]!.id);
    new SecondCopy(storage, 'other', 'wxyz').wipe();
    expect(copy.recall(none)).toHaveLength(21);
    copy.wipe();
    expect(copy.recall(none)).toEqual([]);
    expect(() => new SecondCopy(null, 'own', 'a').hold(all)).not.toThrow();
    expect(() =>
      new SecondCopy(
        {
          ...new MemoryStorage(),
          length: 0,
          setItem: () => {
            throw new Error('full');
          },
        },
        'own',
        'a',
      ).hold(all),
    ).not.toThrow();
  });
});
