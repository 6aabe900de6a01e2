import { ingredientOf } from '@/core/matter/ingredients/registry';
import { portionWords } from '../amounts';
import type { ReadLine } from '@/core/recipes/ingredient-line';
import { t } from '@/core/language/t';

/** How a line was taken that does not say exactly how much. */
export const estimateWords = ({ line, portion }: ReadLine): string =>
  portion ? t`“${line.trim().slice(0, 60)}” is taken as about ${portionWords(portion)}: a middling one.` : '';

/** What is asked about a line of a recipe that could not be read for sure. */
export function lineQuestion({ asks, what }: ReadLine): string {
  const name = what ? ingredientOf(what).name.toLowerCase() : '';
  switch (asks) {
    case 'what':
      return t`Not in the table, or not clear: write what it is, with grams or spoons.`;
    case 'how-much':
      return t`How much ${name}? Write grams, or level spoons.`;
    case 'unit':
      return t`That measure differs from kitchen to kitchen: how many grams or millilitres of ${name}?`;
    case 'which':
      return t`More than one thing could be meant: write the one that goes in, with its amount.`;
    case null:
      return '';
  }
}
