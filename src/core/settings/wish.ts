import { z } from 'zod';
import { entriesOf, type Holds } from './holds';
import { instant } from './scalars';

/** Something to be drunk cold by a time, and the plan that was taken for it; by a key of its own. */
export const WishRecord = z.strictObject({
  /** Key of the recipe; empty for whatever works. */
  recipe: z.string().max(120),
  /** How much, ml. */
  ml: z.number().min(100).max(100_000),
  by: instant,
  /** The brew day that was taken, the recipe, the chance it then had, and since when it stands; null while none is. */
  taken: z
    .strictObject({
      recipe: z.string().max(120),
      pitchAt: instant,
      chance: z.number().min(0).max(1),
      since: instant,
    })
    .nullable(),
});
export type WishSetting = Readonly<z.infer<typeof WishRecord>>;
export type Wish = WishSetting & { readonly key: string };

export const example: WishSetting = {
  recipe: 'plum-fig-leaf@1',
  ml: 3000,
  by: 1_800_500_000_000,
  taken: {
    recipe: 'plum-fig-leaf@1',
    pitchAt: 1_800_000_000_000,
    chance: 0.84,
    since: 1_799_900_000_000,
  },
};

/** Wishes in order of their time. */
export const wishesOf = (household: Holds<'wish', WishSetting>): Wish[] =>
  entriesOf(household, 'wish')
    .map(([key, wish]) => ({ key, ...wish }))
    .sort((a, b) => a.by - b.by || (a.key < b.key ? -1 : 1));
