import { plainName } from './ingredient-names';

/** What a maker's name for a drink or a culture means: kinds that make it, things that are in it. */
interface DrinkName {
  readonly names: string;
  readonly cultures: readonly string[];
  readonly whats: readonly string[];
}

const kefir = ['water-kefir-grains', 'water-kefir-liquid'];

/** Names that makers use, from many kitchens; a name may mean several things. */
const table: readonly DrinkName[] = [
  { names: 'tepache, pineapple beer, peel soda', cultures: ['peel'], whats: ['pineapple-rind'] },
  {
    names: 'tibicos, tibi, water kefir, sugar kefir, kefir d acqua',
    cultures: kefir,
    whats: ['kefir-grains'],
  },
  { names: 'ginger beer plant', cultures: [...kefir, 'ginger-bug'], whats: ['kefir-grains'] },
  { names: 'ginger ale, ginger beer, ginger soda', cultures: [], whats: ['ginger', 'ground-ginger'] },
  {
    names: 'kombucha, kombucha soda, scoby, tea mushroom, tea kvass, jun',
    cultures: ['tea-mother'],
    whats: [],
  },
  { names: 'kvass, kwas, bread soda', cultures: [], whats: ['rye-bread', 'beetroot', 'beetroot-juice'] },
  { names: 'shrub, drinking vinegar, switchel', cultures: [], whats: ['vinegar'] },
  { names: 'whey soda, lacto soda, lacto lemonade', cultures: ['whey'], whats: ['whey'] },
  { names: 'lemonade, fermented lemonade', cultures: [], whats: ['lemon-juice', 'lemon'] },
  { names: 'wild soda, flower soda, elderflower champagne', cultures: ['wild'], whats: ['elderflower'] },
  { names: 'root beer, bark soda', cultures: [], whats: ['sarsaparilla', 'birch-bark'] },
];

const entries = table.map(({ names, ...meant }) => ({ names: names.split(', '), ...meant }));

/** Letters before a name is looked for: two might mean anything. */
const fewest = 3;

/**
 * What a name of a drink means, by its beginning.
 *
 * @returns ids of kinds and ingredients; both empty for a name that means neither
 * @example drinksNamed('Tepa') // { cultures: ['peel'], whats: ['pineapple-rind'] }
 */
export function drinksNamed(text: string): Omit<DrinkName, 'names'> {
  const wanted = plainName(text).replace(/'/g, ' ');
  const found =
    wanted.length < fewest
      ? []
      : entries.filter(({ names }) => names.some((name) => name.startsWith(wanted)));
  return {
    cultures: [...new Set(found.flatMap(({ cultures }) => cultures))],
    whats: [...new Set(found.flatMap(({ whats }) => whats))],
  };
}
