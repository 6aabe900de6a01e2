/** Chances as people say them: each word holds below its figure. */
const chances: readonly (readonly [below: number, word: string])[] = [
  [0.002, 'hardly any chance'],
  [0.0075, 'about one in two hundred'],
  [0.015, 'about one in a hundred'],
  [0.035, 'about one in fifty'],
  [0.075, 'about one in twenty'],
  [0.15, 'about one in ten'],
  [0.225, 'about one in five'],
  [0.29, 'about one in four'],
  [0.42, 'about one in three'],
  [0.58, 'even'],
  [0.71, 'about two in three'],
  [0.82, 'about three in four'],
  [0.945, 'about nine in ten'],
  [Infinity, 'almost sure'],
];

/** A chance in words that nobody takes for a measurement. @param chance 0–1 @example chanceWords(0.31) // 'about one in three' */
export const chanceWords = (chance: number): string => chances.find(([below]) => chance < below)![1];

const shares: readonly (readonly [share: number, word: string])[] = [
  [0.05, 'next to nothing'],
  [0.1, 'a tenth'],
  [0.2, 'a fifth'],
  [0.25, 'a quarter'],
  [1 / 3, 'a third'],
  [0.4, 'two fifths'],
  [0.5, 'half'],
  [0.6, 'three fifths'],
  [2 / 3, 'two thirds'],
  [0.7, 'seven tenths'],
  [0.75, 'three quarters'],
  [0.8, 'four fifths'],
  [0.9, 'nine tenths'],
  [1, 'all'],
];

/**
 * A share in words, never less than it is, but for a hundredth.
 *
 * @param share 0 or more; above 1 it is more than all
 * @example shareWords(0.62) // 'two thirds'
 */
export const shareWords = (share: number): string =>
  shares.find(([upTo]) => share <= upTo + 0.01)?.[1] ?? 'more than all';
