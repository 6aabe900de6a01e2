import { cultures as everyKind } from '../cultures/registry';
import { plainName } from './ingredient-names';

/** What a maker's name for a drink or a culture means: kinds that make it, things that are in it. */
interface Meant {
  readonly cultures: readonly string[];
  readonly whats: readonly string[];
}

/** Names of drinks by what is in them; those of a kind stand with the kind. */
const byWhatIsInThem: readonly (readonly [names: readonly string[], whats: readonly string[]])[] = [
  [['tepache', 'pineapple beer'], ['pineapple-rind']],
  [['tibicos', 'tibi', 'ginger beer plant'], ['kefir-grains']],
  [
    ['ginger ale', 'ginger beer', 'ginger soda'],
    ['ginger', 'ground-ginger'],
  ],
  [
    ['kvass', 'kwas', 'bread soda'],
    ['rye-bread', 'beetroot', 'beetroot-juice'],
  ],
  [['shrub', 'drinking vinegar', 'switchel'], ['vinegar']],
  [
    ['lemonade', 'fermented lemonade'],
    ['lemon-juice', 'lemon'],
  ],
];

/** Letters before a name is looked for: two might mean anything. */
const fewest = 3;

/**
 * What a name of a drink means, by its beginning.
 *
 * @returns ids of kinds and ingredients; both empty for a name that means neither
 * @example drinksNamed('Tepa') // { cultures: ['peel'], whats: ['pineapple-rind'] }
 */
export function drinksNamed(text: string): Meant {
  const wanted = plainName(text).replace(/'/g, ' ');
  const isMeant = (names: readonly string[] = []) =>
    wanted.length >= fewest && names.some((name) => name.startsWith(wanted));
  return {
    cultures: everyKind.filter(({ alsoCalled }) => isMeant(alsoCalled)).map(({ id }) => id),
    whats: [...new Set(byWhatIsInThem.flatMap(([names, whats]) => (isMeant(names) ? whats : [])))],
  };
}
