import { fizzWord, fizzWords } from './fizz';

test('fizz is said in a word, with the number small beside it', () => {
  expect([0.2, 1.2, 1.5, 2, 2.5, 3, 4.1].map(fizzWord)).toEqual([
    'flat',
    'faint',
    'gentle',
    'gentle',
    'lively',
    'sharp',
    'sharp',
  ]);
  expect([fizzWords(2.5), fizzWords(25)]).toEqual(['lively (2.5 vol)', 'sharp (25 vol)']);
});
