import { z } from 'zod';
import type { ReadOnly } from '../../read-only';
import { vesselIds } from '../vessel-kinds';

/** A vessel of a kitchen: its kind and what it holds to the brim. */
export const VesselRecord = z.strictObject({
  kind: z.enum(vesselIds),
  ml: z.number().min(20).max(200_000),
  /** The make of the household's stock that it is one of. */
  stock: z.string().min(1).max(80).optional(),
});
export type Vessel = ReadOnly<z.infer<typeof VesselRecord>>;

export const example: Vessel = { kind: 'swing-top', ml: 500 };
