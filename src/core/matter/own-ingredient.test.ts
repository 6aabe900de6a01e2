import fc from 'fast-check';
import { readLine } from '../recipes/ingredient-line';
import { findIngredients, namesWith } from '../recipes/ingredient-names';
import { PortionRecord } from './records/portion';
import { ingredientIds, ingredientOf, isIngredient } from './ingredients/registry';
import { ownId, ownOf } from './own-ingredient';
import { gramsOfPortion, portionContents } from './portion';
import { gramsIn, fermentableGrams, substances } from './substances';

const pawpaw = ownId({ name: 'Pawpaw', like: 'plum', sugar: 12.5, acid: 0.2, cupGrams: 225 });

test('an own fruit: its sugar and acid by its label, the rest as what it is like', () => {
  expect(pawpaw).toBe('own:plum:125:2:225:Pawpaw');
  const { composition, name, family, gives, spooned } = ingredientOf(pawpaw);
  const { sucrose, glucose, fructose } = composition;
  expect(sucrose + glucose + fructose).toBeCloseTo(0.125, 9);
  // Plums have 1.6, 5.1 and 3.1 of 9.8.
  expect(glucose).toBeCloseTo((0.125 * 5.1) / 9.8, 9);
  expect(composition.malic + composition.citric).toBeCloseTo(0.002, 9);
  expect(composition.inert).toBeCloseTo(0.017, 9);
  expect([name, family, gives]).toEqual(['Pawpaw', 'fruit', 0.7]);
  expect(spooned.chopped).toBeCloseTo(225 / 236.6, 9);
  // Two cups are 450 g; seven tenths of 56.25 g of sugar go into the liquid.
  const grams = gramsOfPortion({ what: pawpaw, ml: 2 * 236.6, form: 'chopped' });
  expect(grams).toBeCloseTo(450, 6);
  expect(fermentableGrams(portionContents({ what: pawpaw, grams }).liquid)).toBeCloseTo(0.7 * 56.25, 1);
});

test('an own sugar that is all sugar, an own juice by its cup, a herb that is given sugar', () => {
  const sugar = ingredientOf(
    ownId({ name: 'Rock', like: 'cane-sugar', sugar: 100, acid: null, cupGrams: null }),
  );
  expect(sugar.composition.water + sugar.composition.inert + sugar.composition.minerals).toBeCloseTo(0, 9);
  const juice = ingredientOf(
    ownId({ name: 'Birch sap', like: 'apple-juice', sugar: 1, acid: null, cupGrams: 240 }),
  );
  expect(juice.density).toBeCloseTo(240 / 236.6, 9);
  const herb = ingredientOf(
    ownId({ name: 'Candied dill', like: 'mint', sugar: 40, acid: 1, cupGrams: null }),
  );
  expect(herb.composition.glucose + herb.composition.fructose + herb.composition.sucrose).toBeCloseTo(0.4, 9);
});

test('whatever is described comes back from its id, adds up to a gram, and is an entry’s ingredient', () => {
  const number = fc.option(
    fc.integer({ min: 0, max: 500 }).map((n) => n / 10),
    { nil: null },
  );
  fc.assert(
    fc.property(
      fc.constantFrom('plum', 'apple-juice', 'mint', 'cane-sugar', 'cinnamon', 'simple-syrup'),
      number,
      number,
      fc.option(fc.integer({ min: 1, max: 500 }), { nil: null }),
      fc.string({ minLength: 1, maxLength: 32 }).filter((text) => /^[^\s].*[^\s]$|^\S$/.test(text)),
      (like, sugar, acid, cupGrams, name) => {
        const own = { name, like, sugar, acid, cupGrams };
        const id = ownId(own);
        expect(ownOf(id)).toEqual(own);
        const { composition } = ingredientOf(id);
        expect(gramsIn(composition)).toBeCloseTo(1, 9);
        expect(substances.every((key) => composition[key] >= 0)).toBe(true);
        expect(PortionRecord.safeParse({ what: id, grams: 10 }).success).toBe(true);
      },
    ),
  );
});

test.each([
  'own:plum:1001:::Too sweet',
  'own:plum:900:200::Together too much',
  'own:nothing-like-it:10:::Nobody knows',
  'own:kefir-grains:10:::Alive',
  'own:plum:::: ',
  'own:plum:::501:Heavy',
  `own:plum::::${'x'.repeat(33)}`,
  'own:own:plum:1:::Twice',
])('%s is nobody’s ingredient', (id) => {
  expect(isIngredient(id)).toBe(false);
  expect(PortionRecord.safeParse({ what: id, grams: 10 }).success).toBe(false);
});

test('an own name is found and read in a line, before the table’s', () => {
  const names = namesWith([pawpaw]);
  expect(findIngredients('pawp', names)[0]).toBe(pawpaw);
  expect(findIngredients('plum', names)[0]).toBe('plum');
  expect(readLine('2 cups pawpaws, chopped', names).portion).toEqual({
    what: pawpaw,
    grams: 450,
    form: 'chopped',
  });
  expect(readLine('2 cups pawpaws').asks).toBe('what');
  expect(ingredientIds).not.toContain(pawpaw);
});
