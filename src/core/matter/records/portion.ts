import { z } from 'zod';
import type { ReadOnly } from '../../read-only';
import { forms } from '../ingredient';
import { isIngredient } from '../ingredients/registry';
import { t } from '../../language/t';

/** Fruit that is hard and sour, or very soft and sweet. */
export const ripenesses = ['under', 'over'] as const;

export const grams = z.number().min(0).max(100_000);
export const millilitres = z.number().min(0).max(100_000);

/** An ingredient: an id of the table (one this version may not know yet), or an own one that is whole. */
const ingredientId = z
  .string()
  .max(80)
  .refine((text) => /^[a-z][a-z0-9-]{1,40}$/.test(text) || isIngredient(text), t`No such ingredient.`);

/** An amount of an ingredient, as it was measured: by mass, or by volume. */
export const PortionRecord = z
  .strictObject({
    what: ingredientId,
    grams: grams.optional(),
    ml: millilitres.optional(),
    form: z.enum(forms).optional(),
    /** What was typed, word for word. */
    typed: z.string().max(80).optional(),
    /** How ripe it is, when it is not just ripe. */
    ripe: z.enum(ripenesses).optional(),
    /** Sugar as its label or a refractometer says, g per 100 ml of what is poured, g per 100 g of the rest. */
    sugar: z.number().min(0).max(100).optional(),
    /** Whether its label names a preservative. */
    preserved: z.boolean().optional(),
  })
  .refine((p) => (p.grams === undefined) !== (p.ml === undefined), t`Either grams or millilitres.`);
export type Portion = ReadOnly<z.infer<typeof PortionRecord>>;

export const example: Portion = { what: 'ginger', grams: 12, form: 'grated' };
