import { normalBelow } from '../forecast/run/random';
import type { LotAnswer } from '../forecast/answer/family-answer';
import { journalOf } from '../journal/journal';
import { lotOf } from '../journal/household';
import { dawn, TestKitchen } from '../forecast/kitchen.test-tool';
import { comparedOf, differenceIn, warmHoursOf } from './compare';
import type { Tasting } from './tastings';
import { hourMs } from '../duration';
import { partOf } from '../part-of.test-tool';

const sip = (by: string, liking: number): Tasting => ({ lotId: 'x', at: 0, by, scores: { liking } });

test('a difference paired by person, worked by hand', () => {
  // Ida +2, Bo +1: 1.5 steps of two pairs. Noise 1.28/2 = 0.64; share 1/1.64; 0.9146 over sqrt(0.3902).
  const found = differenceIn('liking', [sip('Ida', 5), sip('Bo', 4)], [sip('Ida', 3), sip('Bo', 3)])!;
  expect(found).toMatchObject({ kind: 'liking', steps: 1.5, pairs: 2 });
  expect(found.chance).toBeCloseTo(normalBelow(1.5 / 1.64 / Math.sqrt(0.64 / 1.64)), 9);
  expect(found.chance).toBeCloseTo(0.928, 2);
});

test('one sip each says little; the other way round it is the other chance', () => {
  const one = differenceIn('liking', [sip('Ida', 4)], [sip('Ida', 3)])!;
  expect(one.chance).toBeCloseTo(0.72, 2);
  expect(differenceIn('liking', [sip('Ida', 3)], [sip('Ida', 4)])!.chance).toBeCloseTo(1 - one.chance, 6);
  expect(differenceIn('liking', [sip('Ida', 3)], [sip('Ida', 3)])!.chance).toBeCloseTo(0.5, 6);
});

test('sips of different people are not paired, and count by their number', () => {
  const found = differenceIn('liking', [sip('Ida', 5), sip('Bo', 3)], [sip('Cy', 2)])!;
  expect(found.steps).toBe(2);
  // 1 / (1/2 + 1) of a pair.
  expect(found.chance).toBeCloseTo(normalBelow(2 / (1 + 1.92) / Math.sqrt(1.92 / 2.92)), 6);
  expect(differenceIn('liking', [], [sip('Ida', 2)])).toBeNull();
  expect(differenceIn('sweet', [sip('Ida', 2)], [sip('Ida', 2)])).toBeNull();
});

function bottles() {
  const kitchen = new TestKitchen(22);
  const brew = kitchen.brew(0, 160);
  const begin = (name: string) => ({
    role: 'bottle' as const,
    name,
    vessel: { kind: 'swing-top' as const, ml: 500 },
    closure: 'sealed' as const,
    place: 'counter' as const,
  });
  const id = kitchen.at(24, {
    kind: 'transferred',
    from: brew,
    taken: 'liquid',
    targets: [
      {
        begin: { ...begin('1'), variant: 'more sugar' },
        ml: 470,
        portions: [{ what: 'white-sugar', grams: 3 }],
      },
      { begin: begin('2'), ml: 485 },
    ],
  });
  kitchen.at(48, { kind: 'moved', lots: [`${id}-1`], place: 'fridge' });
  kitchen.at(60, { kind: 'moved', lots: [`${id}-1`], place: 'counter' });
  kitchen.at(63, { kind: 'moved', lots: [`${id}-1`], place: 'fridge' });
  kitchen.at(80, { kind: 'opened', lotId: `${id}-1`, how: 'lively' });
  kitchen.at(80, { kind: 'tasted', lotId: `${id}-1`, sweet: 4, liking: 5, by: 'Ida' });
  const { household } = journalOf(kitchen.entries, dawn + 100 * hourMs);
  return [lotOf(household, `${id}-1`)!, lotOf(household, `${id}-2`)!] as const;
}

test('hours in the warm, fridge and back', () => {
  const [a, b] = bottles();
  expect(warmHoursOf(a, dawn + 100 * hourMs)).toBeCloseTo(24 + 3, 6);
  expect(warmHoursOf(b, dawn + 100 * hourMs)).toBeCloseTo(76, 6);
});

test('a bottle beside another: how it was made, how it went, what was thought', () => {
  const [a] = bottles();
  const answer = partOf<LotAnswer>({
    start: dawn,
    hours: [0, 40, 79, 100],
    series: {
      sweet: [1, 2, 3, 4].map((n) => [n, n, n, n, n]),
      fizz: [5, 6, 7, 8].map((n) => [n, n, n, n, n]),
      alcohol: [9, 10, 11, 12].map((n) => [n, n, n, n, n]),
    },
  });
  const compared = comparedOf(a, answer, dawn + 100 * hourMs);
  expect(compared).toMatchObject({
    variant: 'more sugar',
    dose: [{ what: 'white-sugar', grams: 3 }],
    bottleMl: 500,
    pulp: false,
    thought: { sweetness: [3, 3, 3, 3, 3], volumes: [7, 7, 7, 7, 7], abv: [11, 11, 11, 11, 11] },
    scores: { sweet: { mean: 4, n: 1 }, liking: { mean: 5, n: 1 } },
  });
  // 470 ml and 3 g of sugar, 1.9 ml.
  expect(compared.headspaceMl).toBeCloseTo(28.1, 0);
  expect(compared.opened?.how).toBe('lively');
  expect(comparedOf(a, null, dawn).thought).toBeNull();
});
