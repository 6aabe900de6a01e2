import { stepper } from './stepper.ts';
import type { ForecastWarning } from '../src/core/forecast/ensemble/warnings.ts';
import { forecastWarningWords } from '../src/words/brews/forecast-warnings.ts';
import { readFileSync } from 'node:fs';
import { Scenario } from '../src/core/ferment/scenario/scenario.ts';
import type { z } from 'zod';
import { FamilyScenario } from '../src/core/forecast/published/family-scenario.ts';
import { forecastFamily } from '../src/core/forecast/published/family-forecast.ts';
import { forecast } from '../src/core/forecast/published/forecast.ts';
import { problemsIn } from './problems.ts';

/** forecast FILE|-: reads a scenario or a family and prints its forecast as JSON. Bad input: one line a problem on stderr, exit 2. */
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
  const isFamily = (raw as { schema?: unknown } | null)?.schema === 'yuzet.family/1';
  const answered = isFamily
    ? answer(FamilyScenario, (asked) => inWords(forecastFamily(asked, stepper)), raw)
    : answer(Scenario, (asked) => inWords(forecast(asked, stepper)), raw);
  if ('problems' in answered) return refuse(answered.problems);
  process.stdout.write(`${JSON.stringify(answered.value)}\n`);
  return 0;
}

/** A forecast whose warnings say their sentence too. */
const inWords = <F extends { readonly warnings: readonly ForecastWarning[] }>(found: F) => ({
  ...found,
  warnings: found.warnings.map((warning) => ({ ...warning, sentence: forecastWarningWords(warning) })),
});

/** Checks a question by its schema and answers it. */
function answer<S extends z.ZodType>(
  schema: S,
  work: (asked: z.output<S>) => unknown,
  raw: unknown,
): { value: unknown } | { problems: string[] } {
  const parsed = schema.safeParse(raw);
  return parsed.success ? { value: work(parsed.data) } : { problems: problemsIn(parsed.error.issues) };
}

function refuse(problems: readonly string[]): number {
  process.stderr.write(problems.map((problem) => `${problem}\n`).join(''));
  return 2;
}

process.exitCode = main(process.argv[2]);
