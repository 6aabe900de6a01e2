import { ethanolPerSucrose, practicalShare } from '../../sugar/yields';
import { Scenario } from '../scenario/scenario';
import { simulate } from './simulate';
import { slots } from '../state/state';

// What the account of sugar counts with is what the kinetics come to, with yeast alone and all sugar gone.
test.each([
  [40, 0.91],
  [80, 0.94],
  [150, 0.95],
])('yeast makes of %i g/L of sugar %f of the alcohol that it could', (sucrose, share) => {
  const { rows } = simulate(
    Scenario.parse({
      schema: 'yuzet.scenario/1',
      base: 'juice',
      sugars: { sucrose, glucose: 0, fructose: 0 },
      starter: { kind: 'wine-yeast', amountPerLitre: 0.5, vigour: 1, ageDays: 0, keptCelsius: 20 },
      stages: [{ hours: 1500, vessel: 'airlock', celsius: 24 }],
      stepHours: 24,
    }),
  );
  const made = rows.at(slots.ETHANOL - slots.ROW_SIZE)! / (sucrose * ethanolPerSucrose);
  expect(made).toBeCloseTo(share, 2);
  expect(Math.abs(made - practicalShare)).toBeLessThan(0.03);
});
