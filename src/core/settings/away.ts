import { z } from 'zod';
import { instant } from './scalars';
import { settingOf, type Holds } from './holds';

/** Nobody home from an instant to another. */
export const AwayRecord = z.strictObject({ from: instant, to: instant });
export type AwayPlan = Readonly<z.infer<typeof AwayRecord>>;

export const example: AwayPlan = { from: 1_800_000_000_000, to: 1_801_000_000_000 };

/** A household plans one at a time, under this key. */
export const awayKey = 'away';

/** The next absence, if one is planned. */
export function awayOf(household: Holds<'away', AwayPlan>): AwayPlan | null {
  const plan = settingOf(household, 'away', awayKey);
  return plan && plan.to > plan.from ? plan : null;
}
