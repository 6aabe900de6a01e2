import type { Lot } from '@/core/lots/lot';
import type { Task } from '@/core/tasks/task';
import { lateBy } from '../moment';
import { dayMs } from '@/core/duration';
import { capital } from '@/core/capital';
import { t } from '@/core/language/t';

/** Under a cloth or a loose lid air gets in: a brew so long past its time has soured to vinegar, days at some 21 °C. Practice. */
const vinegarAfterDays = 21;

/** What became of what is late, and what to do about it. */
const became: Readonly<Partial<Record<Task['verb'], string>>> = {
  feed: t`its yeast starves and thins out. Feed it now; one to three feeds bring it back.`,
  bottle: t`drier, sourer and stronger by now. Taste it first; if it is too sour, cook with it.`,
  open: t`drier and livelier by now. Open it cold, over the sink.`,
  tend: t`look at its top first. Fuzz or colour: discard it all.`,
  rest: t`feed it and put it in the fridge as soon as you can.`,
  wake: t`feed it now, and again tomorrow.`,
};
const vinegar = t`likely vinegar by now. Smell it: dress a salad with it, or pour it away. It makes no soda.`;

const letsAirIn = ({ role, closure }: Pick<Lot, 'role' | 'closure'>): boolean =>
  role === 'brew' && (closure === 'cloth' || closure === 'loose-lid');

const isVinegar = (verb: Task['verb'], lot: LateLot, lateMs: number): boolean =>
  verb === 'bottle' && lot.place !== 'fridge' && letsAirIn(lot) && lateMs > vinegarAfterDays * dayMs;

type LateLot = Pick<Lot, 'role' | 'closure' | 'place'>;

/**
 * What is late, said as late: by how much, what became of it, and what to do.
 *
 * @param until when its window closed, ms
 * @returns null while it is not late by an hour
 */
export function lateWords(verb: Task['verb'], lot: LateLot, until: number, now: number): string | null {
  const late = lateBy(until, now);
  const what = became[verb];
  if (!late || !what) return null;
  return `${capital(late)}: ${isVinegar(verb, lot, now - until) ? vinegar : what}`;
}

/** What became of what is late, in one breath. */
const becameShort: typeof became = {
  feed: t`Its yeast starves; one to three feeds bring it back.`,
  bottle: t`Drier, sourer and stronger by now: taste it first.`,
  open: t`Drier and livelier by now.`,
  tend: t`Look at its top first: fuzz or colour, discard it all.`,
  rest: t`Feed and chill it as soon as you can.`,
  wake: t`Feed it now, and again tomorrow.`,
};

/** Likewise in at most twelve words, without how late it is. */
export function lateShort(verb: Task['verb'], lot: LateLot, until: number, now: number): string | null {
  const what = becameShort[verb];
  if (!lateBy(until, now) || !what) return null;
  return isVinegar(verb, lot, now - until) ? t`Likely vinegar by now: it makes no soda.` : what;
}
