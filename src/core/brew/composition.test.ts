import fc from 'fast-check';
import {
  amountIn,
  mainSweetener,
  scaledBy,
  sugarIn,
  turnDose,
  turnMl,
  turnRow,
  withAmount,
  type Composition,
} from './composition';

const brew: Composition = {
  ml: 2000,
  dose: 160,
  rows: [
    { portion: { what: 'white-sugar', grams: 120, typed: '120 g' }, when: 'pot' },
    { portion: { what: 'honey', ml: 40 }, when: 'last' },
    { portion: { what: 'plum', grams: 500, form: 'chopped' }, when: 'cold' },
  ],
};
const amounts = ({ rows }: Composition) => rows.map(({ portion }) => amountIn(portion));

test('the litres held: one amount changes, and water', () => {
  const { composition, followed } = turnRow(brew, 0, 90, 'litres');
  expect(amounts(composition)).toEqual([90, 40, 500]);
  expect([composition.ml, composition.dose, followed]).toEqual([2000, 160, ['water']]);
  // What was typed no longer stands for another amount.
  expect(composition.rows[0]!.portion).toEqual({ what: 'white-sugar', grams: 90 });
});

test('the proportions held: everything follows by the same factor', () => {
  const { composition, followed } = turnRow(brew, 2, 750, 'proportions');
  expect(amounts(composition)).toEqual([180, 60, 750]);
  expect([composition.ml, composition.dose]).toEqual([3000, 240]);
  expect(followed).toEqual([0, 1, 'ml', 'dose', 'water']);
  // From nothing, or to nothing, no proportion follows: the amount alone changes.
  expect(turnRow(brew, 2, 0, 'proportions').composition.ml).toBe(2000);
});

test('the sugar held: the main sweetener makes up what is turned away', () => {
  // 40 ml of honey are 56.8 g of which 79.5 % ferment: 45.156 g. At 20 ml half of it is missing, 22.578 g,
  // which is 22.6 g of white sugar (99.9 %) more.
  const { composition, followed } = turnRow(brew, 1, 20, 'sugar');
  expect(amounts(composition)).toEqual([expect.closeTo(120 + 22.578 / 0.999, 2), 20, 500]);
  expect(followed).toEqual([0, 'water']);
  // Turned the other way further than there is sugar to give, it ends at nothing.
  expect(amounts(turnRow(brew, 1, 400, 'sugar').composition)[0]).toBe(0);
});

test('litres and dose turned', () => {
  expect(amounts(turnMl(brew, 1000, 'proportions').composition)).toEqual([60, 20, 250]);
  const same = turnMl(brew, 2500, 'amounts');
  expect([same.composition.ml, amounts(same.composition), same.followed]).toEqual([
    2500,
    [120, 40, 500],
    ['water'],
  ]);
  expect(turnDose(brew, 80, 'litres')).toEqual({ composition: { ...brew, dose: 80 }, followed: ['water'] });
  expect(turnDose(brew, 80, 'proportions').composition.ml).toBe(1000);
  expect(turnDose({ ...brew, dose: 0 }, 80, 'proportions').composition.ml).toBe(2000);
  expect(turnRow(brew, 9, 5, 'litres')).toEqual({ composition: brew, followed: [] });
});

test('the main sweetener is the one that brings most sugar, never fruit', () => {
  expect(mainSweetener(brew.rows)).toBe(0);
  expect(mainSweetener(brew.rows, 0)).toBe(1);
  expect(mainSweetener([brew.rows[2]!])).toBe(-1);
  // 500 g of plums, chopped: 70 % of their 9.8 % sugar.
  expect(sugarIn(brew.rows[2]!.portion)).toBeCloseTo(500 * 0.7 * 0.098, 6);
  expect(withAmount({ what: 'honey', ml: 3 }, -1)).toEqual({ what: 'honey', ml: 0 });
});

test('laws: proportions stay under scaling, and sugar a litre under a turn that holds it', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 9, noNaN: true }), (factor) => {
      const there = scaledBy(brew, factor);
      amounts(there).forEach((amount, i) => expect(amount / amounts(brew)[i]!).toBeCloseTo(factor, 2));
      expect([there.ml / brew.ml, there.dose / brew.dose]).toEqual([
        expect.closeTo(factor, 9),
        expect.closeTo(factor, 9),
      ]);
    }),
  );
  const sugar = ({ rows }: Composition) => rows.reduce((sum, { portion }) => sum + sugarIn(portion), 0);
  fc.assert(
    fc.property(fc.double({ min: 0, max: 120, noNaN: true }), (ml) => {
      expect(sugar(turnRow(brew, 1, ml, 'sugar').composition)).toBeCloseTo(sugar(brew), 1);
    }),
  );
});
