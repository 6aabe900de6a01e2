/** How fast cells die in heat: time for a tenth to be left, hours, at a temperature, and the degrees that make it ten times shorter. */
export class HeatDeath {
  readonly atCelsius: number;
  readonly tenthAfterHours: number;
  readonly tenfoldDegrees: number;

  constructor(atCelsius: number, tenthAfterHours: number, tenfoldDegrees: number) {
    this.atCelsius = atCelsius;
    this.tenthAfterHours = tenthAfterHours;
    this.tenfoldDegrees = tenfoldDegrees;
  }
}

/**
 * Cells growing in a drink, not spores: yeast D55 about a minute with z 4.6 °C, lactic bacteria D55 four minutes with z 5.5,
 * acetic bacteria D50 two minutes with z 5. Published values of one kind differ by a factor of three, that is by two degrees.
 */
export class heatDeath {
  static readonly yeast: HeatDeath = new HeatDeath(55, 0.95 / 60, 4.6);
  static readonly lactic: HeatDeath = new HeatDeath(55, 4 / 60, 5.5);
  static readonly acetic: HeatDeath = new HeatDeath(50, 2 / 60, 5);
}

/** Below this nobody dies of heat within a batch. */
export const harmlessBelow: number = 34;

/**
 * Death of cells by heat, with the D- and z-values of food microbiology.
 *
 * @param celsius any
 * @param tenderBy °C by which this culture is more tender than its cells alone
 * @returns share dying per hour (the rate of an exponential), 0 below 34 °C
 * @source H. M. C. Put and others, J. Appl. Bacteriol. 40 (1976) 135–152 for yeasts; for lactic and acetic bacteria practice, within
 *   what is published of their relatives in juice and beer
 * @example dyingOfHeat(45, heatDeath.yeast) // ≈ 0.97: a tenth is left after 2.4 hours
 */
export function dyingOfHeat(celsius: number, kind: HeatDeath, tenderBy: number = 0): number {
  const felt = celsius + tenderBy;
  if (felt < harmlessBelow) return 0;
  return (
    (Math.LN10 / kind.tenthAfterHours) * Math.exp((Math.LN10 * (felt - kind.atCelsius)) / kind.tenfoldDegrees)
  );
}

/** Warmth above which cells shut down, °C, and how fast they do at the worst, per hour (practice: a day of it costs two of waking). */
const stressedAbove: number = 38;
const fastestStress: number = 0.3;
/** Cold below which cells fall asleep, °C, and how fast at 4 °C, per hour (practice: four weeks cold still wake in a day, two months hardly). */
const sleepyBelow: number = 8;
const sleepAtFour: number = 0.006;

/**
 * How fast cells lose their readiness by heat or by cold.
 *
 * @returns share of Baranyi's physiological state lost per hour, 0 between 8 and 38 °C
 * @example fallingAsleepAt(4) // 0.006
 */
export function fallingAsleepAt(celsius: number, tenderBy: number = 0): number {
  const felt = celsius + tenderBy;
  if (felt > stressedAbove) return fastestStress * Math.min(1, (felt - stressedAbove) / 4);
  return celsius < sleepyBelow ? sleepAtFour * Math.min(1.5, (sleepyBelow - celsius) / 4) : 0;
}
