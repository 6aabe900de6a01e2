import type { Entry } from '../../core/journal/entry';
import { encodeRecord } from './record';

type CopyStorage = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

/** Newest entries kept beside the journal even when they are on disk. */
const newest = 20;

/**
 * A second copy of what is not yet on disk and of the newest entries, in another store: written before anything is shown, so
 * that a reload or a kill in the same instant loses nothing.
 */
export class SecondCopy {
  private held: Entry[] = [];

  constructor(
    private readonly storage: CopyStorage | null,
    private readonly household: string,
    private readonly writer: string,
  ) {}

  private get key() {
    return `yuzet.copy.${this.household}.${this.writer}`;
  }

  hold(entries: readonly Entry[]): void {
    this.held.push(...entries);
    this.put();
  }

  /** Some are on disk now: only the newest stay. */
  release(ids: readonly string[], unsaved: ReadonlySet<string>): void {
    if (ids.length === 0) return;
    const keep = this.held.filter(({ id }) => unsaved.has(id));
    const done = this.held.filter(({ id }) => !unsaved.has(id)).slice(-newest);
    this.held = [...done, ...keep];
    this.put();
  }

  /**
   * Lines of the copies of tabs that are gone.
   *
   * @param living writers of tabs that are open: theirs is still being written, by themselves
   */
  recall(living: ReadonlySet<string>): string[] {
    return this.gone(living).flatMap((key) =>
      (this.storage?.getItem(key) ?? '').split('\n').filter((line) => line !== ''),
    );
  }

  /** Lays damaged lines aside, where they hinder no start and can still be looked at. */
  setAside(lines: readonly string[]): void {
    if (lines.length === 0) return;
    const key = `yuzet.aside.${this.household}`;
    try {
      this.storage?.setItem(key, [this.storage.getItem(key) ?? '', ...lines].filter(Boolean).join('\n'));
    } catch {
      // No room: the copy they came from goes all the same, or every start would stumble over them.
    }
  }

  /** Forgets the copies of tabs that are gone, once all is on disk. */
  clearOthers(living: ReadonlySet<string>): void {
    for (const key of this.gone(living)) if (key !== this.key) this.storage?.removeItem(key);
  }

  private gone(living: ReadonlySet<string>): string[] {
    return this.keys().filter((key) => !living.has(key.slice(key.lastIndexOf('.') + 1)));
  }

  wipe(): void {
    this.held = [];
    for (const key of this.keys()) this.storage?.removeItem(key);
  }

  private keys(): string[] {
    const storage = this.storage;
    if (!storage) return [];
    return Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '').filter((key) =>
      key.startsWith(`yuzet.copy.${this.household}.`),
    );
  }

  private put(): void {
    try {
      this.storage?.setItem(this.key, this.held.map(encodeRecord).join('\n'));
    } catch {
      // No room or no right to: the journal itself is still written.
    }
  }
}
