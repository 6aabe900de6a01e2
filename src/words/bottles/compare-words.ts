import type { Difference } from '@/core/tasting/compare';
import type { VersionProposal } from '@/core/recipes/next-version';
import type { BottlingWay } from '@/core/recipes/recipe';
import type { Cause } from '@/core/tasting/looking-back';
import type { TasteKind } from '@/core/lots/lot';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { plural } from '../moment';

const more: Readonly<Record<TasteKind, string>> = {
  sweet: 'sweeter',
  sour: 'sourer',
  fizz: 'fizzier',
  strength: 'stronger',
  spice: 'spicier',
  aroma: 'fuller in aroma',
  off: 'more off',
  liking: 'liked better',
};

export const tasteTitles: Readonly<Record<TasteKind, string>> = {
  sweet: 'Sweet',
  sour: 'Sour',
  fizz: 'Fizz',
  strength: 'Strength',
  spice: 'Spice',
  aroma: 'Aroma',
  off: 'Anything off',
  liking: 'Liking',
};

/** How much to believe a difference, in words for its chance. */
export function beliefWords(chance: number): string {
  const sure = Math.max(chance, 1 - chance);
  if (sure < 0.65) return 'hardly more than chance';
  if (sure < 0.8) return `likely (${Math.round(sure * 10)} in 10)`;
  if (sure < 0.95) return `very likely (${Math.round(sure * 20)} in 20)`;
  return 'nearly sure';
}

/** A difference between two bottles, and how much to believe it from so few. */
export function differenceWords(
  { kind, steps, pairs, chance }: Difference,
  first: string,
  second: string,
): string {
  const [a, b] = steps >= 0 ? [first, second] : [second, first];
  const by = Math.abs(steps);
  return `${a} is ${more[kind]} than ${b} by ${by.toFixed(1)} steps; from ${plural(pairs, 'pair')} of sips that is ${beliefWords(chance)}.`;
}

const doseWords = (dose: BottlingWay['dose']): string =>
  dose === null
    ? 'nothing'
    : `${dose.perLitre} ${dose.unit === 'ml' ? 'ml' : 'g'} ${ingredientOf(dose.what).name.toLowerCase()} a litre`;

/** A proposal in words: what, from what to what, why. */
export function proposalWords(proposal: VersionProposal): string {
  switch (proposal.what) {
    case 'sugar':
      return `${ingredientOf(proposal.ingredient).name} ${proposal.from} → ${proposal.to} g a litre: it tasted ${proposal.because === 'too-sweet' ? 'sweeter' : 'less sweet'} than you like it`;
    case 'days':
      return `Days warm in the bottle ${proposal.from} → ${proposal.to}: ${proposal.because === 'gushed' ? 'half of them gushed' : proposal.because === 'flat' ? 'half of them were flat' : 'the one liked best stood so long'}`;
    case 'dose':
      return `Dose ${doseWords(proposal.from)} → ${doseWords(proposal.to)}: the one liked best had it`;
    case 'headspace':
      return `Headspace ${proposal.from} → ${proposal.to} cm: ${proposal.because === 'gushed' ? 'half of them gushed' : 'the one liked best had it'}`;
    case 'infusion':
      return `Infusion ${proposal.from} → ${proposal.to} hours: its aroma ${proposal.because === 'faint' ? 'was faint' : 'overwhelmed'}`;
  }
}

export const causeWords: Readonly<Record<Cause, string>> = {
  'too-long-warm': 'likely too long in the warm',
  pulp: 'pulp in it',
  'too-full': 'filled too high',
  'opened-warm': 'opened warm',
  'no-sugar-left': 'no sugar left to make gas',
  'too-cold': 'it stood too cold',
  'too-short': 'not long enough in the warm',
  leaky: 'it should have held gas: look at its seal',
};
