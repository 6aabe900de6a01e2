import type { Act, Entry } from '../core/journal/entry';
import { everyValue, valueIn } from '../core/journal/entry-table';
import { clockOf, nextId, type IdClock } from '../core/journal/instant-id';
import { journalOf, tellingOf, unknown, type Journal } from '../core/journal/journal';
import type { Result } from '../core/result';
import { breathe } from './breathe';
import { StuckError } from './disk/connection';
import type { JournalDisk } from './disk/journal-disk';
import type { SecondCopy } from './disk/second-copy';
import {
  added,
  opened,
  refused,
  replaced,
  saved,
  saveFailed,
  stuck,
  unreadable,
  wiped,
} from './journal-slice';
import type { AppStore } from './store';
import type { Tabs } from './tabs';

export interface KeeperParts {
  readonly store: Pick<AppStore, 'dispatch' | 'getState'>;
  readonly disk: JournalDisk;
  readonly copy: SecondCopy;
  readonly tabs: Tabs;
  readonly now: () => number;
  readonly offsetAt: (instant: number) => number;
  readonly writer: string;
  /** Checks an entry by the schema of files and forms, in the light of the journal it goes into. */
  readonly check: (entry: Entry, target: Entry | undefined) => Promise<Result<Entry>>;
  /** Told that there are entries, before they are told. */
  readonly found?: () => void;
  /** Entries for an empty journal (the demo household); none for the maker's own. */
  readonly seed?: (entries: readonly Entry[]) => Promise<{ replace: boolean; entries: Entry[] } | null>;
}

/** Told in pieces when there are more entries than this. */
const many = 500;

/** Writes acts into the journal, keeps them on disk and in step with other tabs. Nothing is dropped when a write fails. */
export class JournalKeeper {
  private clock: IdClock = { ms: 0, count: 0 };
  private queue: { entry: Entry; epoch: string }[] = [];
  private writing: Promise<void> | null = null;

  constructor(private readonly parts: KeeperParts) {
    parts.tabs.listen((message) => {
      if (message.kind === 'wiped') this.forget();
      else void this.take(message.entries);
    });
  }

  private get journal(): Journal {
    return this.parts.store.getState().journal.journal;
  }

  async open(): Promise<void> {
    const { store, disk, seed, tabs, copy } = this.parts;
    try {
      let { entries, damaged } = await disk.load();
      if (seed) {
        entries = await tabs.alone(async () => {
          const present = entries.length > 0 ? entries : (await disk.load()).entries;
          const sown = await seed(present);
          if (!sown) return present;
          if (sown.replace) await disk.wipe();
          await disk.save(sown.entries).catch(() => undefined);
          return sown.replace ? sown.entries : [...present, ...sown.entries];
        });
      }
      const known = new Set(entries.map(({ id }) => id));
      const recovered = seed ? [] : copy.recall().filter(({ id }) => !known.has(id) && (known.add(id), true));
      const all = [...entries, ...recovered];
      this.heed(all);
      if (all.length > 0) this.parts.found?.();
      store.dispatch(opened({ journal: await this.told(all), damaged, recovered: recovered.length }));
      if (recovered.length > 0) this.enqueue(recovered);
      else copy.clearOthers();
    } catch (fault) {
      store.dispatch(fault instanceof StuckError ? stuck() : unreadable());
    }
  }

  private async told(entries: readonly Entry[]): Promise<Journal> {
    if (entries.length < many) return journalOf(entries, this.parts.now());
    const telling = tellingOf(entries, this.parts.now());
    for (let step = telling.next(); ; step = telling.next()) {
      if (step.done) return step.value;
      await breathe();
    }
  }

  /**
   * Writes one act: stamped, in the second copy and in memory at once, on disk soon after.
   *
   * @param at when it happened, if not now
   */
  write(act: Act, at?: number): Entry {
    const now = this.parts.now();
    const { id, clock } = nextId(this.clock, now, this.parts.writer);
    this.clock = clock;
    const instant = at ?? now;
    const entry = { ...act, id, at: instant, offset: this.parts.offsetAt(instant), version: 2 } as Entry;
    this.parts.copy.hold([entry]);
    this.parts.store.dispatch(added({ entries: [entry], now, keeping: true }));
    this.enqueue([entry]);
    return entry;
  }

