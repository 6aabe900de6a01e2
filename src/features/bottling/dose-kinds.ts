import { ingredientOf } from '@/core/matter/ingredients/registry';
import { isPoured } from '@/core/matter/portion';
import type { Dose } from './table-state';
import { t } from '@/core/language/t';

/** What is usual in a bottle, each with where its scale begins: for a litre. */
export const doseKinds = [
  { value: 'white-sugar', label: t`Sugar`, perLitre: 6, unit: 'grams' },
  { value: 'honey', label: t`Honey`, perLitre: 8, unit: 'grams' },
  { value: 'pear-juice', label: t`Pear juice`, perLitre: 150, unit: 'ml' },
  { value: 'cherry-juice', label: t`Cherry juice`, perLitre: 150, unit: 'ml' },
  { value: 'raspberry-puree', label: t`Raspberry purée`, perLitre: 70, unit: 'grams' },
] as const;
/** What else goes into bottles now and then. */
export const otherPicks = [
  'plum-puree',
  'lemon-juice',
  'ginger',
  'cinnamon',
  'mint',
  'blackcurrant-concentrate',
];

/** What a litre usually gets of something: juice a seventh, purée and fruit a good spoon, spice a little. */
export function usualDose(what: string): Dose {
  const known = doseKinds.find(({ value }) => value === what);
  if (known) return { what, perLitre: known.perLitre, unit: known.unit };
  const { family } = ingredientOf(what);
  const perLitre = family === 'juice' ? 150 : family === 'puree' || family === 'fruit' ? 70 : 6;
  return { what, perLitre, unit: isPoured(what) ? 'ml' : 'grams' };
}
