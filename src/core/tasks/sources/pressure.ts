import type { Lot } from '../../lots/lot';
import { rootOf } from '../../forecast/family-question';
import { lotOf } from '../../journal/household';
import { hourMs, type Task, type TaskAsk } from '../task';

/** Sealed bottles that stand warm: chill them within their window, those with one history together. */
export function pressureTasks({ living, household, lotAnswer }: TaskAsk): readonly Task[] {
  const groups = new Map<string, Lot[]>();
  for (const lot of living) {
    if (lot.role !== 'bottle' || lot.place === 'fridge') continue;
    const chill = lotAnswer(lot.id)?.chill;
    if (!chill) continue;
    const root = rootOf(lot, (id) => lotOf(household, id));
    const key = [root.id, chill.earliest.toFixed(2), chill.latest.toFixed(2)].join(' ');
    groups.set(key, [...(groups.get(key) ?? []), lot]);
  }
  return [...groups.values()].map((lots) => chillTask(lots, lotAnswer));
}

function chillTask(lots: readonly Lot[], lotAnswer: TaskAsk['lotAnswer']): Task {
  const { start, chill } = lotAnswer(lots[0]!.id)!;
  const { earliest, latest, earliestSpread, latestSpread, closes, reached } = chill!;
  return {
    id: `chill-${lots[0]!.id}`, verb: 'chill', lots, portions: [], from: start + earliest * hourMs, until: start + latest * hourMs,
    fromSoftHours: earliestSpread, untilSoftHours: latestSpread, reason: closes === 'limit' && !reached ? 'limit-before-fizz' : closes,
  };
} // prettier-ignore
