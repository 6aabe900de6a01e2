import { summed } from './summed';

test('each thing stands once, added up, in the order it first came; nothing is left out', () => {
  expect(
    summed([
      { what: 'ginger', grams: 12, form: 'grated' },
      { what: 'lemon-juice', ml: 20 },
      { what: 'ginger', grams: 30 },
      { what: 'white-sugar', grams: 0 },
    ]),
  ).toEqual([
    { what: 'ginger', grams: 42 },
    { what: 'lemon-juice', ml: 20 },
  ]);
});
