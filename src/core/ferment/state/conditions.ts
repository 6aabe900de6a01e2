import { gasKinetics } from '../relations/kinetics';

/**
 * What holds still during one integration step: the culture, the base, and the temperature, acidity and gas factors worked
 * out at its start. One mutable record a run, so that the inner loop allocates nothing.
 */
export class Conditions {
  yeastCapacity: number = 1;
  lacticCapacity: number = 1;
  heterolactic: number = 0.5;
  vigour: number = 1;
  /** Temperature responses, 0–1. */
  yeastHeat: number = 1;
  lacticHeat: number = 1;
  aceticHeat: number = 1;
  /** What acid and ethanol leave of the activity, 0–1. */
  yeastEase: number = 1;
  lacticEase: number = 1;
  /** How much sooner alcohol stops this culture than the usual one, which stands 12 %: a factor of the alcohol. */
  ethanolHurts: number = 1;
  /** Share of the vessel's CO2 that is dissolved. */
  dissolvedShare: number = 1;
  /** Most CO2 the liquid keeps in an unsealed vessel, g/L; Infinity when sealed. */
  saturation: number = Infinity;
  /** How fast cells double against the usual. */
  growth: number = 1;
  /** How early growth feels its limit (see member.ts), and the dissolved CO2 that halves growth and fermenting, g/L. */
  shape: number = 0;
  gasHalfGrowth: number = gasKinetics.halfGrowth;
  gasHalfFerment: number = gasKinetics.halfFerment;
  /** CO2 that the surface exchanges with the air, share per hour, and what the liquid keeps in air, g/L. */
  exchange: number = 0;
  restInAir: number = 0;
  /** Vinegar that the oxygen through the surface allows, g/(L·h): of the bare surface, and more under a whole pellicle. */
  airing: number = 0;
  pellicle: number = 0;
  /** Death of yeast, of lactic and of acetic bacteria, and falling asleep in the cold or in heat, per hour. */
  yeastDying: number = 0;
  lacticDying: number = 0;
  aceticDying: number = 0;
  fallingAsleep: number = 0;
  /** Share of its waking that a kept jar's sugar feeds; 1 for all others. */
  fed: number = 1;
  /** Death of a kept jar's starved cells at the best temperature, per hour; below 0 for what is not kept. */
  hungerAtBest: number = -1;
  /** Of a kept jar without sugar: fading of its readiness and death of its cells; and its loss of alcohol through the cloth. Per hour. */
  starving: number = 0;
  hungerDying: number = 0;
  alcoholLost: number = 0;
}
