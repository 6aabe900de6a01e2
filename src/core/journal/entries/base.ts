import { z } from 'zod';
import { PortionRecord } from '../../matter/records/portion';
import { subject } from '../../lots/records/subject';
import { endings, openings } from '../../lots/lot';
import { closures } from '../../vessels/vessel-kinds';
import { placeIds } from '../../kitchen/places';
import { clockOf, idShape } from '../instant-id';
import { earliest, latest, latestId } from '../../time-range';
import { t } from '../../language/t';

/** Ids near the last instant are refused: every later one has to sort behind them. */
export const id = z
  .string()
  .regex(idShape)
  .refine((text) => clockOf(text).ms <= latestId, t`An id from the year 2099 or later.`);
export { exampleSubject, subject } from '../../lots/records/subject';
export const note = z.string().max(2000);

/** What every entry carries: an id that sorts by writing, the instant it speaks of, the local offset then; who and with what. */
export const stamp = {
  id,
  at: z.number().int().min(earliest).max(latest),
  /** Minutes east of UTC. */
  offset: z.number().int().min(-840).max(840),
  version: z.literal(2),
  by: z.string().min(1).max(80).optional(),
  with: z.string().min(1).max(80).optional(),
  note: note.optional(),
  /** Id of the first entry of the act it was written in, where that act wrote several. */
  group: id.optional(),
};

export const celsius = z.number().min(-5).max(100);
export { roomCelsius } from '../../settings/scalars';
export { grams, millilitres } from '../../matter/records/portion';
export const lots = z.array(subject).min(1).max(200);

export const portions = z.array(PortionRecord).max(40);

export const closure = z.enum(closures);
export const place = z.enum(placeIds);
export const opening = z.enum(openings);
export const ending = z.enum(endings);
export const score = z.number().int().min(1).max(5);

export const exampleStamp = {
  id: '0mi81234500000ab1',
  at: 1_800_000_000_000,
  offset: 60,
  version: 2,
} as const;
