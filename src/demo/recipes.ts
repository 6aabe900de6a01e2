import type { Recipe } from '../core/recipes/recipe';
import type { Kitchen } from './acts';

/** The household's own recipe in its first version; in the second it is less sweet, and the sage goes in colder. */
const rhubarbSage: Recipe = {
  id: 'rhubarb-sage',
  version: 1,
  name: 'Rhubarb and sage',
  about: 'Sour stalks, a little sage: the mill’s spring soda.',
  base: 'ginger-tea',
  culture: 'ginger-bug',
  dosePerLitre: 65,
  lines: [
    { what: 'rhubarb', perLitre: 70, when: 'pot', form: 'sliced' },
    { what: 'white-sugar', perLitre: 84, when: 'pot' },
    { what: 'sage', perLitre: 1.6, when: 'pot' },
  ],
  method: {
    water: 'boiled',
    clean: 'no-rinse',
    heat: 'simmer',
    minutes: 8,
    steepHours: 1,
    cool: 'lidded',
    strain: 'coarse',
    strained: 'after',
    closure: 'airlock',
    days: [2, 4],
    infusion: null,
  },
  wantedVolumes: 2.2,
  rating: 3,
  note: 'A little too sweet for Bo; the sage a touch bitter.',
  from: null,
};
const lessSweet: Recipe = {
  ...rhubarbSage,
  version: 2,
  rating: null,
  note: '',
  lines: [
    rhubarbSage.lines[0]!,
    { what: 'white-sugar', perLitre: 75, when: 'pot' },
    { what: 'sage', perLitre: 1.6, when: 'last' },
  ],
};

export const springSoda = { id: lessSweet.id, version: lessSweet.version } as const;

/** Prices of the village shop, for a kilogram or a litre. */
const prices = {
  'white-sugar': 1.3,
  'cane-sugar': 2.4,
  honey: 13,
  ginger: 6.5,
  'lemon-juice': 4.2,
  plum: 2.8,
};
const people = { ida: { name: 'Ida', stopsAt: 50 }, bo: { name: 'Bo', stopsAt: 30 } };

const inTheHouse = [
  'white-sugar',
  'brown-sugar',
  'ginger',
  'lemon-juice',
  'sea-salt',
  'bay',
  'rhubarb',
  'sage',
];

/** What the household keeps beside its jars: its recipes, who drinks, what things cost. */
export function keptThings(diary: Kitchen, ago: number): void {
  for (const recipe of [rhubarbSage, lessSweet])
    diary.ago(ago, {
      kind: 'kept',
      thing: 'recipe',
      key: `${recipe.id}@${recipe.version}`,
      value: recipe,
    });
  for (const [key, value] of Object.entries(people))
    diary.ago(ago, { kind: 'kept', thing: 'person', key, value });
  for (const [key, each] of Object.entries(prices))
    diary.ago(ago, { kind: 'kept', thing: 'price', key, value: { each } });
  for (const key of inTheHouse) diary.ago(ago, { kind: 'kept', thing: 'pantry', key, value: {} });
}

const yearHours = 365 * 24;

/** Bottles in the mill's cupboard, two makes of glass that have seen use and some soft ones. */
export function cupboard(diary: Kitchen, ago: number, since: (hoursAgo: number) => number): void {
  const makes = {
    'swing-500': { kind: 'swing-top', ml: 500, count: 10, since: since(4 * yearHours), knocks: 0 },
    'swing-750': { kind: 'swing-top', ml: 750, count: 3, since: since(9 * yearHours), knocks: 1 },
    'crown-330': { kind: 'crown-cap', ml: 330, count: 12, since: null, knocks: 0 },
    'soft-500': { kind: 'plastic-soda', ml: 500, count: 3, since: since(0.6 * yearHours), knocks: 0 },
    'preserving-1000': { kind: 'preserving-jar', ml: 1000, count: 4, since: null, knocks: 0 },
  } as const;
  for (const [key, make] of Object.entries(makes))
    diary.ago(ago, { kind: 'kept', thing: 'stock', key, value: { ...make, markedBar: null } });
}