  /**
   * Takes entries from a file.
   * @returns how many were new, and whether they are on disk
   */
  async takeIn(entries: readonly Entry[]): Promise<{ fresh: number; kept: boolean }> {
    const fresh = unknown(this.journal, entries);
    if (fresh.length === 0) return { fresh: 0, kept: true };
    await this.take(fresh);
    const kept = await this.keep(fresh);
    return { fresh: fresh.length, kept };
  }

  /** Tries again to write what could not be written. @returns whether all is on disk now */
  async retry(): Promise<boolean> {
    const { journal, unsaved } = this.parts.store.getState().journal;
    const entries = unsaved.flatMap((id) => valueIn(journal.entries, id) ?? []);
    return this.keep(entries);
  }

  /** Forgets everything, here and in other tabs; nothing that any tab was still writing comes back. */
  async wipe(): Promise<void> {
    const { tabs, disk } = this.parts;
    const epoch = tabs.newEpoch();
    tabs.tell({ kind: 'wiped', epoch });
    await tabs.alone(() => disk.wipe());
    this.forget();
  }

  private forget(): void {
    this.queue = [];
    this.parts.copy.wipe();
    this.parts.store.dispatch(wiped());
  }

  private async take(entries: readonly Entry[]): Promise<void> {
    this.heed(entries);
    const { store, now } = this.parts;
    if (entries.length < many) return void store.dispatch(added({ entries, now: now(), keeping: false }));
    const journal = await this.told([...everyValue(this.journal.entries), ...unknown(this.journal, entries)]);
    store.dispatch(replaced(journal));
  }

  /** New ids sort behind all that is known, even when the clock was ahead before. */
  private heed(entries: readonly Entry[]): void {
    for (const { id } of entries) {
      const clock = clockOf(id);
      if (clock.ms > this.clock.ms || (clock.ms === this.clock.ms && clock.count > this.clock.count))
        this.clock = clock;
    }
  }

  private enqueue(entries: readonly Entry[]): void {
    const epoch = this.parts.tabs.epoch();
    this.queue.push(...entries.map((entry) => ({ entry, epoch })));
    this.writing ??= this.drain().finally(() => (this.writing = null));
  }

  /** Writes what is waiting, in order, many taps in one transaction. */
  private async drain(): Promise<void> {
    while (this.queue.length > 0) {
      const epoch = this.parts.tabs.epoch();
      const batch = this.queue.splice(0).filter((each) => each.epoch === epoch);
      const good: Entry[] = [];
      for (const { entry } of batch) if (await this.isGood(entry)) good.push(entry);
      await this.keep(good, epoch);
    }
  }

  /** Nothing is stored that a reload would refuse: what the schema does not take is taken back, and said. */
  private async isGood(entry: Entry): Promise<boolean> {
    const { check, store, now } = this.parts;
    const target = entry.kind === 'amended' ? valueIn(this.journal.entries, entry.targetId) : undefined;
    const result = await check(entry, target);
    if (result.ok) return true;
    const others = everyValue(this.journal.entries).filter(({ id }) => id !== entry.id);
    store.dispatch(refused({ id: entry.id, sentence: result.sentence, journal: journalOf(others, now()) }));
    return false;
  }

  /** @param epoch the household's age the entries were written in: after a forgetting they are not stored */
  private async keep(entries: readonly Entry[], epoch = this.parts.tabs.epoch()): Promise<boolean> {
    if (entries.length === 0) return true;
    const { store, disk, tabs, copy } = this.parts;
    const ids = entries.map((entry) => entry.id);
    try {
      const done = await tabs.alone(async () => {
        if (tabs.epoch() !== epoch) return false;
        await disk.save(entries);
        return true;
      });
      if (!done) return false;
      store.dispatch(saved(ids));
      copy.release(ids, new Set(store.getState().journal.unsaved.concat(store.getState().journal.keeping)));
      tabs.tell({ kind: 'added', entries });
      return true;
    } catch {
      store.dispatch(saveFailed(ids));
      tabs.tell({ kind: 'added', entries });
      return false;
    }
  }
}
