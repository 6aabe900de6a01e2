import type { Household } from '@/core/journal/household';
import { lotOf } from '@/core/journal/household';
import { rootOf } from '@/core/forecast/question/family-members';
import type { PlaceId } from '@/core/kitchen/places';
import type { Ending, Lot, OpeningKind, MeasuredQuantity } from '@/core/lots/lot';
import type { Closure } from '@/core/vessels/vessel-kinds';
import type { SignKind, Signs } from '@/core/lots/signs';
import { t } from '@/core/language/t';

export const placeWords: Readonly<Record<PlaceId, string>> = {
  counter: t`counter`,
  cupboard: t`cupboard`,
  'warm-shelf': t`warm shelf`,
  'cooler-box': t`cooler box`,
  fridge: t`fridge`,
};

export const closureWords: Readonly<Record<Closure, string>> = {
  cloth: t`cloth`,
  'loose-lid': t`loose lid`,
  airlock: t`airlock`,
  sealed: t`sealed`,
};

export const endingWords: Readonly<Record<Ending, string>> = {
  drunk: t`Drunk`,
  discarded: t`Discarded`,
  given: t`Given away`,
  dried: t`Dried`,
  eaten: t`Eaten`,
  lost: t`Lost`,
  leaked: t`Leaked`,
  burst: t`Burst`,
};

export const openingWords: Readonly<Record<OpeningKind, string>> = {
  still: t`still`,
  gentle: t`gentle hiss`,
  lively: t`lively`,
  gusher: t`gusher`,
};

/** Signs and their words, as chips show them. */
export const signWords: Readonly<
  Record<SignKind, { readonly title: string; readonly words: Readonly<Record<string, string>> }>
> = {
  foam: {
    title: t`Foam`,
    words: { none: t`Flat`, some: t`Some foam`, good: t`Good foam`, riding: t`Solids riding` },
  },
  bubbles: { title: t`Bubbles`, words: { none: t`None`, few: t`A few`, many: t`Many` } },
  hiss: {
    title: t`Hiss`,
    words: { none: t`No hiss`, faint: t`Faint`, good: t`Good hiss`, violent: t`Violent` },
  },
  squeeze: {
    title: t`Squeeze`,
    words: { soft: t`Soft`, gives: t`Gives`, firm: t`Firm`, rock: t`Rock hard` },
  },
  lid: { title: t`Lid, pressed`, words: { flexes: t`Flexes`, tight: t`Tight`, domed: t`Domed` } },
  film: {
    title: t`Film on top`,
    words: {
      none: t`None`,
      'thin-white': t`Thin, white, smooth`,
      pellicle: t`Thick skin`,
      fuzzy: t`Fuzz or colour`,
    },
  },
  smell: {
    title: t`Smell`,
    words: {
      sweet: t`Sweet`,
      yeasty: t`Yeasty`,
      sour: t`Sour`,
      vinegar: t`Vinegar`,
      egg: t`Rotten egg`,
      solvent: t`Solvent`,
      foul: t`Foul`,
    },
  },
  colour: { title: t`Colour`, words: { usual: t`As usual`, darker: t`Darker`, odd: t`Green, black, pink` } },
  clarity: { title: t`Clarity`, words: { clear: t`Clear`, cloudy: t`Cloudy` } },
  texture: { title: t`Texture`, words: { thin: t`Thin`, ropy: t`Slimy, ropy` } },
  sediment: { title: t`Sediment`, words: { none: t`None`, some: t`Some`, thick: t`Thick` } },
  grains: {
    title: t`Grains`,
    words: { shrunk: t`Shrunk`, mushy: t`Mushy`, plump: t`Plump, translucent`, growing: t`More of them` },
  },
};

export const quantityWords: Readonly<
  Record<MeasuredQuantity, { readonly title: string; readonly unit: string; readonly digits: number }>
> = {
  sg: { title: t`Specific gravity`, unit: '', digits: 3 },
  brix: { title: t`Refractometer`, unit: '°Brix', digits: 1 },
  ph: { title: 'pH', unit: '', digits: 1 },
  celsius: { title: t`Temperature`, unit: '°C', digits: 1 },
  gaugeBar: { title: t`Gauge`, unit: 'bar', digits: 1 },
  grams: { title: t`Grains`, unit: 'g', digits: 0 },
  ml: { title: t`Level`, unit: 'ml', digits: 0 },
};

/** Steps of a score of sweetness, from 1 to 5. */
export const sweetWords = [t`Dry`, t`A hint sweet`, t`Balanced`, t`Sweet`, t`Syrupy`] as const;
/** The seasons of the year. */
export const seasonWords = {
  spring: t`spring`,
  summer: t`summer`,
  autumn: t`autumn`,
  winter: t`winter`,
} as const;
/** Fizz as it is sipped, from 1 to 5: the words that forecasts use. */
export const fizzSteps = [t`Flat`, t`Faint`, t`Gentle`, t`Lively`, t`Sharp`] as const;

/** A lot's name by itself; a bottle carries the name of its brew. */
export function lotName(lot: Lot, household: Household): string {
  if (lot.role !== 'bottle') return lot.name;
  const root = rootOf(lot, (id) => lotOf(household, id));
  const told = lot.variant ? `${lot.name}, ${lot.variant}` : lot.name;
  return root === lot ? t`Bottle ${told}` : t`${root.name}, bottle ${told}`;
}

/** The name of a lot by id, or words for one that is gone. */
export function nameOfLot(id: string | null, household: Household): string {
  const lot = id === null ? undefined : lotOf(household, id);
  return lot ? lotName(lot, household) : id === null ? t`away` : t`something no longer here`;
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
  if (kind === 'foam') return value === 'none' ? t`Flat` : t`Foams`;
  return kind === 'film' && value === 'none' ? t`No skin` : signWords[kind].words[value]!;
}
