import type { Member } from './member';

/** Hours in which a pace strays early, and late. */
const earlyHours = 20;
const lateHours = 90;

/** Rows every half hour: how far the early and the late drift have gone, side by side. */
const perHour = 2;
const lastHour = 600;
const strayed = Float64Array.from({ length: 2 * (lastHour * perHour + 2) }, (_, i) => {
  const hour = Math.min(lastHour, (i >> 1) / perHour);
  return 1 - Math.exp(-hour / (i % 2 === 0 ? earlyHours : lateHours));
});

/**
 * How far the pace has strayed from the equations by an hour: e^(early·(1 − e^(−h/20)) + late·(1 − e^(−h/90))).
 *
 * @param hour from the ferment's start, 0 or more; from 600 h on nothing changes
 * @returns a factor on the vigour, within 2e-5
 */
export function driftOf({ earlyDrift, lateDrift }: Member, hour: number): number {
  if (earlyDrift === 0 && lateDrift === 0) return 1;
  const place = Math.min(lastHour, hour) * perHour;
  const at = 2 * (place | 0);
  const part = place - (place | 0);
  const early = strayed[at]! + part * (strayed[at + 2]! - strayed[at]!);
  const late = strayed[at + 1]! + part * (strayed[at + 3]! - strayed[at + 1]!);
  return Math.exp(earlyDrift * early + lateDrift * late);
}

const perDayHour = 16;
const wave = Float64Array.from({ length: 24 * perDayHour + 2 }, (_, i) =>
  Math.sin((i * Math.PI) / (12 * perDayHour)),
);

/** Where the day's swing stands, −1 to 1, so many hours after it rose through its mean; any number, within 4e-5. */
export function swingOfDay(hours: number): number {
  const place = (hours - 24 * Math.floor(hours / 24)) * perDayHour;
  const at = place | 0;
  return wave[at]! + (place - at) * (wave[at + 1]! - wave[at]!);
}
