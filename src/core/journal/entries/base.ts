import { z } from 'zod';
import { idShape } from '../instant-id';

/** Earliest and latest instants an entry may carry: 2000 to 2100. */
const earliest = 946_684_800_000;
const latest = 4_102_444_800_000;

/** What every entry carries: an id that sorts by writing, the instant it speaks of, and the local offset then. */
export const stamp = {
  id: z.string().regex(idShape),
  at: z.number().int().min(earliest).max(latest),
  /** Minutes east of UTC. */
  offset: z.number().int().min(-840).max(840),
};

/** Ids of starters, batches and bottles: the id of the entry that began them, with a suffix for bottles. */
export const subject = z.string().regex(/^[0-9a-z]{17}(-[0-9]{1,3})?$/);

export const name = z.string().trim().min(1).max(40);
export const celsius = z.number().min(-5).max(60);
export const grams = z.number().min(0).max(100_000);
export const millilitres = z.number().min(0).max(100_000);

export const exampleStamp = { id: '0mi81234500000ab1', at: 1_800_000_000_000, offset: 60 } as const;
export const exampleSubject = '0mi81234000000ab1';
