import { laneHeights, valueScale, valueTicks } from './lane-scale';

const ticks = (most: number, height: number = laneHeights.wide) =>
  valueTicks(valueScale(0, most, height), height);

test('ticks of a value axis: few and round, fewer in a low lane, and one nought at most', () => {
  expect(ticks(3)).toEqual([0, 1, 2, 3]);
  expect(ticks(3, laneHeights.phone)).toEqual([0, 2]);
  expect(ticks(80)).toEqual([0, 20, 40, 60]);
  // What is left of whey's sugar: 0.01 and 0.02 would be written as 0 too.
  expect(ticks(0.03)).toEqual([0]);
  expect(ticks(0.25)).toEqual([0, 0.1, 0.2]);
});
