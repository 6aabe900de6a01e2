import type { Charged } from '@/core/bottling/charge';
import { sugarForFizz } from '@/core/bottling/charge';
import type { FillPlan, ShortOption } from '@/core/bottling/fill-plan';
import type { JarNow } from '@/core/forecast/answer/jar-now';
import type { Wish } from '@/core/bottling/carries';
import type { Caution } from '@/core/settings/caution';

import { capital } from '@/core/capital';
import type { Strength } from '@/core/vessels/strength';
import { vesselKind, type VesselId } from '@/core/vessels/vessel-kinds';
import { millilitres } from '../amounts';
import { fizzWord, fizzWords } from '../fizz';
import { type Mark } from '@/core/lots/records/new-lot';
import { plural, t } from '@/core/language/t';

const one = (value: number) => value.toFixed(1);

export const markWords: Readonly<Record<Mark, string>> = {
  ring: t`one ring`,
  'two-rings': t`two rings`,
  knot: t`a knot`,
  tag: t`a tag`,
  clip: t`a clip`,
};

/** Why a kind of vessel is not filled for fizz. */
export const refusedWords = (kind: VesselId): string =>
  kind === 'preserving-jar'
    ? t`Preserving jars are left out: their lid and shoulder are not made for pressure, and a wide pane bursts early. With the lid loose, for drinking still, they serve.`
    : t`${vesselKind(kind).name} is left out: flat faces and corners bend under pressure and burst. With the lid loose, for drinking still, it serves.`;

/** What the first ferment left, as a range, and what it could make. */
export function leftWords({ sugarGramsPerLitre: sugar, co2Volumes }: JarNow): string {
  const [low, , middle, , high] = sugar;
  return t`The first ferment has left about ${middle.toFixed(0)} g/L of sugar (${low.toFixed(0)}–${high.toFixed(0)}); its fizz is ${fizzWords(co2Volumes[2])}. An estimate: a hydrometer knows better.`;
}

/** Sugar that a fizz takes of a jar as it is now, and what of it is wanting, g/L. */
const forFizz = (wantedVolumes: number, { sugarGramsPerLitre, co2Volumes }: JarNow) =>
  sugarForFizz(wantedVolumes, co2Volumes[2], sugarGramsPerLitre[2]);

/** What is still needed for a fizz, g/L: below 0 when what is left is more than enough. */
export const neededGrams = (wantedVolumes: number, jar: JarNow): number =>
  forFizz(wantedVolumes, jar).wanting;

export function needWords(wantedVolumes: number, jar: JarNow): string {
  const { takes, wanting: needed } = forFizz(wantedVolumes, jar);
  if (takes <= 0) return t`The jar is ${fizzWords(wantedVolumes)} already: dose nothing.`;
  return needed > 0.05
    ? t`${capital(fizzWord(wantedVolumes))} takes ${one(takes)} g/L; ${one(needed)} g/L are wanting. Dosed so, it ends dry.`
    : t`${capital(fizzWord(wantedVolumes))} takes ${one(takes)} g/L of what is left: dose nothing for fizz, and chill in time.`;
}

/** What all of it could do, beside what its bottle is good for. */
export function potentialWords(charged: Charged, limitBar: number): string {
  const volumes = charged.potentialVolumes;
  const all = t`All ${charged.sugarGramsPerLitre.toFixed(0)} g/L in it would make some ${charged.potentialBar < 10 ? one(charged.potentialBar) : charged.potentialBar.toFixed(0)} bar (${volumes < 10 ? one(volumes) : volumes.toFixed(0)} vol).`;
  if (limitBar < 1) return t`${all} Its lid stays loose: none of it builds up.`;
  if (charged.potentialBar <= limitBar * 0.9)
    return t`${all} That is under the ${one(limitBar)} bar it is good for, as far as the estimate goes.`;
  if (charged.potentialBar <= limitBar * 1.5)
    return t`${all} That is more than the ${one(limitBar)} bar it is good for: chill it in time.`;
  return t`${all} No bottle is made for that. Yours is good for ${one(limitBar)} bar: only cold, in time, stops it.`;
}

