import type { Entry } from './entry';

/** Order of happening: by instant, then by writing. */
export const byHappening = (a: Entry, b: Entry): number =>
  a.at - b.at || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

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
