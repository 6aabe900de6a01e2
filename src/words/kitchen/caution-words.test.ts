import { cautionsOf } from './caution-words';

const mixed = (what: string[], cultureId: string | null = null, closure: 'cloth' | 'sealed' | null = null) =>
  cautionsOf({ portions: what.map((each) => ({ what: each, grams: 10 })), cultureId, closure }).map(
    (words) => words.split(/[:,;]/)[0],
  );

test('what to mind stands where it is mixed: by ingredient, by what lives in it, by how it is closed', () => {
  expect(mixed(['water', 'white-sugar'])).toEqual([]);
  expect(mixed(['honey'])).toEqual(['Honey']);
  expect(mixed(['elderflower', 'mint'])).toEqual(['Gathered plants']);
  expect(mixed(['whey'])).toEqual(['It comes from milk']);
  expect(mixed(['water'], 'whey')).toEqual(['It comes from milk']);
  expect(mixed(['water'], 'ginger-bug', 'cloth')).toEqual(['Fine']);
  expect(mixed(['honey', 'live-yoghurt'], null, 'sealed')).toEqual([
    'It comes from milk',
    'Honey',
    'Sealed it builds pressure',
  ]);
});
