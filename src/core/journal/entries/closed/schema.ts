import { z } from 'zod';
import { closure, exampleStamp, exampleSubject, lots, stamp } from '../base';

/** Lots were closed another way. */
export const Closed = z.strictObject({
  ...stamp,
  kind: z.literal('closed'),
  lots,
  closure,
});
export type Closed = z.infer<typeof Closed>;

export const example: Closed = {
  ...exampleStamp,
  kind: 'closed',
  lots: [exampleSubject],
  closure: 'airlock',
};
