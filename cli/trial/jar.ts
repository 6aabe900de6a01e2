/** A jar of ginger bug as it really goes: its own equations, not the forecast's. */
export interface Jar {
  ml: number;
  /** Sugar in it, g. */
  sugar: number;
  /** Share of its cells at their best, 0–1. */
  alive: number;
  isCold: boolean;
}

export const newJar = (ml: number, sugar: number): Jar => ({ ml, sugar, alive: 0.02, isCold: false });

/** A jar is lost below this: feeding no longer brings it back. */
export const lostBelow = 0.03;

const halfSugar = 4;
/** At 21 °C: grams a litre and hour at its best; growth an hour; hungry days to a half. */
const eats = 1.5;
const grows = 0.05;
const halfDays = 12;
const fridge = { pace: 0.06, decay: 0.15 };

/** An hour of a jar. @param pace of the room against 21 °C */
export function jarHour(jar: Jar, pace: number): void {
  const at = jar.isCold ? fridge.pace : pace;
  const perLitre = jar.sugar / (jar.ml / 1000);
  const fed = perLitre / (perLitre + halfSugar);
  jar.sugar = Math.max(0, jar.sugar - at * eats * jar.alive * fed * (jar.ml / 1000));
  jar.alive += at * grows * fed * jar.alive * (1 - jar.alive);
  if (perLitre < 1) jar.alive *= 0.5 ** ((jar.isCold ? fridge.decay : pace) / (24 * halfDays));
}

/** What is drawn goes, water comes: the cells are fewer by as much. */
export function drawFrom(jar: Jar, ml: number): void {
  const left = 1 - ml / jar.ml;
  jar.sugar *= left;
  jar.alive *= left;
}
