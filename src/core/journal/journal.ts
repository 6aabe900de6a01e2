import { writingInPlace } from '../lots/shelf';
import { gathering, overlay } from './benches';
import type { Entry, EntryOf } from './entry';
import { emptyTable, everyValue, tableOf, valueIn, withValues, type Table } from './entry-table';
import { emptyHousehold, type Household } from './household';
import { extended, lastOf, strandOf, type Strand } from './strand';
import { byHappening, corrected, inOrder, struckBy } from './standing';
import { subjectsOf, tell } from './tell';
import { hourMs } from '../duration';

/** A journal and what it tells, carried on entry by entry: always the same as if told anew from its entries. */
export interface Journal {
  /** All entries as they were written. */
  readonly entries: Table<Entry>;
  /** Entries in force, with their corrections. */
  readonly standing: Table<Entry>;
  /** Entries in force by what they speak of, in order of happening. */
  readonly subjects: Table<Strand<Entry>>;
  readonly undoings: readonly EntryOf<'undone'>[];
  readonly corrections: Readonly<Record<string, readonly EntryOf<'amended'>[]>>;
  readonly struck: ReadonlySet<string>;
  /** Entries that lie in the future: kept, named, left out of everything told until their time comes. */
  readonly ahead: readonly Entry[];
  readonly household: Household;
}

export const emptyJournal: Journal = {
  entries: emptyTable(),
  standing: emptyTable(),
  subjects: emptyTable(),
  undoings: [],
  corrections: {},
  struck: new Set(),
  ahead: [],
  household: emptyHousehold,
};

/** An entry may be this far ahead of the clock before it counts as lying in the future, ms: clocks are set wrong by hours, and mended. */
export const aheadMs = 26 * hourMs;

/** More entries than this at once are told anew with all the rest. */
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
  if (fresh.length > manyAtOnce) return journalOf([...everyValue(journal.entries), ...fresh], now);
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
  const next = { ...journal, entries: withValues(journal.entries, [[entry.id, entry]]) };
  if (entry.kind === 'undone') return undo(next, [...journal.undoings, entry], now);
  if (entry.kind === 'amended') {
    const corrections = {
      ...journal.corrections,
      [entry.targetId]: [...(journal.corrections[entry.targetId] ?? []), entry],
    };
    return reconsider({ ...next, corrections }, [entry.targetId], now);
  }
  if (journal.struck.has(entry.id) || journal.corrections[entry.id]) return reconsider(next, [entry.id], now);
  if (entry.at > now + aheadMs) return { ...next, ahead: [...journal.ahead, entry] };
  return isLate(journal, entry) ? reconsider(next, [entry.id], now) : carryOn(next, entry);
}

const isLate = (journal: Journal, entry: Entry): boolean =>
  subjectsOf(entry).some((subject) => {
    const last = lastOf(valueIn(journal.subjects, subject) ?? []);
    return last !== undefined && byHappening(last, entry) > 0;
  });

/** The latest entry of all it speaks of: told on top. */
function carryOn(journal: Journal, entry: Entry): Journal {
  const bench = overlay(journal.household, () => true);
  tell(bench, entry);
  return {
    ...journal,
    standing: withValues(journal.standing, [[entry.id, entry]]),
    subjects: withValues(
      journal.subjects,
      subjectsOf(entry).map((subject) => [
        subject,
        extended(valueIn(journal.subjects, subject) ?? [], entry),
      ]),
    ),
    household: bench.household(),
  };
}

/** What an undoing changes: whatever it strikes or restores. */
function undo(journal: Journal, undoings: readonly EntryOf<'undone'>[], now: number): Journal {
  const struck = struckBy(undoings);
  const changed = [...struck]
    .filter((id) => !journal.struck.has(id))
    .concat([...journal.struck].filter((id) => !struck.has(id)));
  const targets = changed.flatMap((id) => {
    const entry = valueIn(journal.entries, id);
    if (!entry || entry.kind === 'undone') return [];
    return [entry.kind === 'amended' ? entry.targetId : id];
  });
  return reconsider({ ...journal, undoings, struck }, targets, now);
}

/** An entry as it is in force: corrected, or null when it is struck or not there. */
function inForce(journal: Pick<Journal, 'struck' | 'corrections'>, entry: Entry | undefined): Entry | null {
  if (!entry || !isPlain(entry) || journal.struck.has(entry.id)) return null;
  const corrections = journal.corrections[entry.id];
  return corrections
    ? corrected(
        entry,
        corrections.filter((each) => !journal.struck.has(each.id)),
      )
    : entry;
}

/** Settles entries whose standing or content may have changed, and tells the families they touch anew. */
function reconsider(journal: Journal, ids: readonly string[], now: number): Journal {
  const dirty = new Set<string>();
  const touched: Entry[] = [];
  let { standing, subjects, ahead } = journal;
  for (const id of ids) {
    const before = valueIn(standing, id);
    const after = inForce(journal, valueIn(journal.entries, id));
    const early = after !== null && after.at > now + aheadMs;
    ahead = ahead.filter((entry) => entry.id !== id);
    if (early) ahead = [...ahead, after];
    if (before) subjects = withoutEntry(subjects, before);
    if (after && !early) subjects = withEntry(subjects, after);
    standing = withValues(standing, [[id, early ? null : after]]);
    for (const entry of [before, after]) {
      if (!entry) continue;
      touched.push(entry);
      for (const subject of subjectsOf(entry)) dirty.add(subject);
    }
  }
  const settled = { ...journal, standing, subjects, ahead };
  return touched.length === 0 ? settled : { ...settled, household: toldAnew(settled, dirty, touched) };
}

