import { begunAlone } from '../starter/bug.test-tool';
import { secondRunOf } from './second-run';

const brew = (portions: object[], role = 'brew') =>
  begunAlone({
    role,
    culture: 'peel',
    vessel: { kind: 'jar', ml: 3000 },
    recipe: { base: 'peel', wantedVolumes: 2.5 },
    portions,
  });
const water = { what: 'water', ml: 1200 };
const sugar = { what: 'cane-sugar', grams: 96 };

test('the same water and sugar again over the solids, without what was flavour', () => {
  const run = secondRunOf(
    brew([water, sugar, { what: 'pineapple-rind', grams: 360 }, { what: 'cinnamon', grams: 2 }]),
  )!;
  expect(run.portions).toEqual([water, sugar]);
  expect(run.solidGrams).toBeGreaterThan(150);
  expect(run.solidGrams).toBeLessThan(363);
});

test('not without solids, nor without water, nor of a starter', () => {
  expect(secondRunOf(brew([water, sugar]))).toBeNull();
  expect(secondRunOf(brew([sugar, { what: 'pineapple-rind', grams: 360 }]))).toBeNull();
  expect(secondRunOf(brew([water, sugar, { what: 'ginger', grams: 200 }], 'starter'))).toBeNull();
});
