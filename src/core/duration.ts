/** A minute, an hour and a day of 24 hours, ms. */
export const minuteMs = 60_000;
export const hourMs = 60 * minuteMs;
export const dayMs = 24 * hourMs;
