import { headspaceCm, headspaceMl } from './bottle-shape';
import { bottleIds } from './vessel-kinds';

test('a swing-top half litre, worked by hand: a neck from 0.9 to 1.7 cm over 8 cm', () => {
  // At 4 cm the radius is 1.3: π·4/3·(0.81 + 1.17 + 1.69) = 15.37 ml.
  expect(headspaceMl('swing-top', 500, 4)).toBeCloseTo(15.373, 2);
  expect(headspaceMl('swing-top', 500, 5)).toBeCloseTo((Math.PI * 5 * (0.81 + 0.9 * 1.4 + 1.96)) / 3, 6);
  // The whole neck, π·8/3·(0.81 + 1.53 + 2.89) = 43.81, and 2 cm of a shoulder from 1.7 to 2.5: π·2/3·(2.89 + 4.25 + 6.25) = 28.04.
  expect(headspaceMl('swing-top', 500, 10)).toBeCloseTo(43.815 + 28.044, 2);
  // Into the body: the whole shoulder, π·4/3·(2.89 + 5.61 + 10.89) = 81.22, and a centimetre of 3.3.
  expect(headspaceMl('swing-top', 500, 13)).toBeCloseTo(43.815 + 81.221 + Math.PI * 3.3 ** 2, 2);
});

test('a larger bottle has a longer neck under the same mouth', () => {
  const by = Math.cbrt(1.5);
  const at = 0.9 + (1.7 * by - 0.9) * (4 / (8 * by));
  expect(headspaceMl('swing-top', 750, 4)).toBeCloseTo((Math.PI * 4 * (0.81 + 0.9 * at + at * at)) / 3, 6);
});

test('each kind at 3 cm, half a litre, ml', () => {
  expect(bottleIds.map((kind) => Math.round(headspaceMl(kind, 500, 3) * 10) / 10)).toEqual([
    10.5, 14.3, 8.9, 9.5, 13.2, 150.8,
  ]);
});

test('centimetres and millilitres come back to each other, and never beyond the bottle', () => {
  for (const kind of bottleIds)
    for (const ml of [330, 750])
      for (const cm of [1, 2.5, 5, 9, 14])
        if (headspaceMl(kind, ml, cm) < ml * 0.9)
          expect(headspaceCm(kind, ml, headspaceMl(kind, ml, cm))).toBeCloseTo(cm, 1);
  expect(headspaceMl('crown-cap', 330, 500)).toBe(330);
  expect(headspaceCm('crown-cap', 330, 999)).toBeLessThan(22);
});
