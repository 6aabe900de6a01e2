import type { TaskRule } from '@/core/tasks/task';
import { bottles, now } from '../household.test-tool';
import { ruleLines, ruleOrder } from './rule-words';
import { hourMs } from '@/core/duration';

const rule = (more: Partial<TaskRule> = {}): TaskRule => ({
  kind: 'squeeze',
  then: 'chill',
  lot: bottles[1]!,
  at: now + 2 * hourMs,
  branches: [
    { result: 'soft', chance: 0.2, next: 'look', at: now + 14 * hourMs },
    { result: 'gives', chance: 0.3, next: 'look', at: now + 14 * hourMs },
    { result: 'firm', chance: 0.3, next: 'act', at: now + 4 * hourMs },
    { result: 'rock', chance: 0.2, next: 'act', at: now + 2 * hourMs },
  ],
  ...more,
});

test('a rule as it is said: the order, then what each result leads to, equal ones together', () => {
  expect(ruleOrder(rule(), now)).toBe('squeeze bottle 2 at 20:15');
  expect(ruleLines(rule(), now)).toEqual([
    'Soft, gives: leave it, look again tomorrow 8:15.',
    'Firm: leave it, chill at 22:15.',
    'Rock hard: chill at once.',
  ]);
});

test('a look that is due is due now, and what was to be done by now is done at once', () => {
  const due = rule({
    at: now - 3 * hourMs,
    branches: [{ result: 'rock', chance: 1, next: 'act', at: now - hourMs }],
  });
  expect(ruleOrder(due, now)).toBe('squeeze bottle 2 now');
  expect(ruleLines(due, now)).toEqual(['Rock hard: chill at once.']);
});

test('a gauge is read in bars, a cap is eased and listened to', () => {
  const read = rule({
    kind: 'gaugeBar',
    branches: [{ result: '1.8–2.2', chance: 1, next: 'look', at: now + 5 * hourMs }],
  });
  expect(ruleOrder(read, now)).toBe('read the gauge of bottle 2 at 20:15');
  expect(ruleLines(read, now)).toEqual(['1.8–2.2 bar: leave it, look again at 23:15.']);
  expect(ruleOrder(rule({ kind: 'hiss' }), now)).toBe('ease the cap of bottle 2 at 20:15');
});

test('a jar is tasted: sweet is tasted again, dry is bottled or strained', () => {
  const tasted = rule({
    kind: 'sweet',
    then: 'bottle',
    lot: { ...bottles[0]!, name: 'Plum' },
    branches: [
      { result: '2', chance: 0.2, next: 'act', at: now + 2 * hourMs },
      { result: '3', chance: 0.4, next: 'act', at: now + 2 * hourMs },
      { result: '4', chance: 0.3, next: 'look', at: now + 14 * hourMs },
      { result: '5', chance: 0.1, next: 'act', at: now + 26 * hourMs },
    ],
  });
  expect(ruleOrder(tasted, now)).toBe('taste Plum at 20:15');
  expect(ruleLines(tasted, now)).toEqual([
    'A hint sweet, balanced: bottle it at once.',
    'Sweet: leave it, taste again tomorrow 8:15.',
    'Syrupy: leave it, bottle it tomorrow 20:15.',
  ]);
  expect(ruleLines({ ...tasted, then: 'strain' }, now)[0]).toBe(
    'A hint sweet, balanced: strain and feed it at once.',
  );
});
