import * as fc from 'fast-check';
import { chanceWords, shareWords } from './chance';

test('chances in words', () => {
  expect([0, 0.004, 0.01, 0.02, 0.05, 0.1, 0.31, 0.5, 0.9, 0.97].map(chanceWords)).toEqual([
    'hardly any chance',
    'about one in two hundred',
    'about one in a hundred',
    'about one in fifty',
    'about one in twenty',
    'about one in ten',
    'about one in three',
    'even',
    'about nine in ten',
    'almost sure',
  ]);
});

test('shares in words are never less than they are', () => {
  expect([0.02, 0.33, 0.5, 0.62, 0.84, 1, 1.2].map(shareWords)).toEqual([
    'next to nothing',
    'a third',
    'half',
    'two thirds',
    'nine tenths',
    'all',
    'more than all',
  ]);
  const order = Array.from({ length: 130 }, (_, i) => shareWords(i / 100));
  fc.assert(fc.property(fc.nat(128), (i) => order.indexOf(order[i]!) <= order.indexOf(order[i + 1]!)));
});
