import { openingGuide, type OpeningAsk } from './opening-guide';

const cold: OpeningAsk = {
  volumes: 2.4,
  celsius: 4,
  hoursCold: 60,
  pulpShare: 0,
  headspaceCm: 4,
  limitShare: 0.5,
  standBack: false,
};
const guide = (more: Partial<OpeningAsk> = {}) => openingGuide({ ...cold, ...more });

test('liveliness is the gas over what the liquid keeps in the open: at 4 °C some 1.4 volumes', () => {
  // 0.0667 mol/L by Weiss at 4 °C, 44.01/1.977 volumes a mole, and 4.6 % less for 50 g/L of sugar and 5 of alcohol.
  expect(guide().liveliness).toBeCloseTo(2.4 / (0.0667 * 22.26 * 0.9544), 1);
  expect(guide()).toMatchObject({ way: 'plain', because: [] });
});

test('what makes it livelier adds to it, and is named', () => {
  const calm = guide().liveliness;
  expect(guide({ hoursCold: 10 })).toMatchObject({
    because: ['unsettled'],
    liveliness: expect.closeTo(calm + 0.4, 9),
  });
  expect(guide({ pulpShare: 0.02 })).toMatchObject({
    because: ['pulp'],
    liveliness: expect.closeTo(calm + 0.5, 9),
  });
  expect(guide({ headspaceCm: 1.9 })).toMatchObject({
    because: ['full'],
    liveliness: expect.closeTo(calm + 0.3, 9),
  });
  // At the very edge: a day cold is settled, a hundredth of pulp is clear, ten degrees are warm.
  expect(guide({ hoursCold: 24 }).because).toEqual([]);
  expect(guide({ pulpShare: 0.01 }).because).toEqual([]);
  expect(guide({ celsius: 10, hoursCold: 0 }).because).toEqual(['warm']);
  // Two centimetres are what the fullest school leaves.
  expect(guide({ headspaceCm: 2 }).because).toEqual([]);
  expect(guide({ hoursCold: 10, pulpShare: 0.02, headspaceCm: 1.9 }).way).toBe('in-steps');
});

test('the same bottle warm keeps half as much in the open: it is left', () => {
  const warm = guide({ celsius: 22, hoursCold: 0 });
  expect(warm.because).toEqual(['warm']);
  // 0.0369 mol/L at 22 °C: 0.78 volumes.
  expect(warm.liveliness).toBeCloseTo(0.4 + 2.4 / (0.0369 * 22.26 * 0.9544), 1);
  expect(warm.way).toBe('in-steps');
  expect(guide({ celsius: 22, hoursCold: 0, volumes: 3.2 }).way).toBe('leave');
});

test('each way from its liveliness on', () => {
  const keeps = 2.4 / guide().liveliness;
  const way = (liveliness: number) => guide({ volumes: liveliness * keeps }).way;
  expect([1.99, 2.01, 2.79, 2.81, 4.19, 4.21].map(way)).toEqual([
    'plain',
    'slow',
    'slow',
    'in-steps',
    'in-steps',
    'leave',
  ]);
});

test('past its limit, or told to stand back, it is left whatever its gas', () => {
  expect(guide({ limitShare: 1 }).way).toBe('leave');
  expect(guide({ standBack: true, volumes: 0.5 }).way).toBe('leave');
});
