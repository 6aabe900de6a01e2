import { capital } from '@/core/capital';
import { hourMs } from '@/core/duration';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { lotOf, type Household } from '@/core/journal/household';
import { whileAwake } from '@/core/kitchen/waking';
import type { Lot } from '@/core/lots/lot';
import { cautionOf } from '@/core/settings/caution';
import { wakingOf } from '@/core/settings/waking-hours';
import { isClosedJar, jarRuleOf, ruleOf } from '@/core/tasks/rule';
import type { TaskRule } from '@/core/tasks/task';
import { wideHours } from '@/words/brews/composed-words';
import { byWords, moment, quarter } from '@/words/moment';
import { ruleBrief } from '@/words/tasks/card-words';
import { lateWords } from '@/words/tasks/late-words';
import { chillReason, tasteReason } from '@/words/tasks/reasons';
import { ruleOrder } from '@/words/tasks/rule-words';
import { t } from '@/core/language/t';

/** What a lot's page says is to be done. */
export interface AdviceSaid {
  /** What to do and when: "Squeeze bottle 4 at 21:30", "Chill by tomorrow 19:00". */
  readonly head: string;
  /** What a look leads to, in brief; nothing without one. */
  readonly brief: string | null;
  /** The same without a look, and why. */
  readonly because: string;
  readonly rule: TaskRule | null;
  readonly sealed: boolean;
  readonly span: { from: number; until: number; fromSoftHours: number; untilSoftHours: number };
}

/**
 * The advice about a lot that stands warm.
 *
 * @param celsius of the place it stands in
 * @returns null where there is no window: in the fridge, opened, or not worked out
 */
export function adviceOf(
  lot: Lot,
  answer: LotAnswer,
  household: Household,
  celsius: number,
  now: number,
): AdviceSaid | null {
  const window = answer.chill ?? answer.taste;
  if (!window || lot.opened || lot.ended || (lot.role === 'bottle' && lot.place === 'fridge')) return null;
  const waking = wakingOf(household);
  const at = (hour: number) => answer.start + hour * hourMs;
  const whole = { from: at(window.earliest), until: at(window.latest) };
  const awake = whileAwake(whole, waking);
  // In the night itself, what is left of a window is as it is.
  const { from: opens, until: closes } = awake.until > now ? awake : whole;
  const find = (id: string) => lotOf(household, id);
  const rule = answer.tasteRule ? jarRuleOf(lot, answer.tasteRule, answer.start) : ruleOf(lot, answer, find);
  const sealed = answer.chill !== null;
  const inJar = isClosedJar(lot);
  const because = sealed
    ? chillReason(answer, lot.vessel.kind, celsius, cautionOf(household) === 'careful')
    : tasteReason(inJar);
  const wide = !sealed && closes - Math.max(now, opens) > wideHours * hourMs;
  const often = wide ? t` once a day` : '';
  const verb = sealed
    ? t`Chill`
    : inJar
      ? t`Taste${often}, and chill it in its jar if you like it,`
      : t`Taste${often}, and bottle if you like it,`;
  const when = whenOf(opens, closes, sealed, now, waking.to);
  const late = sealed ? null : lateWords('bottle', lot, closes, now);
  return {
    head: late ?? (rule ? capital(ruleOrder(rule, now)) : `${sealed ? t`Chill` : t`Taste`} ${when}`),
    brief: late || !rule ? null : ruleBrief(rule),
    because: t`${rule ? t`Without a look: ` : ''}${rule ? verb.toLowerCase() : verb} ${when}, because ${because}`,
    rule: rule ?? null,
    sealed,
    span: {
      from: opens,
      until: closes,
      fromSoftHours: window.earliestSpread,
      untilSoftHours: window.latestSpread,
    },
  };
}

function whenOf(opens: number, closes: number, sealed: boolean, now: number, bed: number): string {
  if (closes <= now) return sealed ? t`now, in place` : t`now`;
  const from = moment(quarter(opens), now);
  const by = byWords(closes, now, bed);
  if (opens <= now) return by;
  if (!by.startsWith('by ')) return t`from ${from}, ${by}`;
  const until = by.slice(3);
  return until === from ? t`about ${from}` : t`between ${from} and ${until}`;
}
