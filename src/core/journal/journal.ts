import { inPlaceWriter } from '../lots/lot-store';
import { emptyTarget, targetOver } from './fold-targets';
import type { Entry, EntryOf } from './entry';
import { emptyMap, allValues, mapOf, valueIn, withValues, type PersistentMap } from './persistent-map';
import { grouped, type Groups } from './groups';
import { emptyHousehold, type Household } from './household';
import { appended, lastOf, pagedListOf, type PagedList } from './paged-list';
import { byTime, corrected, inTimeOrder, undoneBy } from './effective';
import { subjectsOf, applyEntry } from './apply-entry';
import { hourMs } from '../duration';

/** A journal and the household that follows from it, carried on entry by entry: always the same as if rebuilt from its entries. */
export interface Journal {
  /** All entries as they were written. */
  readonly entries: PersistentMap<Entry>;
  /** Entries in force, with their corrections. */
  readonly effective: PersistentMap<Entry>;
  /** Entries in force by what they speak of, in order of happening. */
  readonly subjects: PersistentMap<PagedList<Entry>>;
  readonly groups: Groups;
  readonly undoings: readonly EntryOf<'undone'>[];
  readonly corrections: Readonly<Record<string, readonly EntryOf<'amended'>[]>>;
  readonly undone: ReadonlySet<string>;
  /** Entries that lie in the future: kept, named, left out until their time comes. */
  readonly ahead: readonly Entry[];
  readonly household: Household;
}

export const emptyJournal: Journal = {
  entries: emptyMap(),
  effective: emptyMap(),
  subjects: emptyMap(),
  groups: emptyMap(),
  undoings: [],
  corrections: {},
  undone: new Set(),
  ahead: [],
  household: emptyHousehold,
};

/** An entry may be this far ahead of the clock before it counts as lying in the future, ms: clocks are set wrong by hours, and mended. */
export const aheadMs = 26 * hourMs;

/** More entries than this at once are rebuilt with all the rest. */
const manyAtOnce = 64;

const isPlain = (entry: Entry): boolean => entry.kind !== 'undone' && entry.kind !== 'amended';

/**
 * The journal with more entries. Entries known already change nothing.
 *
 * @param now ms since 1970: entries beyond it lie in the future
 * @returns the same as `journalOf` over all entries, at the cost of what the new ones touch
 */
export function append(journal: Journal, entries: readonly Entry[], now: number): Journal {
  const fresh = unknown(journal, entries);
  if (fresh.length > manyAtOnce) return journalOf([...allValues(journal.entries), ...fresh], now);
  return fresh.reduce((sum, entry) => appendOne(sum, entry, now), journal);
}

/** Entries of those given that the journal does not hold, each id once. */
export function unknown(journal: Journal, entries: readonly Entry[]): Entry[] {
  const seen = new Set<string>();
  return entries.filter(({ id }) => {
    if (seen.has(id) || valueIn(journal.entries, id)) return false;
    seen.add(id);
    return true;
  });
}

function appendOne(journal: Journal, entry: Entry, now: number): Journal {
  const next = {
    ...journal,
    entries: withValues(journal.entries, [[entry.id, entry]]),
    groups: grouped(journal.groups, entry),
  };
  if (entry.kind === 'undone') return undo(next, [...journal.undoings, entry], now);
  if (entry.kind === 'amended') {
    const corrections = {
      ...journal.corrections,
      [entry.targetId]: [...(journal.corrections[entry.targetId] ?? []), entry],
    };
    return settleAgain({ ...next, corrections }, [entry.targetId], now);
  }
  if (journal.undone.has(entry.id) || journal.corrections[entry.id])
    return settleAgain(next, [entry.id], now);
  if (entry.at > now + aheadMs) return { ...next, ahead: [...journal.ahead, entry] };
  return isLate(journal, entry) ? settleAgain(next, [entry.id], now) : applyLatest(next, entry);
}

