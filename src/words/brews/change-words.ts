import { knownCultures } from '@/core/cultures/registry';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { isPoured } from '@/core/matter/portion';
import type { Change } from '@/core/recipes/changes';
import { grams, millilitres, number } from '../amounts';
import { fizzWords } from '../fizz';
import { methodLabel, methodOptions, methodTitles } from './method-words';
import { t } from '@/core/language/t';

const amount = (what: string, perLitre: number) =>
  `${isPoured(what) ? millilitres(Number(perLitre.toFixed(1))) : grams(Number(perLitre.toFixed(1)))}`;
const named = (key: string): key is keyof typeof methodOptions => key in methodOptions;

/** One change of a recipe in words: "White sugar 72 → 65 g a litre". */
export function changeWords(change: Change): string {
  switch (change.kind) {
    case 'amount':
      return t`${ingredientOf(change.what).name} ${number(change.from)} → ${amount(change.what, change.to)} a litre`;
    case 'added':
      return t`${ingredientOf(change.what).name}, new: ${amount(change.what, change.perLitre)} a litre`;
    case 'gone':
      return t`${ingredientOf(change.what).name} left out`;
    case 'dose':
      return t`Starter ${number(change.from)} → ${number(change.to)} ${knownCultures(change.culture)?.unit ?? 'ml'} a litre`;
    case 'culture':
      return t`With ${knownCultures(change.to)?.name ?? change.to} instead of ${knownCultures(change.from)?.name ?? change.from}`;
    case 'fizz':
      return t`Fizz: ${fizzWords(change.from)} → ${fizzWords(change.to)}`;
    case 'bottling': {
      const [title, unit] = bottlingTitles[change.key];
      const said = (value: string) => (value === '' ? t`nothing` : `${value}${unit}`);
      return `${title}: ${said(change.from)} → ${said(change.to)}`;
    }
    case 'method':
      return named(change.key)
        ? `${methodTitles[change.key]}: ${methodLabel(change.key, change.from).toLowerCase()} → ${methodLabel(change.key, change.to).toLowerCase()}`
        : (methodTimes[change.key] ?? '');
  }
}

const bottlingTitles = {
  dose: [t`Dose of the bottles`, t` a litre`],
  headspaceCm: [t`Headspace`, ' cm'],
  warmDays: [t`Days warm in the bottle`, ''],
} as const;

const methodTimes: Readonly<Record<string, string>> = {
  minutes: t`Another time at the simmer`,
  steepHours: t`Another time to steep`,
  days: t`Other days of first ferment`,
  infusion: t`Another infusion`,
};
