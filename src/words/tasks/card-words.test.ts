import { answer, bottles, brew, bug, household, now, task } from '../household.test-tool';
import { cardWords } from './card-words';
import type { Task, TaskRule, Verb } from '@/core/tasks/task';
import { hourMs } from '@/core/duration';

const verbs: readonly Verb[] = [
  'chill',
  'feed',
  'rest',
  'wake',
  'pitch',
  'bottle',
  'open',
  'tend',
  'discard',
];
const words = (text: string) => text.split(' ').length;
const of = (verb: Verb, more: Partial<Task> = {}, from = -1, until = 9) =>
  cardWords(
    task(
      verb,
      verb === 'chill' || verb === 'open' ? bottles : [['feed', 'rest', 'wake'].includes(verb) ? bug : brew],
      from,
      until,
      more,
    ),
    household,
    verb === 'chill' ? answer('fizz') : null,
    now,
  );
const squeeze = (branches: TaskRule['branches'], more: Partial<TaskRule> = {}): TaskRule => ({
  kind: 'squeeze',
  then: 'chill',
  lot: bottles[0]!,
  at: now + 2 * hourMs,
  branches,
  ...more,
});
const branch = (result: string, next: 'act' | 'look', hours: number) => ({
  result,
  chance: 0.25,
  next,
  at: now + hours * hourMs,
});

test('every task has an order, a when and a why, none over twelve words', () => {
  for (const verb of verbs) {
    const { title, when, why } = of(verb);
    for (const line of [title, when, why])
      expect([verb, line, words(line) <= 12]).toEqual([verb, line, true]);
    expect(title).toMatch(/^[A-Z1-9]/);
  }
});

test('a feed says its name, its amounts, by when and why', () => {
  const portions = [
    { what: 'ginger', grams: 12 },
    { what: 'white-sugar', grams: 12 },
  ];
  expect(of('feed', { portions }, -1, 3)).toEqual({
    over: 'Ginger bug',
    title: 'Feed Nib',
    amount: '12 g (2 tbsp) fresh ginger and 12 g (1 tbsp) white sugar',
    when: 'By 21:15',
    why: 'By then it has eaten its last feed.',
    caution: null,
    span: 'Good from 17:15 until 21:15.',
  });
  expect(of('feed', { reason: 'resting' }).why).toBe('Even at rest in the fridge it starves.');
  expect(of('feed', { reason: 'starved' })).toMatchObject({ title: 'Bring Nib back', when: 'Now' });
});

test('a brew under a closed lid is chilled in its jar, and opened slowly', () => {
  expect(of('bottle', { reason: 'closed-jar' })).toMatchObject({
    title: `Taste ${brew.name}; into the fridge if you like it`,
    why: 'Cold holds its sweetness.',
    caution: 'Slowly, over a bowl, glasses on.',
  });
  expect(of('bottle', { reason: 'closed-jar' }, 3).title).toBe(`Taste ${brew.name}`);
  const rule: TaskRule = {
    kind: 'sweet',
    then: 'chill',
    lot: brew,
    at: now,
    branches: [branch('2', 'act', 0), branch('4', 'look', 20)],
  };
  expect(of('bottle', { reason: 'closed-jar', rule })).toMatchObject({
    why: 'A hint sweet: chill at once. Else leave it.',
    caution: 'Slowly, over a bowl, glasses on.',
  });
});

test('when is exact today and tomorrow, and a part of the day after that', () => {
  expect(of('feed', {}, -1, 9).when).toBe('By tomorrow 3:15');
  expect(of('feed', {}, -1, 4.2).when).toBe('Before bed');
  expect(of('feed', {}, -1, 4.2 + 24).when).toBe('Before bed tomorrow');
  expect(of('feed', {}, -1, 66).when).toBe('By Thursday noon');
  expect(of('feed', {}, -1, 200).when).toBe('By 13 May');
  expect(of('chill', {}, 2, 8).when).toBe('20:15 to tomorrow 2:15');
  expect(of('chill', {}, 13, 20).when).toBe('Tomorrow 7:15 to 14:15');
  expect(of('open', {}, 44, 300).when).toBe('From Wednesday afternoon');
});

test('what is late says by how much and what became of it', () => {
  expect(of('feed', {}, -150, -144)).toMatchObject({
    when: '6 days late',
    why: 'Its yeast starves; one to three feeds bring it back.',
  });
  expect(of('bottle', {}, -800, -600)).toMatchObject({ when: '25 days late' });
});

test('a caution that guards the hand stands by itself, and glass that may give way is not carried', () => {
  expect(of('chill')).toMatchObject({
    title: 'Chill 2 bottles of 1',
    why: 'Later it is livelier and drier than you want.',
    caution: 'Glasses on if it feels hard; carry it wrapped.',
  });
  const grave = of('chill', { reason: 'do-not-handle' });
  expect(grave.title).toContain('do not handle 2 bottles');
  expect(grave.caution).toBe('Do not touch, open or carry it: cool it where it stands.');
  expect(of('open').caution).toBe('Open it cold, slowly, over a bowl.');
  expect(of('bottle').caution).toBe('Pressure-rated bottles only; leave headspace.');
  expect(of('feed').caution).toBeNull();
});

test('a look that decides: the look, when, and what its results lead to in one line', () => {
  const why = (...branches: TaskRule['branches'][number][]) => of('chill', { rule: squeeze(branches) }).why;
  expect(
    of('chill', {
      rule: squeeze([branch('soft', 'look', 14), branch('firm', 'act', 2), branch('rock', 'act', 2)]),
    }),
  ).toEqual({
    over: 'Pressure watch',
    title: 'Squeeze bottle 1 of 1',
    amount: null,
    when: 'At 20:15',
    why: 'Soft: leave it. Else chill at once.',
    caution: 'Glasses on; squeeze only the soft bottle, never glass.',
    span: 'Good from 17:15 until tomorrow 3:15.',
  });
  expect(why(branch('soft', 'look', 14), branch('gives', 'act', 9), branch('rock', 'act', 2))).toBe(
    'Rock hard: chill at once. Else leave it.',
  );
  // Nothing is done at once: what follows is said when it was felt.
  expect(why(branch('soft', 'look', 30), branch('rock', 'look', 4))).toBe(
    'Leave it then; the squeeze sets the next look.',
  );
  expect(why(branch('soft', 'look', 30), branch('rock', 'act', 9))).toBe(
    'Leave it then; the squeeze sets when to chill.',
  );
  expect(why(branch('soft', 'act', 2))).toBe('Then chill at once.');
  const taste = { kind: 'sweet', then: 'strain', lot: bug, at: now } as const;
  expect(of('feed', { rule: squeeze([branch('1', 'act', 0), branch('5', 'look', 9)], taste) })).toMatchObject(
    {
      title: 'Taste Nib',
      when: 'Now',
      why: 'Dry: strain and feed at once. Else leave it.',
    },
  );
});

test('a name without an end is cut', () => {
  const long = { ...bug, name: Array.from({ length: 30 }, () => 'so').join(' ') };
  const { title } = cardWords(task('feed', [long], -1, 9), household, null, now);
  expect([words(title), title.endsWith('…')]).toEqual([12, true]);
});
