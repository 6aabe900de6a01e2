import { z } from 'zod';
import { sugarAccount, waterFor, type SugarAccount } from '@/core/brew/sugar-account';
import { usualHeadspaceMl } from '@/core/brew/fill-plan';
import { parseMeasure } from '@/core/measures/parse-measure';
import { sensibleMillilitres } from '@/core/measures/sensible';
import { millilitresOf } from '@/core/measures/spooned-mass';
import { mostDrawableMl, planDraw, type DrawPlan } from '@/core/starter/draw-plan';
import { gingerBug } from '@/core/starter/ginger-bug';
import type { StarterState } from '@/core/starter/starter-state';
import { massField, nameField, numberField, volumeField } from '../forms/measure-field';

export interface BrewPlan {
  readonly waterMl: number;
  readonly sugarGrams: number;
  readonly doseMl: number;
  readonly account: SugarAccount;
  readonly draw: DrawPlan;
}

const typedVolume = (text: string) => {
  const measure = parseMeasure(text, 'l');
  return measure.ok ? millilitresOf(measure.value) : NaN;
};

const shared = {
  starterId: z.string(),
  by: z.enum(['litres', 'bottles', 'water']),
  volume: z.string(),
  count: z.string(),
  size: z.string(),
  sugar: massField('sugar', 1, 20_000),
  dose: volumeField(0, 20_000),
};

type Shared = z.output<z.ZodObject<typeof shared>>;

/** Volume asked for, or the water at hand, ml; the field at fault and why when it cannot be read. */
function wantedVolume(
  value: Pick<Shared, 'by' | 'volume' | 'count' | 'size'>,
): { ml: number } | { path: string; message: string } {
  if (value.by === 'bottles') {
    const count = Number(value.count.replace(',', '.'));
    const size = parseMeasure(value.size, 'ml');
    if (!Number.isInteger(count) || count < 1 || count > 60)
      return { path: 'count', message: 'A whole number of bottles, 1 to 60.' };
    if (!size.ok) return { path: 'size', message: size.sentence };
    const each = millilitresOf(size.value);
    if (each < 50 || each > 5000) return { path: 'size', message: 'Between 50 ml and 5 L a bottle.' };
    return { ml: count * (each - usualHeadspaceMl(each)) };
  }
  const measure = parseMeasure(value.volume, 'l');
  if (!measure.ok) return { path: 'volume', message: measure.sentence };
  const ml = typedVolume(value.volume);
  return ml >= 100 && ml <= 50_000 ? { ml } : { path: 'volume', message: 'Between 100 ml and 50 L.' };
}

/** Works a brew out, or says at which field it fails and why. */
export function planBrew(
  value: Shared,
  starter: StarterState | undefined,
): { plan: BrewPlan } | { path: string; message: string } {
  const wanted = wantedVolume(value);
  if ('message' in wanted) return wanted;
  if (!starter) return { path: 'dose', message: 'Choose a starter first.' };
  const doseMl = Math.round(value.dose);
  const sugarGrams = Math.round(value.sugar);
  const water =
    value.by === 'water' ? { ok: true as const, value: wanted.ml } : waterFor(wanted.ml, sugarGrams, doseMl);
  if (!water.ok) return { path: 'sugar', message: water.sentence };
  const draw = planDraw(starter, doseMl);
  if (!draw.ok) return { path: 'dose', message: draw.sentence };
  const account = sugarAccount({ waterMl: water.value, sugarGrams, doseMl });
  return { plan: { waterMl: water.value, sugarGrams, doseMl, account, draw: draw.value } };
}

export const planFields = z.object(shared);

export const brewForm = (starters: readonly StarterState[]) =>
  z
    .object({
      ...shared,
      name: nameField,
      ginger: massField('ginger', 0, 20_000),
      volumes: numberField(0.5, 5, 'volumes'),
    })
    .transform((value, context) => {
      const planned = planBrew(
        value,
        starters.find(({ id }) => id === value.starterId),
      );
      if ('message' in planned) {
        context.addIssue({ code: 'custom', path: [planned.path], message: planned.message });
        return z.NEVER;
      }
      return {
        name: value.name,
        starterId: value.starterId,
        plan: planned.plan,
        gingerGrams: Math.round(value.ginger),
        wantedVolumes: value.volumes,
      };
    });

export type BrewInput = z.input<ReturnType<typeof brewForm>>;
export type BrewOutput = z.output<ReturnType<typeof brewForm>>;

/** The usual 8 % dose, or what the jar can give. */
export const suggestedDose = (batchMl: number, starter: StarterState): string =>
  `${sensibleMillilitres(Math.min(batchMl * gingerBug.dose.usual, mostDrawableMl(starter)))} ml`;
