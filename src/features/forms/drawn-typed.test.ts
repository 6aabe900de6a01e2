import { addPortions } from '@/core/lots/add';
import { emptyLot } from '@/core/lots/begin';
import { drawnTyped } from './drawn-typed';

const jar = addPortions(
  emptyLot('0mi81234000000ab1', 0, {
    role: 'brew',
    name: 'Nib',
    vessel: { kind: 'jar', ml: 1500 },
    closure: 'cloth',
    place: 'counter',
    culture: 'ginger-bug',
  }),
  [
    { what: 'water', ml: 1000 },
    { what: 'white-sugar', grams: 100 },
  ],
  { at: 0, entryId: 'x' },
);

test('weighed: 1,098 g in 1,062 ml, so 103.4 g are 100 ml; a starter is 1.03 g/ml', () => {
  expect(drawnTyped('103 g', { ...jar, role: 'starter' })).toEqual({ ok: true, value: 100 });
  expect(drawnTyped('103.4 g', jar)).toEqual({ ok: true, value: 100 });
  expect(drawnTyped('80', jar)).toEqual({ ok: true, value: 80 });
  expect(drawnTyped('50 g', undefined)).toEqual({ ok: true, value: 50 });
  expect(drawnTyped('0 ml', jar)).toMatchObject({ ok: false, code: 'take.nothing' });
  expect(drawnTyped('a drop', jar).ok).toBe(false);
});