/** Rewrites the lists of everything an entry speaks of. */
function rewritten(
  subjects: Table<Strand<Entry>>,
  entry: Entry,
  rewrite: (entries: readonly Entry[]) => readonly Entry[],
): Table<Strand<Entry>> {
  return withValues(
    subjects,
    subjectsOf(entry).map((subject) => [
      subject,
      strandOf(rewrite((valueIn(subjects, subject) ?? []).flat())),
    ]),
  );
}

const withoutEntry = (subjects: Table<Strand<Entry>>, entry: Entry) =>
  rewritten(subjects, entry, (entries) => entries.filter(({ id }) => id !== entry.id));

const withEntry = (subjects: Table<Strand<Entry>>, entry: Entry) =>
  rewritten(subjects, entry, (entries) => inOrder([...entries, entry]));

/** Entries in force that speak of a lot, a place or a thing of the household, in order of happening. */
export const entriesAbout = (journal: Journal, subject: string): readonly Entry[] =>
  (valueIn(journal.subjects, subject) ?? []).flat();

/** Tells the dirty subjects, and every lot that liquid of theirs reached since, from their beginnings. */
function toldAnew(journal: Journal, dirty: ReadonlySet<string>, touched: readonly Entry[]): Household {
  const since = inOrder(touched)[0]!;
  const open = downstream(journal, dirty, since);
  const bench = overlay(journal.household, (id) => open.has(id), writingInPlace());
  bench.clear(open);
  const entries = new Map<string, Entry>();
  for (const subject of open)
    for (const entry of entriesAbout(journal, subject)) entries.set(entry.id, entry);
  for (const entry of inOrder([...entries.values()])) tell(bench, entry);
  return bench.household();
}

/** Subjects, and the lots that transfers from them went to at or after an entry. */
function downstream(journal: Journal, dirty: ReadonlySet<string>, since: Entry): Set<string> {
  const open = new Set(dirty);
  const queue = [...dirty];
  for (let subject = queue.pop(); subject !== undefined; subject = queue.pop()) {
    for (const entry of entriesAbout(journal, subject)) {
      if (entry.kind !== 'transferred' || entry.from !== subject || byHappening(entry, since) < 0) continue;
      for (const target of subjectsOf(entry)) {
        if (!open.has(target)) queue.push(target);
        open.add(target);
      }
    }
  }
  return open;
}

/** The journal of some entries, told at one go. */
export function journalOf(entries: readonly Entry[], now: number): Journal {
  const telling = tellingOf(entries, now);
  for (let step = telling.next(); ; step = telling.next()) if (step.done) return step.value;
}

/**
 * Tells a whole journal in pieces, so that whoever waits can breathe in between.
 *
 * @yields the share told so far, 0–1
 */
export function* tellingOf(entries: readonly Entry[], now: number): Generator<number, Journal> {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const all = [...byId.values()];
  const undoings = all.filter((entry) => entry.kind === 'undone');
  const struck = struckBy(undoings);
  const corrections: Record<string, EntryOf<'amended'>[]> = {};
  for (const entry of all) if (entry.kind === 'amended') (corrections[entry.targetId] ??= []).push(entry);
  const start: Journal = { ...emptyJournal, entries: tableOf(byId), undoings, struck, corrections };
  yield 0.03;
  const force = all.map((entry) => inForce(start, entry)).filter((entry) => entry !== null);
  yield 0.06;
  const told = inOrder(force.filter(({ at }) => at <= now + aheadMs));
  yield 0.1;
  const bench = gathering();
  const subjects = new Map<string, Entry[]>();
  for (const [index, entry] of told.entries()) {
    tell(bench, entry);
    for (const subject of subjectsOf(entry)) {
      const known = subjects.get(subject);
      if (known) known.push(entry);
      else subjects.set(subject, [entry]);
    }
    if (index % 1000 === 999) yield 0.1 + (0.8 * index) / told.length;
  }
  yield 0.95;
  const standing = tableOf(told.map((entry) => [entry.id, entry] as const));
  yield 0.97;
  return {
    ...start,
    standing,
    subjects: tableOf(Array.from(subjects, ([subject, about]) => [subject, strandOf(about)] as const)),
    ahead: force.filter(({ at }) => at > now + aheadMs),
    household: bench.household(),
  };
}

/** Lets entries in whose time has come. */
export function admit(journal: Journal, now: number): Journal {
  const due = journal.ahead.filter(({ at }) => at <= now + aheadMs);
  return due.length === 0
    ? journal
    : reconsider(
        journal,
        due.map(({ id }) => id),
        now,
      );
}