const isLate = (journal: Journal, entry: Entry): boolean =>
  subjectsOf(entry).some((subject) => {
    const last = lastOf(valueIn(journal.subjects, subject) ?? []);
    return last !== undefined && byTime(last, entry) > 0;
  });

/** The latest entry of all it is about: applied on top. */
function applyLatest(journal: Journal, entry: Entry): Journal {
  const target = targetOver(journal.household, () => true);
  applyEntry(target, entry);
  return {
    ...journal,
    effective: withValues(journal.effective, [[entry.id, entry]]),
    subjects: withValues(
      journal.subjects,
      subjectsOf(entry).map((subject) => [
        subject,
        appended(valueIn(journal.subjects, subject) ?? [], entry),
      ]),
    ),
    household: target.household(),
  };
}

/** What an undoing changes: whatever it strikes or restores. */
function undo(journal: Journal, undoings: readonly EntryOf<'undone'>[], now: number): Journal {
  const undone = undoneBy(undoings);
  const changed = [...undone]
    .filter((id) => !journal.undone.has(id))
    .concat([...journal.undone].filter((id) => !undone.has(id)));
  const targets = changed.flatMap((id) => {
    const entry = valueIn(journal.entries, id);
    if (!entry || entry.kind === 'undone') return [];
    return [entry.kind === 'amended' ? entry.targetId : id];
  });
  return settleAgain({ ...journal, undoings, undone }, targets, now);
}

/** An entry as it is in force: corrected, or null when it is undone or not there. */
function effectiveEntry(
  journal: Pick<Journal, 'undone' | 'corrections'>,
  entry: Entry | undefined,
): Entry | null {
  if (!entry || !isPlain(entry) || journal.undone.has(entry.id)) return null;
  const corrections = journal.corrections[entry.id];
  return corrections
    ? corrected(
        entry,
        corrections.filter((each) => !journal.undone.has(each.id)),
      )
    : entry;
}

/** Settles entries whose effect or content may have changed, and rebuilds the families they touch. */
function settleAgain(journal: Journal, ids: readonly string[], now: number): Journal {
  const dirty = new Set<string>();
  const touched: Entry[] = [];
  let { effective, subjects, ahead } = journal;
  for (const id of ids) {
    const before = valueIn(effective, id);
    const after = effectiveEntry(journal, valueIn(journal.entries, id));
    const early = after !== null && after.at > now + aheadMs;
    ahead = ahead.filter((entry) => entry.id !== id);
    if (early) ahead = [...ahead, after];
    if (before) subjects = withoutEntry(subjects, before);
    if (after && !early) subjects = withEntry(subjects, after);
    effective = withValues(effective, [[id, early ? null : after]]);
    for (const entry of [before, after]) {
      if (!entry) continue;
      touched.push(entry);
      for (const subject of subjectsOf(entry)) dirty.add(subject);
    }
  }
  const settled = { ...journal, effective, subjects, ahead };
  return touched.length === 0 ? settled : { ...settled, household: rebuilt(settled, dirty, touched) };
}

/** Rewrites the lists of everything an entry speaks of. */
function rewritten(
  subjects: PersistentMap<PagedList<Entry>>,
  entry: Entry,
  rewrite: (entries: readonly Entry[]) => readonly Entry[],
): PersistentMap<PagedList<Entry>> {
  return withValues(
    subjects,
    subjectsOf(entry).map((subject) => [
      subject,
      pagedListOf(rewrite((valueIn(subjects, subject) ?? []).flat())),
    ]),
  );
}

const withoutEntry = (subjects: PersistentMap<PagedList<Entry>>, entry: Entry) =>
  rewritten(subjects, entry, (entries) => entries.filter(({ id }) => id !== entry.id));

const withEntry = (subjects: PersistentMap<PagedList<Entry>>, entry: Entry) =>
  rewritten(subjects, entry, (entries) => inTimeOrder([...entries, entry]));

