import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp, subject } from '../base';
import { t } from '../../../language/t';

/** Ranges in which a household instrument can read. */
export const measurable = {
  sg: [0.98, 1.2],
  brix: [0, 45],
  ph: [1.5, 9],
  celsius: [-5, 100],
  gaugeBar: [-0.5, 12],
  grams: [0, 100_000],
  ml: [0, 100_000],
} as const;
const quantities = Object.keys(measurable) as [keyof typeof measurable, ...(keyof typeof measurable)[]];

/** Something was measured on a lot, with its own error if that is known. */
export const Measured = z
  .strictObject({
    ...stamp,
    kind: z.literal('measured'),
    lotId: subject,
    quantity: z.enum(quantities),
    value: z.number(),
    error: z.number().min(0).max(1000).optional(),
  })
  .superRefine(({ quantity, value }, context) => {
    const [low, high] = measurable[quantity];
    if (value < low || value > high)
      context.addIssue({ code: 'custom', path: ['value'], message: t`Between ${low} and ${high}.` });
  });
export type Measured = z.infer<typeof Measured>;

export const example: Measured = {
  ...exampleStamp,
  kind: 'measured',
  lotId: exampleSubject,
  quantity: 'sg',
  value: 1.034,
};
