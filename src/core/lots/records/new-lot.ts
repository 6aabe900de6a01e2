import { z } from 'zod';
import { cultureIds } from '../../cultures/culture-ids';
import { placeIds } from '../../kitchen/places';
import type { ReadOnly } from '../../read-only';
import { VesselRecord } from '../../vessels/records/vessel';
import { closures } from '../../vessels/vessel-kinds';
import { name } from './name';
import { RecipeSnapshotRecord } from './recipe-snapshot';

/** What is tied to a bottle's neck to tell it from its siblings: shapes, so that nobody needs their colour. */
export const marks = ['ring', 'two-rings', 'knot', 'tag', 'clip'] as const;
export type Mark = (typeof marks)[number];

/** A lot as it is begun. */
export const NewLotRecord = z.strictObject({
  role: z.enum(['starter', 'brew', 'bottle']),
  name,
  vessel: VesselRecord,
  closure: z.enum(closures),
  place: z.enum(placeIds),
  culture: z.enum(cultureIds).nullable().optional(),
  recipe: RecipeSnapshotRecord.nullable().optional(),
  /** How bottles of one batch are told apart: a mark tied on, and what is other about it. */
  mark: z.enum(marks).optional(),
  variant: z.string().trim().min(1).max(60).optional(),
  /** Days it is meant to be chilled after its window's best moment; before it when below 0. */
  chillDays: z.number().min(-3).max(3).optional(),
});
export type NewLot = ReadOnly<z.infer<typeof NewLotRecord>>;

export const example: NewLot = {
  role: 'bottle',
  name: 'Quince and bay',
  vessel: { kind: 'swing-top', ml: 500 },
  closure: 'sealed',
  place: 'counter',
  mark: 'ring',
};
