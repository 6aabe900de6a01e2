import { carries, wishOf } from './carries';

test('what bottles carry follows what makers use them at, and how careful one is', () => {
  expect([carries('swing-top', 'careful'), carries('swing-top', 'usual')]).toEqual([3, 3.5]);
  expect([carries('sparkling-wine', 'careful'), carries('decorative', 'usual')]).toEqual([6, 0]);
});

test('a wish beyond the weakest bottle is said, with what would carry it', () => {
  expect(wishOf(3.4, ['sparkling-wine', 'swing-top'], 'careful')).toEqual({
    kind: 'beyond',
    bottle: 'swing-top',
    most: 3,
    carriedBy: ['plastic-soda', 'sparkling-wine'],
  });
  expect(wishOf(3.4, ['swing-top', 'plastic-soda'], 'usual')).toEqual({ kind: 'fits' });
  expect(wishOf(7, ['sparkling-wine'], 'careful')).toMatchObject({ kind: 'beyond', carriedBy: [] });
  expect(wishOf(1, ['decorative'], 'usual')).toMatchObject({ kind: 'beyond', bottle: 'decorative', most: 0 });
});

test('exactly what is carried fits; an empty table says nothing', () => {
  expect(wishOf(3, ['swing-top', 'plastic-soda'], 'careful')).toEqual({ kind: 'fits' });
  expect(wishOf(9, [], 'careful')).toEqual({ kind: 'fits' });
});
