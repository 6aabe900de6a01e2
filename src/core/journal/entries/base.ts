import { z } from 'zod';
import { endings, marks, openings } from '../../lots/lot';
import { forms } from '../../matter/ingredient';
import { isIngredient } from '../../matter/ingredients/registry';
import { ripenesses } from '../../matter/portion';
import { methodShape, when } from './recipe-shape';
import { closures, vesselIds } from '../../vessels/vessel-kinds';
import { placeIds } from '../../kitchen/places';
import { baseKinds } from '../../matter/base-kinds';
import { cultureIds } from '../vocabulary';
import { clockOf, idShape } from '../instant-id';
import { earliest, latest, latestId } from '../../time-range';

/** Letters a name may hold: no control or invisible characters alone, nor letters that are drawn as nothing. */
const visible = /[\p{L}\p{N}\p{P}\p{S}]/u;
const drawnAsNothing = /[\u115F\u1160\u17B4\u17B5\u2800\u3164\uFFA0]/gu;
export const canBeSeen = (text: string): boolean => visible.test(text.replace(drawnAsNothing, ''));

const name = z
  .string()
  .trim()
  .min(1, 'Give it a name.')
  .max(80, 'At most 80 letters.')
  .refine(canBeSeen, 'Give it a name that can be seen.');
/** Ids near the last instant are refused: every later one has to sort behind them. */
export const id = z
  .string()
  .regex(idShape)
  .refine((text) => clockOf(text).ms <= latestId, 'An id from the year 2099 or later.');
/** Ids of lots: the id of the entry that began them, with a number for those begun by a transfer. */
export const subject = z.string().regex(/^[0-9a-z]{17}(-[0-9]{1,3})?$/);
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
};

export const celsius = z.number().min(-5).max(100);
/** Air of a place that people live with. */
export const roomCelsius = z.number().min(-5).max(45);
export const grams = z.number().min(0).max(100_000);
export const millilitres = z.number().min(0).max(100_000);
export const lots = z.array(subject).min(1).max(200);

/** An ingredient: an id of the table (one this version may not know yet), or an own one that is whole. */
const ingredientId = z
  .string()
  .max(80)
  .refine((text) => /^[a-z][a-z0-9-]{1,40}$/.test(text) || isIngredient(text), 'No such ingredient.');
export const Portion = z
  .strictObject({
    what: ingredientId,
    grams: grams.optional(),
    ml: millilitres.optional(),
    form: z.enum(forms).optional(),
    typed: z.string().max(80).optional(),
    ripe: z.enum(ripenesses).optional(),
    sugar: z.number().min(0).max(100).optional(),
    preserved: z.boolean().optional(),
  })
  .refine((p) => (p.grams === undefined) !== (p.ml === undefined), 'Either grams or millilitres.');
export const portions = z.array(Portion).max(40);

export const Vessel = z.strictObject({
  kind: z.enum(vesselIds),
  ml: z.number().min(20).max(200_000),
  /** The make of the household's stock that it is one of. */
  stock: z.string().min(1).max(80).optional(),
});
export const closure = z.enum(closures);
export const place = z.enum(placeIds);
export const opening = z.enum(openings);
export const ending = z.enum(endings);
export const score = z.number().int().min(1).max(5);

const Recipe = z.strictObject({
  base: z.enum(baseKinds),
  wantedVolumes: z.number().min(0).max(6),
  planned: z
    .strictObject({ lotId: subject.nullable(), ml: millilitres.optional(), grams: grams.optional() })
    .optional(),
  /** The recipe it was made from, and its version. */
  from: z
    .strictObject({ id: z.string().min(1).max(60), version: z.number().int().min(1).max(999) })
    .optional(),
  method: methodShape.optional(),
  /** What is still to go in, and when. */
  later: z
    .array(z.strictObject({ when, portion: Portion }))
    .max(40)
    .optional(),
  /** Water as it was measured, ml: what boils away included; and how much of it is held back cold. */
  waterMl: millilitres.optional(),
  heldMl: millilitres.optional(),
});

/** A lot as it is begun. */
export const NewLot = z.strictObject({
  role: z.enum(['starter', 'brew', 'bottle']),
  name,
  vessel: Vessel,
  closure,
  place,
  culture: z.enum(cultureIds).nullable().optional(),
  recipe: Recipe.nullable().optional(),
  /** How bottles of one batch are told apart: a mark tied on, and what is other about it. */
  mark: z.enum(marks).optional(),
  variant: z.string().trim().min(1).max(60).optional(),
  /** Days it is meant to be chilled after its window's best moment; before it when below 0. */
  chillDays: z.number().min(-3).max(3).optional(),
});

export const exampleStamp = {
  id: '0mi81234500000ab1',
  at: 1_800_000_000_000,
  offset: 60,
  version: 2,
} as const;
export const exampleSubject = '0mi81234000000ab1';
