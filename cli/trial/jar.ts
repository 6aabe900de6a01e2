import { cultures, type Kitchen, type Truth } from '../calibration/truths.ts';
import { at, drawBatch } from '../calibration/courses.ts';
import { standing, type StandingJar } from './world.ts';

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

/** Hungry days in which half of a jar of grains dies, and what a feed brings back of what is missing. */
const grainsHalfDays = 6;
const regrown = 0.2;
/** Grains are hungry below this, g/L. */
const hungryBelow = 3;
/** A cycle is followed so long, hours. */
const longestCycle = 16 * 24;

/** A jar of kefir grains: each cycle is a batch of the truth that ferments everything else. */
export class Grains {
  alive = 1;
  isCold = false;
  private cycle: StandingJar;
  /** Hours of its cycle, as many as it was warm. */
  private lived = 0;

  constructor(
    private readonly truth: Truth,
    private readonly kitchen: Kitchen,
    sugar: number,
    celsius: number,
    private readonly normal: () => number,
  ) {
    this.cycle = this.cycleOf(sugar, celsius);
  }

  /** Sugar that is left, g/L. */
  get sugar(): number {
    return at(this.cycle.course.sugar, Math.min(longestCycle, this.lived));
  }

  hour(): void {
    this.lived += this.isCold ? fridge.pace : 1;
    if (this.sugar < hungryBelow)
      this.alive *= 0.5 ** ((this.isCold ? fridge.decay : 1) / (24 * grainsHalfDays));
  }

  /** Strained, and fed anew. @param sugar g/L */
  feed(sugar: number, celsius: number): void {
    this.alive += regrown * (1 - this.alive);
    this.lived = 0;
    this.cycle = this.cycleOf(sugar, celsius);
  }

  private cycleOf(sugar: number, celsius: number): StandingJar {
    const drawn = drawBatch(this.kitchen, this.normal);
    return standing(
      {
        truth: this.truth,
        culture: cultures.kefir,
        kitchen: { ...drawn, cells: drawn.cells * Math.sqrt(this.alive) },
        sugar,
        celsius,
      },
      longestCycle,
      this.normal,
    );
  }
}
