import { handmadeRun, warmJar } from '../handmade.test-tool';
import { gramsPerVolume } from '../../gas/co2-solubility';
import { jarNow } from './jar-now';

/** Three kitchens, of which the middle one weighs half: sugar falls by 1, 2 and 4 g/L an hour. */
const run = handmadeRun({
  hours: [0, 10, 20],
  members: 3,
  weights: [0.25, 0.5, 0.25],
  stages: [{ ...warmJar, celsius: 24 }],
  row: (m, hour) => ({
    SUCROSE: 100 - [1, 2, 4][m]! * hour,
    CO2: [0.5, 0.8, 1][m]! * gramsPerVolume,
    ETHANOL: [2, 5, 9][m]! * (hour / 10),
  }),
});

test('what the first ferment left is read at the reported hour before', () => {
  const at10 = jarNow(run, 10);
  expect(at10.sugarGramsPerLitre[2]).toBeCloseTo(80, 5);
  expect(at10.sugarGramsPerLitre[0]).toBeCloseTo(60, 5);
  expect(at10.sugarGramsPerLitre[4]).toBeCloseTo(90, 5);
  expect(at10.co2Volumes[2]).toBeCloseTo(0.8, 5);
  expect(at10.ethanolGramsPerLitre[2]).toBeCloseTo(5, 5);
  expect(at10.celsius).toBe(24);
  expect(jarNow(run, 19)).toEqual(at10);
  expect(jarNow(run, 20).sugarGramsPerLitre[2]).toBeCloseTo(60, 5);
});
