import { keptKinds } from '@/core/cultures/registry';
import { addPortions } from '@/core/lots/add';
import { emptyLot } from '@/core/lots/begin';
import { lastFedAt } from './last-fed';
import { kindOf, readStarter, starterRows, type StarterValues } from './starter-form';

const typed: StarterValues = {
  kind: 'ginger-bug',
  name: 'Nib',
  jar: '700 ml',
  portions: [
    { what: 'water', amount: '4 dl' },
    { what: 'ginger', amount: '20 g' },
    { what: 'white-sugar', amount: '1 1/2 tbsp' },
  ],
};
const faults = (values: Partial<StarterValues>) => {
  const reading = readStarter({ ...typed, ...values });
  return reading.ok ? 'read' : reading.faults;
};

test('a starter as it is typed', () => {
  expect(readStarter(typed)).toEqual({
    ok: true,
    value: {
      name: 'Nib',
      jarMl: 700,
      portions: [
        expect.objectContaining({ what: 'water', ml: 400 }),
        expect.objectContaining({ what: 'ginger', grams: 20 }),
        expect.objectContaining({ what: 'white-sugar', grams: 19.1 }),
      ],
    },
  });
});

test('each fault stands at its field', () => {
  expect(faults({ name: '' })).toEqual({ name: 'Give it a name.' });
  expect(faults({ jar: '99 ml' })).toMatchObject({ jar: 'Between 100 ml and 20 L.' });
  expect(faults({ jar: '21 l' })).toEqual({ jar: 'Between 100 ml and 20 L.' });
  expect(faults({ jar: 'big' })).toHaveProperty('jar');
  expect(faults({ jar: '450 ml' })).toEqual({ root: 'That makes 432 ml; this jar foams over above 405 ml.' });
  expect(faults({ jar: '485 ml' })).toBe('read');
  expect(
    faults({
      portions: [
        { what: 'water', amount: '15 ml' },
        { what: 'white-sugar', amount: '1 g' },
      ],
    }),
  ).toEqual({
    root: 'That is hardly anything: at least 20 ml.',
  });
  expect(
    faults({
      portions: [
        { what: 'water', amount: '4 dl' },
        { what: 'ginger', amount: '' },
      ],
    }),
  ).toEqual({
    'portions.1.amount': 'Write an amount, such as 30 g or 1 1/2 tbsp.',
  });
  expect(faults({ portions: [{ what: 'water', amount: 'plenty' }] })).toHaveProperty(['portions.0.amount']);
});

test('each kind is begun with its own rows; an unknown one with the first kind’s', () => {
  expect(keptKinds.map(({ id }) => [id, starterRows(id).map(({ what }) => what)])).toEqual([
    ['ginger-bug', ['water', 'ginger', 'white-sugar']],
    ['water-kefir-grains', ['water', 'kefir-grains', 'white-sugar']],
    ['whey', ['water', 'live-yoghurt']],
    ['wild', ['water', 'elderflower', 'white-sugar']],
    ['tea-mother', ['water', 'black-tea', 'white-sugar']],
  ]);
  expect([kindOf('whey').id, kindOf('bare').id, kindOf('').id]).toEqual(['whey', 'ginger-bug', 'ginger-bug']);
});

test('fed is what brings sugar: not water, not ginger alone', () => {
  const begun = addPortions(
    emptyLot('x', 5, {
      role: 'starter',
      name: 'x',
      vessel: { kind: 'jar', ml: 900 },
      closure: 'cloth',
      place: 'counter',
    }),
    [{ what: 'water', ml: 400 }],
    { at: 5, entryId: 'a' },
  );
  const watered = addPortions(begun, [{ what: 'water', ml: 20 }], { at: 9, entryId: 'b' });
  const fed = addPortions(watered, [{ what: 'white-sugar', grams: 10 }], { at: 20, entryId: 'c' });
  expect([lastFedAt(begun), lastFedAt(watered), lastFedAt(fed)]).toEqual([5, 5, 20]);
  expect(lastFedAt(addPortions(fed, [{ what: 'white-sugar', grams: 0.4 }], { at: 30, entryId: 'd' }))).toBe(
    20,
  );
});
