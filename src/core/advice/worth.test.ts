import { bottledWorth, isGoodFizz, pouredWorth } from './worth';

const wanted = { volumes: 2.4, sweetness: 60, ceiling: null };
const fresh = { acids: 1, alcohol: 0.6 };

test('a glass is worth most as it is wanted, and less to either side, by the stated points', () => {
  const of = (volumes: number, sweetness = 60) => pouredWorth({ ...fresh, volumes, sweetness }, wanted);
  expect(of(2.4)).toBe(1);
  expect([of(1.8), of(3)]).toEqual([expect.closeTo(0.9, 12), expect.closeTo(0.9, 12)]);
  // Half of the fizz: 0.4; between half and three quarters in proportion.
  expect(of(1.2)).toBeCloseTo(0.4, 12);
  expect(of(1.5)).toBeCloseTo(0.65, 12);
  expect(of(0)).toBeCloseTo(0.05, 12);
  expect(of(12)).toBe(0);
  // A third less sweet is as good; dry where sweet was wanted is a third of it.
  expect(of(2.4, 41)).toBeCloseTo(1, 12);
  expect(of(2.4, 0)).toBeCloseTo(0.35, 12);
  expect(of(2.4, 150)).toBeCloseTo(0.6, 12);
});

test('a drink that is meant to be dry is not the worse for being dry', () => {
  expect(
    pouredWorth({ ...fresh, volumes: 3, sweetness: 15 }, { volumes: 3, sweetness: 0, ceiling: null }),
  ).toBe(1);
});

test('sour and strong count less: by the acids made, and by a ceiling where one is set', () => {
  const of = (acids: number, alcohol: number, ceiling: number | null = null) =>
    pouredWorth({ volumes: 2.4, sweetness: 60, acids, alcohol }, { ...wanted, ceiling });
  expect([of(3, 1), of(6, 1), of(10, 1), of(20, 1)].map((worth) => Number(worth.toFixed(9)))).toEqual([
    1, 0.85, 0.5, 0.2,
  ]);
  // Of a ceiling of one percent: at it nothing is lost, a tenth over a fifth, half over nine tenths; of none, nothing.
  expect(of(1, 1, 1)).toBe(1);
  expect(of(1, 1.1, 1)).toBeCloseTo(0.8, 9);
  expect(of(1, 1.5, 1)).toBeCloseTo(0.1, 9);
  expect(of(1, 9)).toBe(1);
});

test('a first ferment is bottled at its sweetness: too early less than too late, dry as dry', () => {
  expect([20, 30, 45, 60, 69, 96].map((sweet) => Number(bottledWorth(sweet, 60).toFixed(3)))).toEqual([
    0.433, 0.55, 0.9, 1, 0.95, 0.6,
  ]);
  expect([0, 10, 15].map((sweet) => bottledWorth(sweet, 15))).toEqual([1, 1, 1]);
  expect(bottledWorth(24, 15)).toBeCloseTo(0.6, 9);
});

test('good is within a quarter', () => {
  expect([1.79, 1.81, 2.99, 3.01].map((volumes) => isGoodFizz(volumes, 2.4))).toEqual([
    false,
    true,
    true,
    false,
  ]);
});
