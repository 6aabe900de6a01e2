import { refusalWords } from '../src/words/refusals.ts';
import { readFileSync } from 'node:fs';
import { readBackup } from '../src/core/formats/read-backup.ts';
import { journalOf } from '../src/core/journal/journal.ts';
import { todayOf } from './today/today.ts';

/** today FILE --at INSTANT [--json]: the Today page of an exported journal. Bad input: one line a problem on stderr, exit 2. */
function main(args: readonly string[]): number {
  const at = args.indexOf('--at');
  const [file] = args.filter((arg, i) => !arg.startsWith('--') && (at < 0 || i !== at + 1));
  if (file === undefined || at < 0 || args[at + 1] === undefined)
    return refuse('usage: npm run --silent today -- JOURNAL.json --at 2026-05-04T18:20 [--json]');
  const now = new Date(args[at + 1]!).getTime();
  if (!Number.isFinite(now)) return refuse(`--at: no instant: ${args[at + 1]}`);
  let text: string;
  try {
    text = readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (fault) {
    return refuse(`cannot read ${file}: ${(fault as Error).message}`);
  }
  const read = readBackup(text);
  if (!read.ok) return refuse(refusalWords(read));
  const today = todayOf(journalOf(read.value, now).household, now);
  process.stdout.write(args.includes('--json') ? `${JSON.stringify(today)}\n` : lines(today));
  return 0;
}

function lines({ tasks }: ReturnType<typeof todayOf>): string {
  if (tasks.length === 0) return 'Nothing to do: all is fed, cold or asleep.\n';
  return tasks
    .map(({ headline, reason, caution, rule, lateHours }) =>
      [
        `${headline}${lateHours >= 1 ? ` (${Math.round(lateHours)} h late)` : ''}`,
        `  ${reason}`,
        ...rule.map(({ result, verb, at }) => `  ${result}: ${verb}${at === null ? '' : ` at ${at}`}`),
        ...(caution ? [`  ! ${caution}`] : []),
      ].join('\n'),
    )
    .join('\n\n')
    .concat('\n');
}

function refuse(problem: string): number {
  process.stderr.write(`${problem}\n`);
  return 2;
}

process.exitCode = main(process.argv.slice(2));
