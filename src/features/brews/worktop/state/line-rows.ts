import { ingredientOf } from '@/core/matter/ingredients/registry';
import type { Portion } from '@/core/matter/portion';
import { amountOf } from '@/words/amounts';
import type { WorktopState } from './worktop-state';

/** Sugars and syrups stand in the line that sweetens, all else in the one that flavours. */
export const isSweet = ({ what }: Pick<Portion, 'what'>): boolean =>
  ['sugar', 'syrup'].includes(ingredientOf(what).family);

/** Places in the composition of what a line of the worktop shows. */
export const rowsOf = ({ composition }: WorktopState, line: 'sweet' | 'flavour'): number[] =>
  composition.rows.flatMap((row, i) => (isSweet(row.portion) === (line === 'sweet') ? [i] : []));

/** @example "160 g white sugar" */
export const amountAndName = (portion: Portion): string =>
  `${amountOf(portion)} ${ingredientOf(portion.what).name.toLowerCase()}`;
