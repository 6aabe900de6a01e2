import { parseMeasure } from './parse-measure';
import { gramsOf, millilitresOf, within } from './spooned-mass';
import { inSpoons, sensibleGrams, sensibleMillilitres, toStep } from './sensible';

const read = (text: string, fallback: 'g' | 'ml' | 'l' = 'g') => {
  const result = parseMeasure(text, fallback);
  return result.ok ? (result.value.grams ?? result.value.millilitres) : result.code;
};

describe('amounts as people write them', () => {
  test.each([
    ['1 1/2 tbsp', 22.5],
    ['½ cup', 118.294],
    ['30 g', 30],
    ['2,5 dl', 250],
    ['2.5dl', 250],
    ['1½ tsp', 7.5],
    ['3/4 cup', 177.441],
    ['1 kg', 1000],
    ['2 Tbsp.', 30],
    ['1⁄3 l', 333.3333],
    ['4 oz', 113.398],
    ['12', 12],
    [' 1 cup ', 236.588],
    ['2 tablespoons', 30],
  ])('%s', (text, amount) => expect(read(text)).toBeCloseTo(amount, 3));

  test.each([
    ['', 'measure.empty'],
    ['a bit', 'measure.unreadable'],
    ['3 handfuls', 'measure.unit'],
    ['1/0 cup', 'measure.fraction'],
    ['-5 g', 'measure.unreadable'],
    ['1e9 g', 'measure.unreadable'],
    ['900 kg', 'measure.too-much'],
    ['<script>', 'measure.unreadable'],
  ])('%s is refused', (text, code) => expect(read(text)).toBe(code));

  test('spoons weigh what they hold', () => {
    const spoon = { amount: 1, unit: 'tbsp', millilitres: 15 } as const;
    expect(gramsOf(spoon, 'sugar')).toBeCloseTo(12.75, 2);
    expect(gramsOf(spoon, 'ginger')).toBeCloseTo(6.3, 2);
    expect(millilitresOf({ amount: 998, unit: 'g', grams: 998 })).toBeCloseTo(1000, 6);
  });

  test('ranges are said with their bound', () => {
    expect(within(3, 5, 10, 'g')).toMatchObject({ code: 'measure.low', sentence: 'At least 5 g.' });
    expect(within(30, 5, 10, 'g')).toMatchObject({ code: 'measure.high' });
  });

  test('amounts are rounded to what a kitchen can measure', () => {
    expect([
      toStep(22.74, 0.5),
      sensibleGrams(12.3),
      sensibleGrams(7.3),
      sensibleMillilitres(63),
      sensibleMillilitres(1704),
    ]).toEqual([22.5, 12, 7.5, 65, 1700]);
    expect([inSpoons(22.5), inSpoons(4), inSpoons(0.1)]).toEqual(['1½ tbsp', '¾ tsp', '¼ tsp']);
  });
});
