import { z } from 'zod';
import { entriesOf, type Holds } from './holds';
import { instant } from './scalars';

/** What goes on being wished: so much every few days, or always so much in the cold. Since when, ms. */
const Standing = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('every'), days: z.number().int().min(1).max(60), since: instant }),
  /** `weeklyMl` is how much of it is drunk in a week. */
  z.strictObject({ kind: z.literal('stock'), weeklyMl: z.number().min(50).max(100_000), since: instant }),
]);

/** What it must and must not be. */
const Terms = z.strictObject({
  /** Alcohol that it must not pass, % by volume; as the household's when left out. */
  ceiling: z.number().positive().max(20).optional(),
  noHoney: z.literal(true).optional(),
  /** Nothing is fed or built up for it first. */
  noFeeding: z.literal(true).optional(),
  /** Key of the person it is for: bottled as sweet as they like it. */
  person: z.string().max(120).optional(),
});

/** Something to be drunk cold by a time, and the plan that was taken for it; by a key of its own. */
export const WishRecord = z.strictObject({
  /** Key of the recipe; empty for whatever works. */
  recipe: z.string().max(120),
  /** How much, ml. */
  ml: z.number().min(100).max(100_000),
  by: instant,
  standing: Standing.optional(),
  terms: Terms.optional(),
  /** The brew day that was taken, the recipe, the chance it then had, and since when it stands; null while none is. */
  taken: z
    .strictObject({
      recipe: z.string().max(120),
      pitchAt: instant,
      chance: z.number().min(0).max(1),
      since: instant,
      /** Hours that were held, for bottling and for the fridge. */
      bottleAt: instant.optional(),
      chillAt: instant.optional(),
    })
    .nullable(),
});
export type WishSetting = Readonly<z.infer<typeof WishRecord>>;
export type WishTerms = Readonly<z.infer<typeof Terms>>;
export type Wish = WishSetting & { readonly key: string };

export const example: WishSetting = {
  recipe: 'plum-fig-leaf@1',
  ml: 3000,
  by: 1_800_500_000_000,
  standing: { kind: 'every', days: 7, since: 1_799_000_000_000 },
  terms: { ceiling: 1, noHoney: true, person: 'ida' },
  taken: {
    recipe: 'plum-fig-leaf@1',
    pitchAt: 1_800_000_000_000,
    chance: 0.84,
    since: 1_799_900_000_000,
    bottleAt: 1_800_200_000_000,
  },
};

/** Wishes in order of their time. */
export const wishesOf = (household: Holds<'wish', WishSetting>): Wish[] =>
  entriesOf(household, 'wish')
    .map(([key, wish]) => ({ key, ...wish }))
    .sort((a, b) => a.by - b.by || (a.key < b.key ? -1 : 1));
