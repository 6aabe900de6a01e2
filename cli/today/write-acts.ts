import { refusalWords } from '../../src/words/refusals.ts';
import { checkEntry } from '../../src/core/journal/check-entry.ts';
import { versionOf, type Entry } from '../../src/core/journal/entry.ts';
import { lotOf } from '../../src/core/journal/household.ts';
import { clockOf, nextId } from '../../src/core/journal/instant-id.ts';
import { append, type Journal } from '../../src/core/journal/journal.ts';
import { allValues } from '../../src/core/journal/persistent-map.ts';
import { ingredientIds, isIngredient } from '../../src/core/matter/ingredients/registry.ts';
import { subjectsOf } from '../../src/core/journal/apply-entry.ts';

export type Writing =
  | { readonly ok: true; readonly entries: readonly Entry[]; readonly journal: Journal; readonly now: number }
  | { readonly ok: false; readonly problems: readonly string[] };

/**
 * Acts told to a journal: each an entry without its stamp but with its instant (`at`, ms or text). All are written or none, and
 * checked as the app's own keeper does.
 *
 * @param acts raw, from a file or a script
 * @returns the entries with their ids and the journal that holds them; or one line a problem
 */
export function writeActs(known: Journal, acts: readonly unknown[]): Writing {
  if (acts.length === 0) return { ok: false, problems: ['no act to write'] };
  const newest = allValues(known.entries).reduce((last, { id }) => (id > last ? id : last), '');
  let last = newest ? clockOf(newest) : { ms: 0, count: 0 };
  const problems: string[] = [];
  const stamped = acts.flatMap((act, i) => {
    const at = instantOf(act);
    if (at === null) {
      problems.push(`act ${i + 1}: at: an instant is wanted, such as 2026-05-04T18:20`);
      return [];
    }
    const { id, clock } = nextId(last, at, 'comm');
    last = clock;
    const offset = -new Date(at).getTimezoneOffset();
    return [{ ...(act as object), id, at, offset, version: versionOf((act as { kind?: unknown }).kind) }];
  });
  acts.forEach((act, i) =>
    strangersIn(act).forEach((what) => problems.push(`act ${i + 1}: ${strangerWords(what)}`)),
  );
  if (problems.length > 0) return { ok: false, problems };
  const now = Math.max(...stamped.map(({ at }) => at));
  const entries = stamped.flatMap((each, i): Entry[] => {
    const entry = checkEntry(each, known);
    if (entry.ok) return [entry.value];
    problems.push(`act ${i + 1}: ${refusalWords(entry)}`);
    return [];
  });
  if (problems.length > 0) return { ok: false, problems };
  const journal = append(known, entries, now);
  entries.forEach((entry, i) =>
    subjectsOf(entry).forEach((id) => {
      if (!id.includes(':') && !lotOf(journal.household, id))
        problems.push(`act ${i + 1}: nothing has the id ${id}`);
    }),
  );
  return problems.length > 0 ? { ok: false, problems } : { ok: true, entries, journal, now };
}

/** Ingredients that an act names and nobody knows: a journal holds them, but no amount is worked out of them. */
function strangersIn(value: unknown): string[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, each]) =>
    key === 'what' && typeof each === 'string' ? (isIngredient(each) ? [] : [each]) : strangersIn(each),
  );
}

const mostNear = 4;

function strangerWords(what: string): string {
  const words = what.split('-');
  const shared = (id: string) => id.split('-').filter((word) => words.includes(word)).length;
  const near = ingredientIds
    .filter((id) => shared(id) > 0)
    .sort((a, b) => shared(b) - shared(a))
    .slice(0, mostNear);
  return `no ingredient is called "${what}"${near.length > 0 ? `; there is ${near.join(', ')}` : ''}`;
}

/** Whole ms, from a number or a text. */
function instantOf(act: unknown): number | null {
  const at = (act as { at?: unknown } | null)?.at;
  const ms = typeof at === 'number' ? at : typeof at === 'string' ? new Date(at).getTime() : NaN;
  return Number.isFinite(ms) ? Math.round(ms) : null;
}
