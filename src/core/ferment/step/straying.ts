import { Member } from '../state/member';

/** Hours in which a pace strays early, and late. */
const earlyHours: number = 20;
const lateHours: number = 90;

/** Rows every half hour: how far the early and the late drift have gone, side by side. */
const perHour: number = 2;
const lastHour: number = 600;
const strayed = strayedBy(((lastHour * perHour) as i32) + 2);

function strayedBy(rows: i32): Float64Array {
  const values = new Float64Array(2 * rows);
  for (let row = 0; row < rows; row++) {
    const hour = Math.min(lastHour, (row as f64) / perHour);
    values[2 * row] = 1 - Math.exp(-hour / earlyHours);
    values[2 * row + 1] = 1 - Math.exp(-hour / lateHours);
  }
  return values;
}

/**
 * How far the pace has strayed from the equations by an hour: e^(early·(1 − e^(−h/20)) + late·(1 − e^(−h/90))).
 *
 * @param hour from the ferment's start, 0 or more; from 600 h on nothing changes
 * @returns a factor on the vigour, within 2e-5
 */
export function driftOf(member: Member, hour: number): number {
  if (member.earlyDrift === 0 && member.lateDrift === 0) return 1;
  const place = Math.min(lastHour, hour) * perHour;
  const whole = Math.floor(place);
  const at = 2 * (whole as i32);
  const part = place - whole;
  const early = strayed[at]! + part * (strayed[at + 2]! - strayed[at]!);
  const late = strayed[at + 1]! + part * (strayed[at + 3]! - strayed[at + 1]!);
  return Math.exp(member.earlyDrift * early + member.lateDrift * late);
}

const perDayHour: number = 16;
const wave = waveOf(((24 * perDayHour) as i32) + 2);

function waveOf(rows: i32): Float64Array {
  const values = new Float64Array(rows);
  for (let row = 0; row < rows; row++) values[row] = Math.sin(((row as f64) * Math.PI) / (12 * perDayHour));
  return values;
}

/** Where the day's swing stands, −1 to 1, so many hours after it rose through its mean; any number, within 4e-5. */
export function swingOfDay(hours: number): number {
  const place = (hours - 24 * Math.floor(hours / 24)) * perDayHour;
  const whole = Math.floor(place);
  const at = whole as i32;
  return wave[at]! + (place - whole) * (wave[at + 1]! - wave[at]!);
}
