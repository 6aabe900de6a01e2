import { fluidMillilitres, type FluidUnit } from './unit-system';

/**
 * Kitchen units. Volumes in millilitres: the metric spoon (5 and 15 ml) and the 237 ml cup (a US customary cup is
 * 236.588 ml, NIST Handbook 44 appendix C); masses in grams (ounce 28.3495 g, pound 453.592 g, same source).
 */
export const millilitresPer = {
  ml: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  tsp: 5,
  tbsp: 15,
  cup: 236.588,
} as const;

export const gramsPer = { g: 1, kg: 1000, oz: 28.3495, lb: 453.592 } as const;

export type VolumeUnit = keyof typeof millilitresPer | FluidUnit;
export type MassUnit = keyof typeof gramsPer;

const names: Record<VolumeUnit | MassUnit, readonly string[]> = {
  ml: ['ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters'],
  cl: ['cl', 'centilitre', 'centilitres', 'centiliter', 'centiliters'],
  dl: ['dl', 'decilitre', 'decilitres', 'deciliter', 'deciliters'],
  l: ['l', 'litre', 'litres', 'liter', 'liters'],
  tsp: ['tsp', 'tsps', 'teaspoon', 'teaspoons', 'tl', 'theelepel', 'theelepels'],
  tbsp: ['tbsp', 'tbsps', 'tbs', 'tablespoon', 'tablespoons', 'el', 'eetlepel', 'eetlepels'],
  cup: ['cup', 'cups', 'kop', 'koppen', 'kopje', 'kopjes'],
  floz: ['floz'],
  pt: ['pt', 'pint', 'pints'],
  qt: ['qt', 'quart', 'quarts'],
  gal: ['gal', 'gallon', 'gallons'],
  g: ['g', 'gram', 'grams', 'gramme', 'grammes', 'gr'],
  kg: ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms'],
  oz: ['oz', 'ounce', 'ounces'],
  lb: ['lb', 'lbs', 'pound', 'pounds'],
};

const byName = new Map<string, VolumeUnit | MassUnit>(
  Object.entries(names).flatMap(([unit, words]) =>
    words.map((word) => [word, unit as VolumeUnit | MassUnit]),
  ),
);

/** The unit a maker's word means (case and a trailing dot ignored), or undefined when it is none of ours. */
export const unitNamed = (word: string): VolumeUnit | MassUnit | undefined =>
  byName.get(word.toLowerCase().replace(/\.$/, ''));

/** @returns ml of one unit; fluid ounces, pints, quarts and gallons in the kitchen's own units */
export const millilitresOf = (unit: VolumeUnit): number =>
  unit in millilitresPer
    ? millilitresPer[unit as keyof typeof millilitresPer]
    : fluidMillilitres(unit as FluidUnit);

export const isMassUnit = (unit: VolumeUnit | MassUnit): unit is MassUnit => unit in gramsPer;
