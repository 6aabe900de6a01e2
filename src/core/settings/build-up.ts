import { z } from 'zod';
import { instant } from './scalars';
import { entriesOf, type Holds } from './holds';

/** So much of a starter wanted at its peak at an instant, by the starter's id: ml of liquid, or g of grains. */
export const BuildUpRecord = z.strictObject({ amount: z.number().min(0).max(1_000_000), at: instant });
type BuildUpSetting = z.infer<typeof BuildUpRecord>;
export type BuildUpPlan = Readonly<BuildUpSetting> & { readonly lotId: string };

export const example: BuildUpSetting = { amount: 300, at: 1_800_000_000_000 };

/** Amounts of starters that are wanted by a time, in order of time. */
export const buildUpsOf = (household: Holds<'build-up', BuildUpSetting>): BuildUpPlan[] =>
  entriesOf(household, 'build-up')
    .map(([lotId, plan]) => ({ lotId, ...plan }))
    .sort((a, b) => a.at - b.at);
