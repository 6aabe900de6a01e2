import { degreesTyped, parseMeasure } from './parse-measure';
import { portionTyped, volumeTyped } from './portion-measure';
import {
  inUnits,
  ownUnit,
  readingShown,
  readingTyped,
  setUnits,
  toCelsius,
  toFahrenheit,
  unitShown,
  unitsOfRegion,
} from './unit-system';

const us = { system: 'us', fahrenheit: true } as const;
const imperial = { system: 'imperial', fahrenheit: false } as const;

afterEach(() => setUnits({ system: 'metric', fahrenheit: false }));

test('units go by the region of the browser', () => {
  expect(
    ['en-US', 'es-US', 'en-GB', 'nl-NL', 'en', 'en-LR', 'en-BS', 'zh-Hant-TW'].map(unitsOfRegion),
  ).toEqual([
    us,
    us,
    { system: 'metric', fahrenheit: false },
    { system: 'metric', fahrenheit: false },
    { system: 'metric', fahrenheit: false },
    us,
    { system: 'metric', fahrenheit: true },
    { system: 'metric', fahrenheit: false },
  ]);
});

describe('sentences in other units', () => {
  // Worked by hand: 240/29.5735 = 8.115; 12/28.3495 = 0.423; 2600/946.353 = 2.747; 12 L = 3.17 gal; 2.8 bar = 40.6 psi.
  test.each([
    ['Draw 240 ml (1 cup)', 'Draw 8.1 fl oz (1 cup)'],
    ['12 g (1 tbsp) fresh ginger', '0.42 oz (1 tbsp) fresh ginger'],
    ['700 g of pears', '1.54 lb of pears'],
    ['2.6 L water', '2.75 qt water'],
    ['a 12 L pot', 'a 3.2 gal pot'],
    ['1,000 ml', '1.06 qt'],
    ['1.2 kg', '2.65 lb'],
    ['4 cm under the rim', '1.6 in under the rim'],
    ['Good for 2.8 bar.', 'Good for 41 psi.'],
    ['Kitchen at 22.5 °C.', 'Kitchen at 72.5 °F.'],
    ['Between −5 °C and 45 °C.', 'Between 23 °F and 113 °F.'],
    ['A reading lies between 21 and 95 °C.', 'A reading lies between 70 and 203 °F.'],
    ['Bottle 3 and 500 ml, Bottle 2, 500 ml', 'Bottle 3 and 16.9 fl oz, Bottle 2, 16.9 fl oz'],
    ['Warmer, 22–27 °C;', 'Warmer, 72–81 °F;'],
    ['Counter: 3 °C warmer by day', 'Counter: 5 °F warmer by day'],
    ['±2 °C', '±4 °F'],
    ['Kitchen °C', 'Kitchen °F'],
    ['500 g give about 200 ml of whey', '1.1 lb give about 6.8 fl oz of whey'],
    ['50–80 g of sugar', '1.8–2.8 oz of sugar'],
  ])('%s', (metric, american) => expect(inUnits(metric, us)).toBe(american));

  test.each([
    '85 g/L of sugar',
    'Prime with 6 g a litre',
    '2.5 mg for each',
    'Sugar on its label, g per 100 g',
    '2.5 vol, 10.4 °Brix, SG 1.042, pH 3.4',
    'Brewed 12 g',
    '3 L1',
  ])('what is no kitchen measure stays: %s', (text) => {
    const kept = text.startsWith('Brewed')
      ? 'Brewed 0.42 oz'
      : text.includes('per 100 g')
        ? text.replace('100 g', '3.5 oz')
        : text;
    expect(inUnits(text, us)).toBe(kept);
  });

  test('an imperial kitchen has the larger pint and its own ounce, and °C', () => {
    expect(inUnits('240 ml at 22 °C; 2.6 L; 10 L', imperial)).toBe('8.4 fl oz at 22 °C; 2.29 qt; 2.2 gal');
  });

  test('numbers of other languages keep their comma', () => {
    expect(inUnits('2,6 L bij 22,5 °C, 1.234,5 ml', us)).toBe(
      '2,75 qt bij 72.5 °F, 1,3 qt'.replace('72.5', '72,5'),
    );
  });

  test('metric is said as it is, and what was turned is not turned again', () => {
    const text = 'Draw 240 ml at 22 °C, 2 bar, 5 cm, 300 g';
    expect(inUnits(text, { system: 'metric', fahrenheit: false })).toBe(text);
    const once = inUnits(text, us);
    expect(inUnits(once, us)).toBe(once);
  });
});

describe('readings', () => {
  test('°F there and back', () => {
    expect([toFahrenheit(22.5), toCelsius(77), toFahrenheit(-40)]).toEqual([72.5, 25, -40]);
    setUnits(us);
    for (let celsius = -10; celsius <= 110; celsius += 0.5)
      expect(readingTyped(readingShown(celsius, '°C'), '°C')).toBeCloseTo(celsius, 3);
    expect(degreesTyped('86')).toBeCloseTo(30, 3);
    expect(degreesTyped('−4')).toBeCloseTo(-20, 3);
    expect(degreesTyped('warm')).toBeNaN();
  });

  test('a gauge in psi, a scale in ounces', () => {
    expect([unitShown('bar'), readingTyped(29, 'bar')]).toEqual(['bar', 29]);
    setUnits(us);
    expect([unitShown('bar'), unitShown('g'), unitShown('ml'), unitShown('°Brix')]).toEqual([
      'psi',
      'oz',
      'fl oz',
      '°Brix',
    ]);
    expect(readingTyped(29, 'bar')).toBeCloseTo(1.9995, 3);
    expect(readingShown(2.8, 'bar')).toBeCloseTo(40.61, 2);
  });
});

describe('typed amounts', () => {
  test('a bare number is of the unit in use; a named unit is what it is', () => {
    const bare = () => [volumeTyped('8'), volumeTyped('2', 'l'), portionTyped('white-sugar', '3')];
    expect(bare()).toMatchObject([{ value: 8 }, { value: 2000 }, { value: { grams: 3 } }]);
    setUnits(us);
    expect(bare()).toMatchObject([{ value: 236.6 }, { value: 1892.7 }, { value: { grams: 85 } }]);
    expect(volumeTyped('250 ml')).toMatchObject({ value: 250 });
    expect([ownUnit('ml'), ownUnit('l'), ownUnit('g')]).toEqual(['floz', 'qt', 'oz']);
  });

  test('pints, quarts and gallons are those of the kitchen', () => {
    const read = () =>
      ['8 fl oz', '8 fl. oz.', '1 fluid ounce', '1 pint', '3 quarts', '1 gal'].map((text) =>
        volumeTyped(text),
      );
    expect(read()).toMatchObject([236.6, 236.6, 29.6, 473.2, 2839.1, 3785.4].map((value) => ({ value })));
    setUnits(imperial);
    expect(read()).toMatchObject([227.3, 227.3, 28.4, 568.3, 3409.6, 4546.1].map((value) => ({ value })));
  });

  test('spoons and cups have their Dutch names too', () => {
    expect(parseMeasure('2 el', 'g')).toMatchObject({ value: { millilitres: 30 } });
    expect(parseMeasure('1 kopje', 'g')).toMatchObject({ value: { millilitres: 236.588 } });
  });
});
