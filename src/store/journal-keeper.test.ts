import type { Act, Entry } from '@/core/journal/entry';
import { everyValue } from '@/core/journal/entry-table';
import { nextId } from '@/core/journal/instant-id';
import { refusal, success } from '@/core/result';
import type { JournalDisk, Loaded } from './disk/journal-disk';
import { sealedRecord, unsealed, checksum, rawOf } from './disk/record';
import { SecondCopy } from './disk/second-copy';
import { JournalKeeper } from './journal-keeper';
import { createStore } from './store';
import type { TabMessage, Tabs } from './tabs';

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

class Shelf {
  readonly map = new Map<string, string>();
  get length() {
    return this.map.size;
  }
  key = (i: number) => [...this.map.keys()][i] ?? null;
  getItem = (key: string) => this.map.get(key) ?? null;
  setItem = (key: string, value: string) => void this.map.set(key, value);
  removeItem = (key: string) => void this.map.delete(key);
}

function kitchen(onDisk: Entry[] = [], shelf = new Shelf(), epochs = { now: '' }) {
  const stored = new Map(onDisk.map((each) => [each.id, each]));
  const state = { full: false, saves: [] as number[] };
  const disk: JournalDisk = {
    load: () => Promise.resolve<Loaded>({ entries: [...stored.values()], damaged: [] }),
    save: async (entries) => {
      if (state.full) throw new Error('full');
      state.saves.push(entries.length);
      await Promise.resolve();
      for (const each of entries) stored.set(each.id, each);
    },
    wipe: () => Promise.resolve(stored.clear()),
    tidy: () => Promise.resolve(),
  };
  const told: TabMessage[] = [];
  let hear: (message: TabMessage) => void = () => undefined;
  const tabs: Tabs = {
    tell: (message) => void told.push(message),
    listen: (ear) => (hear = ear),
    alone: (work) => work(),
    epoch: () => epochs.now,
    newEpoch: () => (epochs.now = `${epochs.now}+`),
  };
  const store = createStore();
  let now = start;
  const keeper = new JournalKeeper({
    store,
    disk,
    tabs,
    copy: new SecondCopy(shelf, 'own', 'abcd'),
    now: () => (now += 1000),
    offsetAt: () => 60,
    writer: 'abcd',
    check: (each) =>
      Promise.resolve(
        each.kind === 'temperature-set' && each.celsius > 45
          ? refusal('entry.invalid', 'Too hot.')
          : success(each),
      ),
  });
  return {
    keeper,
    store,
    stored,
    state,
    told,
    shelf,
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
    const written = [20, 21, 22].map((celsius) => keeper.write(warm(celsius)));
    expect(journal().journal.entries.size).toBe(3);
    expect(journal().keeping).toEqual(written.map(({ id }) => id));
    await settled();
    expect([journal().keeping, stored.size, state.saves.reduce((a, b) => a + b, 0)]).toEqual([[], 3, 3]);
    expect(written.map(({ id }) => id)).toEqual([...written.map(({ id }) => id)].sort());
    expect(told.length).toBeGreaterThan(0);
  });

  test('what could not be written stays, is told, and is written when there is room', async () => {
    const { keeper, journal, state, stored } = kitchen();
    await keeper.open();
    state.full = true;
    const { id } = keeper.write(warm(20));
    await settled();
    expect([journal().unsaved, stored.size]).toEqual([[id], 0]);
    expect(await keeper.retry()).toBe(false);
    state.full = false;
    expect(await keeper.retry()).toBe(true);
    expect([journal().unsaved, [...stored.keys()]]).toEqual([[], [id]]);
  });

  test('a page that dies before the disk has it brings it back from the second copy, and says so', async () => {
    const shelf = new Shelf();
    const first = kitchen([], shelf);
    await first.keeper.open();
    first.state.full = true;
    const { id } = first.keeper.write(warm(23));
    const second = kitchen([], shelf);
    await second.keeper.open();
    expect([
      second.journal().recovered,
      everyValue(second.journal().journal.entries).map((each) => each.id),
    ]).toEqual([1, [id]]);
    await settled();
    expect([...second.stored.keys()]).toEqual([id]);
  });

  test('what the schema refuses is taken back, not stored for a reload to refuse', async () => {
    const { keeper, journal, stored } = kitchen();
    await keeper.open();
    keeper.write(warm(60));
    await settled();
    expect([journal().refused, journal().journal.entries.size, stored.size, journal().keeping]).toEqual([
      'Too hot.',
      0,
      0,
      [],
    ]);
  });

  test('an import says how many are new and whether they are kept', async () => {
    const { keeper, state } = kitchen([entry(1)]);
    await keeper.open();
    expect(await keeper.takeIn([entry(1), entry(2), entry(2)])).toEqual({ fresh: 1, kept: true });
    expect(await keeper.takeIn([entry(1)])).toEqual({ fresh: 0, kept: true });
    state.full = true;
    expect(await keeper.takeIn([entry(3)])).toEqual({ fresh: 1, kept: false });
  });

  test('a thousand entries at once are told in pieces, and counted once each', async () => {
    const { keeper, journal } = kitchen();
    await keeper.open();
    const many = Array.from({ length: 1200 }, (_, n) => entry(n * 2));
    expect(await keeper.takeIn([...many, ...many])).toEqual({ fresh: 1200, kept: true });
    expect(journal().journal.household.warmths.counter).toHaveLength(1200);
  });

  test('nothing another tab was still writing comes back after everything was forgotten', async () => {
    const epochs = { now: '' };
    const [one, other] = [kitchen([], new Shelf(), epochs), kitchen([], new Shelf(), epochs)];
    await Promise.all([one.keeper.open(), other.keeper.open()]);
    other.keeper.write(warm(20));
    const wiping = one.keeper.wipe();
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
    const a = keeper.write(warm(20));
    expect(a.id > entry(5_000_000).id).toBe(true);
    say({ kind: 'added', entries: [entry(9_000_000)] });
    expect(keeper.write(warm(21)).id > entry(9_000_000).id).toBe(true);
  });

  test('a database that does not open is said to be stuck or shut', async () => {
    const { keeper, store } = kitchen();
    (keeper as unknown as { parts: { disk: { load: () => Promise<never> } } }).parts.disk.load = () =>
      Promise.reject(new Error('no'));
    await keeper.open();
    expect(store.getState().journal.status).toBe('unreadable');
  });
});

