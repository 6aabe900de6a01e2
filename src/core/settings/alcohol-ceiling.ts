import { z } from 'zod';
import { settingOf, type Holds } from './holds';

/** Alcohol that a household wants no drink to pass, % by volume; 0 for none. */
export const CeilingRecord = z.strictObject({ percent: z.number().min(0).max(100) });
type Ceiling = z.infer<typeof CeilingRecord>;

export const example: Ceiling = { percent: 1 };

/** A household has one, under this key. */
export const ceilingKey = 'alcohol-ceiling';
/** Ceilings that are offered, % by volume. */
export const ceilings = [0.5, 1, 2] as const;

/** The household's ceiling, % by volume; null where it set none. */
export const ceilingOf = (household: Holds<'alcohol-ceiling', Ceiling>): number | null =>
  settingOf(household, 'alcohol-ceiling', ceilingKey)?.percent || null;
