import { refusal, success, type Result } from '../result';
import { largestBackup } from './largest-backup';
import { allEntries } from '../journal/migrate/read-entries';
import { firstFault } from '../journal/check-entry';
import type { Entry } from '../journal/entry';
import { emptyJournal } from '../journal/journal';

/** Deeper nesting than any entry has: a file of brackets is refused before it is parsed. */
const deepest = 24;

/**
 * Reads a journal file of any version, whole or not at all.
 *
 * @param text file contents
 * @returns all entries, each id once; refusals `backup.too-large`, `backup.not-json`, `backup.foreign`, `backup.newer`,
 *   `backup.no-entries`, `backup.damaged`, `backup.correction-damaged`
 */
export function readBackup(text: string): Result<Entry[]> {
  if (text.length > largestBackup) return refusal('backup.too-large');
  if (tooDeep(text)) return notJson;
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return notJson;
  }
  const schema = (raw as { schema?: unknown } | null)?.schema;
  if (typeof schema !== 'string' || !schema.startsWith('yuzet.journal/')) return refusal('backup.foreign');
  if (schema !== 'yuzet.journal/1' && schema !== 'yuzet.journal/2') return newer;
  const list = (raw as { entries?: unknown }).entries;
  if (!Array.isArray(list)) return refusal('backup.no-entries');
  return wholeList(list);
}

const notJson = refusal('backup.not-json');
const newer = refusal('backup.newer');

/** Whether brackets nest deeper than entries do; looks only as far as that needs. */
function tooDeep(text: string): boolean {
  let depth = 0;
  let quoted = false;
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    if (quoted) {
      if (code === 92) i += 1;
      else if (code === 34) quoted = false;
    } else if (code === 34) quoted = true;
    else if (code === 91 || code === 123) {
      depth += 1;
      if (depth > deepest) return true;
    } else if (code === 93 || code === 125) depth -= 1;
  }
  return false;
}

function wholeList(list: readonly unknown[]): Result<Entry[]> {
  const read = allEntries(list);
  if (!read.ok)
    return read.code === 'backup.damaged' && read.params.because.code === 'entry.newer' ? newer : read;
  const byId = new Map<string, Entry>();
  for (const entry of read.value) if (!byId.has(entry.id)) byId.set(entry.id, entry);
  const damaged = firstFault([...byId.values()], emptyJournal);
  return damaged ? refusal('backup.correction-damaged', { because: damaged }) : success([...byId.values()]);
}
