import { chargeOf, scaledDose, sugarForFizz } from './charge';

const half = {
  fillMl: 480,
  bottleMl: 500,
  leftGramsPerLitre: 40,
  presentVolumes: 0.9,
  ethanolGramsPerLitre: 12,
  portions: [],
  celsius: 22,
} as const;

test('all that is left, worked by hand: 40 g/L make 9.8 volumes more', () => {
  // A gram of sucrose a litre: 4 · 44.01 / 342.3 g of CO2 = 0.5143 g = 0.2601 volumes; of that 94 %.
  const charged = chargeOf(half);
  expect(charged.liquidMl).toBe(480);
  expect(charged.headspaceMl).toBe(20);
  expect(charged.sugarGramsPerLitre).toBe(40);
  expect(charged.dosedGramsPerLitre).toBe(0);
  expect(charged.potentialVolumes).toBeCloseTo(0.9 + 40 * 0.2601 * 0.94, 2);
});

test('its pressure: 2.9 volumes at 22 °C are about 3.5 bar by Henry’s law', () => {
  // Eight grams left: 0.9 + 1.956 = 2.856 volumes. At 22 °C the liquid holds some 0.79 volumes a bar and the headspace 0.04:
  // 2.856 / 0.83 = 3.44 bar of CO2; the air shut in stands against the air outside, but for what the swollen liquid squeezes.
  const { potentialVolumes, potentialBar } = chargeOf({ ...half, leftGramsPerLitre: 8 });
  expect(potentialVolumes).toBeCloseTo(2.856, 2);
  expect(potentialBar).toBeCloseTo(3.55, 1);
});

test('what is dosed counts, in the litre it is then part of', () => {
  const { liquidMl, dosedGramsPerLitre, leftGramsPerLitre, headspaceMl } = chargeOf({
    ...half,
    portions: [{ what: 'white-sugar', grams: 4.8 }],
  });
  // 4.8 g of sugar take about 3 ml.
  expect(liquidMl).toBeCloseTo(483, 0);
  expect(dosedGramsPerLitre).toBeCloseTo(4.8 / liquidMl / 0.001, 1);
  expect(leftGramsPerLitre).toBeCloseTo((40 * 480) / liquidMl, 6);
  expect(headspaceMl).toBeCloseTo(500 - liquidMl, 6);
});

test('what was left and what is dosed act together, worked by hand', () => {
  // 480 ml with 8 g/L left, and 4.8 g of sugar (2.98 ml): 7.95 + 9.93 g/L in 483 ml, 0.894 volumes there already.
  const { liquidMl, sugarGramsPerLitre, potentialVolumes, potentialBar } = chargeOf({
    ...half,
    leftGramsPerLitre: 8,
    portions: [{ what: 'white-sugar', grams: 4.8 }],
  });
  expect(liquidMl).toBeCloseTo(482.98, 2);
  expect(sugarGramsPerLitre).toBeCloseTo(7.951 + 9.928, 2);
  expect(potentialVolumes).toBeCloseTo(0.894 + 17.879 * 0.2601 * 0.94, 2);
  // Some 0.775 volumes a bar in the sweetness-free, slightly alcoholic liquid and its 3.5 % of room: 6.8 bar.
  expect(potentialBar).toBeCloseTo(6.793, 2);
});

test('juice dilutes what was left and brings its own', () => {
  const { liquidMl, leftGramsPerLitre, dosedGramsPerLitre } = chargeOf({
    ...half,
    fillMl: 400,
    portions: [{ what: 'pear-juice', ml: 80, sugar: 11 }],
  });
  expect(liquidMl).toBeCloseTo(480, -1);
  expect(leftGramsPerLitre).toBeCloseTo((40 * 400) / liquidMl, 6);
  // 11 g in 100 ml, nearly all of it fermentable: 8.8 g in 480 ml.
  expect(dosedGramsPerLitre).toBeGreaterThan(15);
  expect(dosedGramsPerLitre).toBeLessThan(19);
});

test('a brim-full bottle is worked out with a hundredth of room; a forgotten one beyond any glass', () => {
  expect(chargeOf({ ...half, fillMl: 500 }).headspaceMl).toBe(5);
  expect(chargeOf({ ...half, leftGramsPerLitre: 90 }).potentialBar).toBeGreaterThan(20);
});

test('the sugar a fizz takes, by hand: a dry base at 0.8 volumes wants 9 g/L for 3', () => {
  // 2.2 volumes / 0.2601 / 0.94 = 9.00 g/L.
  expect(sugarForFizz(3, 0.8, 0).takes).toBeCloseTo(9, 1);
  expect(sugarForFizz(3, 0.8, 4).wanting).toBeCloseTo(5, 1);
  expect(sugarForFizz(3, 0.8, 20).wanting).toBeCloseTo(-11, 1);
  expect(sugarForFizz(2, 2.5, 0).takes).toBeLessThan(0);
  expect(sugarForFizz(1.8, 0.8, 0).takes).toBeCloseTo(4.09, 2);
});

test('a dose tried in a weighed sample goes to the bottle as strong as it was', () => {
  expect(scaledDose({ what: 'white-sugar', grams: 2 }, 100, 480)).toEqual({
    what: 'white-sugar',
    grams: 9.6,
  });
  expect(scaledDose({ what: 'pear-juice', ml: 15, typed: '1 tbsp' }, 120, 300)).toEqual({
    what: 'pear-juice',
    ml: 37.5,
  });
});

test('twelve volumes from a jar in the fridge are some 9 bar there, and about 16 where the bottles go', () => {
  // 44 g/L make 10.8 volumes more than the 1.2 that are there.
  const cold = { ...half, leftGramsPerLitre: 44.2, presentVolumes: 1.2, celsius: 4 };
  expect(chargeOf(cold).potentialVolumes).toBeCloseTo(12, 1);
  expect(chargeOf(cold).potentialBar).toBeLessThan(10);
  const warm = chargeOf({ ...cold, warmestCelsius: 21 });
  expect(warm.potentialBar).toBeGreaterThan(14.5);
  expect(warm.potentialBar).toBeLessThan(18);
});
