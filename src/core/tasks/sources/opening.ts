import type { LotAnswer } from '../../forecast/answer/family-answer';
import { lastAt } from '../../lots/lineage';
import { rootOf } from '../../forecast/question/family-members';
import { lotOf } from '../../journal/household';
import { eveningBefore } from '../../kitchen/waking';
import type { Lot } from '../../lots/lot';
import { watchOf } from '../pressure-watch';
import { type Task, type TaskAsk } from '../task';
import { dayMs, hourMs } from '../../duration';

const settleHours = 48;
const bestDays = 14;

/** Chilled bottles: two days of cold let the gas dissolve, weeks make it drier, and some go on towards their limit. */
export function openingTasks({ living, household, lotAnswer, now }: TaskAsk): readonly Task[] {
  const groups = new Map<string, Lot[]>();
  for (const lot of living) {
    if (lot.role !== 'bottle' || lot.place !== 'fridge') continue;
    const key = `${rootOf(lot, (id) => lotOf(household, id)).id} ${chilledAt(lot)}`;
    groups.set(key, [...(groups.get(key) ?? []), lot]);
  }
  return [...groups.values()].map((lots) => {
    const chilled = chilledAt(lots[0]!);
    const answer = lotAnswer(lots[0]!.id);
    const keeping = answer?.keeping;
    const openBy = limitAt(answer);
    const pressed = openBy < chilled + bestDays * dayMs;
    return {
      id: `open-${lots[0]!.id}`,
      verb: 'open',
      lots,
      portions: [],
      from: Math.min(chilled + settleHours * hourMs, Math.max(chilled, openBy - settleHours * hourMs)),
      until: bestUntil(lots[0]!, answer, now),
      fromSoftHours: 12,
      untilSoftHours: pressed ? keeping!.openBySpread : 72,
      reason:
        answer && watchOf(answer, now)?.stage === 'do-not-handle'
          ? 'cold-do-not-handle'
          : pressed
            ? `cold-${keeping!.closes}`
            : 'settled',
    };
  });
}

/** When a cold bottle is past what it is good for, or would gush, ms; Infinity as far as the forecast looks. */
const limitAt = (answer: LotAnswer | null): number =>
  answer?.keeping && answer.keeping.closes !== 'beyond-forecast'
    ? answer.start + answer.keeping.openBy * hourMs
    : Infinity;

/** Until when a chilled bottle is at its best, ms: a fortnight, or less where even cold it goes on too far. */
export const bestUntil = (lot: Lot, answer: LotAnswer | null, now: number): number =>
  Math.max(
    chilledAt(lot) + hourMs,
    eveningBefore(Math.min(chilledAt(lot) + bestDays * dayMs, limitAt(answer)), now),
  );

const chilledAt = (lot: Lot): number => lastAt(lot, ({ kind }) => kind === 'moved');
