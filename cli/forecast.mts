import { readFileSync } from 'node:fs';
import { Scenario } from '../src/core/ferment/scenario.ts';
import { forecast } from '../src/core/forecast/forecast.ts';
import { problemsIn } from './problems.ts';

/** forecast FILE|-: reads a scenario and prints its forecast as JSON. Bad input: one line a problem on stderr, exit 2. */
function main(source: string | undefined): number {
  if (source === undefined)
    return refuse(['usage: npm run --silent forecast -- FILE   (or - for standard input)']);
  let text: string;
  try {
    text = readFileSync(source === '-' ? 0 : source, 'utf8');
  } catch (fault) {
    return refuse([`cannot read ${source}: ${(fault as Error).message}`]);
  }
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (fault) {
    return refuse([`not JSON: ${(fault as Error).message.split('\n')[0]}`]);
  }
  const parsed = Scenario.safeParse(raw);
  if (!parsed.success) return refuse(problemsIn(parsed.error.issues));
  process.stdout.write(`${JSON.stringify(forecast(parsed.data))}\n`);
  return 0;
}

function refuse(problems: readonly string[]): number {
  process.stderr.write(problems.map((problem) => `${problem}\n`).join(''));
  return 2;
}

process.exitCode = main(process.argv[2]);
