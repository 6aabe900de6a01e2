import type { HeldHour } from '@/core/plan/held-hour';
import type { InTime, UnderWay } from '@/core/plan/under-way';
import { chanceWords } from '../chance';
import { fizzWord } from '../fizz';
import { moment, quarter } from '../moment';
import { windowWords } from './plan-words';
import { t } from '@/core/language/t';

/** A chance that moved less than this is the same. */
const alike = 0.1;
/** Sweetness within a seventh of what is meant is as it is meant. */
const asSweet = 0.15;

/** What the chance was when the plan was taken, where it is another now; null where it is not. @param taken 0–1 @param now 0–1 */
export const changedWords = (taken: number, now: number): string | null =>
  Math.abs(taken - now) < alike ? null : t`When you took the plan: ${chanceWords(taken)}.`;

/** When a glass can be poured. */
export const glassWords = ({ from, until }: UnderWay['glass'], now: number): string =>
  t`First glass: ${windowWords(from, until, now)}.`;

/** Hours that were held, and have not gone by; null for none. */
export function heldWords(
  { bottleAt, chillAt }: { readonly bottleAt?: number | undefined; readonly chillAt?: number | undefined },
  now: number,
): string | null {
  const said = [
    bottleAt !== undefined && bottleAt >= now ? t`bottle ${moment(bottleAt, now)}` : null,
    chillAt !== undefined && chillAt >= now ? t`chill ${moment(chillAt, now)}` : null,
  ].filter((each) => each !== null);
  return said.length > 0 ? t`Held: ${said.join(', ')}.` : null;
}

/** The hour a plan held for something; the window may have moved away from it. */
export const heldHourWords = ({ at, fits }: HeldHour, now: number): string =>
  fits ? t`Your plan: ${moment(at, now)}.` : t`Your plan said ${moment(at, now)}. The window has moved.`;

function sweetWord({ sweetness, wantedSweetness }: InTime): string {
  const ratio = sweetness / Math.max(1, wantedSweetness);
  return ratio > 1 + asSweet
    ? t`sweeter than meant`
    : ratio < 1 - asSweet
      ? t`drier than meant`
      : t`as sweet as meant`;
}

/** What is poured when it is chilled in time, whatever it is like. */
export const pouredWords = (glass: InTime, now: number): string =>
  t`To have it in time, chill ${moment(quarter(glass.chillAt), now)}: ${fizzWord(glass.volumes)}, ${sweetWord(glass)}.`;

/** A later time, and the chance it has. */
export const surerWords = ({ at, chance }: NonNullable<UnderWay['surer']>, now: number): string =>
  t`By ${moment(at, now)}: ${chanceWords(chance)}.`;

/** All bottles stand in the cold: from when they are as they should be. @param cold ms @param by ms */
export const coldWords = (cold: number, by: number, now: number): string =>
  cold <= now
    ? t`All of it stands cold.`
    : cold <= by
      ? t`In the fridge: ready ${moment(quarter(cold), now)}, in time.`
      : t`In the fridge: ready ${moment(quarter(cold), now)}, later than you wished.`;
