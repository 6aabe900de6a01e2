import { t } from '@/core/language/t';

/** Chances as people say them: each word holds below its figure. */
const chances: readonly (readonly [below: number, word: string])[] = [
  [0.002, t`hardly any chance`],
  [0.0075, t`about one in two hundred`],
  [0.015, t`about one in a hundred`],
  [0.035, t`about one in fifty`],
  [0.075, t`about one in twenty`],
  [0.15, t`about one in ten`],
  [0.225, t`about one in five`],
  [0.29, t`about one in four`],
  [0.42, t`about one in three`],
  [0.58, t`even`],
  [0.71, t`about two in three`],
  [0.82, t`about three in four`],
  [0.945, t`about nine in ten`],
  [Infinity, t`almost sure`],
];

/** A chance in words that nobody takes for a measurement. @param chance 0–1 @example chanceWords(0.31) // 'about one in three' */
export const chanceWords = (chance: number): string => chances.find(([below]) => chance < below)![1];

const shares: readonly (readonly [share: number, word: string])[] = [
  [0.05, t`next to nothing`],
  [0.1, t`a tenth`],
  [0.2, t`a fifth`],
  [0.25, t`a quarter`],
  [1 / 3, t`a third`],
  [0.4, t`two fifths`],
  [0.5, t`half`],
  [0.6, t`three fifths`],
  [2 / 3, t`two thirds`],
  [0.7, t`seven tenths`],
  [0.75, t`three quarters`],
  [0.8, t`four fifths`],
  [0.9, t`nine tenths`],
  [1, t`all`],
];

/**
 * A share in words, never less than it is, but for a hundredth.
 *
 * @param share 0 or more; above 1 it is more than all
 * @example shareWords(0.62) // 'two thirds'
 */
export const shareWords = (share: number): string =>
  shares.find(([upTo]) => share <= upTo + 0.01)?.[1] ?? t`more than all`;
