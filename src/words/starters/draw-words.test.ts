import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import { competitionWords, doseShareWords, drawSpanWords, noDrawWords } from './draw-words';
import { doseNowWords, livelinessWords, restWords } from './draw-sheet-words';
import { hourMs } from '@/core/duration';
import { partOf } from '@/core/part-of.test-tool';
import type { JarCare } from '@/core/cultures/culture';

const noon = new Date(2026, 5, 1, 12).getTime();

test('a draw window: now, ahead, and past', () => {
  expect(drawSpanWords(noon - hourMs, noon + 6 * hourMs, noon)).toBe('Now until 18:00');
  expect(drawSpanWords(noon + 2 * hourMs, noon + 26 * hourMs, noon)).toBe('From 14:00 until tomorrow 14:00');
  expect(drawSpanWords(noon - 9 * hourMs, noon - hourMs, noon)).toBe('Past since 11:00');
  // Days off nobody minds the hour.
  expect(drawSpanWords(noon - hourMs, noon + 14.5 * 24 * hourMs, noon)).toBe('Now until 16 Jun');
  expect(drawSpanWords(noon + 50 * hourMs, noon + 92 * hourMs, noon)).toBe(
    'From Wednesday afternoon until Friday morning',
  );
  // Nobody is given a window from ten to ten.
  expect(drawSpanWords(noon + 2 * hourMs, noon + 2.05 * hourMs, noon)).toBe('About 14:00');
});

test('a dose drawn now, against one at its peak: 0.45 and 0.55 of the liveliness', () => {
  const answer = partOf<StarterAnswer>({ now: [0, 0.2, 0.6, 0.9, 1] });
  // 0.45 + 0.55 · 0.6 = 0.78.
  expect(doseNowWords(answer)).toContain('does about 78 % of what a lively jar’s does (45–100 %)');
});

test('not to be drawn from: a new jar waits, a tired one is fed', () => {
  expect((['ripening', 'resting'] as const).map((opens) => noDrawWords({ opens }))).toEqual([
    'Not within the next days.',
    'Not within the next days.',
  ]);
  expect((['waking', 'cycle', 'open'] as const).map((opens) => noDrawWords({ opens }))).toEqual(
    Array(3).fill('After its next feed.'),
  );
});

test('a dose in short, and how lively a jar is with how sure that is', () => {
  const told = (...now: readonly [number, number, number, number, number]) => partOf<StarterAnswer>({ now });
  // 0.78 of a lively jar's: four fifths, never said as less than it is.
  expect(doseShareWords(told(0, 0.2, 0.6, 0.9, 1))).toBe('A dose does about four fifths of a lively jar’s.');
  expect(doseShareWords(told(0.8, 0.9, 0.95, 0.98, 1))).toBe('A dose does what a lively jar’s does.');
  expect(livelinessWords(told(0.61, 0.8, 0.9, 0.95, 0.99), false)).toBe('Liveliness about 90 % (61 %–99 %).');
  expect(livelinessWords(told(0.5, 0.6, 0.7, 0.8, 0.9), true)).toBe('Alive about 70 % (50 %–90 %).');
});

test('a jar at rest, over its weeks: the chances of a bug kept for four', () => {
  // 1/(1 + e^((w/4 − 2.2)/0.44)) at 2, 4, 6 and 8 weeks: 0.979, 0.939, 0.831, 0.612.
  expect(restWords(partOf<JarCare>({ restsWeeks: 4 }))).toBe(
    'At 4 °C it lives with a chance of about 98 % after 2 weeks, 94 % after 4 weeks, 83 % after 6 weeks and 61 % after 8 weeks.',
  );
});

test('two that want one jar', () => {
  const told = {
    claims: [{ lotId: 'a', name: 'Plum', ml: 200 }],
    promisedMl: 200,
    freeMl: 40,
    soonest: noon + 24 * hourMs,
  };
  expect(competitionWords(told, 'Ada', 150, noon)).toBe(
    'Ada is promised to Plum (200 ml (¾ cup)): 40 ml (2¾ tbsp) are left now. Soonest for 150 ml (10 tbsp) more: tomorrow 12:00, fed and topped up on the way.',
  );
  expect(competitionWords({ ...told, freeMl: 0, soonest: null }, 'Ada', 150, noon)).toContain(
    'nothing is left now. The jar is too small for both',
  );
});
