import { demoHousehold } from '../demo/household';
import { sow } from '../demo/sow';
import type { Entry } from '../core/journal/entry';
import { readMode } from './household-mode';
import { JournalKeeper, type KeeperParts } from './journal-keeper';
import type { JournalStorage } from './journal-storage';
import { createStore } from './store';
import type { TabMessage } from './tabs';

/** A disk in memory that can be full, and other tabs that listen. */
function kitchen(change: Partial<KeeperParts> = {}) {
  const disk = new Map<string, Entry>();
  const state = { full: false };
  const told: TabMessage[] = [];
  let hear: (message: TabMessage) => void = () => undefined;
  const storage: JournalStorage = {
    load: async () => ({ entries: [...disk.values()], damaged: [] }),
    save: async (entries) => {
      if (state.full) throw new Error('full');
      for (const entry of entries) disk.set(entry.id, entry);
    },
    wipe: async () => disk.clear(),
  };
  const store = createStore();
  const clock = { now: Date.UTC(2026, 4, 4) };
  const keeper = new JournalKeeper({
    store, storage, tabs: { tell: (message) => told.push(message), listen: (h) => (hear = h) },
    now: () => clock.now, offsetAt: () => 60, writer: 'aaaa', ...change,
  }); // prettier-ignore
  return { disk, state, told, hear: (message: TabMessage) => hear(message), store, keeper, clock };
}

const warm = (celsius: number) => ({ kind: 'kitchen-warmed' as const, celsius });
const settled = () => new Promise((resolve) => setTimeout(resolve, 0));

describe('the keeper of the journal', () => {
  test('writes one record an entry, stamped, and tells the other tabs', async () => {
    const { keeper, disk, told, store } = kitchen();
    await keeper.open();
    const entry = keeper.write(warm(22));
    await settled();
    expect(entry).toMatchObject({ offset: 60, version: 1, at: Date.UTC(2026, 4, 4) });
    expect([...disk.keys()]).toEqual([entry.id]);
    expect(told).toEqual([{ kind: 'added', entries: [entry] }]);
    expect(store.getState().journal.projection.household.warmth).toEqual([{ at: entry.at, celsius: 22 }]);
  });

  test('a full disk keeps the entry in memory until there is room', async () => {
    const { keeper, state, disk, store } = kitchen();
    await keeper.open();
    state.full = true;
    const entry = keeper.write(warm(22));
    await settled();
    expect(store.getState().journal.unsaved).toEqual([entry.id]);
    expect(store.getState().journal.entries).toHaveLength(1);
    state.full = false;
    await keeper.retry();
    expect(store.getState().journal.unsaved).toEqual([]);
    expect(disk.size).toBe(1);
  });

  test('a clock set back still gives ids that sort behind', async () => {
    const { keeper, clock } = kitchen();
    const first = keeper.write(warm(20));
    clock.now -= 3_600_000;
    const second = keeper.write(warm(21));
    expect(second.id > first.id).toBe(true);
    expect(second.at).toBeLessThan(first.at);
  });

  test('another tab’s entries and wiping arrive; a file twice adds once', async () => {
    const { keeper, hear, store } = kitchen();
    await keeper.open();
    const entries = demoHousehold(Date.UTC(2026, 4, 4), 0);
    hear({ kind: 'added', entries: entries.slice(0, 3) });
    expect(await keeper.takeIn(entries)).toBe(entries.length - 3);
    expect(await keeper.takeIn(entries)).toBe(0);
    expect(store.getState().journal.entries).toHaveLength(entries.length);
    hear({ kind: 'wiped' });
    expect(store.getState().journal.entries).toEqual([]);
  });

  test('storage that cannot be read is said', async () => {
    const broken: JournalStorage = {
      load: () => Promise.reject(new Error('private')),
      save: async () => undefined,
      wipe: async () => undefined,
    };
    const { keeper, store } = kitchen({ storage: broken });
    await keeper.open();
    expect(store.getState().journal.status).toBe('unreadable');
  });

  test('the demo is sown once and laid anew the next day', async () => {
    const { keeper, store, disk } = kitchen({
      seed: async (present) => sow(present, Date.UTC(2026, 4, 4), 0),
    });
    await keeper.open();
    expect(store.getState().journal.entries.length).toBeGreaterThan(50);
    expect(disk.size).toBe(store.getState().journal.entries.length);
    expect(sow([...disk.values()], Date.UTC(2026, 4, 4, 6), 0)).toBeNull();
    expect(sow([...disk.values()], Date.UTC(2026, 4, 6), 0)).toMatchObject({ replace: true });
  });
});

describe('the mode of a tab', () => {
  const memory = () => {
    const kept = new Map<string, string>();
    return {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, text: string) => void kept.set(key, text),
    };
  };

  test('the clock can be set in the demo only, and the tab remembers', () => {
    const tab = memory();
    expect(readMode('?demo=1&now=2026-05-04T18:20Z', Date.UTC(2026, 4, 4, 18), tab, null)).toEqual({
      demo: true,
      clockShift: 1_200_000,
    });
    expect(readMode('', Date.UTC(2026, 4, 4, 19), tab, null)).toEqual({ demo: true, clockShift: 1_200_000 });
    expect(readMode('?demo=0&now=2026-05-04T18:20Z', 0, tab, 'demo')).toEqual({ demo: false, clockShift: 0 });
    expect(readMode('', 0, memory(), 'demo').demo).toBe(true);
  });
});
