import type { FiveNumbers } from '@/core/forecast/read-off/weighted-quantiles';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import { jarWord } from './jar-word';
import { hourMs } from '@/core/duration';

const five = (middle: number): FiveNumbers => [0, 0, middle, 1, 1];
const noon = Date.UTC(2026, 4, 4, 12);

/** Alive by 0.2 now, by 0.8 after four hours; to be drawn from between the second hour and the third. */
const answer = (middle: number, opens: StarterAnswer['opens'] = 'waking') => ({
  start: noon,
  hours: [0, 4],
  liveliness: [five(middle), five(0.8)],
  now: five(middle),
  draw: { earliest: 2, best: 2.5, latest: 3, earliestSpread: 0, latestSpread: 0 },
  opens,
});
const jar = (place: 'counter' | 'fridge' = 'counter') => ({
  culture: 'ginger-bug',
  role: 'starter' as const,
  place,
  vessel: { kind: 'jar' as const, ml: 1000 },
});

describe('what a kept jar is like, in a word', () => {
  test('by how lively it is and why its window is open or not', () => {
    const word = (middle: number, opens?: StarterAnswer['opens']) => jarWord(jar(), answer(middle, opens));
    expect([
      word(0.85),
      word(0.84),
      word(0.6),
      word(0.59),
      word(0.35),
      word(0.34),
      word(0.5, 'ripening'),
      word(0.5, 'open'),
      word(0.1, 'cycle'),
      word(0.95, 'cycle'),
    ]).toEqual([
      'at its liveliest',
      'lively',
      'lively',
      'tiring',
      'tiring',
      'hungry',
      'ripening',
      'lively',
      'at work',
      'at work',
    ]);
  });

  test('the clock says at this moment what the page says of it, and later what it will be', () => {
    for (const middle of [0.2, 0.4, 0.55, 0.7, 0.9])
      for (const opens of ['ripening', 'resting', 'waking', 'cycle'] as const)
        expect(jarWord(jar(), answer(middle, opens), noon)).toBe(jarWord(jar(), answer(middle, opens)));
    // Two and a half hours on: 0.2 + (0.8 − 0.2) · 2.5/4 = 0.575, within its window; after it the same is tiring.
    expect(jarWord(jar(), answer(0.2, 'ripening'), noon + 2.5 * hourMs)).toBe('lively');
    expect(jarWord(jar(), answer(0.2, 'ripening'), noon + 1.5 * hourMs)).toBe('ripening');
    expect(jarWord(jar(), answer(0, 'ripening'), noon + 2.9 * hourMs)).toBe('lively');
    expect(jarWord(jar(), answer(0), noon + 2.4 * hourMs)).toBe('tiring');
    expect(jarWord(jar(), answer(0.2), noon + 6 * hourMs)).toBeNull();
  });

  test('cold it rests, and without an answer it is being worked out', () => {
    expect([jarWord(jar(), null), jarWord(jar('fridge'), null), jarWord(jar('fridge'), answer(0.9))]).toEqual(
      ['being worked out', 'resting in the fridge', 'resting in the fridge'],
    );
    expect(jarWord(jar(), answer(0.9), noon, { days: 30, survival: 0.8, state: 'starved' })).toBe('starved');
    expect(jarWord({ ...jar(), vessel: { kind: 'packet', ml: 20 } }, null)).toBe('dry, in its packet');
  });
});
