/**
 * A ferment of another make than Yuzet's, to be judged by: logistic cells behind a hard delay, a square-root temperature
 * law (Ratkowsky 1982), gas in proportion to cells and slowed by gas, a wandering temperature, Euler steps of six minutes.
 */
export interface OtherKitchen {
  readonly speed: number;
  readonly delayHours: number;
  readonly cells: number;
  readonly offset: number;
}

export interface OtherCourse {
  /** Every tenth of an hour. */
  readonly sweetness: Float64Array;
  readonly volumes: Float64Array;
}

const step = 0.1;

const ratkowsky = (celsius: number) => {
  const root = 0.028 * (celsius - 1) * (1 - Math.exp(0.25 * (celsius - 43)));
  return root > 0 ? root * root : 0;
};
const pace22 = ratkowsky(22);

/** A kitchen drawn at random: what stays the same from batch to batch. */
export const drawKitchen = (normal: () => number): OtherKitchen => ({
  speed: Math.exp(0.28 * normal()),
  delayHours: 6 * Math.exp(0.25 * normal()),
  cells: Math.exp(0.2 * normal()),
  offset: 0.8 * normal(),
});

/** One batch of a kitchen: a little different each time. */
export const drawBatch = (kitchen: OtherKitchen, normal: () => number): OtherKitchen => ({
  speed: kitchen.speed * Math.exp(0.08 * normal()),
  delayHours: kitchen.delayHours * Math.exp(0.15 * normal()),
  cells: kitchen.cells * Math.exp(0.08 * normal()),
  offset: kitchen.offset + 0.3 * normal(),
});

/** Runs a batch closed from the start. @param sugar g/L @param celsius what the thermometer says @param hours to run */
export function otherFerment(
  k: OtherKitchen,
  sugar: number,
  celsius: number,
  hours: number,
  normal: () => number,
): OtherCourse {
  const count = Math.round(hours / step) + 1;
  const sweetness = new Float64Array(count);
  const volumes = new Float64Array(count);
  let [cells, left, gas, wander] = [0.16, sugar, 0.02, 0];
  for (let i = 0; i < count; i++) {
    sweetness[i] = left;
    volumes[i] = gas;
    wander = 0.995 * wander + 0.05 * normal();
    const pace =
      (k.speed * ratkowsky(celsius + k.offset + wander + Math.sin((i * step * Math.PI) / 12))) / pace22;
    const awake = i * step > k.delayHours ? 1 : 0.15;
    cells += step * awake * pace * 0.13 * cells * (1 - cells / k.cells);
    const eaten = Math.min(left, step * awake * pace * 0.36 * cells * (1 / (1 + gas / 14)));
    left -= eaten;
    gas += eaten * 0.22;
  }
  return { sweetness, volumes };
}

/** Value at an hour. */
export const at = (course: Float64Array, hour: number): number =>
  course[Math.min(course.length - 1, Math.round(hour / step))]!;

/** First hour at which the gas reaches a level, or Infinity. */
export function hourOf(course: Float64Array, level: number): number {
  const index = course.findIndex((value) => value >= level);
  return index < 0 ? Infinity : index * step;
}
