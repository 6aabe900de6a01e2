import { fillPlan, usualHeadspaceMl } from './fill-plan';

test('whole bottles, and what is over', () => {
  expect(fillPlan(2000, 500, 20)).toEqual({ bottles: 4, leftMl: 80 });
  expect(fillPlan(1920, 500, 20)).toEqual({ bottles: 4, leftMl: 0 });
  expect(fillPlan(479, 500, 20)).toEqual({ bottles: 0, leftMl: 479 });
  expect(fillPlan(0.3, 0.1, 0)).toEqual({ bottles: 3, leftMl: expect.closeTo(0, 9) });
});

test('a twenty-fifth stays empty, to 5 ml, in small bottles to 1 ml, and never none', () => {
  expect([20, 50, 100, 124, 125, 250, 330, 500, 750, 1000, 5000].map(usualHeadspaceMl)).toEqual([
    1, 2, 4, 5, 5, 10, 15, 20, 30, 40, 200,
  ]);
});
