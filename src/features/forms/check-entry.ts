import { parseEntry, type Entry } from '@/core/journal/entry';
import { amendedBy } from '@/core/journal/standing';
import type { Result } from '@/core/result';

/** Checks an entry by the schema of files; a correction also by what it leaves of its entry. */
export function checkEntry(entry: Entry, target: Entry | undefined): Result<Entry> {
  const parsed = parseEntry(entry);
  if (!parsed.ok || entry.kind !== 'amended' || !target) return parsed;
  const left = parseEntry(amendedBy(target, [entry]));
  return left.ok ? parsed : left;
}
