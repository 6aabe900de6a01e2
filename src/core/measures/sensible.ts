/**
 * Rounds to a step a person can measure.
 *
 * @param step e.g. 0.5 (°C), 5 (ml), 0.1 (volumes); above 0
 * @returns the nearest multiple, free of floating-point tails
 * @example toStep(22.74, 0.5) // 22.5
 */
export const toStep = (value: number, step: number): number =>
  Number((Math.round(value / step) * step).toFixed(6));

/** Grams as a kitchen scale shows them: 0.5 g below 10 g, 1 g below 250 g, 5 g above. @example sensibleGrams(12.3) // 12 */
export const sensibleGrams = (grams: number): number => toStep(grams, grams < 10 ? 0.5 : grams < 250 ? 1 : 5);

/** Millilitres as a jug shows them: 5 ml below 500 ml, 10 ml below 2 L, 50 ml above. @example sensibleMillilitres(63) // 65 */
export const sensibleMillilitres = (ml: number): number => toStep(ml, ml < 500 ? 5 : ml < 2000 ? 10 : 50);

/**
 * Sugar and ginger in spoons, for a kitchen without a scale.
 *
 * @param ml level volume, millilitres
 * @returns text such as "1½ tbsp" or "¾ tsp", to the nearest quarter spoon
 * @example inSpoons(22.5) // '1½ tbsp'
 */
export function inSpoons(ml: number): string {
  const unit = ml < 12 ? 'tsp' : 'tbsp';
  const quarters = Math.max(1, Math.round((ml / (unit === 'tsp' ? 5 : 15)) * 4));
  const glyph = ['', '¼', '½', '¾'][quarters % 4] ?? '';
  const whole = Math.floor(quarters / 4);
  return `${whole === 0 ? '' : whole}${glyph} ${unit}`;
}
