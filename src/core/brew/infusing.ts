import type { Lot } from '../lots/lot';
import type { Portion } from '../matter/portion';
import { hourMs } from '../duration';

/** Steps by which a brew's infusion is written down. */
export const infusionSteps = { begun: 'infuse', ended: 'infused' } as const;

/** How an infusion stands: to come, under way with the hours between which it is good, or over. */
export type Infusing =
  | {
      readonly stage: 'to-come';
      readonly portions: readonly Portion[];
      readonly cold: boolean;
      readonly hours: readonly [number, number];
    }
  | {
      readonly stage: 'steeping';
      readonly portions: readonly Portion[];
      readonly cold: boolean;
      readonly begunAt: number;
      readonly from: number;
      readonly until: number;
    }
  | { readonly stage: 'over'; readonly at: number };

/** When nobody said: taste from twelve hours on, out by a day and a half. Practice: every day or so, too long overwhelms. */
const usualHours = [12, 36] as const;

/** The infusion of a brew; null when its recipe has none. */
export function infusingOf({ recipe, steps }: Pick<Lot, 'recipe' | 'steps'>): Infusing | null {
  const portions = (recipe?.later ?? [])
    .filter(({ when }) => when === 'infusion')
    .map(({ portion }) => portion);
  if (portions.length === 0) return null;
  const cold = recipe?.method?.infusion?.cold ?? true;
  const hours = recipe?.method?.infusion?.hours ?? usualHours;
  const ended = steps?.[infusionSteps.ended];
  if (ended) return { stage: 'over', at: ended.at };
  const begun = steps?.[infusionSteps.begun];
  if (!begun) return { stage: 'to-come', portions, cold, hours };
  if (!begun.done) return { stage: 'over', at: begun.at };
  return {
    stage: 'steeping',
    portions,
    cold,
    begunAt: begun.at,
    from: begun.at + hours[0] * hourMs,
    until: begun.at + hours[1] * hourMs,
  };
}
