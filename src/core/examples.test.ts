import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

/** Every @example of core that is code is run, and comes to what it says. */

interface Example {
  readonly file: string;
  readonly line: number;
  readonly code: string;
  readonly said: string;
}

const files = readdirSync(__dirname, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.ts') && !/[.](test|test-tool|d)[.]ts$/.test(name))
  .sort();

/** "code // what it comes to", on the tag's line or the one after it; an example in words begins with two strokes. */
function examplesOf(file: string): Example[] {
  const lines = readFileSync(path.join(__dirname, file), 'utf8').split('\n');
  return lines.flatMap((text, i): Example[] => {
    const at = text.indexOf('@example');
    if (at < 0) return [];
    const same = text.slice(at + '@example'.length);
    const whole = (same.trim() === '' ? lines[i + 1]! : same).replace(/^\s*\*/, '').replace(/\*\/\s*$/, '');
    const [code, said] = whole.split(/\s\/\/\s/);
    return said === undefined || code!.trim() === '' || code!.trim().startsWith('//')
      ? []
      : [{ file, line: i + 1, code: code!.trim(), said: said.trim() }];
  });
}

/** Half a unit of the last digit that is said. */
const digitsOf = (said: string): number => {
  const [, decimals = ''] = /^-?\d+(?:[.](\d+))?/.exec(said) ?? [];
  return 0.5 * 10 ** -decimals.length;
};

const examples = files.flatMap(examplesOf);

test('there are many of them', () => {
  expect(examples.length).toBeGreaterThan(50);
});

test.each(examples.map((each) => [`${each.file}:${each.line} ${each.code}`, each] as const))(
  '%s',
  (_, { file, code, said }) => {
    const scope: Record<string, unknown> = jest.requireActual(path.join(__dirname, file));
    const run = new Function(...Object.keys(scope), `return (${code});`) as (...values: unknown[]) => unknown;
    const value = run(...Object.values(scope));
    const about = said.replace(/^(≈|about)\s*/, '').replace(/,/g, '');
    if (typeof value === 'number' && /^-?\d/.test(about)) {
      const stated = Number.parseFloat(about);
      const slack = said === about && !/^-?\d[\d,]*[.]?\d*/.test(said) ? 0 : digitsOf(about);
      expect(Math.abs(value - stated)).toBeLessThanOrEqual(slack + 1e-9);
    } else expect(value).toEqual((new Function(`return (${said});`) as () => unknown)());
  },
);
