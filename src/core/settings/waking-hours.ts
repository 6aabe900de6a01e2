import { z } from 'zod';
import { usualWaking, type WakingHours } from '../kitchen/waking';
import { settingOf, type Holds } from './holds';

const minute = z
  .number()
  .min(0)
  .max(24 * 60 - 1);

/** When somebody is up, minutes of the day from midnight. */
export const WakingRecord = z.strictObject({ from: minute, to: minute }) satisfies z.ZodType<WakingHours>;

export const example: WakingHours = { from: 390, to: 1350 };

/** A household has one, under this key. */
export const wakingKey = 'waking';

/** The hours the household is up, as it said; from seven to half past ten when it did not. */
export function wakingOf(household: Holds<'waking', WakingHours>): WakingHours {
  const said = settingOf(household, 'waking', wakingKey);
  return said && said.from !== said.to ? said : usualWaking;
}
