import type { z } from 'zod';

type Issue = z.core.$ZodIssue;

/** Where in the scenario, and what, in a maker's words: one line each, such as "stages[0].hours: more than 0, please". */
export const problemsIn = (issues: readonly Issue[]): string[] =>
  issues.flatMap((issue) =>
    issue.code === 'unrecognized_keys'
      ? issue.keys.map((key) => `${pathText([...issue.path, key])}: nothing of that name is known here`)
      : [`${pathText(issue.path)}: ${wordsFor(issue).replace(/\s+/g, ' ')}`],
  );

function wordsFor(issue: Issue): string {
  switch (issue.code) {
    case 'too_small':
      return issue.origin === 'array' || issue.origin === 'string'
        ? 'at least one is needed'
        : issue.inclusive
          ? `at least ${issue.minimum}, please`
          : `more than ${issue.minimum}, please`;
    case 'too_big':
      return `at most ${issue.maximum}, please`;
    case 'invalid_type':
      return `${wanted[issue.expected] ?? issue.expected} is wanted here`;
    case 'invalid_value':
      return issue.values.length === 1
        ? `must be ${String(issue.values[0])}`
        : `one of these is wanted: ${issue.values.map(String).join(', ')}`;
    case 'invalid_union':
      return 'no such reading: its kind is not known';
    default:
      return issue.message;
  }
}

const wanted: Readonly<Record<string, string>> = {
  number: 'a number',
  int: 'a whole number',
  string: 'a text',
  boolean: 'true or false',
  object: 'an object { … }',
  array: 'a list [ … ]',
};

function pathText(path: readonly PropertyKey[]): string {
  const text = path.reduce<string>(
    (sum, part) =>
      typeof part === 'number' ? `${sum}[${part}]` : sum === '' ? String(part) : `${sum}.${String(part)}`,
    '',
  );
  return text === '' ? 'scenario' : text;
}
