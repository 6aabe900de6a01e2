import type { Lot } from '../../lots/lot';
import { rootOf } from '../../forecast/question/family-members';
import { lotOf } from '../../journal/household';
import { isSoft } from '../../forecast/question/pilot';
import type { LotFinder } from '../../lots/pitch';
import { watchOf } from '../pressure-watch';
import { ruleOf } from '../rule';
import { type Task, type TaskAsk } from '../task';
import { hourMs } from '../../duration';

/** Windows that close within these hours of each other are one errand. */
const togetherHours = 4;

/** Sealed bottles that stand warm: chill them within their window; those of a family that are due together, together. */
export function pressureTasks({ living, household, lotAnswer, now }: TaskAsk): readonly Task[] {
  const latest = (lot: Lot) => lotAnswer(lot.id)!.chill!.latest;
  const warm = living
    .filter((lot) => lot.role === 'bottle' && lot.place !== 'fridge' && lotAnswer(lot.id)?.chill)
    // A soft pilot stands for its glass: it comes after it, and goes with it.
    .sort((a, b) => Number(isSoft(a)) - Number(isSoft(b)) || latest(a) - latest(b) || (a.id < b.id ? -1 : 1));
  const groups: { rootId: string; lots: Lot[] }[] = [];
  for (const lot of warm) {
    const rootId = rootOf(lot, (id) => lotOf(household, id)).id;
    const group = groups.find(
      (each) =>
        each.rootId === rootId && (isSoft(lot) || latest(lot) - latest(each.lots[0]!) < togetherHours),
    );
    if (group) group.lots.push(lot);
    else groups.push({ rootId, lots: [lot] });
  }
  const find = (id: string) => lotOf(household, id);
  return groups.map(({ lots }) => chillTask(lots, { lotAnswer, now, find }));
}

interface Asked extends Pick<TaskAsk, 'lotAnswer' | 'now'> {
  readonly find: LotFinder;
}

function chillTask(lots: readonly Lot[], asked: Asked): Task {
  const { lotAnswer, now } = asked;
  const answer = lotAnswer(lots[0]!.id)!;
  const { start, chill } = answer;
  // The bottle of the errand that is nearest its limit speaks for it.
  const stages = lots.map(({ id }) => watchOf(lotAnswer(id)!, now)?.stage);
  const grave = stages.includes('do-not-handle');
  // The bottle whose window closes first speaks for all.
  const rule = grave ? null : ruleOf(lots[0]!, answer, asked.find);
  const { earliest, latest, earliestSpread, latestSpread, closes, reached } = chill!;
  return {
    id: `chill-${lots[0]!.id}`,
    verb: 'chill',
    lots,
    portions: [],
    from: start + earliest * hourMs,
    until: start + latest * hourMs,
    fromSoftHours: earliestSpread,
    untilSoftHours: latestSpread,
    ...(rule ? { rule } : {}),
    reason: grave ? 'do-not-handle' : closes === 'limit' && !reached ? 'limit-before-fizz' : closes,
  };
}

/** Each warm bottle's errand, with the batch it goes with: what Today says, for every view that shows the bottle. */
export type Errands = ReadonlyMap<string, Task>;

export const errandsOf = (ask: TaskAsk): Errands =>
  new Map(pressureTasks(ask).flatMap((task) => task.lots.map(({ id }) => [id, task] as const)));
