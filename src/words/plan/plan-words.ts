import type { Remedy } from '@/core/plan/otherwise';
import { format } from 'date-fns/format';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import type { Portion } from '@/core/matter/portion';
import type { Preparing } from '@/core/plan/preparation';
import type { WishSetting } from '@/core/settings/wish';
import type { Cause, StepKind } from '@/core/plan/outline';
import type { DayItem } from '@/core/plan/plan-days';
import { dayMs, hourMs } from '@/core/duration';
import { amountOf, litres } from '../amounts';
import { clock, moment, quarter } from '../moment';
import { atWords } from '../when';
import { chanceWords } from '../chance';
import { plural, t } from '@/core/language/t';

type Standing = NonNullable<WishSetting['standing']>;

/** What is done at each step. */
export const stepWords: Readonly<Record<StepKind, string>> = {
  brew: t`Brew it`,
  taste: t`Taste it`,
  infuse: t`Let it steep in the cold`,
  bottle: t`Bottle it`,
  look: t`Feel how firm they are`,
  chill: t`Chill all`,
  pour: t`A glass can be poured`,
};

/** What is done before the brew day. */
export const preparingWords: Readonly<Record<Preparing['kind'], string>> = {
  buy: t`Buy what is missing`,
  'stand-water': t`Let the water stand`,
  soak: t`Soak in vinegar what touches it`,
  feed: t`Feed the starter`,
};

/** How often something is wished, and what is there of it. @param stock ml */
export const wishedWords = (standing: Standing, stock: number): string =>
  standing.kind === 'every'
    ? standing.days === 1
      ? t`Every day`
      : t`Every ${plural(standing.days, 'day')}`
    : t`Always cold. There or on the way: ${litres(stock)}.`;

/** What is bought of something, and what is needed where that is less. */
export const boughtWords = (needed: Portion, bought: Portion): string =>
  amountOf(needed) === amountOf(bought)
    ? `${ingredientOf(needed.what).name} ${amountOf(bought)}`
    : t`${ingredientOf(needed.what).name} ${amountOf(bought)}, ${amountOf(needed)} needed`;

/** What is there of something, and what is needed. */
export const thereWords = (needed: Portion, there: Portion): string =>
  t`${ingredientOf(needed.what).name}: ${amountOf(there)} there, ${amountOf(needed)} needed`;

/** What is bought of something besides what is there of it. */
export const besidesWords = (needed: Portion, bought: Portion, there: Portion): string =>
  t`${ingredientOf(needed.what).name} ${amountOf(bought)}: ${amountOf(needed)} needed, ${amountOf(there)} there`;

/** A line of a day: the hour, what is done, of what; a window says until when. */
export function dayItemWords({ kind, from, until }: DayItem, name: string): string {
  const does = { ...preparingWords, ...stepWords }[kind];
  if (kind === 'buy') return t`${does}: ${name}`;
  const hour = clock(quarter(from));
  return until - from < dayMs || !Number.isFinite(until)
    ? t`${hour} ${does}: ${name}`
    : t`from ${hour} ${does}: ${name}, to ${format(until, 'EEE d MMM')}`;
}

/** What a plan hangs on most. */
export const causeWords: Readonly<Record<Cause, string>> = {
  'slow-jar': t`It hangs most on how fast the jar turns.`,
  'slow-bottle': t`It hangs most on how fast the bottles fizz.`,
  'nobody-free': t`It hangs most on when you are free.`,
  'fizz-off': t`It hangs most on when it is bottled and chilled.`,
};

export const alternativeWords = {
  surest: t`Surest`,
  soonest: t`Soonest`,
  latest: t`Later`,
} as const;

/** The plan with the fewest times at it. */
export const leastWorkWords = (acts: number): string => t`Least work, ${plural(acts, 'time')} at it`;

/** The chance that it stands cold and good in time. @param chance 0–1 */
export const inTimeWords = (chance: number): string => t`In time and good: ${chanceWords(chance)}.`;

/** What would make it fit, and the chance it then has. */
export function remedyWords({ kind, amount, chance }: Remedy): string {
  const then = chanceWords(chance);
  switch (kind) {
    case 'later':
      return t`${plural(amount, 'day')} later: ${then}.`;
    case 'warmer':
      return t`On a shelf three degrees warmer: ${then}.`;
    case 'jar':
      return t`With one more jar: ${then}.`;
    case 'bottles':
      return t`With more empty bottles: ${then}.`;
    case 'fridge':
      return t`With more room in the fridge: ${then}.`;
    case 'gauge':
      return t`With a gauge on one bottle: ${then}.`;
    case 'hours':
      return t`With somebody at home meanwhile: ${then}.`;
  }
}

/** When a step is done: an hour, or a window. */
export const windowWords = (from: number, until: number, now: number): string =>
  !Number.isFinite(until)
    ? t`perhaps not in time`
    : until - from < 3 * hourMs
      ? atWords(from, now)
      : t`${moment(quarter(Math.max(from, now)), now)} to ${moment(quarter(until), now)}`;
