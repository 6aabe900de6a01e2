import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { mapOf } from '@/core/journal/persistent-map';
import type { Household } from '@/core/journal/household';
import { addPortions } from '@/core/lots/add';
import { emptyLot } from '@/core/lots/begin';
import type { Lot } from '@/core/lots/lot';
import type { Task } from '@/core/tasks/task';
import { hourMs } from '@/core/duration';
import { partOf } from '@/core/part-of.test-tool';
import { type NewLot } from '@/core/lots/records/new-lot';

/** A household made by hand, for what is said of it: a brew, the bug it is dosed from, two bottles. */
export const now = new Date(2026, 4, 4, 18, 20).getTime();
export const lot = (id: string, said: Partial<NewLot>): Lot =>
  addPortions(
    emptyLot(id, now, {
      role: 'brew',
      name: 'Plum and bay',
      vessel: { kind: 'jar', ml: 2000 },
      closure: 'airlock',
      place: 'counter',
      ...said,
    }),
    [{ what: 'water', ml: 500 }],
    { at: now, entryId: id },
  );
export const bottle = (id: string, name: string) =>
  lot(id, { role: 'bottle', name, vessel: { kind: 'swing-top', ml: 750 }, closure: 'sealed' });
export const brew = lot('brew', {
  recipe: { base: 'fruit', wantedVolumes: 2, planned: { lotId: 'bug', ml: 149.6 } },
});
export const bug = lot('bug', { role: 'starter', name: 'Nib', culture: 'ginger-bug' });
export const bottles = [bottle('b1', '1'), bottle('b2', '2')];
export const household: Household = {
  lots: mapOf([brew, bug, ...bottles].map((each) => [each.id, each] as const)),
  warmths: { counter: [{ at: now - hourMs, celsius: 22.5 }] },
  settings: {},
};

export const task = (
  verb: Task['verb'],
  lots: readonly Lot[],
  from: number,
  until: number,
  more: Partial<Task> = {},
): Task => ({
  id: 'x',
  verb,
  lots,
  portions: [],
  from: now + from * hourMs,
  until: now + until * hourMs,
  fromSoftHours: 1,
  untilSoftHours: 1,
  reason: 'settled',
  ...more,
});
export const answer = (closes: 'limit' | 'strength' | 'fizz' | 'beyond-forecast', reached = true) =>
  partOf<LotAnswer>({
    start: now,
    chill: { closes, reached, latest: 8 },
    wantedVolumes: 2.4,
    limitBar: 2.8,
    hours: [0, 6, 10],
    series: {
      fizz: [
        [0, 0, 1, 2, 3],
        [0, 0, 1.4, 2, 3],
        [0, 0, 1.8, 2, 3],
      ],
    },
  });
