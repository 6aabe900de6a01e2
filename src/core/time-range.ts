/** Earliest and latest instants an entry may carry, ms: 2000 to 2100. */
export const earliest = 946_684_800_000;
export const latest = 4_102_444_800_000;

/** Whether a value is an instant that an entry may speak of, ms. */
export const isInstant = (value: unknown): value is number =>
  typeof value === 'number' && value >= earliest && value <= latest;
