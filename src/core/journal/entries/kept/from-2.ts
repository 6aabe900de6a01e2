import { z } from 'zod';
import { isInstant } from '../../../time-range';
import { RecipeRecord, type Recipe } from '../../../settings/recipe';

/** An entry of version 2: its value was of any names. */
const Loose = z.looseObject({
  thing: z.string(),
  key: z.string(),
  value: z.record(z.string(), z.unknown()).nullable(),
});

/** The recipe within a text; null when it is none any more: it was never shown then, and counts as taken out. */
function recipeIn(text: unknown): Recipe | null {
  try {
    const read = RecipeRecord.safeParse(typeof text === 'string' ? JSON.parse(text) : null);
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}

type Lift = (value: Readonly<Record<string, unknown>>) => object | null;

/** Numbers that a guard passed over where they were read: they counted as unsaid. */
const positive = (value: unknown) => (typeof value === 'number' && value > 0 ? value : null);

/** How a value of version 2 is written since version 3, by its thing; the others stayed as they were. */
const lifts: Readonly<Record<string, Lift>> = {
  ingredient: ({ is }) => ({ id: is }),
  person: ({ name, stopsAt }) => ({ name, stopsAt: positive(stopsAt) }),
  recipe: ({ recipe }) => recipeIn(recipe),
  stock: ({ since, knocks, markedBar, ...make }) => ({
    ...make,
    since: isInstant(since) ? since : null,
    knocks: positive(knocks) ?? 0,
    markedBar: positive(markedBar),
  }),
  timer: ({ label, ...timer }) => ({ ...timer, label: label ?? '' }),
  'alcohol-ceiling': ({ is }) => ({ percent: is }),
  caution: ({ is }) => ({ caution: is }),
};

/** Two things of version 2 held several, told apart by their keys. */
function thingAndKey(thing: string, key: string): { readonly thing: string; readonly key: string } {
  if (thing === 'choice') return { thing: key, key };
  if (thing === 'hours') return { thing: 'waking', key };
  if (thing !== 'plan') return { thing, key };
  return key.startsWith('build:')
    ? { thing: 'build-up', key: key.slice('build:'.length) }
    : { thing: 'away', key };
}

/**
 * A setting of version 2 as version 3 writes it. What is not to be read as one is left as it is: the schema says what is wrong.
 *
 * @param raw an entry of the kind `kept` and of version 2, whatever else it holds
 */
export function keptFrom2(raw: unknown): unknown {
  const loose = Loose.safeParse(raw);
  if (!loose.success) return raw;
  const { thing, key, value } = loose.data;
  const lifted = thingAndKey(thing, key);
  const lift = lifts[lifted.thing];
  return { ...loose.data, ...lifted, version: 3, value: value && lift ? lift(value) : value };
}
