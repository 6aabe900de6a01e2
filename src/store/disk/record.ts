import { fnv1a } from '../../core/fnv1a';
import { versionOf, type Entry } from '../../core/journal/entry';

/**
 * A stored entry: a checksum over validated JSON. What bears its own checksum was validated when it was written, so that a
 * start needs no validator.
 */
const mark = /^2:([0-9a-f]{8}):/;

export const checksum = (text: string): string => fnv1a(text).toString(16).padStart(8, '0');

export function encodeRecord(entry: Entry): string {
  const text = JSON.stringify(entry);
  return `2:${checksum(text)}:${text}`;
}

/** Whether a record bears the checksum of its text. */
export function hasValidChecksum(record: string): boolean {
  const match = mark.exec(record);
  return match !== null && checksum(record.slice(match[0].length)) === match[1];
}

/** The entry of an intact record of the version in force; null for any other text. */
export function decodeRecord(record: string): Entry | null {
  if (!hasValidChecksum(record)) return null;
  const entry = JSON.parse(record.replace(mark, '')) as Entry;
  return entry.version === versionOf(entry.kind) ? entry : null;
}

/** What lies in any other record: JSON of an older version, or damage. */
export function rawOf(record: string): unknown {
  try {
    return JSON.parse(record.replace(mark, ''));
  } catch {
    return null;
  }
}
