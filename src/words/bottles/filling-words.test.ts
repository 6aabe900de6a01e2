import { unaskedWords } from '../tasks/rule-words';
import { fillingWords } from './filling-words';

const planned = { way: 'as-planned', good: 0.26, flat: 0.64, over: 0.1, chillHour: 30 } as const;

test('what a filling comes to when nobody looks, and what is better, the best first', () => {
  expect(
    fillingWords([
      planned,
      { way: 'stronger', good: 0.36, flat: 0.43, over: 0.21, chillHour: 40 },
      { way: 'squeezed', good: 0.74, flat: 0.17, over: 0.09, chillHour: 40 },
      { way: 'cooler', good: 0.3, flat: 0.6, over: 0.1, chillHour: 50 },
    ]),
  ).toEqual([
    'If nobody looks, about 3 in 10 come right; most of the rest are flat.',
    'About 7 in 10 with a soft bottle to squeeze.',
    'About 4 in 10 in sparkling-wine bottles.',
  ]);
  expect(fillingWords([{ ...planned, good: 0.02, flat: 0.1, over: 0.88 }])).toEqual([
    'If nobody looks, hardly any come right; most of the rest gush.',
  ]);
  expect(fillingWords([])).toEqual([]);
});

test('who never looks is told what a look would bring, when it is a bottle in ten', () => {
  expect(unaskedWords({ kind: 'squeeze', gain: 0.31 })).toBe(
    'Squeezing the soft bottle would make about 3 more in 10 come right.',
  );
  expect(unaskedWords({ kind: 'hiss', gain: 0.04 })).toBeNull();
});
