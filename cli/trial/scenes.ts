import { cultures, type CultureOfTruth } from '../calibration/truths.ts';
import { trialCultures } from './cultures.ts';

/** A drink that households of the trial make: its lots as acts of the journal without their stamps. */
export interface Scene {
  readonly name: string;
  readonly keeps: 'bug' | 'grains' | null;
  /** What ferments in its bottles. */
  readonly culture: CultureOfTruth;
  /** When it is bottled: at once, when its first ferment tastes right, whenever its grains are strained, or never: drunk from its jar. */
  readonly bottled: 'at-once' | 'tasted' | 'strained' | 'in-jar';
  /** A first ferment is liked from this sip on, 1 dry to 5 syrupy. */
  readonly likedAt: number;
  /** Sugar of what is mixed, g/L, and what goes into each bottle, g/L. */
  readonly sugar: number;
  readonly dose: number;
  /** Glass beside the soft pilot; bottles of glass alone where there is none. */
  readonly glass: number;
  readonly hasPilot: boolean;
  /** A new jar. @param celsius as its maker reads the room */
  readonly begun: (celsius: number) => readonly object[];
  /** What is mixed for a batch; the brew is the last of them. */
  readonly mixed: (number: number, celsius: number) => readonly object[];
}

const room = (celsius: number) => ({ kind: 'temperature-set', place: 'counter', celsius });

/** Of a batch: water, what is drawn of a bug, what a bottle takes, and what grains stand in, litres. */
export const litres = { water: 2.95, draw: 0.26, bottle: 0.47, grains: 1 } as const;

const jarOf = (name: string, ml: number, closure: string, culture: string, portions: readonly object[]) => ({
  kind: 'lot-begun',
  role: 'starter',
  name,
  vessel: { kind: 'jar', ml },
  closure,
  place: 'counter',
  culture,
  portions,
});

const brewOf = (
  number: number,
  base: string,
  closure: string,
  culture: string | null,
  portions: readonly object[],
) => ({
  kind: 'lot-begun',
  role: 'brew',
  name: `Batch ${number}`,
  vessel: { kind: 'jar', ml: 4000 },
  closure,
  place: 'counter',
  culture,
  recipe: { base, wantedVolumes: 2.5 },
  portions,
});

const water = { what: 'water', ml: 1000 * litres.water };

export const bug: Scene = {
  name: 'ginger bug',
  keeps: 'bug',
  culture: cultures.bug,
  bottled: 'at-once',
  likedAt: 5,
  sugar: 81,
  dose: 0,
  glass: 6,
  hasPilot: true,
  begun: (celsius) => [
    room(celsius),
    jarOf('Jar', 1000, 'cloth', 'ginger-bug', [
      { what: 'water', ml: 700 },
      { what: 'ginger', grams: 35 },
      { what: 'white-sugar', grams: 35 },
    ]),
  ],
  mixed: (number, celsius) => [
    room(celsius),
    brewOf(number, 'ginger-tea', 'airlock', null, [water, { what: 'white-sugar', grams: 260 }]),
  ],
};

const kefir: Scene = {
  name: 'kefir, second ferment',
  keeps: 'grains',
  culture: trialCultures.kefirLiquid,
  bottled: 'strained',
  likedAt: 5,
  sugar: 60,
  dose: 14,
  glass: 1,
  hasPilot: true,
  begun: (celsius) => [
    room(celsius),
    jarOf('Grains', 1500, 'cloth', 'water-kefir-grains', [
      { what: 'kefir-grains', grams: 55 },
      { what: 'water', ml: 1000 * litres.grains },
      { what: 'cane-sugar', grams: 62 },
    ]),
  ],
  mixed: () => [],
};

const yeast: Scene = {
  name: 'packaged yeast in glass',
  keeps: null,
  culture: trialCultures.yeast,
  bottled: 'at-once',
  likedAt: 5,
  sugar: 88,
  dose: 0,
  glass: 6,
  hasPilot: false,
  begun: (celsius) => [room(celsius)],
  mixed: (number, celsius) => [
    room(celsius),
    brewOf(number, 'syrup', 'airlock', null, [
      water,
      { what: 'white-sugar', grams: 275 },
      { what: 'wine-yeast', grams: 1.2 },
    ]),
  ],
};

const peel: Scene = {
  name: 'peel, then purée',
  keeps: null,
  culture: trialCultures.peel,
  bottled: 'tasted',
  likedAt: 4,
  sugar: 78,
  dose: 8,
  glass: 5,
  hasPilot: true,
  begun: (celsius) => [room(celsius)],
  mixed: (number, celsius) => [
    room(celsius),
    brewOf(number, 'fruit', 'cloth', 'peel', [
      water,
      { what: 'white-sugar', grams: 225 },
      { what: 'pineapple-rind', grams: 400 },
    ]),
  ],
};

const whey: Scene = {
  name: 'whey in a closed jar',
  keeps: null,
  culture: trialCultures.whey,
  bottled: 'in-jar',
  likedAt: 2,
  sugar: 46,
  dose: 0,
  glass: 0,
  hasPilot: false,
  begun: (celsius) => [room(celsius)],
  mixed: (number, celsius) => [
    room(celsius),
    brewOf(number, 'mineral-sugar', 'sealed', null, [
      water,
      { what: 'white-sugar', grams: 145 },
      { what: 'lime-juice', ml: 130 },
      { what: 'sea-salt', grams: 4 },
      { what: 'whey', ml: 80 },
    ]),
  ],
};

/** What a household makes, a batch of each in turn. */
export interface Making {
  readonly name: string;
  readonly scenes: readonly Scene[];
}

const alone = (scene: Scene): Making => ({ name: scene.name, scenes: [scene] });

export const makings: readonly Making[] = [
  ...[bug, kefir, yeast, peel, whey].map(alone),
  {
    name: 'mixed: bug, kefir and packaged yeast',
    scenes: [bug, kefir, { ...yeast, glass: 5, hasPilot: true }],
  },
];
