import { z } from 'zod';
import type { Busy } from '../kitchen/busy';
import type { ReadOnly } from '../read-only';
import { settingOf, type Holds } from './holds';
import { instant } from './scalars';

/** Times that nobody has hands for, as they were read from a calendar. */
export const BusyRecord = z.strictObject({
  spans: z.array(z.strictObject({ from: instant, until: instant })).max(500),
});
type BusySetting = ReadOnly<z.infer<typeof BusyRecord>>;

export const example: BusySetting = { spans: [{ from: 1_800_000_000_000, until: 1_800_003_600_000 }] };

/** A household has one calendar, under this key. */
export const busyKey = 'calendar';

/** Busy times of the calendar, in no order. */
export const busyTimesOf = (household: Holds<'busy', BusySetting>): readonly Busy[] =>
  settingOf(household, 'busy', busyKey)?.spans ?? [];
