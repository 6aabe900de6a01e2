/**
 * Every sentence the app says. The English one stands where it is said; any other language is a catalogue of messages whose key is
 * the English text with its parameters numbered: "Feed {0} by {1}". A language is set once, before the first sentence is made.
 */

/** @returns the message in the language that was set, or null where the catalogue lacks it. @param values by number, or by name */
export type Translate = (key: string, values: Readonly<Record<string, unknown>>) => string | null;

let translate: Translate | null = null;
let measured: (text: string) => string = (text) => text;
let spoken = 'en-GB';

/** Sets the language of all that is said from now on; null is English. @param locale of its numbers, lists and days, as BCP 47 has it */
export function setTranslation(to: Translate | null, locale = 'en-GB'): void {
  translate = to;
  spoken = locale;
}

/** Sets how the amounts of a sentence are turned into the maker's units, after it is made. */
export function setMeasured(to: (text: string) => string): void {
  measured = to;
}

/** The locale of numbers, lists and days, as BCP 47 has it. */
export const locale = (): string => spoken;

/**
 * A text in the maker's language.
 *
 * @example t`Feed ${'Nib'} by ${'21:30'}` // 'Feed Nib by 21:30'
 */
export function t(parts: TemplateStringsArray, ...values: readonly unknown[]): string {
  const english = parts.reduce((text, part, index) => `${text}${String(values[index - 1])}${part}`);
  if (!translate) return measured(english);
  const key = keyOf(parts);
  const inner = key.trim();
  const said = translate(inner, { ...values });
  return measured(said === null ? english : key.replace(inner, () => said));
}

/** The key under which a catalogue has a text: "Feed {0} by {1}". */
const keyOf = (parts: readonly string[]): string =>
  parts.reduce((key, part, index) => `${key}{${index - 1}}${part}`);

/**
 * A counted thing, by the rules of the language that was set.
 *
 * @param count 0 or more
 * @example plural(3, 'bottle') // '3 bottles'
 */
export function plural(count: number, one: string, many = `${one}s`): string {
  return (
    translate?.(pluralKey(one, many), { count }) ??
    `${count.toLocaleString(spoken)} ${count === 1 ? one : many}`
  );
}

/** The key of a counted thing: "{count, plural, one {# bottle} other {# bottles}}". */
const pluralKey = (one: string, many: string): string => `{count, plural, one {# ${one}} other {# ${many}}}`;
