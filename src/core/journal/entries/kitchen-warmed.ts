import { z } from 'zod';
import { celsius, exampleStamp, stamp } from './base';

/** The kitchen's temperature was corrected. */
export const KitchenWarmed = z.strictObject({
  ...stamp,
  kind: z.literal('kitchen-warmed'),
  version: z.literal(1),
  celsius,
});
export type KitchenWarmed = z.infer<typeof KitchenWarmed>;

export const example: KitchenWarmed = { ...exampleStamp, kind: 'kitchen-warmed', version: 1, celsius: 22.5 };
