import { z } from 'zod';
import { settingOf, type Holds } from './holds';

/**
 * How careful a maker wants to be with glass under pressure. Careful is what nobody chose: fewer than one bottle in 5,000 is then
 * let burst for its fizz (`forecast/advice/bottle-advice.ts`).
 */
const cautions = ['careful', 'usual'] as const;
export type Caution = (typeof cautions)[number];

export const CautionRecord = z.strictObject({ caution: z.enum(cautions) });
type CautionSetting = z.infer<typeof CautionRecord>;

export const example: CautionSetting = { caution: 'usual' };

/** A household has one, under this key. */
export const cautionKey = 'caution';

/** What the household chose; careful when it did not. */
export const cautionOf = (household: Holds<'caution', CautionSetting>): Caution =>
  settingOf(household, 'caution', cautionKey)?.caution ?? 'careful';
