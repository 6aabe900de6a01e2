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

/** What the household keeps beside its jars: its recipes, who drinks, what things cost. */
export function keptThings(diary: Kitchen, ago: number): void {
  for (const recipe of [rhubarbSage, lessSweet])
    diary.ago(ago, {
      kind: 'kept',
      thing: 'recipe',
      key: `${recipe.id}@${recipe.version}`,
      value: { recipe: JSON.stringify(recipe) },
    });
  for (const [key, value] of Object.entries(people))
    diary.ago(ago, { kind: 'kept', thing: 'person', key, value });
  for (const [key, each] of Object.entries(prices))
    diary.ago(ago, { kind: 'kept', thing: 'price', key, value: { each } });
}
