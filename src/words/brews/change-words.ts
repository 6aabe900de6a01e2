import { knownCultures } from '@/core/cultures/registry';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { isPoured } from '@/core/matter/portion';
import type { Change } from '@/core/recipes/changes';
import { grams, millilitres, number } from '../amounts';
import { fizzWords } from '../fizz';
import { methodLabel, methodOptions, methodTitles } from './method-words';

const amount = (what: string, perLitre: number) =>
  `${isPoured(what) ? millilitres(Number(perLitre.toFixed(1))) : grams(Number(perLitre.toFixed(1)))}`;
const named = (key: string): key is keyof typeof methodOptions => key in methodOptions;

/** One change of a recipe in words: "White sugar 72 → 65 g a litre". */
export function changeWords(change: Change): string {
  switch (change.kind) {
    case 'amount':
      return `${ingredientOf(change.what).name} ${number(change.from)} → ${amount(change.what, change.to)} a litre`;
    case 'added':
      return `${ingredientOf(change.what).name}, new: ${amount(change.what, change.perLitre)} a litre`;
    case 'gone':
      return `${ingredientOf(change.what).name} left out`;
    case 'dose':
      return `Starter ${number(change.from)} → ${number(change.to)} ${knownCultures(change.culture)?.unit ?? 'ml'} a litre`;
    case 'culture':
      return `With ${knownCultures(change.to)?.name ?? change.to} instead of ${knownCultures(change.from)?.name ?? change.from}`;
    case 'fizz':
      return `Fizz: ${fizzWords(change.from)} → ${fizzWords(change.to)}`;
    case 'bottling': {
      const [title, unit] = bottlingTitles[change.key];
      const said = (value: string) => (value === '' ? 'nothing' : `${value}${unit}`);
      return `${title}: ${said(change.from)} → ${said(change.to)}`;
    }
    case 'method':
      return named(change.key)
        ? `${methodTitles[change.key]}: ${methodLabel(change.key, change.from).toLowerCase()} → ${methodLabel(change.key, change.to).toLowerCase()}`
        : (methodTimes[change.key] ?? '');
  }
}

const bottlingTitles = {
  dose: ['Dose of the bottles', ' a litre'],
  headspaceCm: ['Headspace', ' cm'],
  warmDays: ['Days warm in the bottle', ''],
} as const;

const methodTimes: Readonly<Record<string, string>> = {
  minutes: 'Another time at the simmer',
  steepHours: 'Another time to steep',
  days: 'Other days of first ferment',
  infusion: 'Another infusion',
};
