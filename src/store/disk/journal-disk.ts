import type { Entry } from '../../core/journal/entry';
import type { ReadEntry } from '../../core/journal/migrate/read-entries';
import { breathe } from '../breathe';
import type { Connection } from './connection';
import { hasValidChecksum, rawOf, encodeRecord, decodeRecord } from './record';

/** A record that could not be read back: kept as it is, left out of what is told, named to the maker. */
export interface Damaged {
  readonly key: string;
  readonly text: string;
  readonly newer: boolean;
}

export interface Loaded {
  readonly entries: Entry[];
  readonly damaged: Damaged[];
}

/** Reads raw entries of any version; loaded only when a record needs it. */
export type EntryReader = (raw: readonly unknown[], others: readonly Entry[]) => ReadEntry[];

/** Where the journal lives: a record an entry while it is new, pages of many entries later. */
export interface JournalDisk {
  load(): Promise<Loaded>;
  /**
   * Resolves when all are on disk; writes all or none.
   *
   * @param all what is written too, in the same transaction, when nothing of the journal is there any more
   * @returns how many entries were written
   */
  save(entries: readonly Entry[], all?: () => readonly Entry[]): Promise<number>;
  wipe(): Promise<void>;
  /**
   * Binds old single records into pages, so that a start reads few of them.
   *
   * @param alone runs a piece of it while no tab writes; false when the journal was forgotten meanwhile, and it stops
   */
  tidy(alone: (piece: () => Promise<void>) => Promise<boolean>): Promise<void>;
}

const entryKey = (id: string) => `entry:${id}`;
const pagePrefix = 'page:';
const pageSize = 400;

/** Texts of single records in a stored value: a page holds one a line. */
const recordsIn = (key: string, value: string) => (key.startsWith(pagePrefix) ? value.split('\n') : [value]);

export function journalDisk(connection: Connection, loadReader: () => Promise<EntryReader>): JournalDisk {
  return {
    load: () => load(connection, loadReader),
    save: async (entries, all = () => []) => {
      let written = entries.length;
      const made = new Map<string, string>();
      for (const part of parts(entries)) {
        for (const [key, text] of records(part)) made.set(key, text);
        if (entries.length > pageSize) await breathe();
      }
      await connection.write(made, () => {
        const whole = new Map([...all(), ...entries].map((entry) => [entry.id, entry]));
        written = whole.size;
        return new Map(parts([...whole.values()]).flatMap((part) => [...records(part)]));
      });
      return written;
    },
    wipe: async () => {
      const all = await connection.readAll();
      await connection.write(new Map([...all.keys()].filter(isJournal).map((key) => [key, null])));
    },
    tidy: (may) => tidy(connection, may),
  };
}

/** A few entries as they are; many, such as those of a file, in parts of a page each, in order. */
function parts(entries: readonly Entry[]): (readonly Entry[])[] {
  if (entries.length <= pageSize) return [entries];
  const sorted = [...entries].sort((a, b) => (a.id < b.id ? -1 : 1));
  return Array.from({ length: Math.ceil(sorted.length / pageSize) }, (_, i) =>
    sorted.slice(i * pageSize, (i + 1) * pageSize),
  );
}

/** What a part is stored as: a page when it is full, since a database takes its time over every record. */
const records = (part: readonly Entry[]): ReadonlyMap<string, string> =>
  part.length < pageSize
    ? new Map(part.map((entry) => [entryKey(entry.id), encodeRecord(entry)]))
    : new Map([[pageKey(part), part.map(encodeRecord).join('\n')]]);

/** Two pages that begin alike and hold other entries are two pages. */
const pageKey = (part: readonly Entry[]) => `${pagePrefix}${part[0]!.id}-${part.at(-1)!.id}`;

const isJournal = (key: string) => key.startsWith('entry:') || key.startsWith(pagePrefix);

async function load(connection: Connection, loadReader: () => Promise<EntryReader>): Promise<Loaded> {
  const entries = new Map<string, Entry>();
  const doubtful: { key: string; text: string }[] = [];
  let read = 0;
  for (const [key, value] of await connection.readAll()) {
    if (!isJournal(key)) continue;
    for (const text of recordsIn(key, value)) {
      const entry = decodeRecord(text);
      if (entry) entries.set(entry.id, entry);
      else doubtful.push({ key, text });
      read += 1;
      if (read % 4000 === 0) await breathe();
    }
  }
  const unread = doubtful.filter(({ text }) => !isSuperseded(text, entries));
  if (unread.length === 0) return { entries: [...entries.values()], damaged: [] };
  return settle(connection, entries, unread, await loadReader());
}

/** Whether it is the line of an older version in a page, of an entry that was written again since. */
const isSuperseded = (text: string, entries: ReadonlyMap<string, Entry>): boolean =>
  hasValidChecksum(text) && entries.has((rawOf(text) as { readonly id: string }).id);

/** Records that are not of the version in force: those of an older one are brought up and written anew, the rest is damage. */
async function settle(
  connection: Connection,
  entries: Map<string, Entry>,
  doubtful: readonly { key: string; text: string }[],
  reader: EntryReader,
): Promise<Loaded> {
  const damaged: Damaged[] = [];
  const upgraded: Entry[] = [];
  const results = reader(
    doubtful.map(({ text }) => rawOf(text)),
    [...entries.values()],
  );
  results.forEach((result, i) => {
    const { key, text } = doubtful[i]!;
    if (!result.ok) {
      // A page line that was mended elsewhere is no loss.
      damaged.push({ key, text, newer: result.code === 'entry.newer' });
      return;
    }
    if (!entries.has(result.value.id)) upgraded.push(result.value);
    entries.set(result.value.id, result.value);
  });
  if (upgraded.length > 0)
    await connection
      .write(new Map(upgraded.map((entry) => [entryKey(entry.id), encodeRecord(entry)])))
      .catch(() => undefined);
  return { entries: [...entries.values()], damaged };
}

async function tidy(connection: Connection, alone: Parameters<JournalDisk['tidy']>[0]): Promise<void> {
  const all = await connection.readAll();
  const singles = [...all]
    .filter(([key, text]) => key.startsWith('entry:') && hasValidChecksum(text))
    .sort(([a], [b]) => (a < b ? -1 : 1));
  for (let at = 0; at + pageSize * 1.5 <= singles.length; at += pageSize) {
    const batch = singles.slice(at, at + pageSize);
    const page = batch.map(([, text]) => text).join('\n');
    const changes = new Map<string, string | null>(batch.map(([key]) => [key, null]));
    changes.set(pagePrefix + batch[0]![0].slice('entry:'.length), page);
    if (!(await alone(() => connection.write(changes)))) return;
    await breathe();
  }
}
