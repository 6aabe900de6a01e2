import { gingerBug } from './ginger-bug';

export interface Mixture {
  readonly waterMl: number;
  readonly gingerGrams: number;
  readonly sugarGrams: number;
}

export interface Percentages {
  readonly ginger: number;
  readonly sugar: number;
  /** Sentences where the amounts contradict the usual share. */
  readonly notes: readonly string[];
}

/**
 * What the spoons really make: ginger and sugar as percent of the water's weight.
 *
 * @param mixture ml and grams; water above 0
 * @returns percent, and a note where a share is outside 4–6 %
 * @example percentagesOf({ waterMl: 400, gingerGrams: 20, sugarGrams: 12 }).sugar // 3
 */
export function percentagesOf({ waterMl, gingerGrams, sugarGrams }: Mixture): Percentages {
  const ginger = (gingerGrams / waterMl) * 100;
  const sugar = (sugarGrams / waterMl) * 100;
  const notes = [note('ginger', ginger, waterMl), note('sugar', sugar, waterMl)].filter(
    (text) => text !== undefined,
  );
  return { ginger, sugar, notes };
}

function note(what: string, percent: number, waterMl: number): string | undefined {
  const low = gingerBug.begin.low * 100;
  const high = gingerBug.begin.high * 100;
  if (percent >= low - 0.05 && percent <= high + 0.05) return undefined;
  const from = Math.round(gingerBug.begin.low * waterMl);
  const to = Math.round(gingerBug.begin.high * waterMl);
  const word = percent < low ? 'thin' : 'rich';
  return `${percent.toFixed(1)} % ${what} is ${word}: ${low}–${high} % would be ${from}–${to} g.`;
}
