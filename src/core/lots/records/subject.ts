import { z } from 'zod';

/** Ids of lots: the id of the entry that began them, with a number for those begun by a transfer. */
export const subject = z.string().regex(/^[0-9a-z]{17}(-[0-9]{1,3})?$/);
export const exampleSubject = '0mi81234000000ab1';
