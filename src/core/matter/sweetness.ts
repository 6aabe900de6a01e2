import type { Amounts } from './substances';

/** How sweet a gram tastes beside a gram of white sugar, in a cool drink of some 5–10 %. */
export const sweetnessPerGram = {
  sucrose: 1,
  glucose: 0.7,
  fructose: 1.2,
  maltose: 0.4,
  lactose: 0.2,
} as const;

/**
 * Sweetness of what is dissolved, as grams of white sugar that would taste as sweet.
 *
 * @source sensory tables (Shallenberger 1993, ranges: glucose 0.6–0.75, fructose 1.1–1.7 the colder the sweeter); a middle
 * @example // ten grams of fructose are as sweet as twelve of sucrose
 */
export const sweetnessOf = (a: Amounts): number =>
  a.sucrose * sweetnessPerGram.sucrose +
  a.glucose * sweetnessPerGram.glucose +
  a.fructose * sweetnessPerGram.fructose +
  a.maltose * sweetnessPerGram.maltose +
  a.lactose * sweetnessPerGram.lactose;
