import { dawn, TestKitchen, fedBug, pitched } from '@/core/forecast/kitchen.test-tool';
import { lotOf } from '@/core/journal/household';
import type { Step } from '@/core/plan/outline';
import type { Wish } from '@/core/settings/wish';
import type { Task } from '@/core/tasks/task';
import { hourMs } from '@/core/duration';
import { aheadOf } from './ahead';
import { aheadTasks, todaysTasks } from './calendar-tasks';

const at = (hour: number) => dawn + hour * hourMs;
const step = (kind: Step['kind'], from: number, until: number): Step => ({
  kind,
  from: at(from),
  until: at(until),
});
const wish: Wish = { key: 'w', recipe: 'r@1', ml: 900, by: at(200), taken: null };
const answers = new Map([['w', { steps: [step('chill', 70, 90), step('pour', 94, 114)] }]]);

const kitchen = new TestKitchen(22);
const bug = fedBug(kitchen, -168, -24);
const brew = kitchen.brew(0, 170);
pitched(kitchen, brew, bug);
const bottles = kitchen.bottles(40, brew, 2);
const { household } = kitchen;
const made = [{ wish, brew: lotOf(household, brew)! }];
const chill: Task = {
  id: 'chill-both',
  verb: 'chill',
  lots: bottles.map((id) => lotOf(household, id)!),
  portions: [],
  from: at(72),
  until: at(80),
  fromSoftHours: 2,
  untilSoftHours: 2,
  reason: 'fizz',
};

test('what is under way stands with Today’s hours where Today asks for it, else with the plan’s', () => {
  const [ahead] = aheadOf(made, answers, [chill], household);
  expect(ahead).toMatchObject({ wishId: 'w', name: 'Brew', by: at(200) });
  expect(ahead!.outline.steps).toEqual([
    { ...step('chill', 72, 80), taskId: 'chill-both' },
    // Two hours later than the plan had it, since the chilling is.
    { ...step('pour', 96, 114), taskId: null },
  ]);
  // A task about another brew is not this one’s.
  const other = { ...chill, lots: [lotOf(household, bug)!] };
  expect(aheadOf(made, answers, [other], household)[0]!.outline.steps[0]).toEqual({
    ...step('chill', 70, 90),
    taskId: null,
  });
  // Nothing is worked out yet.
  expect(aheadOf(made, new Map(), [chill], household)).toEqual([]);
});

test('all of it in the cold: from when it is good to open, a day after the last was chilled', () => {
  const cold = new TestKitchen(22);
  const jar = fedBug(cold, -168, -24);
  const soda = cold.brew(0, 170);
  pitched(cold, soda, jar);
  const [first, second] = cold.bottles(40, soda, 2);
  cold.at(70, { kind: 'moved', lots: [first!], place: 'fridge' });
  cold.at(76, { kind: 'moved', lots: [second!], place: 'fridge' });
  const those = [{ wish, brew: lotOf(cold.household, soda)! }];
  expect(aheadOf(those, answers, [], cold.household)[0]!.outline.steps).toEqual([
    { ...step('pour', 100, 200), taskId: null },
  ]);
});

test('a calendar holds each thing once, under the name the plan gave it', () => {
  const ahead = aheadOf(made, answers, [chill], household);
  const origin = 'http://kitchen.test';
  const asked = { household, lotAnswer: () => null, now: at(60), origin };
  const events = [...aheadTasks(ahead, origin), ...todaysTasks([chill], ahead, asked)];
  expect(events.map(({ uid, from, until }) => [uid, from, until])).toEqual([
    ['w-pour@yuzet', at(96), at(114)],
    ['w-chill@yuzet', at(72), at(80)],
  ]);
  expect(events[1]!.title).toBe('Chill 2 bottles of Brew');
  // Without a plan it keeps its own.
  expect(todaysTasks([chill], [], asked)[0]!.uid).toBe('chill-both@yuzet');
});

test('a round of feeds says in a calendar what each jar takes', () => {
  const part = (name: string, grams: number): Task => ({
    ...chill,
    id: `feed-${name}`,
    verb: 'feed',
    lots: [{ ...lotOf(household, bug)!, name }],
    portions: [{ what: 'white-sugar', grams }],
    reason: 'hungry',
  });
  const parts = [part('Nib', 12), part('Pip', 25)];
  const round: Task = {
    ...parts[0]!,
    id: 'round',
    lots: parts.flatMap(({ lots }) => lots),
    portions: [],
    parts,
    reason: 'round',
  };
  const [event] = todaysTasks([round], [], {
    household,
    lotAnswer: () => null,
    now: at(60),
    origin: 'http://a.test',
  });
  expect(event!.words.split('\n').slice(0, 2)).toEqual([
    'Nib: 12 g (1 tbsp) white sugar',
    'Pip: 25 g (2 tbsp) white sugar',
  ]);
});
