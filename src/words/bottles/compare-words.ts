import type { Difference } from '@/core/tasting/compare';
import type { VersionProposal } from '@/core/recipes/next-version';
import type { BottlingWay } from '@/core/recipes/recipe';
import type { Cause } from '@/core/tasting/looking-back';
import type { TasteKind } from '@/core/lots/lot';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { number } from '../amounts';
import { plural, t } from '@/core/language/t';

const more: Readonly<Record<TasteKind, string>> = {
  sweet: t`sweeter`,
  sour: t`sourer`,
  fizz: t`fizzier`,
  strength: t`stronger`,
  spice: t`spicier`,
  aroma: t`fuller in aroma`,
  off: t`more off`,
  liking: t`liked better`,
};

export const tasteTitles: Readonly<Record<TasteKind, string>> = {
  sweet: t`Sweet`,
  sour: t`Sour`,
  fizz: t`Fizz`,
  strength: t`Strength`,
  spice: t`Spice`,
  aroma: t`Aroma`,
  off: t`Anything off`,
  liking: t`Liking`,
};

/** How much to believe a difference, in words for its chance. */
export function beliefWords(chance: number): string {
  const sure = Math.max(chance, 1 - chance);
  if (sure < 0.65) return t`hardly more than chance`;
  if (sure < 0.8) return t`likely (${Math.round(sure * 10)} in 10)`;
  if (sure < 0.95) return t`very likely (${Math.round(sure * 20)} in 20)`;
  return t`nearly sure`;
}

/** A difference between two bottles, and how much to believe it from so few. */
export function differenceWords(
  { kind, steps, pairs, chance }: Difference,
  first: string,
  second: string,
): string {
  const [a, b] = steps >= 0 ? [first, second] : [second, first];
  const by = Math.abs(steps);
  return t`${a} is ${more[kind]} than ${b} by ${by.toFixed(1)} steps; from ${plural(pairs, 'pair')} of sips that is ${beliefWords(chance)}.`;
}

const doseWords = (dose: BottlingWay['dose']): string =>
  dose === null
    ? t`nothing`
    : t`${dose.perLitre} ${dose.unit === 'ml' ? 'ml' : 'g'} ${ingredientOf(dose.what).name.toLowerCase()} a litre`;

/** A proposal in words: what, from what to what, why. */
export function proposalWords(proposal: VersionProposal): string {
  switch (proposal.what) {
    case 'sugar':
      return t`${ingredientOf(proposal.ingredient).name} ${number(Number(proposal.from.toFixed(1)))} → ${number(Number(proposal.to.toFixed(1)))} g a litre: it tasted ${proposal.because === 'too-sweet' ? t`sweeter` : t`less sweet`} than you like it`;
    case 'days':
      return t`Days warm in the bottle ${proposal.from} → ${proposal.to}: ${proposal.because === 'gushed' ? t`half of them gushed` : proposal.because === 'flat' ? t`half of them were flat` : t`the one liked best stood so long`}`;
    case 'dose':
      return t`Dose ${doseWords(proposal.from)} → ${doseWords(proposal.to)}: the one liked best had it`;
    case 'headspace':
      return t`Headspace ${proposal.from} → ${proposal.to} cm: ${proposal.because === 'gushed' ? t`half of them gushed` : t`the one liked best had it`}`;
    case 'infusion':
      return t`Infusion ${proposal.from} → ${proposal.to} hours: its aroma ${proposal.because === 'faint' ? t`was faint` : t`overwhelmed`}`;
  }
}

export const causeWords: Readonly<Record<Cause, string>> = {
  'too-long-warm': t`likely too long in the warm`,
  pulp: t`pulp in it`,
  'too-full': t`filled too high`,
  'opened-warm': t`opened warm`,
  'no-sugar-left': t`no sugar left to make gas`,
  'too-cold': t`it stood too cold`,
  'too-short': t`not long enough in the warm`,
  leaky: t`it should have held gas: look at its seal`,
};
