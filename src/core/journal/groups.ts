import type { Entry } from './entry';
import { valueIn, withValues, type PersistentMap } from './persistent-map';

/** Ids of the entries that followed the first one of their act, by its id. */
export type Groups = PersistentMap<readonly string[]>;

/** A journal, as far as it says what was written together. */
interface Grouped {
  readonly entries: PersistentMap<Entry>;
  readonly groups: Groups;
}

/** The groups with an entry more. */
export const grouped = (groups: Groups, { id, group }: Pick<Entry, 'id' | 'group'>): Groups =>
  group === undefined
    ? groups
    : withValues(groups, [[group, [...(valueIn(groups, group) ?? []), id].sort()]]);

/** Key under which the entries of one act come together. */
const groupKey = ({ id, group }: Pick<Entry, 'id' | 'group'>): string => group ?? id;

/**
 * All entries that were written in one act, in order of writing.
 *
 * @param entry any of them; one that was written alone is all of its group
 * @returns what is there of them: at least the entry, when the journal holds it
 */
export function groupOf(journal: Grouped, entry: Entry): Entry[] {
  const key = groupKey(entry);
  return [key, ...(valueIn(journal.groups, key) ?? [])].flatMap((id) => valueIn(journal.entries, id) ?? []);
}

/**
 * Entries put together by the act they were written in.
 *
 * @param entries in any order
 * @returns a list an act, in the order of its first entry among those given; entries within as given
 */
export function byAct<T extends Pick<Entry, 'id' | 'group'>>(entries: readonly T[]): T[][] {
  const acts = new Map<string, T[]>();
  for (const entry of entries) {
    const key = groupKey(entry);
    const act = acts.get(key);
    if (act) act.push(entry);
    else acts.set(key, [entry]);
  }
  return [...acts.values()];
}
