import { refusal, type Refusal, type Result } from '../result';
import { parseEntry, type Entry, type EntryOf } from './entry';
import { valueIn } from './persistent-map';
import type { Journal } from './journal';
import { amendedBy } from './effective';

/** What a check needs to know of the journal an entry goes into. */
export type Known = Pick<Journal, 'entries' | 'corrections' | 'undone'>;

/** Entries that come in together, and which of them correct which. */
interface Company {
  readonly entries: ReadonlyMap<string, Entry>;
  readonly corrections: ReadonlyMap<string, readonly EntryOf<'amended'>[]>;
}
const alone: Company = { entries: new Map(), corrections: new Map() };

/**
 * Checks one raw entry by the schema, and a correction by the entry it leaves.
 *
 * @param raw anything: from a form, another tab or the second copy
 * @param known the journal it goes into
 * @returns the entry as the schema reads it; refusals `entry.newer`, `entry.invalid`, `entry.not-correctable`. A correction of
 *   what is not there (yet) is taken: it counts for nothing until its entry comes, and then only if it leaves it whole.
 */
export const checkEntry = (raw: unknown, known: Known): Result<Entry> => {
  const parsed = parseEntry(raw);
  return parsed.ok ? checkCorrection(parsed.value, known, alone) : parsed;
};

function checkCorrection(entry: Entry, known: Known, company: Company): Result<Entry> {
  if (entry.kind !== 'amended') return { ok: true, value: entry };
  const target = valueIn(known.entries, entry.targetId) ?? company.entries.get(entry.targetId);
  if (!target) return { ok: true, value: entry };
  if (target.kind === 'amended' || target.kind === 'undone') return refusal('entry.not-correctable');
  const others = [
    ...(known.corrections[entry.targetId] ?? []),
    ...(company.corrections.get(entry.targetId) ?? []),
  ].filter(({ id }) => id < entry.id && !known.undone.has(id));
  const left = parseEntry(amendedBy(target, [...others, entry]));
  return left.ok ? { ok: true, value: entry } : left;
}

/**
 * Checks the corrections among entries that come in together, against each other and the journal they come into.
 *
 * @param entries parsed entries
 * @returns the first refusal; null when all are good
 */
export function firstFault(entries: readonly Entry[], known: Known): Refusal | null {
  const corrections = new Map<string, EntryOf<'amended'>[]>();
  for (const entry of entries) {
    if (entry.kind !== 'amended') continue;
    const known = corrections.get(entry.targetId);
    if (known) known.push(entry);
    else corrections.set(entry.targetId, [entry]);
  }
  if (corrections.size === 0) return null;
  const company = { entries: new Map(entries.map((entry) => [entry.id, entry])), corrections };
  for (const entry of [...corrections.values()].flat()) {
    const checked = checkCorrection(entry, known, company);
    if (!checked.ok) return checked;
  }
  return null;
}
