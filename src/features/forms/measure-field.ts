import { z } from 'zod';
import { parseMeasure } from '@/core/measures/parse-measure';
import { gramsOf, millilitresOf, within, type Spoonable } from '@/core/measures/spooned-mass';
import type { Result } from '@/core/result';

const checked = (result: Result<number>, context: z.RefinementCtx): number => {
  if (result.ok) return result.value;
  context.addIssue({ code: 'custom', message: result.sentence });
  return z.NEVER;
};

/** A field that takes grams, spoons or cups of something and gives grams. */
export const massField = (of: Spoonable, low: number, high: number) =>
  z.string().transform((text, context) => {
    const measure = parseMeasure(text, 'g');
    return checked(measure.ok ? within(gramsOf(measure.value, of), low, high, 'g') : measure, context);
  });

/** A field that takes millilitres, decilitres, cups and the like and gives millilitres. */
export const volumeField = (low: number, high: number, fallback: 'ml' | 'l' = 'ml') =>
  z.string().transform((text, context) => {
    const measure = parseMeasure(text, fallback);
    return checked(measure.ok ? within(millilitresOf(measure.value), low, high, 'ml') : measure, context);
  });

/** A plain number, with a comma or a point. */
export const numberField = (low: number, high: number, unit: string) =>
  z.string().transform((text, context) => {
    const plain = text.trim().replace(',', '.');
    const value = Number(plain);
    if (plain === '' || !Number.isFinite(value)) {
      context.addIssue({ code: 'custom', message: `Write a number${unit ? ` in ${unit}` : ''}.` });
      return z.NEVER;
    }
    return checked(within(value, low, high, unit), context);
  });

export const nameField = z.string().trim().min(1, 'Give it a name.').max(40, 'At most 40 letters.');
