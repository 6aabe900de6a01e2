import { levelOf, palateOf, palatesOf, stepLevels } from './palate';
import { meanScore, tastingsOf, type Tasting } from './tastings';
import { dayMs } from '../duration';
import { partOf } from '../part-of.test-tool';
import type { Lot, LotReading } from '../lots/lot';

const now = 1_800_000_000_000;
const year = 365.25 * dayMs;
const sip = (scores: Tasting['scores'], by = 'Ida', at = now): Tasting => ({ lotId: 'a', at, by, scores });

test('without a sip a palate is the usual one, and unsure', () => {
  const { likes } = palateOf('Ida', [], now);
  expect(likes.sweet).toMatchObject({ step: 3, deviation: 0.9, level: 43, n: 0 });
  expect(likes.sour.step).toBeCloseTo(2.3, 9);
  expect(likes.fizz.step).toBeCloseTo(3.3, 9);
  // 2.1 steps: between 23 and 43. 3.9: between 43 and 68.
  expect(likes.sweet.range).toEqual([expect.closeTo(25, 6), expect.closeTo(65.5, 6)]);
});

test('sips draw it towards what was liked, worked by hand', () => {
  // Three of "usual" at 3; 1 of 5 liked best, 0.15 of 1 disliked: (9 + 2·1 + 5·0.15) / 4.15.
  const { likes } = palateOf('Ida', [sip({ sweet: 2, liking: 5 }), sip({ sweet: 5, liking: 2 })], now);
  expect(likes.sweet.step).toBeCloseTo((9 + 2 + 0.75) / 4.15, 9);
  expect(likes.sweet.deviation).toBeCloseTo(0.9 / Math.sqrt(4.15 / 3), 9);
  expect(likes.sweet.n).toBe(2);
  expect(likes.fizz.n).toBe(0);
});

test('a sip without a liking counts as fine; one of a year ago half', () => {
  expect(palateOf('Ida', [sip({ fizz: 5 })], now).likes.fizz.step).toBeCloseTo(
    (3 * 3.3 + 0.45 * 5) / 3.45,
    9,
  );
  const old = palateOf('Ida', [sip({ fizz: 5, liking: 5 }, 'Ida', now - year)], now);
  expect(old.likes.fizz.step).toBeCloseTo((3 * 3.3 + 0.5 * 5) / 3.5, 9);
});

test('levels between steps; sourer is a lower pH, and the range is in order', () => {
  expect(levelOf('sweet', 3.5)).toBeCloseTo(55.5, 9);
  expect([levelOf('sweet', 0), levelOf('sweet', 9)]).toEqual([8, 95]);
  expect(levelOf('sour', 2)).toBeCloseTo(3.68, 9);
  expect(levelOf('fizz', 4.5)).toBeCloseTo(3.25, 9);
  const { range, level } = palateOf('Ida', [], now).likes.sour;
  expect(range[0]).toBeLessThan(level);
  expect(range[1]).toBeGreaterThan(level);
  expect(stepLevels.sour).toEqual([4.1, 3.68, 3.28, 2.98, 2.75]);
});

test('everybody by name, those who never scored too', () => {
  const palates = palatesOf([sip({ sweet: 5, liking: 5 }, 'Bo'), sip({ sweet: 1 }, '')], ['Ida'], now);
  expect(palates.map(({ person, likes }) => [person, likes.sweet.n])).toEqual([
    ['Bo', 1],
    ['Ida', 0],
  ]);
});

test('sips are read off a lot; means over them', () => {
  const read = (by: string | undefined, readings: readonly LotReading[]) => ({
    kind: 'read' as const,
    at: now,
    entryId: 'e',
    by,
    readings,
  });
  const lot = partOf<Lot>({
    id: 'a',
    events: [
      read('Ida', [
        { kind: 'sweet', value: 4 },
        { kind: 'liking', value: 5 },
      ]),
      read(undefined, [{ kind: 'squeeze', value: 'firm' }]),
      read(undefined, [
        { kind: 'sweet', value: 3 },
        { kind: 'off', value: 2 },
      ]),
      { kind: 'stirred', at: now, entryId: 's' },
    ],
  });
  const sips = tastingsOf(lot);
  expect(sips).toEqual([
    { lotId: 'a', at: now, by: 'Ida', scores: { sweet: 4, liking: 5 } },
    { lotId: 'a', at: now, by: '', scores: { sweet: 3, off: 2 } },
  ]);
  expect(meanScore(sips, 'sweet')).toEqual({ mean: 3.5, n: 2 });
  expect(meanScore(sips, 'fizz')).toBeNull();
});
