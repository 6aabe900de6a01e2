import { z } from 'zod';
import { VesselRecord } from '../../../vessels/records/vessel';
import { exampleStamp, exampleSubject, lots, place, stamp } from '../base';

/** Lots were carried to another place (chilled, rested, woken), or moved whole into another vessel. */
export const Moved = z.strictObject({
  ...stamp,
  kind: z.literal('moved'),
  lots,
  place,
  vessel: VesselRecord.optional(),
});
export type Moved = z.infer<typeof Moved>;

export const example: Moved = { ...exampleStamp, kind: 'moved', lots: [exampleSubject], place: 'fridge' };
