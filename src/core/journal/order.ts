import type { Entry } from './entry';
import { clockOf } from './instant-id';

/**
 * The instant an entry counts from: its own, but never before what it speaks of was written down. A clock set back between
 * the two would otherwise put a feed before its jar.
 */
function happened(entry: Entry): number {
  let at = entry.at;
  for (const key of ['starterId', 'batchId', 'bottleId'] as const) {
    const subject = (entry as Partial<Record<typeof key, string>>)[key];
    if (subject !== undefined) at = Math.max(at, clockOf(subject).ms);
  }
  if (entry.kind === 'bottles-moved') for (const id of entry.bottleIds) at = Math.max(at, clockOf(id).ms);
  return at;
}

/** Order of happening: by instant, then by writing. */
export const byHappening = (a: Entry, b: Entry): number =>
  happened(a) - happened(b) || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/**
 * Entries that stand: none undone, unless the undoing was itself undone. Undoings are judged from the last written back, so
 * that a chain of undo and redo settles whatever the order of arrival.
 *
 * @param entries any order, ids unique
 * @returns the entries in force without the undoings, in order of happening
 */
export function standing(entries: readonly Entry[]): Entry[] {
  const undoings = entries.filter((entry) => entry.kind === 'undone').sort((a, b) => (a.id < b.id ? 1 : -1));
  const struck = new Set<string>();
  for (const undoing of undoings) {
    if (!struck.has(undoing.id) && undoing.targetId < undoing.id) struck.add(undoing.targetId);
  }
  return entries.filter((entry) => entry.kind !== 'undone' && !struck.has(entry.id)).sort(byHappening);
}

/** Union by id: what two devices or a file and a browser hold together. The first of equal ids stays. */
export function merge(ours: readonly Entry[], theirs: readonly Entry[]): { all: Entry[]; added: Entry[] } {
  const known = new Set(ours.map((entry) => entry.id));
  const added: Entry[] = [];
  for (const entry of theirs) {
    if (known.has(entry.id)) continue;
    known.add(entry.id);
    added.push(entry);
  }
  return { all: [...ours, ...added], added };
}
