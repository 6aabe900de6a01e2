import type { Warmths } from '../kitchen/places';
import { bug, dawn, grainsJar } from './bug.test-tool';
import { moveEffect } from './move-effect';

const at22: Warmths = { counter: [{ at: dawn, celsius: 22 }] };
const warm: Warmths = { counter: [{ at: dawn, celsius: 22 }], 'warm-shelf': [{ at: dawn, celsius: 32 }] };

test('a warm shelf four degrees warmer: fed every 17 hours instead of 24, and faster by the pace of yeast', () => {
  const effect = moveEffect(bug(), 'warm-shelf', at22, dawn)!;
  expect(effect.feedHours).toEqual([24, expect.closeTo(24 / 1.09 ** 4, 9)]);
  expect([effect.from, effect.to, effect.suffers]).toEqual([22, 26, false]);
  expect(effect.pace).toBeCloseTo(1.34, 1);
});

test('as warm is no move; the fridge nearly stops it and asks for no feed', () => {
  expect(moveEffect(bug(), 'counter', at22, dawn)).toBeNull();
  const cold = moveEffect(bug(), 'fridge', at22, dawn)!;
  expect(cold.feedHours).toBeNull();
  expect(cold.pace).toBeLessThan(0.12);
});

test('grains suffer four degrees sooner than a bug', () => {
  expect(moveEffect(grainsJar().lot, 'warm-shelf', warm, dawn)!.suffers).toBe(true);
  expect(moveEffect(bug(), 'warm-shelf', warm, dawn)!.suffers).toBe(false);
});
