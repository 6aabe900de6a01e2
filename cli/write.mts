import { readFileSync, renameSync, writeFileSync } from 'node:fs';
import { readBackup } from '../src/core/formats/read-backup.ts';
import { writeBackup } from '../src/core/formats/write-backup.ts';
import { parseEntry, entryVersion, type Entry } from '../src/core/journal/entry.ts';
import { clockOf, nextId } from '../src/core/journal/instant-id.ts';
import { append, journalOf } from '../src/core/journal/journal.ts';

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
  const problems: string[] = [];
  const written: Entry[] = [];
  const newest = before.value.reduce((last, { id }) => (id > last ? id : last), '');
  let last = newest ? clockOf(newest) : { ms: 0, count: 0 };
  (Array.isArray(raw) ? raw : [raw]).forEach((act: unknown, i) => {
    const at = instantOf(act);
    if (at === null) {
      problems.push(`act ${i + 1}: at: an instant is wanted, such as 2026-05-04T18:20`);
      return;
    }
    const next = nextId(last, at, 'comm');
    const entry = parseEntry({
      ...(act as object),
      id: next.id,
      at,
      offset: -new Date(at).getTimezoneOffset(),
      version: entryVersion,
    });
    if (!entry.ok) problems.push(`act ${i + 1}: ${entry.sentence}`);
    else {
      last = next.clock;
      written.push(entry.value);
    }
  });
  if (problems.length > 0) return refuse(problems);
  const now = Math.max(...written.map(({ at }) => at));
  // An act that finds no lot would be told to nobody.
  append(journalOf(before.value, now), written, now);
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
