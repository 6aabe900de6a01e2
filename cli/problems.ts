/** A fault found by the validator. */
interface Issue {
  readonly path: readonly PropertyKey[];
  readonly message: string;
}

/** Where in the scenario, and what: one line each, such as "stages[0].hours: Too small". */
export const problemsIn = (issues: readonly Issue[]): string[] =>
  issues.map(({ path, message }) => `${pathText(path)}: ${message.replace(/\s+/g, ' ')}`);

function pathText(path: readonly PropertyKey[]): string {
  const text = path.reduce<string>(
    (sum, part) =>
      typeof part === 'number' ? `${sum}[${part}]` : sum === '' ? String(part) : `${sum}.${String(part)}`,
    '',
  );
  return text === '' ? 'scenario' : text;
}
