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

interface Brew {
  readonly cells: number;
  readonly left: number;
  readonly gas: number;
}

/** A tenth of an hour further. @param warm °C in the liquid @param most volumes the vessel holds back */
function further(k: OtherKitchen, at: Brew, hour: number, warm: number, most: number): Brew {
  const pace = (k.speed * ratkowsky(warm)) / pace22;
  const awake = hour > k.delayHours ? 1 : 0.15;
  const cells = at.cells + step * awake * pace * 0.13 * at.cells * (1 - at.cells / k.cells);
  const eaten = Math.min(at.left, step * awake * pace * 0.36 * cells * (1 / (1 + at.gas / 14)));
  return { cells, left: at.left - eaten, gas: Math.min(most, at.gas + eaten * 0.22) };
}

/** The counter's warmth over a batch: an offset of the thermometer, a daily swing, and a slow wandering, °C. */
function warmths(k: OtherKitchen, celsius: number, count: number, normal: () => number): Float64Array {
  let wander = 0;
  return Float64Array.from({ length: count }, (_, i) => {
    wander = 0.995 * wander + 0.05 * normal();
    return celsius + k.offset + wander + Math.sin((i * step * Math.PI) / 12);
  });
}

const countOf = (hours: number) => Math.round(hours / step) + 1;

/** Runs a batch closed from the start. @param sugar g/L @param celsius what the thermometer says @param hours to run */
export const otherFerment = (
  k: OtherKitchen,
  sugar: number,
  celsius: number,
  hours: number,
  normal: () => number,
): OtherCourse => courseOf(k, sugar, warmths(k, celsius, countOf(hours), normal), 0);

/** Held in water under an airlock at room temperature, volumes. */
const underAirlock = 0.85;

function courseOf(
  k: OtherKitchen,
  sugar: number,
  warm: Float64Array,
  sealedFrom: number,
  own = 1,
): OtherCourse {
  const sweetness = new Float64Array(warm.length);
  const volumes = new Float64Array(warm.length);
  let brew: Brew = { cells: 0.16, left: sugar, gas: 0.02 };
  for (let i = 0; i < warm.length; i++) {
    sweetness[i] = brew.left;
    volumes[i] = brew.gas;
    const sealed = i * step >= sealedFrom;
    const kitchen = sealed ? { ...k, speed: k.speed * own } : k;
    brew = further(kitchen, brew, i * step, warm[i]!, sealed ? Infinity : underAirlock);
  }
  return { sweetness, volumes };
}

/** One jar under an airlock, bottled in several: the same past, each bottle a little its own afterwards. */
export function otherFamily(
  k: OtherKitchen,
  ask: { sugar: number; celsius: number; hours: number; bottledAt: number; bottles: number },
  normal: () => number,
): OtherCourse[] {
  const warm = warmths(k, ask.celsius, countOf(ask.hours), normal);
  return Array.from({ length: ask.bottles }, () =>
    courseOf(k, ask.sugar, warm, ask.bottledAt, Math.exp(0.03 * normal())),
  );
}

/** Value at an hour. */
export const at = (course: Float64Array, hour: number): number =>
  course[Math.min(course.length - 1, Math.round(hour / step))]!;

/** First hour at which the gas reaches a level, or Infinity. */
export function hourOf(course: Float64Array, level: number): number {
  const index = course.findIndex((value) => value >= level);
  return index < 0 ? Infinity : index * step;
}
