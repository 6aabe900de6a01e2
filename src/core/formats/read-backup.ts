import { refusal, success, type Result } from '../result';
import { parseEntry, type Entry } from '../journal/entry';

/** Larger files are refused unread: thirty years of daily entries come to about 10 MB. */
export const largestBackup = 20_000_000;

/**
 * Reads a journal file, whole or not at all.
 *
 * @param text file contents
 * @returns all entries; refusals `backup.too-large`, `backup.not-json`, `backup.foreign`, `backup.newer`, `backup.damaged`
 */
export function readBackup(text: string): Result<Entry[]> {
  if (text.length > largestBackup)
    return refusal(
      'backup.too-large',
      'This file is over 20 MB: no journal is that long. Nothing was changed.',
    );
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return refusal('backup.not-json', 'This file is damaged or is not a Yuzet journal. Nothing was changed.');
  }
  const schema = (raw as { schema?: unknown } | null)?.schema;
  if (typeof schema !== 'string' || !schema.startsWith('yuzet.journal/')) {
    return refusal('backup.foreign', 'This is not a Yuzet journal. Nothing was changed.');
  }
  if (schema !== 'yuzet.journal/1') return newer;
  const list = (raw as { entries?: unknown }).entries;
  if (!Array.isArray(list))
    return refusal('backup.damaged', 'This journal has lost its entries. Nothing was changed.');
  return readEntries(list);
}

const newer = refusal(
  'backup.newer',
  'This journal comes from a newer Yuzet. Update this one first. Nothing was changed.',
);

function readEntries(list: readonly unknown[]): Result<Entry[]> {
  const entries: Entry[] = [];
  for (const [index, each] of list.entries()) {
    const parsed = parseEntry(each);
    if (!parsed.ok) {
      if (parsed.code === 'entry.newer') return newer;
      return refusal(
        'backup.damaged',
        `Entry ${index + 1} of ${list.length}: ${parsed.sentence} Nothing was changed.`,
      );
    }
    entries.push(parsed.value);
  }
  return success(entries);
}
