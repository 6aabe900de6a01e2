import { mapOf } from '../journal/persistent-map';
import type { StarterAnswer } from '../forecast/starter/starter-answer';
import type { Lot } from '../lots/lot';
import type { Settings } from '../settings/settings';
import { bug, dawn } from '../starter/bug.test-tool';
import { agenda } from './agenda';

import { dayMs, hourMs } from '../duration';

const now = dawn + 10 * dayMs;
const answer = {
  start: dawn,
  feed: { earliest: 238, best: 240, latest: 245, earliestSpread: 1, latestSpread: 1 },
} as StarterAnswer;

function tasksOf(settings: Settings, lot: Lot = bug(), at = now) {
  return agenda({
    household: { lots: mapOf([[lot.id, lot] as const]), warmths: {}, settings },
    living: [lot],
    lotAnswer: () => null,
    starterAnswer: () => answer,
    now: at,
  }).map(({ verb, reason, from, until, portions }) => ({
    verb,
    reason,
    hours: [(from - at) / hourMs, (until - at) / hourMs].map((hours) => Number(hours.toFixed(2))),
    what: portions.map(({ what }) => what),
  }));
}
const lotId = bug().id;

/** The same jar, fed the evening before. */
const fed: Lot = { ...bug(), events: bug().events.map((event) => ({ ...event, at: now - 20 * hourMs })) };

test('without a plan, the usual feed', () => {
  expect(tasksOf({}, fed)).toMatchObject([{ verb: 'feed', reason: 'hungry' }]);
});

test('one that nobody fed for ten days is brought back, not fed as usual', () => {
  expect(tasksOf({})).toMatchObject([{ verb: 'feed', reason: 'starved' }]);
});

test('a jar that is built up is fed for it, and not twice', () => {
  // 450 ml tomorrow noon: one feed 0.45 of a rhythm before; at 21 °C that is 12.1 h.
  const tasks = tasksOf({ 'build-up': { [lotId]: { amount: 450, at: now + 24 * hourMs } } });
  expect(tasks).toEqual([
    {
      verb: 'feed',
      reason: 'build-up',
      hours: [Number((24 - 0.45 * 24 * 1.09 - 2).toFixed(2)), Number((24 - 0.45 * 24 * 1.09 + 2).toFixed(2))],
      what: ['ginger', 'white-sugar', 'water'],
    },
  ]);
  expect(tasksOf({ 'build-up': { [lotId]: { amount: 450, at: now - hourMs } } }, fed)).toMatchObject([
    { reason: 'hungry' },
  ]);
});

test('before an absence it is fed and put to rest; after it, woken', () => {
  const plan = { away: { away: { from: now + 20 * hourMs, to: now + 15 * dayMs } } };
  expect(tasksOf(plan)).toMatchObject([{ verb: 'rest', reason: 'away', hours: [6, 20] }]);
  const resting = { ...bug(), place: 'fridge' as const };
  expect(tasksOf(plan, resting, now + 15 * dayMs - hourMs)).toMatchObject([
    { verb: 'wake', reason: 'home', hours: [7, 13], what: ['ginger', 'white-sugar'] },
  ]);
  // Long after, the absence is over.
  expect(tasksOf(plan, resting, now + 20 * dayMs).every(({ reason }) => reason !== 'home')).toBe(true);
});

test('planned for days ahead, it is fed as usual until then', () => {
  const away = { away: { away: { from: now + 6 * dayMs, to: now + 16 * dayMs } } };
  expect(tasksOf(away, fed)).toMatchObject([{ verb: 'feed', reason: 'hungry', hours: [-2, 5] }]);
  const built = { 'build-up': { [lotId]: { amount: 450, at: now + 7 * dayMs } } };
  expect(tasksOf(built, fed)).toMatchObject([{ verb: 'feed', reason: 'hungry', hours: [-2, 5] }]);
  // The usual feed closes at +5 h: a rest that may begin six hours later is another feed, a nearer one is the same.
  const leaving = (hours: number) =>
    tasksOf({ away: { away: { from: now + hours * hourMs, to: now + 15 * dayMs } } }, fed).map(
      ({ verb }) => verb,
    );
  expect(leaving(18 + 11.1)).toEqual(['feed', 'rest']);
  expect(leaving(18 + 10.5)).toEqual(['rest']);
  // One that is late is given with the build-up that is due now.
  const due = { 'build-up': { [lotId]: { amount: 450, at: now + 11 * hourMs } } };
  expect(tasksOf(due, fed, now + hourMs)).toMatchObject([{ reason: 'build-up' }]);
});

test('a day away it only gets its feed', () => {
  const tasks = tasksOf({ away: { away: { from: now + 10 * hourMs, to: now + 34 * hourMs } } });
  expect(tasks).toMatchObject([{ verb: 'feed', reason: 'away', hours: [6, 10] }]);
});
