import { gramsOfPortion } from '../matter/portion';
import { parseMeasure, parseNumber } from './parse-measure';
import { portionTyped, volumeTyped, within } from './portion-measure';
import { inSpoons, sensibleGrams, sensibleMillilitres, toStep } from './sensible';

const read = (text: string, fallback: 'g' | 'ml' | 'l' = 'g') => {
  const result = parseMeasure(text, fallback);
  return result.ok ? (result.value.grams ?? result.value.millilitres) : result.code;
};

describe('numbers as people write them', () => {
  test.each([
    ['1,000', 1000],
    ['1.000', 1000],
    ['1 000', 1000],
    ['1 000', 1000],
    ['12 500', 12500],
    ['1,5', 1.5],
    ['2.5', 2.5],
    ['.5', 0.5],
    [',5', 0.5],
    ['0,125', 0.125],
    ['0.500', 0.5],
    ['1.234,5', 1234.5],
    ['1,234.5', 1234.5],
    ['1,234,567', 1234567],
    ['２５', 25],
    ['1234,567', 1234.567],
    ['7', 7],
    ['22,5', 22.5],
    ['10.00', 10],
  ])('%s is %d', (text, value) => expect(parseNumber(text)).toBe(value));

  test.each(['', 'x', '0x10', '1e3', '-5', '1,23,4', '1..2', '5 g', '1 00', '٣x', 'NaN', 'Infinity'])(
    '“%s” is none',
    (text) => expect(parseNumber(text)).toBeNaN(),
  );
});

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
    ['1/3 g', 0.33333],
    ['.5 g', 0.5],
    ['1 000 ml', 1000],
    ['1,000 g', 1000],
    ['２５ g', 25],
    ['1 1/2', 1.5],
    ['5 cl', 50],
    ['1 lb', 453.592],
    ['250ml', 250],
    ['1.5 L', 1500],
    ['1 L', 1000],
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
    ['0x10 g', 'measure.unreadable'],
    ['1,2,3 g', 'measure.unreadable'],
  ])('%s is refused', (text, code) => expect(read(text)).toBe(code));

  test('an ingredient’s spoons weigh what they hold; poured things keep their volume', () => {
    const portion = (what: string, text: string) => {
      const result = portionTyped(what, text);
      return result.ok ? result.value : result.code;
    };
    expect(portion('white-sugar', '2 tbsp')).toEqual({ what: 'white-sugar', grams: 25.5, typed: '2 tbsp' });
    expect(portion('water', '2,5 dl')).toEqual({ what: 'water', ml: 250, typed: '2,5 dl' });
    expect(portion('ginger', '1/3 g')).toEqual({ what: 'ginger', grams: 0.333, typed: '1/3 g' });
    expect(portion('honey', '1 tbsp')).toMatchObject({ ml: 15 });
    expect(gramsOfPortion({ what: 'honey', ml: 15 })).toBeCloseTo(21.3, 6);
    expect(portion('water', '1 kg')).toMatchObject({ grams: 1000 });
    expect(portion('ginger', 'some')).toBe('measure.unreadable');
  });

  test('a volume is no mass', () => {
    expect(volumeTyped('2 kg')).toMatchObject({ code: 'measure.not-volume' });
    expect(volumeTyped('2', 'l')).toEqual({ ok: true, value: 2000 });
  });

  test('ranges are said with their bound', () => {
    expect(within(Number.NaN, 5, 10, 'g')).toMatchObject({ code: 'measure.low' });
    expect(within(3, 5, 10, 'g')).toMatchObject({ code: 'measure.low', params: { low: 5, unit: 'g' } });
    expect(within(30, 5, 10, 'g')).toMatchObject({ code: 'measure.high' });
    expect(within(5, 5, 10, 'g')).toEqual({ ok: true, value: 5 });
  });

  test('amounts are rounded to what a kitchen can measure', () => {
    expect([
      toStep(22.74, 0.5),
      sensibleGrams(12.3),
      sensibleGrams(7.3),
      sensibleGrams(262),
      sensibleMillilitres(63),
      sensibleMillilitres(1704),
      sensibleMillilitres(2630),
    ]).toEqual([22.5, 12, 7.5, 260, 65, 1700, 2650]);
    expect([
      inSpoons(22.5),
      inSpoons(4),
      inSpoons(0.1),
      inSpoons(12),
      inSpoons(11.9),
      inSpoons(5 / 3),
      inSpoons(10 / 3),
      inSpoons(4.9),
      inSpoons(20),
    ]).toEqual(['1½ tbsp', '¾ tsp', '¼ tsp', '¾ tbsp', '2⅓ tsp', '⅓ tsp', '⅔ tsp', '1 tsp', '1¼ tbsp']);
  });
});
