import { refusal, success, type Result } from '../../result';
import { damaged, parseEntry, type Entry } from '../entry';
import { fromVersion1 } from './from-1';
import { EntryV1 } from './version-1';

const versionOf = (raw: unknown): unknown => (raw as { version?: unknown } | null)?.version;

/** What came of one raw record. */
export type ReadEntry = Result<Entry>;

/**
 * Reads raw records of any version Yuzet ever wrote, each by itself.
 *
 * @param others entries already known: an old pitching may speak of a batch among them
 * @returns as many results, in the order given; refusals `entry.newer`, `entry.invalid`
 */
export function readEntries(raw: readonly unknown[], others: readonly Entry[] = []): ReadEntry[] {
  const results: (ReadEntry | undefined)[] = new Array(raw.length);
  const old: { index: number; entry: EntryV1 }[] = [];
  for (const [index, each] of raw.entries()) {
    if (versionOf(each) !== 1) {
      results[index] = parseEntry(each);
      continue;
    }
    const parsed = EntryV1.safeParse(each);
    if (parsed.success) old.push({ index, entry: parsed.data });
    else results[index] = damaged(parsed.error.issues[0]);
  }
  const upgraded = fromVersion1(
    old.map(({ entry }) => entry),
    others,
  );
  old.forEach(({ index }, i) => (results[index] = parseEntry(upgraded[i])));
  return results as ReadEntry[];
}

/** Read at a time: a list that is no journal is given up at its first part, however long it is. */
const atOnce = 500;

/** All entries of a list, or the first refusal with its place in it. */
export function allEntries(raw: readonly unknown[]): Result<Entry[]> {
  const old = raw.filter((each) => versionOf(each) === 1);
  const entries: Entry[] = [];
  for (let from = 0; from < raw.length; from += atOnce) {
    // Pitchings of the first version speak of batches anywhere in the list: with any of those all is read together.
    const part = old.length > 0 ? raw : raw.slice(from, from + atOnce);
    if (old.length > 0) from = raw.length;
    const start = entries.length;
    for (const [index, result] of readEntries(part).entries()) {
      if (!result.ok)
        return refusal('backup.damaged', { number: start + index + 1, of: raw.length, because: result });
      entries.push(result.value);
    }
  }
  return success(entries);
}
