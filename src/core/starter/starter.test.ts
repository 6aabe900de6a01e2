import { project } from '../journal/fold';
import { Diary } from '../../demo/diary';
import { mostDrawableMl, planDraw, topUpTo, usualFeed } from './draw-plan';
import { drawWindow, nextFeedAt } from './draw-window';
import { doseVigour, livelinessOf } from './liveliness';
import { pace } from './pace';
import { percentagesOf } from './percentages';

const now = Date.UTC(2026, 4, 4, 18);
const hour = 3_600_000;
const bugFedAgo = (hours: number, ageDays = 20) => {
  const diary = new Diary(now, 0);
  const id = diary.ago(ageDays * 24, {
    kind: 'starter-begun',
    name: 'Ada',
    culture: 'ginger-bug',
    jarMl: 750,
    waterMl: 400,
    gingerGrams: 20,
    sugarGrams: 20,
  });
  if (hours < ageDays * 24)
    diary.ago(hours, { kind: 'fed', starterId: id, gingerGrams: 13, sugarGrams: 13, waterMl: 0 });
  return project(diary.entries).starters[id]!;
};

describe('a ginger bug', () => {
  test('what the spoons really make is said, and flagged off the usual share', () => {
    const half = percentagesOf({ waterMl: 400, gingerGrams: 20, sugarGrams: 10 });
    expect([half.ginger, half.sugar]).toEqual([5, 2.5]);
    expect(half.notes).toEqual(['2.5 % sugar is thin: 4–6 % would be 16–24 g.']);
    expect(percentagesOf({ waterMl: 400, gingerGrams: 40, sugarGrams: 20 }).notes[0]).toMatch(/rich/);
  });

  test('rises after a feed, peaks, and goes hungry', () => {
    const at = (hours: number) => livelinessOf(bugFedAgo(hours), now, 22);
    expect(at(2).share).toBeLessThan(at(11).share);
    expect(at(11).word).toBe('peaking');
    expect(at(60).word).toBe('hungry');
    expect(at(200).word).toBe('starved');
    expect(livelinessOf(bugFedAgo(11), now, 4).word).toBe('asleep');
    expect(doseVigour(1)).toBe(1);
  });

  test('warmth moves every window: hotter is sooner, the fridge is weeks', () => {
    const bug = bugFedAgo(1);
    expect(drawWindow(bug, now, 27).from).toBeLessThan(drawWindow(bug, now, 20).from);
    expect(nextFeedAt(bug, 27)).toBeLessThan(nextFeedAt(bug, 20));
    expect(nextFeedAt(bug, 4) - bug.lastFedAt).toBeGreaterThan(14 * 24 * hour);
    expect(pace(22)).toBeCloseTo(1, 9);
  });

  test('a new one ripens in three to seven days', () => {
    const fresh = bugFedAgo(1e9, 0.01);
    const days = (drawWindow(fresh, now, 22).from - now) / hour / 24;
    expect(days).toBeGreaterThan(3);
    expect(days).toBeLessThan(7);
    expect(drawWindow(fresh, now, 22).because).toMatch(/3 to 7 days/);
  });

  test('a draw leaves enough to regrow; a larger one is refused with the largest that works', () => {
    const bug = bugFedAgo(11);
    const most = mostDrawableMl(bug);
    expect(most).toBeGreaterThan(200);
    expect(planDraw(bug, most)).toMatchObject({ ok: true });
    const refused = planDraw(bug, most + 10);
    expect(refused).toMatchObject({ ok: false, code: 'draw.too-large' });
    expect(refused.ok ? '' : refused.sentence).toContain(`${most} ml`);
    expect(planDraw(bug, 0)).toMatchObject({ code: 'draw.nothing' });
    expect(planDraw({ ...bug, levelMl: 100 }, 10)).toMatchObject({
      ok: false,
      sentence: expect.stringContaining('top it up'),
    });
  });

  test('the top-up brings it back to its mark', () => {
    const { waterMl, gingerGrams } = topUpTo(200, 430);
    expect(200 + waterMl + gingerGrams * 0.3).toBeGreaterThan(420);
    expect(200 + waterMl + gingerGrams * 0.3).toBeLessThan(440);
    expect(usualFeed(bugFedAgo(5)).waterMl).toBe(0);
  });
});
