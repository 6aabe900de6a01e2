import { begunAlone } from '../starter/bug.test-tool';
import { grainsBack } from './grains-back';

const back = (portions: object[], culture: string | null) =>
  grainsBack(
    begunAlone({
      role: 'brew',
      culture: null,
      vessel: { kind: 'jar', ml: 3000 },
      recipe: { base: 'ginger-tea', wantedVolumes: 2.5 },
      portions,
    }),
    culture,
  );
const water = { what: 'water', ml: 1500 };

test('90 g of grains go back into 1.5 L with 90 g of sugar, 60 g a litre', () => {
  expect(back([water, { what: 'kefir-grains', grams: 90 }], 'water-kefir-grains')).toEqual({
    solid: 'kefir-grains',
    grams: expect.closeTo(90, 6),
    portions: [
      { what: 'water', ml: 1500 },
      { what: 'cane-sugar', grams: 90 },
    ],
  });
});

test('no grains, or another culture: nothing to bring home', () => {
  expect(back([water], 'water-kefir-grains')).toBeNull();
  expect(back([water, { what: 'kefir-grains', grams: 90 }], 'ginger-bug')).toBeNull();
  expect(back([water, { what: 'kefir-grains', grams: 90 }], null)).toBeNull();
});
