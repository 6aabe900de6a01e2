import { refusalWords } from '../src/words/refusals.ts';
import { readFileSync, renameSync, writeFileSync } from 'node:fs';
import { readBackup } from '../src/core/formats/read-backup.ts';
import { writeBackup } from '../src/core/formats/write-backup.ts';
import { latest } from '../src/core/time-range.ts';
import { journalOf } from '../src/core/journal/journal.ts';
import { writeActs } from './today/write-acts.ts';

/** write JOURNAL ACTS: appends acts to an exported journal and prints their ids. Bad input: one line a problem on stderr, exit 2. */
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
  if (!before.ok) return refuse([refusalWords(before)]);
  const asked: readonly unknown[] = Array.isArray(raw) ? raw : [raw];
  // Whatever was written before is known, however far ahead its clock was.
  const writing = writeActs(journalOf(before.value, latest), asked);
  if (!writing.ok) return refuse(writing.problems);
  const { entries, now } = writing;
  const whole = `${journal}.part`;
  writeFileSync(whole, writeBackup([...before.value, ...entries], new Date(now).toISOString()));
  renameSync(whole, journal);
  process.stdout.write(`${JSON.stringify(entries.map(({ id }) => id))}\n`);
  return 0;
}

function refuse(problems: readonly string[]): number {
  process.stderr.write(problems.map((problem) => `${problem}\n`).join(''));
  return 2;
}

process.exitCode = main(process.argv.slice(2));
