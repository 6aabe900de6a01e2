import { checkEntry, firstFault } from '../core/journal/check-entry';
import { clockBehind } from '../core/journal/clock-behind';
import { versionOf, type Act, type Entry } from '../core/journal/entry';
import { allValues, valueIn } from '../core/journal/persistent-map';
import { clockOf, nextId, type IdClock } from '../core/journal/instant-id';
import { append, journalOf, journalInSteps, unknown, type Journal } from '../core/journal/journal';
import { refusal, success, type Result } from '../core/result';
import { breathe } from './breathe';
import { StuckError } from './disk/connection';
import type { JournalDisk } from './disk/journal-disk';
import { hasValidChecksum, rawOf } from './disk/record';
import type { SecondCopy } from './disk/second-copy';
import {
  added,
  emptied,
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
import { groupOf } from '../core/journal/groups';

export interface KeeperParts {
  readonly store: Pick<AppStore, 'dispatch' | 'getState'>;
  readonly disk: JournalDisk;
  readonly copy: SecondCopy;
  readonly tabs: Tabs;
  readonly now: () => number;
  readonly offsetAt: (instant: number) => number;
  readonly writer: string;
  /** Told that there are entries, before they are told. */
  readonly found?: () => void;
  /** Told the newest instant written, when the clock seems to be behind it: the clock goes by that from then on. */
  readonly behind?: (newest: number) => void;
  /** Told that everything was forgotten. */
  readonly forgotten?: () => void;
  /** Entries for an empty journal (the demo household); none for the maker's own. */
  readonly seed?: (entries: readonly Entry[]) => Promise<{ replace: boolean; entries: Entry[] } | null>;
}

const unsealedLine = refusal('copy.damaged');

/** Told in pieces when there are more entries than this. */
const many = 500;

/** Writes acts into the journal, keeps them on disk and in step with other tabs. Nothing is dropped when a write fails. */
export class JournalKeeper {
  private clock: IdClock = { ms: 0, count: 0 };
  private queue: { entry: Entry; epoch: string }[] = [];
  private writing: Promise<void> | null = null;
  /** Whether something of the journal was on disk: an empty disk is then a cleared one. */
  private stored = false;
  /** The act that is being written, once it wrote something: the id of its first entry. */
  private group: { first: string | null } | null = null;

  constructor(private readonly parts: KeeperParts) {
    parts.tabs.listen((message) => {
      if (message.kind === 'wiped') this.forget();
      else void this.take(this.good(message.entries));
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
      const living = await tabs.living();
      const lines = seed ? [] : copy.recall(living);
      this.stored = entries.length > 0;
      this.heed(entries);
      const clock = this.parts.now();
      const newest = seed ? null : clockBehind(entries, clock);
      if (newest !== null) this.parts.behind?.(newest);
      if (entries.length + lines.length > 0) this.parts.found?.();
      const { journal, recovered, bad } = this.recover(await this.told(entries), lines);
      copy.setAside(bad);
      this.heed(recovered);
      const now = this.parts.now();
      store.dispatch(
        opened({
          journal,
          damaged,
          recovered: recovered.length,
          setAside: bad.length,
          clockSaid: newest === null ? null : clock,
          now,
        }),
      );
      if (recovered.length > 0) this.enqueue(recovered, () => copy.clearOthers(living));
      else copy.clearOthers(living);
    } catch (fault) {
      store.dispatch(fault instanceof StuckError ? stuck() : unreadable());
    }
  }

  /** What the second copy holds beyond the disk, each line checked; a line that cannot be read or told is handed back. */
  private recover(journal: Journal, lines: readonly string[]) {
    const recovered: Entry[] = [];
    const bad: string[] = [];
    for (const line of lines) {
      const checked = hasValidChecksum(line) ? checkEntry(rawOf(line), journal) : unsealedLine;
      if (!checked.ok) bad.push(line);
      else if (!valueIn(journal.entries, checked.value.id)) {
        try {
          journal = append(journal, [checked.value], this.parts.now());
          recovered.push(checked.value);
        } catch {
          bad.push(line);
        }
      }
    }
    return { journal, recovered, bad };
  }

  /** Entries heard from elsewhere that this Yuzet can read. */
  private good(entries: readonly unknown[]): Entry[] {
    return entries.flatMap((raw) => {
      const checked = checkEntry(raw, this.journal);
      return checked.ok ? [checked.value] : [];
    });
  }

  private async told(entries: readonly Entry[]): Promise<Journal> {
    if (entries.length < many) return journalOf(entries, this.parts.now());
    const telling = journalInSteps(entries, this.parts.now());
    for (let step = telling.next(); ; step = telling.next()) {
      if (step.done) return step.value;
      await breathe();
    }
  }

  /**
   * Writes one act: stamped and checked by the schema of files, then in memory and in the second copy at once, on disk soon
   * after.
   *
   * @param at when it happened, if not now
   * @returns the entry; null when the schema refuses it: nothing is held then, and the page says why
   */
  write(act: Act, at?: number): Entry | null {
    const now = this.parts.now();
    const { id, clock } = nextId(this.clock, now, this.parts.writer);
    const instant = at ?? now;
    const first = this.group?.first;
    const raw = {
      ...act,
      id,
      at: instant,
      offset: this.parts.offsetAt(instant),
      version: versionOf(act.kind),
      ...(first ? { group: first } : {}),
    };
    const checked = checkEntry(raw, this.journal);
    if (!checked.ok) {
      this.parts.store.dispatch(refused(checked));
      return null;
    }
    this.clock = clock;
    if (this.group) this.group.first ??= id;
    this.parts.store.dispatch(added({ entries: [checked.value], now, keeping: true }));
    this.parts.copy.hold([checked.value]);
    this.enqueue([checked.value]);
    return checked.value;
  }

  /** What is written within is one act: its entries carry the id of the first, and one Undo takes them all. */
  together<T>(write: () => T): T {
    if (this.group) return write();
    this.group = { first: null };
    try {
      return write();
    } finally {
      this.group = null;
    }
  }

  /** Takes an entry back, and with it all that was written in the same act; what was an undoing is done again. */
  takeBack(entry: Entry): Entry | null {
    const all = groupOf(this.journal, entry).reverse();
    return this.together(
      () => all.map(({ id }) => this.write({ kind: 'undone', targetId: id })).at(-1) ?? null,
    );
  }

  /**
   * Takes entries from a file.
   * @returns how many were new, and whether they are on disk; refusal `backup.correction-damaged` when a correction does not fit what is here
   */
  async takeIn(entries: readonly Entry[]): Promise<Result<{ fresh: number; kept: boolean }>> {
    const fresh = unknown(this.journal, entries);
    if (fresh.length === 0) return success({ fresh: 0, kept: true });
    const fault = firstFault(fresh, this.journal);
    if (fault) return refusal('backup.correction-damaged', { because: fault });
    await this.take(fresh);
    return success({ fresh: fresh.length, kept: await this.keep(fresh) });
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
    this.stored = false;
    this.parts.copy.wipe();
    this.parts.store.dispatch(wiped());
    this.parts.forgotten?.();
  }

  /** Binds old records into pages, a piece at a time between the tabs' writes; stops when everything is forgotten. */
  async tidy(): Promise<void> {
    const { tabs, disk } = this.parts;
    const epoch = tabs.epoch();
    await disk.tidy((piece) =>
      tabs.alone(async () => {
        if (tabs.epoch() !== epoch) return false;
        await piece();
        return true;
      }),
    );
  }

  private async take(entries: readonly Entry[]): Promise<void> {
    this.heed(entries);
    const { store, now } = this.parts;
    if (entries.length < many) return void store.dispatch(added({ entries, now: now(), keeping: false }));
    const journal = await this.told([...allValues(this.journal.entries), ...unknown(this.journal, entries)]);
    store.dispatch(replaced({ journal, now: now() }));
  }

  /** New ids sort behind all that is known, even when the clock was ahead before. */
  private heed(entries: readonly Entry[]): void {
    for (const { id } of entries) {
      const clock = clockOf(id);
      if (clock.ms > this.clock.ms || (clock.ms === this.clock.ms && clock.count > this.clock.count))
        this.clock = clock;
    }
  }

  private enqueue(entries: readonly Entry[], then?: () => void): void {
    const epoch = this.parts.tabs.epoch();
    this.queue.push(...entries.map((entry) => ({ entry, epoch })));
    this.writing ??= this.drain().finally(() => (this.writing = null));
    if (then) void this.writing.then(then);
  }

  /** Writes what is waiting, in order, many taps in one transaction. */
  private async drain(): Promise<void> {
    while (this.queue.length > 0) {
      const epoch = this.parts.tabs.epoch();
      const batch = this.queue.splice(0).filter((each) => each.epoch === epoch);
      await this.keep(
        batch.map(({ entry }) => entry),
        epoch,
      );
    }
  }

  /** @param epoch the household's age the entries were written in: after a forgetting they are not stored */
  private async keep(entries: readonly Entry[], epoch = this.parts.tabs.epoch()): Promise<boolean> {
    if (entries.length === 0) return true;
    const { store, disk, tabs, copy } = this.parts;
    const ids = entries.map((entry) => entry.id);
    try {
      const done = await tabs.alone(async () => {
        if (tabs.epoch() !== epoch) return false;
        // Site data cleared under an open page: what memory holds is all there is, and goes back whole.
        const all = () => (this.stored ? allValues(this.journal.entries) : []);
        const written = await disk.save(entries, all);
        if (written > entries.length) store.dispatch(emptied(written));
        this.stored = true;
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
