import { ingredientIds, ingredientOf, isIngredient } from '../matter/ingredients/registry';
import { ownOf } from '../matter/own-ingredient';
import { t } from '../language/t';
import { firstNames, moreNames } from './name-lists';

/** A word and its plural. */
function plurals(name: string): string[] {
  const y = name.replace(/([^aeiou])y$/, '$1ies');
  const es = /(s|x|ch|sh|[^o]o)$/.test(name) ? `${name}es` : `${name}s`;
  return [name, y === name ? es : y];
}

/** Text as names are looked up: lower case, without accents, one apostrophe, single spaces. */
export const plainName = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[’‘`]/g, "'")
    .toLowerCase()
    .replace(/\s+/g, ' ')
    .trim();

const listed = (text: string): (readonly [string, string])[] =>
  text
    .trim()
    .split('\n')
    .flatMap((line) => {
      const [id, list] = line.split(': ') as [string, string];
      return isIngredient(id) ? list.split(', ').map((name) => [name, id] as const) : [];
    });

/** Names in the language that is spoken, as its catalogue lists them for these words: "plum: pruimen", a line each. */
const spoken = listed(t`ingredients by other names`);

/** What the table itself calls a thing, without what stands behind a comma, in one and in many. */
const own = ingredientIds.flatMap((id) => {
  const name = plainName(ingredientOf(id).name);
  const short = name.replace(/,.*$/, '');
  return [name, ...plurals(short)].map((each) => [each, id] as const);
});

/** "Maracuja" is passion fruit: its juice, concentrate and purée are maracuja's too. */
const pressed = [...own, ...listed(moreNames)].flatMap(([name, id]) =>
  (
    [
      ['juice', 'juice'],
      ['puree', 'puree'],
      ['juice concentrate', 'concentrate'],
      ['concentrate', 'concentrate'],
    ] as const
  ).flatMap(([word, end]) =>
    isIngredient(`${id}-${end}`) ? [[`${name} ${word}`, `${id}-${end}`] as const] : [],
  ),
);

/** Ingredient of the table by a name people use, plain (see `plainName`). What is written by hand goes before what is worked out. */
export const idByName: ReadonlyMap<string, string> = new Map([
  ...own,
  ...pressed,
  ...spoken,
  ...listed(moreNames),
  ...listed(firstNames),
]);

/** The first name of an ingredient that reads back as it; null for what has none. */
const firstName = new Map<string, string>();
for (const [name, id] of [...listed(firstNames), ...idByName])
  if (!firstName.has(id) && idByName.get(name) === id) firstName.set(id, name);
/**
 * Ingredients that a text may mean, the likeliest first: by any name, in one or many, with or without accents, its words in any
 * order.
 *
 * @param text what was typed so far
 * @param names what may be meant, by plain name
 * @example findIngredients('mirab')[0] // 'mirabelle'
 */
export function findIngredients(text: string, names: ReadonlyMap<string, string> = idByName): string[] {
  const wanted = plainName(text);
  if (wanted === '') return [];
  const exact = names.get(wanted);
  const starts: string[] = [];
  const holds: string[] = [];
  const words: string[] = [];
  const each = wanted.split(' ');
  for (const [name, id] of names) {
    if (name.startsWith(wanted)) starts.push(id);
    else if (wanted.length > 2 && name.includes(wanted)) holds.push(id);
    else if (each.length > 1 && each.every((word) => ` ${name}`.includes(` ${word}`))) words.push(id);
  }
  const byLength = (a: string, b: string) => ingredientOf(a).name.length - ingredientOf(b).name.length;
  return [
    ...new Set([
      ...(exact ? [exact] : []),
      ...starts.sort(byLength),
      ...holds.sort(byLength),
      ...words.sort(byLength),
    ]),
  ];
}

/** The table's names and a maker's own, which go first. */
export function namesWith(own: readonly string[]): ReadonlyMap<string, string> {
  if (own.length === 0) return idByName;
  const names = new Map(idByName);
  for (const id of own) for (const name of plurals(plainName(ingredientOf(id).name))) names.set(name, id);
  return names;
}

/** A name that reads back as that ingredient; an own one has its own. */
export const nameOfId = (id: string): string | null =>
  firstName.get(id) ?? (ownOf(id) ? ingredientOf(id).name : null);
