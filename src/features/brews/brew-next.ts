import { hourMs } from '@/core/duration';
import type { Household } from '@/core/journal/household';
import { nextAwake } from '@/core/kitchen/waking';
import { wakingOf } from '@/core/settings/waking-hours';
import { errandsOf } from '@/core/tasks/sources/pressure';
import { closesWords, lateBy, moment, quarter } from '@/words/moment';
import { ruleOrder } from '@/words/tasks/rule-words';
import type { Forecasts } from '../forecasting/forecasts';
import type { BrewRow } from './brew-rows';
import { t } from '@/core/language/t';

/** What comes next of a brew, and the window it is about. */
export interface BrewNext {
  readonly words: string;
  readonly span: {
    readonly from: number;
    readonly until: number;
    readonly fromSoftHours: number;
    readonly untilSoftHours: number;
  } | null;
}

const plain = (words: string): BrewNext => ({ words, span: null });

/** What comes next of a brew, as its row in the list says it. */
export function brewNext(
  { brew, stage, bottles }: BrewRow,
  forecasts: Forecasts,
  household: Household,
  now: number,
): BrewNext {
  const waking = wakingOf(household);
  if (stage === 'mixed') return plain(t`pitch below 30 °C`);
  if (stage === 'finished') return plain(moment(brew.begunAt, now));
  if (stage === 'first-ferment') {
    const answer = forecasts.lotAnswer(brew.id);
    if (!answer?.taste) return plain(t`being worked out…`);
    const { earliest, latest, earliestSpread, latestSpread } = answer.taste;
    const from = answer.start + earliest * hourMs;
    const until = answer.start + latest * hourMs;
    const late = lateBy(until, now);
    return {
      words: late
        ? t`${late}: taste it`
        : from <= now
          ? t`taste it ${closesWords(until, now, waking)}`
          : t`taste from ${moment(quarter(nextAwake(from, waking)), now)}`,
      span: { from, until, fromSoftHours: earliestSpread, untilSoftHours: latestSpread },
    };
  }
  const warm = bottles.filter(({ place }) => place !== 'fridge');
  if (warm.length === 0) return plain(t`cold, ready to open`);
  const first = errandsOf({ ...forecasts, living: warm, household, now })
    .values()
    .next().value;
  if (!first) return plain(t`being worked out…`);
  const look = first.rule ? t`${ruleOrder(first.rule, now)}, or ` : '';
  return { words: t`${look}chill ${closesWords(first.until, now, waking)}`, span: first };
}