describe('records', () => {
  test('an unbent record comes back without a validator, a bent one does not', () => {
    const record = sealedRecord(entry(1));
    expect(unsealed(record)).toEqual(entry(1));
    expect(unsealed(record.replace('"celsius":16', '"celsius":61'))).toBeNull();
    expect(unsealed(JSON.stringify(entry(1)))).toBeNull();
    expect(rawOf(JSON.stringify(entry(1)))).toEqual(entry(1));
    expect(rawOf('{"bro')).toBeNull();
    expect(checksum('')).toBe('811c9dc5');
    expect(checksum('a')).toBe('e40c292c');
  });
});

describe('the second copy', () => {
  test('keeps what is not on disk and the newest, and survives no room', () => {
    const shelf = new Shelf();
    const copy = new SecondCopy(shelf, 'own', 'abcd');
    const all = Array.from({ length: 40 }, (_, n) => entry(n));
    copy.hold(all);
    copy.release(
      all.slice(1).map(({ id }) => id),
      new Set([all[0]!.id]),
    );
    const recalled = copy.recall().map(({ id }) => id);
    expect(recalled).toHaveLength(21);
    expect(recalled).toContain(all[0]!.id);
    expect(recalled).toContain(all[39]!.id);
    new SecondCopy(shelf, 'other', 'wxyz').wipe();
    expect(copy.recall()).toHaveLength(21);
    copy.wipe();
    expect(copy.recall()).toEqual([]);
    expect(() => new SecondCopy(null, 'own', 'a').hold(all)).not.toThrow();
    expect(() =>
      new SecondCopy(
        {
          ...new Shelf(),
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
