import type { BaseKind } from '../../matter/base-kinds';

/** What a sweet base offers and how it resists souring. */
export interface Base {
  /** Most yeast its nutrients let grow, g dry/L: the strongest unknown of a forecast. */
  readonly yeastCapacity: number;
  /** Most lactic bacteria, g dry/L. */
  readonly lacticCapacity: number;
  /** Strong mineral charge (K, Ca, Mg and the like less chloride), equivalents/L. */
  readonly mineralCharge: number;
  readonly citricGramsPerLitre: number;
  /** Salts of its weak acids, taken as citrate, g/L of the acid: with the minerals they set where an undosed base stands. */
  readonly citrateGramsPerLitre: number;
  readonly malicGramsPerLitre: number;
  /** What else is dissolved and never eaten, g/L: minerals, gums, tannins, sorbitol. A hydrometer feels it. */
  readonly extractGramsPerLitre: number;
  /** What lives on it when nothing is pitched, g/L, and its lag work: more than a bare culture brings. */
  readonly carries?: { readonly yeast: number; readonly lactics: number; readonly lagWork: number };
}

/** Practice figures: nutrient capacities fitted to the times makers report; acids and extract from food composition ranges; minerals and citrate so that the undosed base stands at the pH that is measured (syrup and herb tea 6–6.5, sugar water with minerals 6.8, black tea 5.3) and sours as readily as makers report. */
export const bases: Record<BaseKind, Base> = {
  syrup: {
    yeastCapacity: 0.31,
    lacticCapacity: 0.1,
    mineralCharge: 0.00145,
    citricGramsPerLitre: 0,
    citrateGramsPerLitre: 0.114,
    malicGramsPerLitre: 0,
    extractGramsPerLitre: 0,
  },
  'mineral-sugar': {
    yeastCapacity: 1.2,
    lacticCapacity: 0.42,
    mineralCharge: 0.01327,
    citricGramsPerLitre: 0.1,
    citrateGramsPerLitre: 0.838,
    malicGramsPerLitre: 0,
    extractGramsPerLitre: 0.8,
  },
  'ginger-tea': {
    yeastCapacity: 0.48,
    lacticCapacity: 0.14,
    mineralCharge: 0.00508,
    citricGramsPerLitre: 0.05,
    citrateGramsPerLitre: 0.276,
    malicGramsPerLitre: 0.1,
    extractGramsPerLitre: 0.8,
  },
  'raw-ginger': {
    yeastCapacity: 0.88,
    lacticCapacity: 0.3,
    mineralCharge: 0.008,
    citricGramsPerLitre: 0.2,
    citrateGramsPerLitre: 0,
    malicGramsPerLitre: 0.45,
    extractGramsPerLitre: 1,
  },
  'herb-tea': {
    yeastCapacity: 0.28,
    lacticCapacity: 0.1,
    mineralCharge: 0.00382,
    citricGramsPerLitre: 0.05,
    citrateGramsPerLitre: 0.21,
    malicGramsPerLitre: 0.05,
    extractGramsPerLitre: 0.6,
  },
  fruit: {
    yeastCapacity: 0.9,
    lacticCapacity: 0.3,
    mineralCharge: 0.012,
    citricGramsPerLitre: 1,
    citrateGramsPerLitre: 0,
    malicGramsPerLitre: 2,
    extractGramsPerLitre: 4,
  },
  juice: {
    yeastCapacity: 2,
    lacticCapacity: 0.6,
    mineralCharge: 0.03,
    citricGramsPerLitre: 1.5,
    citrateGramsPerLitre: 0,
    malicGramsPerLitre: 5,
    extractGramsPerLitre: 8,
  },
  peel: {
    yeastCapacity: 0.68,
    lacticCapacity: 0.25,
    mineralCharge: 0.01,
    citricGramsPerLitre: 0.8,
    citrateGramsPerLitre: 0,
    malicGramsPerLitre: 0.4,
    extractGramsPerLitre: 2,
    carries: { yeast: 4e-3, lactics: 2e-3, lagWork: 2.0 },
  },
  'black-tea': {
    yeastCapacity: 0.31,
    lacticCapacity: 0.1,
    mineralCharge: 0.00359,
    citricGramsPerLitre: 0.1,
    citrateGramsPerLitre: 0.15,
    malicGramsPerLitre: 0.1,
    extractGramsPerLitre: 1.5,
  },
};
