import { kinetics } from './kinetics';

/**
 * What holds still during one integration step: the culture, the base, and the temperature, acidity and gas factors worked
 * out at its start. One mutable record a run, so that the inner loop allocates nothing.
 */
export interface Conditions {
  yeastCapacity: number;
  lacticCapacity: number;
  heterolactic: number;
  vigour: number;
  /** Temperature responses, 0–1. */
  yeastHeat: number;
  lacticHeat: number;
  aceticHeat: number;
  /** What acid and ethanol leave of the activity, 0–1. */
  yeastEase: number;
  lacticEase: number;
  /** Share of the vessel's CO2 that is dissolved. */
  dissolvedShare: number;
  /** Most CO2 the liquid keeps in an unsealed vessel, g/L; Infinity when sealed. */
  saturation: number;
  /** How fast cells double against the usual. */
  growth: number;
  /** How early growth feels its limit (see member.ts), and the dissolved CO2 that halves growth and fermenting, g/L. */
  shape: number;
  gasHalfGrowth: number;
  gasHalfFerment: number;
  /** CO2 that the surface exchanges with the air, share per hour, and what the liquid keeps in air, g/L. */
  exchange: number;
  restInAir: number;
  /** Vinegar that the oxygen through the surface allows, g/(L·h): of the bare surface, and more under a whole pellicle. */
  airing: number;
  pellicle: number;
  /** Death of yeast, of lactic and of acetic bacteria, and falling asleep in the cold or in heat, per hour. */
  yeastDying: number;
  lacticDying: number;
  aceticDying: number;
  fallingAsleep: number;
  /** Share of its waking that a kept jar's sugar feeds; 1 for all others. */
  fed: number;
  /** Of a kept jar without sugar: fading of its readiness and death of its cells; and its loss of alcohol through the cloth. Per hour. */
  starving: number;
  hungerDying: number;
  alcoholLost: number;
}

export const freshConditions = (): Conditions => ({
  yeastCapacity: 1,
  lacticCapacity: 1,
  heterolactic: 0.5,
  vigour: 1,
  yeastHeat: 1,
  lacticHeat: 1,
  aceticHeat: 1,
  yeastEase: 1,
  lacticEase: 1,
  dissolvedShare: 1,
  saturation: Infinity,
  growth: 1,
  shape: 0,
  gasHalfGrowth: kinetics.gasHalfGrowth,
  gasHalfFerment: kinetics.gasHalfFerment,
  exchange: 0,
  restInAir: 0,
  airing: 0,
  pellicle: 0,
  yeastDying: 0,
  lacticDying: 0,
  aceticDying: 0,
  fallingAsleep: 0,
  fed: 1,
  starving: 0,
  hungerDying: 0,
  alcoholLost: 0,
});
