import { t } from '@/core/language/t';

/** How fizzy a drink is, by the CO2 it holds, volumes: each word holds up to its figure. Practice. */
const words: readonly (readonly [below: number, word: string])[] = [
  [0.9, t`flat`],
  [1.5, t`faint`],
  [2.2, t`gentle`],
  [3, t`lively`],
  [Infinity, t`sharp`],
];

/** @param volumes CO2 held, volumes, 0 or more */
export const fizzWord = (volumes: number): string => words.find(([below]) => volumes < below)![1];

/** The word with its number small beside it. @example fizzWords(2.5) // 'lively (2.5 vol)' */
export const fizzWords = (volumes: number): string =>
  t`${fizzWord(volumes)} (${volumes < 10 ? volumes.toFixed(1) : volumes.toFixed(0)} vol)`;
