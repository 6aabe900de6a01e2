import type { Household } from '@/core/journal/household';
import { lotOf } from '@/core/journal/household';
import { rootOf } from '@/core/forecast/question/family-members';
import type { PlaceId } from '@/core/kitchen/places';
import type { Ending, Lot, OpeningKind, MeasuredQuantity } from '@/core/lots/lot';
import type { Closure } from '@/core/vessels/vessel-kinds';
import type { SignKind, Signs } from '@/core/lots/signs';

export const placeWords: Readonly<Record<PlaceId, string>> = {
  counter: 'counter',
  cupboard: 'cupboard',
  'warm-shelf': 'warm shelf',
  'cooler-box': 'cooler box',
  fridge: 'fridge',
};

export const closureWords: Readonly<Record<Closure, string>> = {
  cloth: 'cloth',
  'loose-lid': 'loose lid',
  airlock: 'airlock',
  sealed: 'sealed',
};

export const endingWords: Readonly<Record<Ending, string>> = {
  drunk: 'Drunk',
  discarded: 'Discarded',
  given: 'Given away',
  dried: 'Dried',
  eaten: 'Eaten',
  lost: 'Lost',
  leaked: 'Leaked',
  burst: 'Burst',
};

export const openingWords: Readonly<Record<OpeningKind, string>> = {
  still: 'still',
  gentle: 'gentle hiss',
  lively: 'lively',
  gusher: 'gusher',
};

/** Signs and their words, as chips show them. */
export const signWords: Readonly<
  Record<SignKind, { readonly title: string; readonly words: Readonly<Record<string, string>> }>
> = {
  foam: {
    title: 'Foam',
    words: { none: 'Flat', some: 'Some foam', good: 'Good foam', riding: 'Solids riding' },
  },
  bubbles: { title: 'Bubbles', words: { none: 'None', few: 'A few', many: 'Many' } },
  hiss: { title: 'Hiss', words: { none: 'No hiss', faint: 'Faint', good: 'Good hiss', violent: 'Violent' } },
  squeeze: { title: 'Squeeze', words: { soft: 'Soft', gives: 'Gives', firm: 'Firm', rock: 'Rock hard' } },
  lid: { title: 'Lid, pressed', words: { flexes: 'Flexes', tight: 'Tight', domed: 'Domed' } },
  film: {
    title: 'Film on top',
    words: {
      none: 'None',
      'thin-white': 'Thin, white, smooth',
      pellicle: 'Thick skin',
      fuzzy: 'Fuzz or colour',
    },
  },
  smell: {
    title: 'Smell',
    words: {
      sweet: 'Sweet',
      yeasty: 'Yeasty',
      sour: 'Sour',
      vinegar: 'Vinegar',
      egg: 'Rotten egg',
      solvent: 'Solvent',
      foul: 'Foul',
    },
  },
  colour: { title: 'Colour', words: { usual: 'As usual', darker: 'Darker', odd: 'Green, black, pink' } },
  clarity: { title: 'Clarity', words: { clear: 'Clear', cloudy: 'Cloudy' } },
  texture: { title: 'Texture', words: { thin: 'Thin', ropy: 'Slimy, ropy' } },
  sediment: { title: 'Sediment', words: { none: 'None', some: 'Some', thick: 'Thick' } },
  grains: {
    title: 'Grains',
    words: { shrunk: 'Shrunk', mushy: 'Mushy', plump: 'Plump, translucent', growing: 'More of them' },
  },
};

export const quantityWords: Readonly<
  Record<MeasuredQuantity, { readonly title: string; readonly unit: string; readonly digits: number }>
> = {
  sg: { title: 'Specific gravity', unit: '', digits: 3 },
  brix: { title: 'Refractometer', unit: '°Brix', digits: 1 },
  ph: { title: 'pH', unit: '', digits: 1 },
  celsius: { title: 'Temperature', unit: '°C', digits: 1 },
  gaugeBar: { title: 'Gauge', unit: 'bar', digits: 1 },
  grams: { title: 'Grains', unit: 'g', digits: 0 },
  ml: { title: 'Level', unit: 'ml', digits: 0 },
};

/** Steps of a score of sweetness, from 1 to 5. */
export const sweetWords = ['Dry', 'A hint sweet', 'Balanced', 'Sweet', 'Syrupy'] as const;

/** A lot's name by itself; a bottle carries the name of its brew. */
export function lotName(lot: Lot, household: Household): string {
  if (lot.role !== 'bottle') return lot.name;
  const root = rootOf(lot, (id) => lotOf(household, id));
  const told = lot.variant ? `${lot.name}, ${lot.variant}` : lot.name;
  return root === lot ? `Bottle ${told}` : `${root.name}, bottle ${told}`;
}

/** The name of a lot by id, or words for one that is gone. */
export function nameOfLot(id: string | null, household: Household): string {
  const lot = id === null ? undefined : lotOf(household, id);
  return lot ? lotName(lot, household) : id === null ? 'away' : 'something no longer here';
}

/** A sign and its value in one breath: "good foam", "smell yeasty". */
export function signSaid(kind: SignKind, value: string): string {
  const { title, words } = signWords[kind];
  const word = (words[value] ?? value).toLowerCase();
  const name = title.toLowerCase().split(',')[0]!;
  return word.includes(name) ? word : `${name} ${word}`;
}

/** What a glance told, in a word. @example glanceWords({ foam: 'none' }) // 'Flat' */
export function glanceWords(signs: Signs): string {
  const [kind, value] = Object.entries(signs)[0] as [SignKind, string];
  if (kind === 'foam') return value === 'none' ? 'Flat' : 'Foams';
  return kind === 'film' && value === 'none' ? 'No skin' : signWords[kind].words[value]!;
}