/** How far the batch goes. */
export function fillWords(bottles: number, batchMl: number, leftMl: number): string {
  const litres = t`${(batchMl / 1000).toFixed(2)} L`;
  if (leftMl < -1)
    return t`These bottles want ${millilitres(Math.round(-leftMl))} more than the ${litres} there are.`;
  if (bottles === 0) return t`${litres} to bottle, and no bottle chosen yet.`;
  return t`${litres} into ${plural(bottles, 'bottle')}, ${leftMl < 5 ? t`to the last drop` : t`${millilitres(Math.round(leftMl))} over`}.`;
}

export const shortWords: Readonly<Record<ShortOption, string>> = {
  'leave-in-jar': t`Leave it in the jar: it goes on, drier by the day, and can be bottled when one comes free.`,
  'empty-first': t`Drink what is cold and settled first: its bottles come free.`,
  'drink-now': t`Drink it now, still, as the brewer’s share.`,
  'loose-lid': t`A jar with its lid loose, in the fridge: it stays flat, and is drunk within days.`,
};

/** What is wrong or worth saying of a plan. */
export function planRemarks(plan: Pick<FillPlan, 'noPilot' | 'refused'>): string[] {
  return [
    ...(plan.noPilot
      ? [
          t`No soft plastic bottle stands empty: without a pilot to squeeze, glass tells its pressure to nobody. A small soda bottle will do.`,
        ]
      : []),
    ...plan.refused.map(refusedWords),
  ];
}

export const cautionWords: Readonly<Record<Caution, string>> = {
  careful: t`Bottles stand warm only while fewer than one in 5,000 should burst. Advice, never a promise.`,
  usual: t`Bottles stand warm while fewer than one in 1,000 should burst. More fizz, more risk; glasses and a covered box matter more.`,
};

/** What a make is thought to bear, with the figure a maker can use beside the one that shows how unsure it is. */
export function strengthWords(
  limitBar: number,
  { medianBar, logSpread }: Strength,
  usedAt: readonly [usual: number, most: number] | null = null,
): string {
  const weak = medianBar * Math.exp(-2.326 * logSpread);
  const practice = usedAt
    ? t` Makers fill such bottles to ${usedAt[0]}–${usedAt[1]} vol, ${fizzWord(usedAt[0])}.`
    : '';
  return t`Good for ${one(limitBar)} bar by careful practice.${practice} At their age half are thought to burst by ${one(medianBar)} bar. The weakest of a hundred goes at ${one(weak)} bar.`;
}

/** What stands between the bottles and the fizz that is wanted; nothing where they carry it. The shares are the trial's (docs/trial.md). */
export function wishWords(wish: Wish): string | null {
  switch (wish.kind) {
    case 'fits':
      return null;
    case 'beyond': {
      const called = (kind: VesselId) => vesselKind(kind).name.toLowerCase().split(',')[0]!;
      const name = called(wish.bottle);
      const others = wish.carriedBy.map((kind) => t`a ${called(kind)}`);
      const instead =
        others.length > 0 ? t`Take ${others.join(' or ')}, or want less fizz.` : t`Want less fizz.`;
      return wish.most === 0
        ? t`Out of reach: ${name} is not made for fizz. ${instead}`
        : t`Out of reach: a ${name} goes no further than ${fizzWords(wish.most)}. ${instead}`;
    }
  }
}

/** Shown where bottles are filled. */
export const fillingCaution = t`Pressure-rated bottles only, the soft pilot beside the glass, in a covered box. Look each rim over for chips. Glasses on when the pilot feels hard. It holds some alcohol.`;

/** What a ceiling for alcohol does. @param percent null for none */
export const ceilingWords = (percent: number | null): string =>
  percent === null
    ? t`Only fizz, sweetness and bursts decide when to chill. Some alcohol is always in it.`
    : t`Bottles are chilled before they likely pass ${percent} %. It is an estimate: never rely on it where alcohol must not be.`;
