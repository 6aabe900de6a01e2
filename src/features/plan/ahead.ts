import { rootOf } from '@/core/forecast/question/family-members';
import { lotOf, type Household } from '@/core/journal/household';
import type { Step } from '@/core/plan/outline';
import type { UnderWay } from '@/core/plan/under-way';
import { nextAwake } from '@/core/kitchen/waking';
import { wakingOf } from '@/core/settings/waking-hours';
import type { Task } from '@/core/tasks/task';
import { coldFrom, type Made } from './under-way-ask';

/** A step with the id of Today's task, where Today asks for it already. */
type AheadStep = Step & { readonly taskId: string | null };

/** What is still to be done for a wish whose brew is under way. */
export interface Ahead {
  readonly wishId: string;
  readonly name: string;
  readonly by: number;
  readonly outline: {
    readonly steps: readonly AheadStep[];
  };
  readonly prepared: readonly [];
}

const taskOf = ({ kind }: Step, brewId: string, tasks: readonly Task[], household: Household) =>
  tasks.find(
    ({ verb, lots }) => verb === kind && rootOf(lots[0]!, (id) => lotOf(household, id)).id === brewId,
  );

/** As long after the step before it as the plan has it: when that one is put off, so is this. */
const afterThe = (before: Step | undefined, planned: Step | undefined, { from }: Step): number =>
  before && planned && Number.isFinite(planned.from) ? before.from + (from - planned.from) : -Infinity;

/**
 * What is ahead of the wishes whose brew is under way: with Today's hours where Today asks for it already, so that both name the
 * same and what follows it comes after it; of bottles in the cold, from when they are good to open.
 *
 * @param answers by the keys of the wishes; one that is not worked out yet has nothing ahead
 */
export function aheadOf(
  made: readonly Made[],
  answers: ReadonlyMap<string, Pick<UnderWay, 'steps'>>,
  tasks: readonly Task[],
  household: Household,
): Ahead[] {
  return made.flatMap(({ wish: { key, by }, brew }): Ahead[] => {
    const cold = coldFrom(brew, household);
    const steps: readonly Step[] =
      cold === null
        ? (answers.get(key)?.steps ?? [])
        : [{ kind: 'pour', from: cold, until: Math.max(cold, by) }];
    if (steps.length === 0) return [];
    const asked: AheadStep[] = [];
    for (const [i, step] of steps.entries()) {
      const task = taskOf(step, brew.id, tasks, household);
      const after = afterThe(asked[i - 1], steps[i - 1], step);
      const from = task?.from ?? (after > step.from ? nextAwake(after, wakingOf(household)) : step.from);
      const until = Math.max(from, task?.until ?? step.until);
      asked.push({ kind: step.kind, from, until, taskId: task?.id ?? null });
    }
    return [{ wishId: key, name: brew.name, by, outline: { steps: asked }, prepared: [] }];
  });
}
