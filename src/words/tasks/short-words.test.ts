import { bottles, brew, bug, household, now, task } from '../household.test-tool';
import { shortWords } from './short-words';
import type { Task, Verb } from '@/core/tasks/task';
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
const of = (verb: Verb, more: Partial<Task> = {}) =>
  shortWords(
    task(
      verb,
      verb === 'chill' || verb === 'open' ? bottles : [['feed', 'rest', 'wake'].includes(verb) ? bug : brew],
      -1,
      9,
      more,
    ),
    household,
    now,
  );

test('every task has an order and a reason of at most twelve words', () => {
  for (const verb of verbs) {
    const { headline, reason } = of(verb);
    expect([verb, words(headline) <= 12, words(reason) <= 12]).toEqual([verb, true, true]);
    expect(headline).toMatch(/^[A-Z1-9]/);
  }
  expect(of('feed')).toMatchObject({
    headline: 'Feed Nib',
    reason: 'Its last feed is eaten by tomorrow 3:15.',
  });
  expect(of('feed', { reason: 'starved' }).headline).toBe('Bring Nib back');
});

test('a caution that guards the hand stands by itself, and glass that may give way is not carried', () => {
  expect(of('chill').caution).toContain('Glasses on');
  const grave = of('chill', { reason: 'do-not-handle' });
  expect(grave.headline).toContain('do not handle 2 bottles');
  expect(grave.caution).toBe('Do not touch, open or carry it: cool it where it stands.');
  expect(of('open').caution).toContain('over a bowl');
  expect(of('feed').caution).toBeNull();
});

test('a look is the order; a name without an end is cut', () => {
  const rule = {
    kind: 'hiss' as const,
    then: 'chill' as const,
    lot: bottles[0]!,
    at: now + hourMs,
    branches: [],
  };
  const look = of('chill', { rule });
  expect(look.headline).toContain('ease the cap of bottle 1 at 19:15');
  expect(look.reason).toBe('The look decides; without one chill by tomorrow 3:15.');
  const long = { ...bug, name: Array.from({ length: 30 }, () => 'so').join(' ') };
  const { headline } = shortWords(task('feed', [long], -1, 9), household, now);
  expect([words(headline), headline.endsWith('…')]).toEqual([12, true]);
});
