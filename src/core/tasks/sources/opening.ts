import { lastAt } from '../../lots/lineage';
import { rootOf } from '../../forecast/family-members';
import { lotOf } from '../../journal/household';
import type { Lot } from '../../lots/lot';
import { hourMs, type Task, type TaskAsk } from '../task';

const settleHours = 48;
const bestDays = 14;

/** Chilled bottles: two days of cold let the gas dissolve, weeks make it drier. */
export function openingTasks({ living, household }: TaskAsk): readonly Task[] {
  const groups = new Map<string, Lot[]>();
  for (const lot of living) {
    if (lot.role !== 'bottle' || lot.place !== 'fridge') continue;
    const key = `${rootOf(lot, (id) => lotOf(household, id)).id} ${chilledAt(lot)}`;
    groups.set(key, [...(groups.get(key) ?? []), lot]);
  }
  return [...groups.values()].map((lots) => {
    const chilled = chilledAt(lots[0]!);
    return {
      id: `open-${lots[0]!.id}`,
      verb: 'open',
      lots,
      portions: [],
      from: chilled + settleHours * hourMs,
      until: chilled + bestDays * 24 * hourMs,
      fromSoftHours: 12,
      untilSoftHours: 72,
      reason: 'settled',
    };
  });
}

const chilledAt = (lot: Lot): number => lastAt(lot, ({ kind }) => kind === 'moved');
