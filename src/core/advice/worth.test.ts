import { isGoodFizz, pouredWorth } from './worth';

const wanted = { volumes: 2.4, sweetness: 60 };

test('a glass is worth most as it is wanted, and less to either side, by the stated points', () => {
  const of = (volumes: number, sweetness = 60) => pouredWorth({ volumes, sweetness }, wanted);
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
  expect(pouredWorth({ volumes: 3, sweetness: 15 }, { volumes: 3, sweetness: 0 })).toBe(1);
});

test('good is within a quarter', () => {
  expect([1.79, 1.81, 2.99, 3.01].map((volumes) => isGoodFizz(volumes, 2.4))).toEqual([
    false,
    true,
    true,
    false,
  ]);
});
