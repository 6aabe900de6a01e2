import type { Act, Entry } from '../core/journal/entry';
import { clockOf, nextId, type IdClock } from '../core/journal/instant-id';
import { added, loaded, saved, saveFailed, unreadable, wiped } from './journal-slice';
import type { JournalStorage } from './journal-storage';
import type { AppStore } from './store';
import type { Tabs } from './tabs';

export interface KeeperParts {
  readonly store: Pick<AppStore, 'dispatch' | 'getState'>;
  readonly storage: JournalStorage;
  readonly tabs: Tabs;
  readonly now: () => number;
  readonly offsetAt: (instant: number) => number;
  readonly writer: string;
  /** Entries for an empty journal (the demo household); none for the maker's own. */
  readonly seed?: (entries: readonly Entry[]) => Promise<{ replace: boolean; entries: Entry[] } | null>;
}

/** Writes acts into the journal, keeps them on disk and in step with other tabs. Nothing is dropped when a write fails. */
export class JournalKeeper {
  private clock: IdClock = { ms: 0, count: 0 };

  constructor(private readonly parts: KeeperParts) {
    parts.tabs.listen((message) => {
      if (message.kind === 'wiped') parts.store.dispatch(wiped());
      else this.take([...message.entries]);
    });
  }

  async open(): Promise<void> {
    const { store, storage, seed } = this.parts;
    try {
      const { entries, damaged } = await storage.load();
      const sown = seed ? await seed(entries) : null;
      if (sown?.replace) await storage.wipe();
      const start = sown ? (sown.replace ? sown.entries : [...entries, ...sown.entries]) : entries;
      if (sown) await storage.save(sown.entries).catch(() => undefined);
      this.heed(start);
      store.dispatch(loaded({ entries: start, damaged: damaged.length }));
    } catch {
      store.dispatch(unreadable());
    }
  }

  /**
   * Writes one act: stamped, in memory at once, on disk soon after.
   *
   * @param at when it happened, if not now
   * @returns the entry
   */
  write(act: Act, at?: number): Entry {
    const now = this.parts.now();
    const { id, clock } = nextId(this.clock, now, this.parts.writer);
    this.clock = clock;
    const instant = at ?? now;
    const entry = { ...act, id, at: instant, offset: this.parts.offsetAt(instant), version: 1 } as Entry;
    this.parts.store.dispatch(added([entry]));
    void this.keep([entry]);
    return entry;
  }

  /** Takes entries from a file. @returns how many were new */
  async takeIn(entries: readonly Entry[]): Promise<number> {
    const known = new Set(this.parts.store.getState().journal.entries.map((entry) => entry.id));
    const fresh = entries.filter((entry) => !known.has(entry.id));
    this.take(fresh);
    if (fresh.length > 0) await this.keep(fresh);
    return fresh.length;
  }

  /** Tries again to write what could not be written. */
  async retry(): Promise<void> {
    const { entries, unsaved } = this.parts.store.getState().journal;
    await this.keep(entries.filter((entry) => unsaved.includes(entry.id)));
  }

  /** Forgets everything, here and in other tabs. */
  async wipe(): Promise<void> {
    await this.parts.storage.wipe();
    this.parts.store.dispatch(wiped());
    this.parts.tabs.tell({ kind: 'wiped' });
  }

  private take(entries: Entry[]): void {
    this.heed(entries);
    this.parts.store.dispatch(added(entries));
  }

  /** New ids sort behind all that is known, even when the clock was ahead before. */
  private heed(entries: readonly Entry[]): void {
    for (const { id } of entries) {
      const clock = clockOf(id);
      if (clock.ms > this.clock.ms || (clock.ms === this.clock.ms && clock.count > this.clock.count))
        this.clock = clock;
    }
  }

  private async keep(entries: Entry[]): Promise<void> {
    const { store, storage, tabs } = this.parts;
    const ids = entries.map((entry) => entry.id);
    try {
      await storage.save(entries);
      store.dispatch(saved(ids));
    } catch {
      store.dispatch(saveFailed(ids));
    }
    tabs.tell({ kind: 'added', entries });
  }
}
