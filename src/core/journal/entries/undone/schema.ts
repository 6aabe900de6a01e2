import { z } from 'zod';
import { exampleStamp, exampleSubject, id, stamp } from '../base';

/** An entry was taken back; taking this one back restores it. */
export const Undone = z.strictObject({
  ...stamp,
  kind: z.literal('undone'),
  targetId: id,
});
export type Undone = z.infer<typeof Undone>;

export const example: Undone = { ...exampleStamp, kind: 'undone', targetId: exampleSubject };