/** Entries in force that speak of a lot, a place or a thing of the household, in order of happening. */
export const entriesAbout = (journal: Journal, subject: string): readonly Entry[] =>
  (valueIn(journal.subjects, subject) ?? []).flat();

/** Rebuilds the dirty subjects, and every lot that liquid of theirs reached since, from their beginnings. */
function rebuilt(journal: Journal, dirty: ReadonlySet<string>, touched: readonly Entry[]): Household {
  const since = inTimeOrder(touched)[0]!;
  const open = downstream(journal, dirty, since);
  const target = targetOver(journal.household, (id) => open.has(id), inPlaceWriter());
  target.clear(open);
  const entries = new Map<string, Entry>();
  for (const subject of open)
    for (const entry of entriesAbout(journal, subject)) entries.set(entry.id, entry);
  for (const entry of inTimeOrder([...entries.values()])) applyEntry(target, entry);
  return target.household();
}

/** Subjects, and the lots that transfers from them went to at or after an entry. */
function downstream(journal: Journal, dirty: ReadonlySet<string>, since: Entry): Set<string> {
  const open = new Set(dirty);
  const queue = [...dirty];
  for (let subject = queue.pop(); subject !== undefined; subject = queue.pop()) {
    for (const entry of entriesAbout(journal, subject)) {
      if (entry.kind !== 'transferred' || entry.from !== subject || byTime(entry, since) < 0) continue;
      for (const target of subjectsOf(entry)) {
        if (!open.has(target)) queue.push(target);
        open.add(target);
      }
    }
  }
  return open;
}

/** The journal of some entries, built at one go. */
export function journalOf(entries: readonly Entry[], now: number): Journal {
  const building = journalInSteps(entries, now);
  for (let step = building.next(); ; step = building.next()) if (step.done) return step.value;
}

/**
 * Builds a whole journal in steps, so that whoever waits can answer taps in between.
 *
 * @yields the share done so far, 0–1
 */
export function* journalInSteps(entries: readonly Entry[], now: number): Generator<number, Journal> {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const all = [...byId.values()];
  const undoings = all.filter((entry) => entry.kind === 'undone');
  const undone = undoneBy(undoings);
  const corrections: Record<string, EntryOf<'amended'>[]> = {};
  for (const entry of all) if (entry.kind === 'amended') (corrections[entry.targetId] ??= []).push(entry);
  const groups = all.reduce(grouped, emptyJournal.groups);
  const start: Journal = { ...emptyJournal, entries: mapOf(byId), groups, undoings, undone, corrections };
  yield 0.03;
  const force = all.map((entry) => effectiveEntry(start, entry)).filter((entry) => entry !== null);
  yield 0.06;
  const counted = inTimeOrder(force.filter(({ at }) => at <= now + aheadMs));
  yield 0.1;
  const target = emptyTarget();
  const subjects = new Map<string, Entry[]>();
  for (const [index, entry] of counted.entries()) {
    applyEntry(target, entry);
    for (const subject of subjectsOf(entry)) {
      const known = subjects.get(subject);
      if (known) known.push(entry);
      else subjects.set(subject, [entry]);
    }
    if (index % 1000 === 999) yield 0.1 + (0.8 * index) / counted.length;
  }
  yield 0.95;
  const effective = mapOf(counted.map((entry) => [entry.id, entry] as const));
  yield 0.97;
  return {
    ...start,
    effective,
    subjects: mapOf(Array.from(subjects, ([subject, about]) => [subject, pagedListOf(about)] as const)),
    ahead: force.filter(({ at }) => at > now + aheadMs),
    household: target.household(),
  };
}

/** Lets entries in whose time has come. */
export function admit(journal: Journal, now: number): Journal {
  const due = journal.ahead.filter(({ at }) => at <= now + aheadMs);
  return due.length === 0
    ? journal
    : settleAgain(
        journal,
        due.map(({ id }) => id),
        now,
      );
}
