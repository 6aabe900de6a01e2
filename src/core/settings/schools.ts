import { z } from 'zod';

/** How a jar is kept: the way chosen in each school, by the jar's id. They stand in the lot itself (`Lot.schools`). */
export const SchoolsRecord = z.record(z.string().max(80), z.string().max(80));

export const example: z.infer<typeof SchoolsRecord> = { feeds: 'water' };
