import { z } from 'zod';
import { tasteKinds } from '../../../lots/lot';
import { exampleStamp, exampleSubject, score, stamp, subject } from '../base';
import { t } from '../../../language/t';

/** Something was tasted: each score from 1 (hardly) to 5 (very), by a person if it is said. */
export const Tasted = z
  .strictObject({
    ...stamp,
    kind: z.literal('tasted'),
    lotId: subject,
    sweet: score.optional(),
    sour: score.optional(),
    fizz: score.optional(),
    strength: score.optional(),
    spice: score.optional(),
    aroma: score.optional(),
    off: score.optional(),
    liking: score.optional(),
  })
  .refine((t) => tasteKinds.some((kind) => t[kind] !== undefined), t`Say at least one thing of the taste.`);
export type Tasted = z.infer<typeof Tasted>;

export const example: Tasted = { ...exampleStamp, kind: 'tasted', lotId: exampleSubject, sweet: 4, sour: 2 };
