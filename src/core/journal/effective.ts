import { parseEntry, type Entry, type EntryOf } from './entry';
import { clockOf } from './instant-id';
import { subjectsOf } from './apply-entry';

/** Whether a subject is a lot: places and things of the household have a colon in their key. */
const isLot = (subject: string): boolean => subject.length >= 17 && !subject.includes(':');

/** When an id was written, ms. */
const writtenAt = (id: string): number => clockOf(id).ms;

/**
 * The instant an entry counts from: its own, but never before what it speaks of was written down. A clock set back between
 * the two would otherwise put a feed before its jar.
 */
function effectiveInstant(entry: Entry): number {
  let at = entry.at;
  for (const subject of subjectsOf(entry)) {
    // A lot that the entry itself begins is written with it, whenever it is said to have happened.
    if (isLot(subject) && !subject.startsWith(entry.id))
      at = Math.max(at, Math.min(writtenAt(subject), writtenAt(entry.id)));
  }
  return at;
}

/** Order of happening: by instant, then by writing. */
export function byTime(a: Entry, b: Entry): number {
  return effectiveInstant(a) - effectiveInstant(b) || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);
}

/** Sorts in order of happening, working out each instant once. */
export function inTimeOrder(entries: readonly Entry[]): Entry[] {
  const keyed = entries.map((entry) => ({ entry, at: effectiveInstant(entry) }));
  keyed.sort((a, b) => a.at - b.at || (a.entry.id < b.entry.id ? -1 : a.entry.id > b.entry.id ? 1 : 0));
  return keyed.map(({ entry }) => entry);
}

/**
 * Which entries are undone, unless the undoing was itself undone. Judged from the last written back, so that a chain
 * of undo and redo settles whatever the order of arrival.
 */
export function undoneBy(undoings: readonly EntryOf<'undone'>[]): Set<string> {
  const undone = new Set<string>();
  const latestFirst = [...undoings].sort((a, b) => (a.id < b.id ? 1 : -1));
  for (const undoing of latestFirst) {
    if (!undone.has(undoing.id) && undoing.targetId < undoing.id) undone.add(undoing.targetId);
  }
  return undone;
}

/**
 * What corrections make of an entry, the latest written winning: raw, since a patch may hold anything. Id, kind and version
 * stay.
 */
export function amendedBy(
  entry: Entry,
  corrections: readonly Pick<EntryOf<'amended'>, 'id' | 'patch'>[],
): unknown {
  const patches = [...corrections].sort((a, b) => (a.id < b.id ? -1 : 1)).map(({ patch }) => patch);
  const { id, kind, version } = entry;
  return Object.assign({}, entry, ...patches, { id, kind, version });
}

/** An entry with those of its corrections that leave it whole: one that does not, from a file or an older Yuzet, counts for nothing. */
export function corrected(entry: Entry, corrections: readonly EntryOf<'amended'>[]): Entry {
  let stands = entry;
  for (const correction of [...corrections].sort((a, b) => (a.id < b.id ? -1 : 1))) {
    const next = parseEntry(amendedBy(stands, [correction]));
    if (next.ok) stands = next.value;
  }
  return stands;
}
