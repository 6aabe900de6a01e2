import { lastAt } from '../../lots/lineage';
import { rootOf } from '../../forecast/family-members';
import { lotOf } from '../../journal/household';
import type { Lot } from '../../lots/lot';
import { watchOf } from '../pressure-watch';
import { hourMs, type Task, type TaskAsk } from '../task';

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
    const best = chilled + bestDays * 24 * hourMs;
    const answer = lotAnswer(lots[0]!.id);
    const keeping = answer?.keeping;
    const openBy =
      answer && keeping && keeping.closes !== 'beyond-forecast'
        ? answer.start + keeping.openBy * hourMs
        : Infinity;
    const pressed = openBy < best;
    return {
      id: `open-${lots[0]!.id}`,
      verb: 'open',
      lots,
      portions: [],
      from: Math.min(chilled + settleHours * hourMs, Math.max(chilled, openBy - settleHours * hourMs)),
      until: Math.max(chilled + hourMs, Math.min(best, openBy)),
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

const chilledAt = (lot: Lot): number => lastAt(lot, ({ kind }) => kind === 'moved');
