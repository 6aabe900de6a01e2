import { z } from 'zod';
import { idShape } from '../instant-id';
import { earliest, latest } from '../../time-range';

/** Entries as the first version of Yuzet wrote them: one starter, one soda, one bottling. Only read, never written. */
const stamp = {
  id: z.string().regex(idShape),
  at: z.number().int().min(earliest).max(latest),
  offset: z.number().int().min(-840).max(840),
  version: z.literal(1),
};
const subject = z.string().regex(/^[0-9a-z]{17}(-[0-9]{1,3})?$/);
const amount = z.number().min(0).max(100_000);
const score = z.number().int().min(1).max(5);
const place = z.enum(['counter', 'fridge']);
const entry = <K extends string, S extends z.ZodRawShape>(kind: K, shape: S) =>
  z.strictObject({ ...stamp, kind: z.literal(kind), ...shape });

export const EntryV1 = z.discriminatedUnion('kind', [
  entry('kitchen-warmed', { celsius: z.number().min(-5).max(60) }),
  entry('starter-begun', {
    name: z.string().trim().min(1).max(40),
    culture: z.literal('ginger-bug'),
    jarMl: z.number().min(50).max(20_000),
    waterMl: amount,
    gingerGrams: amount,
    sugarGrams: amount,
  }),
  entry('fed', { starterId: subject, waterMl: amount, gingerGrams: amount, sugarGrams: amount }),
  entry('looked', { starterId: subject, foam: z.enum(['none', 'some', 'good', 'riding']) }),
  entry('starter-moved', { starterId: subject, place }),
  entry('batch-begun', {
    name: z.string().trim().min(1).max(40),
    starterId: subject,
    waterMl: amount.min(50),
    gingerGrams: amount,
    sugarGrams: amount,
    doseMl: amount,
    wantedVolumes: z.number().min(0.5).max(5),
  }),
  entry('pitched', { batchId: subject, celsius: z.number().min(-5).max(60), doseMl: amount }),
  entry('gravity-read', { batchId: subject, gravity: z.number().min(0.98).max(1.2) }),
  entry('tasted', { batchId: subject, sweet: score, sour: score }),
  entry('bottled', {
    batchId: subject,
    vessel: z.enum([
      'plastic-soda',
      'swing-top',
      'crown-cap',
      'sparkling-wine',
      'decorative',
      'preserving-jar',
    ]),
    count: z.number().int().min(1).max(60),
    bottleMl: z.number().min(50).max(20_000),
    headspaceMl: amount,
    primingGramsPerLitre: z.number().min(0).max(60),
  }),
  entry('squeezed', { bottleId: subject, feel: z.enum(['soft', 'gives', 'firm', 'rock']) }),
  entry('burped', { bottleId: subject }),
  entry('bottles-moved', { bottleIds: z.array(subject).min(1).max(60), place }),
  entry('opened', {
    bottleId: subject,
    opening: z.enum(['still', 'gentle', 'lively', 'gusher']),
    sweet: score,
    sour: score,
    note: z.string().max(500),
  }),
  entry('undone', { targetId: z.string().regex(idShape) }),
]);
export type EntryV1 = z.infer<typeof EntryV1>;
