import { z } from 'zod';
import { baseKinds } from '../../matter/base-kinds';
import { grams, millilitres, PortionRecord } from '../../matter/records/portion';
import type { ReadOnly } from '../../read-only';
import { example as method, MethodRecord, whens } from './method';
import { exampleSubject, subject } from './subject';

export const when = z.enum(whens);

/** How a brew was meant: its base, the fizz wanted, and the starter it was planned with. */
export const RecipeSnapshotRecord = z.strictObject({
  /** Kind of base: sets nutrients and minerals of the forecast. */
  base: z.enum(baseKinds),
  /** Fizz wanted in the bottle, volumes. */
  wantedVolumes: z.number().min(0).max(6),
  /** The starter to pitch and its amount, while it is not pitched. */
  planned: z
    .strictObject({ lotId: subject.nullable(), ml: millilitres.optional(), grams: grams.optional() })
    .optional(),
  /** The recipe it was made from, and its version. */
  from: z
    .strictObject({ id: z.string().min(1).max(60), version: z.number().int().min(1).max(999) })
    .optional(),
  method: MethodRecord.optional(),
  /** What is still to go in: sour and salt once it is cool, what steeps in it after the first ferment. */
  later: z
    .array(z.strictObject({ when, portion: PortionRecord }))
    .max(40)
    .optional(),
  /** Water as it was measured, ml: what boils away included; and how much of it is held back cold. */
  waterMl: millilitres.optional(),
  heldMl: millilitres.optional(),
});
export type RecipeSnapshot = ReadOnly<z.infer<typeof RecipeSnapshotRecord>>;

export const example: RecipeSnapshot = {
  base: 'fruit',
  wantedVolumes: 2.4,
  planned: { lotId: exampleSubject, ml: 160 },
  method,
  waterMl: 1800,
};
