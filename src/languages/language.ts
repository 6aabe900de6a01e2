import { IntlMessageFormat } from 'intl-messageformat';
import type { Translate } from '@/core/language/t';

/** A language as the app speaks it: how a key is said, and the locale of numbers, lists and days. */
export interface Language {
  readonly translate: Translate;
  readonly locale: string;
}

/** A number or a range as toFixed writes it; a specific gravity is written with its point everywhere. */
const plainNumber = /^(?![01]\.\d{3,4}$)[-−]?\d+(\.\d+)?(–\d+(\.\d+)?)?$/;

/**
 * A language by its catalogue of ICU messages. Messages are parsed when they are first said.
 *
 * @param messages by key: the English text with its parameters numbered
 */
export function languageOf(locale: string, messages: Readonly<Record<string, string>>): Language {
  const parsed = new Map<string, IntlMessageFormat>();
  const point = new Intl.NumberFormat(locale)
    .formatToParts(1.5)
    .find(({ type }) => type === 'decimal')!.value;
  const said = (value: unknown) =>
    typeof value === 'number' || plainNumber.test(String(value))
      ? String(value).replaceAll('.', point)
      : value;
  return {
    locale,
    translate: (key, values) => {
      const message = messages[key];
      if (message === undefined) return null;
      const format = parsed.get(key) ?? new IntlMessageFormat(message, locale);
      parsed.set(key, format);
      const { count, ...others } = values;
      const shown = Object.fromEntries(Object.entries(others).map(([name, value]) => [name, said(value)]));
      return String(format.format(count === undefined ? shown : { ...shown, count: Number(count) }));
    },
  };
}
