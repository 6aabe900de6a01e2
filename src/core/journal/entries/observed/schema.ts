import { z } from 'zod';
import { lotSigns, type SignKind } from '../../../lots/signs';
import { exampleStamp, exampleSubject, stamp, subject } from '../base';
import { t } from '../../../language/t';

/** A lot was looked at, listened to, smelt or squeezed. */
export const Observed = z.strictObject({
  ...stamp,
  kind: z.literal('observed'),
  lotId: subject,
  signs: z
    .strictObject({
      foam: z.enum(lotSigns.foam).optional(),
      bubbles: z.enum(lotSigns.bubbles).optional(),
      hiss: z.enum(lotSigns.hiss).optional(),
      squeeze: z.enum(lotSigns.squeeze).optional(),
      lid: z.enum(lotSigns.lid).optional(),
      film: z.enum(lotSigns.film).optional(),
      smell: z.enum(lotSigns.smell).optional(),
      colour: z.enum(lotSigns.colour).optional(),
      texture: z.enum(lotSigns.texture).optional(),
      clarity: z.enum(lotSigns.clarity).optional(),
      sediment: z.enum(lotSigns.sediment).optional(),
      grains: z.enum(lotSigns.grains).optional(),
    } satisfies Record<SignKind, z.ZodType>)
    .refine((signs) => Object.values(signs).some((value) => value !== undefined), t`Say what was seen.`),
});
export type Observed = z.infer<typeof Observed>;

export const example: Observed = {
  ...exampleStamp,
  kind: 'observed',
  lotId: exampleSubject,
  signs: { foam: 'good' },
};
