import type { FillingOutcome, FillingWay } from '@/core/forecast/advice/fillings';
import { capital } from '@/core/capital';
import { t } from '@/core/language/t';

const ways: Readonly<Record<Exclude<FillingWay, 'as-planned'>, string>> = {
  squeezed: t`with a soft bottle to squeeze`,
  stronger: t`in sparkling-wine bottles`,
  cooler: t`four degrees cooler`,
  'less-dose': t`with half the dose`,
};

/** Of ten, at least so many more make a change worth saying. */
const worthSaying = 0.05;

const ofTen = (share: number): string => {
  const n = Math.round(10 * share);
  return n === 0 ? t`hardly any` : n === 10 ? t`nearly all` : t`about ${n} in 10`;
};

/**
 * What a filling comes to when nobody looks, and what would make it better, the best first.
 *
 * @example "Nobody looking, about 3 in 10 come right, 6 in 10 flat. About 7 in 10 with a soft bottle to squeeze, …"
 */
export function fillingWords(outcomes: readonly FillingOutcome[]): readonly string[] {
  const planned = outcomes.find(({ way }) => way === 'as-planned');
  if (!planned) return [];
  const better = outcomes
    .filter(({ way, good }) => way !== 'as-planned' && good > planned.good + worthSaying)
    .sort((a, b) => b.good - a.good);
  const rest = planned.flat >= planned.over ? t`most of the rest are flat` : t`most of the rest gush`;
  return [
    t`If nobody looks, ${ofTen(planned.good)} come right; ${rest}.`,
    ...better.map(
      ({ way, good }) => `${capital(ofTen(good))} ${ways[way as Exclude<FillingWay, 'as-planned'>]}.`,
    ),
  ];
}
