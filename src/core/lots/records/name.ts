import { z } from 'zod';
import { t } from '../../language/t';

/** Letters a name may hold: no control or invisible characters alone, nor letters that are drawn as nothing. */
const visible = /[\p{L}\p{N}\p{P}\p{S}]/u;
const drawnAsNothing = /[\u115F\u1160\u17B4\u17B5\u2800\u3164\uFFA0]/gu;
export const canBeSeen = (text: string): boolean => visible.test(text.replace(drawnAsNothing, ''));

/** What a maker calls a lot. */
export const name = z
  .string()
  .trim()
  .min(1, t`Give it a name.`)
  .max(80, t`At most 80 letters.`)
  .refine(canBeSeen, t`Give it a name that can be seen.`);
