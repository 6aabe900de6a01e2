import { strengthOf } from '@/core/vessels/strength';
import { strengthWords, wishWords } from './bottling-words';

test('a wish out of reach is said with what would carry it; nothing is said where the bottles do', () => {
  expect(wishWords({ kind: 'fits' })).toBeNull();
  expect(
    wishWords({
      kind: 'beyond',
      bottle: 'swing-top',
      most: 3,
      carriedBy: ['plastic-soda', 'sparkling-wine'],
    }),
  ).toBe(
    'Out of reach: a swing-top goes no further than sharp (3.0 vol). Take a plastic soda bottle or a sparkling-wine bottle, or want less fizz.',
  );
  expect(wishWords({ kind: 'beyond', bottle: 'decorative', most: 0, carriedBy: [] })).toBe(
    'Out of reach: square or decorative glass is not made for fizz. Want less fizz.',
  );
});

test('what a make bears: the careful limit, what makers fill it to, and how unsure it is', () => {
  // 13.74 bar half, · exp(−2.326 · 0.35) = 6.09 one in a hundred.
  expect(strengthWords(2.8, strengthOf('swing-top')!, [3, 3.5])).toBe(
    'Good for 2.8 bar by careful practice. Makers fill such bottles to 3–3.5 vol, sharp. At their age half are thought to burst by 13.7 bar. The weakest of a hundred goes at 6.1 bar.',
  );
});
