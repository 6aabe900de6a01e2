import { readFileSync, renameSync, writeFileSync } from 'node:fs';
import { readBackup } from '../src/core/formats/read-backup.ts';
import { writeBackup } from '../src/core/formats/write-backup.ts';
import { checkEntry } from '../src/core/journal/check-entry.ts';
import { entryVersion, type Entry } from '../src/core/journal/entry.ts';
import { lotOf } from '../src/core/journal/household.ts';
import { clockOf, nextId } from '../src/core/journal/instant-id.ts';
import { append, journalOf } from '../src/core/journal/journal.ts';
import { subjectsOf } from '../src/core/journal/tell.ts';

/**
 * write JOURNAL ACTS: appends acts to an exported journal, each an entry without its stamp but with its instant (`at`). All are
 * written or none. Prints their ids. Bad input: one line a problem on stderr, exit 2.
 */
function main([journal, acts]: readonly string[]): number {
  if (!journal || !acts)
    return refuse(['usage: npm run --silent write -- JOURNAL.json ACT.json   (or - for standard input)']);
  let text: string;
  let raw: unknown;
  try {
    text = readFileSync(journal, 'utf8');
  } catch (fault) {
    if ((fault as { code?: string }).code !== 'ENOENT')
      return refuse([`cannot read ${journal}: ${(fault as Error).message}`]);
    // A journal begins with its first act.
    text = writeBackup([], new Date(0).toISOString());
  }
  try {
    raw = JSON.parse(readFileSync(acts === '-' ? 0 : acts, 'utf8'));
  } catch (fault) {
    return refuse([`${acts}: ${(fault as Error).message.split('\n')[0]}`]);
  }
  const before = readBackup(text);
  if (!before.ok) return refuse([before.sentence]);
  const asked: readonly unknown[] = Array.isArray(raw) ? raw : [raw];
  if (asked.length === 0) return refuse(['no act to write']);
  const newest = before.value.reduce((last, { id }) => (id > last ? id : last), '');
  let last = newest ? clockOf(newest) : { ms: 0, count: 0 };
  const problems: string[] = [];
  const stamped = asked.flatMap((act, i) => {
    const at = instantOf(act);
    if (at === null) {
      problems.push(`act ${i + 1}: at: an instant is wanted, such as 2026-05-04T18:20`);
      return [];
    }
    const { id, clock } = nextId(last, at, 'comm');
    last = clock;
    const offset = -new Date(at).getTimezoneOffset();
    return [{ ...(act as object), id, at, offset, version: entryVersion }];
  });
  if (problems.length > 0) return refuse(problems);
  // As the app's own keeper does: corrections are checked against what they correct.
  const now = Math.max(...stamped.map(({ at }) => at));
  const known = journalOf(before.value, now);
  const written = stamped.flatMap((each, i): Entry[] => {
    const entry = checkEntry(each, known);
    if (entry.ok) return [entry.value];
    problems.push(`act ${i + 1}: ${entry.sentence}`);
    return [];
  });
  if (problems.length > 0) return refuse(problems);
  const { household } = append(known, written, now);
  written.forEach((entry, i) =>
    subjectsOf(entry).forEach((id) => {
      if (!id.includes(':') && !lotOf(household, id)) problems.push(`act ${i + 1}: nothing has the id ${id}`);
    }),
  );
  if (problems.length > 0) return refuse(problems);
  const whole = `${journal}.part`;
  writeFileSync(whole, writeBackup([...before.value, ...written], new Date(now).toISOString()));
  renameSync(whole, journal);
  process.stdout.write(`${JSON.stringify(written.map(({ id }) => id))}\n`);
  return 0;
}

/** Ms, from a number or a text. */
function instantOf(act: unknown): number | null {
  const at = (act as { at?: unknown } | null)?.at;
  const ms = typeof at === 'number' ? at : typeof at === 'string' ? new Date(at).getTime() : NaN;
  return Number.isFinite(ms) ? ms : null;
}

function refuse(problems: readonly string[]): number {
  process.stderr.write(problems.map((problem) => `${problem}\n`).join(''));
  return 2;
}

process.exitCode = main(process.argv.slice(2));
