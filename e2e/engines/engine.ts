import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

/** What a hand and an eye do in a browser, whichever engine draws the page. */
export interface Engine {
  readonly name: string;
  /** Goes to a path of the app. */
  open(path: string): Promise<void>;
  reload(): Promise<void>;
  tap(role: string, name: string | RegExp): Promise<void>;
  /** Types into a box, in place of what stands in it. */
  type(box: string, text: string): Promise<void>;
  /** Waits until a text stands on the page. */
  sees(text: string | RegExp): Promise<void>;
  /** Gives a file to the input of this name. */
  give(input: string, file: string): Promise<void>;
  /** The only file downloaded so far, once it is whole. */
  downloaded(): Promise<string>;
  /** All that stands on the page, for the report of a failure. */
  text(): Promise<string>;
  /** Errors of the page and of its console so far. */
  errors(): readonly string[];
  close(): Promise<void>;
}

/** Testing Library, as a script of the page: it tells roles and names in any engine. */
export const finder = readFileSync(
  path.resolve('node_modules/@testing-library/dom/dist/@testing-library/dom.umd.min.js'),
  'utf8',
);

const literal = (value: string | RegExp) => (value instanceof RegExp ? String(value) : JSON.stringify(value));

/**
 * An expression for the first element of a role and a name that takes a tap, or null: one that is disabled is waited for, and one
 * that moves until it stands where it stood when it was last asked for.
 */
export const byRole = (role: string, name: string | RegExp) =>
  `((found) => {
    if (!found) return null;
    const { x, y } = found.getBoundingClientRect();
    const stands = found.lastAt === x + ' ' + y;
    found.lastAt = x + ' ' + y;
    return stands ? found : null;
  })(TestingLibraryDom.queryAllByRole(document.body, ${JSON.stringify(role)}, { name: ${literal(name)} })
    .find((each) => !each.matches(':disabled, [aria-disabled="true"]')))`;

/** An expression for an input by its label, hidden ones too. */
export const byLabel = (name: string) =>
  `(TestingLibraryDom.queryAllByLabelText(document.body, ${JSON.stringify(name)})[0] ?? null)`;

/** An expression that tells whether a text stands on the page. */
export const hasText = (text: string | RegExp) =>
  text instanceof RegExp
    ? `${String(text)}.test(document.body.innerText)`
    : `document.body.innerText.includes(${JSON.stringify(text)})`;

/** An expression that tells whether the page lets one leave: not while an act is not on disk, when it would ask. */
export const letsGo = `window.dispatchEvent(new Event('beforeunload', { cancelable: true }))`;

/** Asks again and again until there is an answer. */
export async function until<T>(what: string, ask: () => Promise<T | null | false>): Promise<T> {
  const patienceMs = 60_000;
  const begun = Date.now();
  for (;;) {
    const answer = await ask().catch((error: unknown) => {
      // A page that is being left answers nothing.
      if (Date.now() - begun > patienceMs) throw error;
      return null;
    });
    if (answer !== null && answer !== false) return answer;
    if (Date.now() - begun > patienceMs) throw new Error(`waited a minute for ${what}`);
    await new Promise((done) => setTimeout(done, 150));
  }
}

/** Taps what is found by role and name, as soon as it is there. */
export const tapOn = (
  find: (expression: string) => Promise<{ click(): Promise<void> } | null>,
  role: string,
  name: string | RegExp,
): Promise<void> =>
  until(`${role} ${String(name)}`, async () => {
    const found = await find(byRole(role, name));
    await found?.click();
    return found !== null;
  }).then(() => undefined);

/** The journal file in a folder, once it is there and whole. */
export const journalIn = (folder: string): Promise<string> =>
  until('the file', async () => {
    const file = readdirSync(folder).find((each) => each.endsWith('.json'));
    return file !== undefined && readFileSync(path.join(folder, file)).length > 0
      ? path.join(folder, file)
      : null;
  });
