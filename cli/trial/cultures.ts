import type { CultureOfTruth } from '../calibration/truths.ts';

/**
 * What ferments in the trial beside the calibration's bug and grains, at the middling times that makers report: a soda on wine yeast
 * is lively in a glass bottle after a day or two, kefir's liquid with a dose in one to three, a peel ferment foams after two to
 * five, and a closed jar on whey is drunk after three to five. Practice.
 */
export const trialCultures = {
  yeast: {
    id: 'wine-yeast',
    base: 'syrup',
    amountPerLitre: 0.4,
    sugar: 90,
    hoursToTarget: 32,
    celsius: 21,
    lagHours: 5,
    growsBy: 5,
  },
  kefirLiquid: {
    id: 'water-kefir-liquid',
    base: 'mineral-sugar',
    amountPerLitre: 950,
    sugar: 45,
    hoursToTarget: 40,
    celsius: 23,
    lagHours: 3,
    growsBy: 3,
  },
  peel: {
    id: 'peel',
    base: 'fruit',
    amountPerLitre: 0,
    sugar: 80,
    hoursToTarget: 50,
    celsius: 23,
    lagHours: 16,
    growsBy: 8,
  },
  whey: {
    id: 'whey',
    base: 'mineral-sugar',
    amountPerLitre: 26,
    sugar: 46,
    hoursToTarget: 78,
    celsius: 21,
    lagHours: 18,
    growsBy: 6,
  },
} as const satisfies Readonly<Record<string, CultureOfTruth>>;
