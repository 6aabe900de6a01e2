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
  /** Access to air: 1 open, 0.06 under an airlock, 0 sealed. */
  air: number;
  /** Fading of a kept jar's readiness without sugar, and loss of alcohol through its cloth, per hour at the best temperature. */
  starving: number;
  airing: number;
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
  air: 0,
  starving: 0,
  airing: 0,
});
