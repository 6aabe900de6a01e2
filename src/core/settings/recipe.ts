import { z } from 'zod';
import { knownCultures } from '../cultures/registry';
import { example as method, MethodRecord } from '../lots/records/method';
import { canBeSeen } from '../lots/records/name';
import { when } from '../lots/records/recipe-snapshot';
import { baseKinds } from '../matter/base-kinds';
import { forms } from '../matter/ingredient';
import { isIngredient } from '../matter/ingredients/registry';
import { ripenesses } from '../matter/records/portion';
import type { ReadOnly } from '../read-only';
import { t } from '../language/t';

const from = z.strictObject({
  id: z.string().regex(/^[a-z0-9][a-z0-9-]{0,59}$/),
  version: z.number().int().min(1).max(999),
});

const ingredient = z.string().refine(isIngredient, t`An ingredient that is not in the table.`);

/** A line of a recipe: an amount for a litre in the jar, and when it goes in. */
const LineRecord = z.strictObject({
  what: ingredient,
  /** Grams for a litre in the jar; millilitres of what is poured. */
  perLitre: z.number().min(0).max(2000),
  when,
  form: z.enum(forms).optional(),
  ripe: z.enum(ripenesses).optional(),
  sugar: z.number().min(0).max(100).optional(),
});

/** How bottles are filled: what is dosed for a litre, how far under the rim, days warm until they are chilled. */
const BottlingRecord = z.strictObject({
  dose: z
    .strictObject({ what: ingredient, perLitre: z.number().min(0).max(600), unit: z.enum(['grams', 'ml']) })
    .nullable(),
  headspaceCm: z.number().min(0.5).max(20),
  /** Null while nobody knows. */
  warmDays: z.number().min(0).max(60).nullable(),
});

/** A recipe as it is kept and as it travels in a file: ratios for a litre in the jar, what brings it to life, how its day goes. */
export const RecipeRecord = z.strictObject({
  ...from.shape,
  name: z
    .string()
    .trim()
    .min(1)
    .max(80)
    .refine(canBeSeen, t`Give it a name that can be seen.`),
  /** What it is, in a sentence. */
  about: z.string().max(300),
  base: z.enum(baseKinds),
  /** Kind of culture, and its dose: ml or g a litre, as the kind is measured. */
  culture: z
    .string()
    .refine((id) => knownCultures(id) !== null, t`A kind of starter that Yuzet does not know.`),
  dosePerLitre: z.number().min(0).max(1000),
  lines: z.array(LineRecord).max(40),
  method: MethodRecord,
  wantedVolumes: z.number().min(0.5).max(5),
  /** 1–5, null while nobody said. */
  rating: z.number().int().min(1).max(5).nullable(),
  note: z.string().max(600),
  /** The recipe it was copied from. */
  from: from.nullable(),
  /** How its bottles are filled, once somebody found out. */
  bottling: BottlingRecord.optional(),
});
export type Recipe = ReadOnly<z.infer<typeof RecipeRecord>>;
export type RecipeLine = Recipe['lines'][number];
export type BottlingWay = NonNullable<Recipe['bottling']>;

export const example: Recipe = {
  id: 'quince-bay',
  version: 1,
  name: 'Quince and bay',
  about: 'Sharp and resinous.',
  base: 'fruit',
  culture: 'wild',
  dosePerLitre: 85,
  lines: [{ what: 'white-sugar', perLitre: 72, when: 'pot' }],
  method,
  wantedVolumes: 2.4,
  rating: null,
  note: '',
  from: null,
};
