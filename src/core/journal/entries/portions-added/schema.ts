import { z } from 'zod';
import { celsius, exampleStamp, exampleSubject, portions, stamp, subject } from '../base';
import { t } from '../../../language/t';

/** Something went into a lot: a feed, a top-up, sugar, lemon, minerals. */
export const PortionsAdded = z.strictObject({
  ...stamp,
  kind: z.literal('portions-added'),
  lotId: subject,
  portions: portions
    .min(1, t`Put something in.`)
    .refine(
      (list) => list.length === 0 || list.some(({ grams, ml }) => (grams ?? ml ?? 0) > 0),
      t`Write what goes in, with an amount.`,
    ),
  celsius: celsius.optional(),
  /** Whether later feeds are like this one, as the maker said; left out where nothing was said. */
  usual: z.boolean().optional(),
});
export type PortionsAdded = z.infer<typeof PortionsAdded>;

export const example: PortionsAdded = {
  ...exampleStamp,
  kind: 'portions-added',
  lotId: exampleSubject,
  portions: [
    { what: 'ginger', grams: 12, form: 'grated' },
    { what: 'white-sugar', grams: 12 },
  ],
};
