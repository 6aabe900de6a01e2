import { addPortions } from '@/core/lots/add';
import { emptyLot } from '@/core/lots/begin';
import { lastFedAt } from '../jar/last-fed';
import { beginRows, chosenWay, readBegin, usualJar, wayGroups, waysOf, type BeginValues } from './begin-form';
import { packetBegunAt } from '../packet/packet-begun';

const typed: BeginValues = {
  way: 'ginger-bug',
  name: 'Nib',
  jar: '700 ml',
  portions: [
    { what: 'water', amount: '4 dl' },
    { what: 'ginger', amount: '20 g' },
    { what: 'white-sugar', amount: '1 1/2 tbsp' },
  ],
};
const faults = (values: Partial<BeginValues>) => {
  const reading = readBegin({ ...typed, ...values });
  return reading.ok ? 'read' : reading.faults;
};

test('a starter as it is typed', () => {
  expect(readBegin(typed)).toEqual({
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

test('ways to begin, under nine names; an unknown one is the first', () => {
  expect(wayGroups).toEqual([
    'Ginger bug',
    'Water kefir grains',
    'Fruit or flower starter',
    'Whey',
    'Tea mother',
    'The last batch',
    'Packaged yeast',
    'Tepache, from peel',
    'Raw ginger, no starter',
  ]);
  expect(wayGroups.map((group) => waysOf(group).length)).toEqual([2, 2, 2, 2, 1, 2, 3, 1, 1]);
  expect([chosenWay('').way.id, chosenWay('ale-yeast').culture.id]).toEqual(['ginger-bug', 'ale-yeast']);
  expect([
    chosenWay('whey').keeping === null,
    chosenWay('peel').keeping,
    usualJar(chosenWay('peel').way),
  ]).toEqual([false, null, '2 L']);
});

test('rows carry amounts for the jar at hand', () => {
  const amounts = (way: string, jar: string) =>
    beginRows(way, jar).map(({ what, amount }) => `${what} ${amount}`);
  // 0.6 of 700 ml; 5 % of 420 ml each.
  expect(amounts('ginger-bug', '700 ml')).toEqual(['water 420 ml', 'ginger 21 g', 'white-sugar 21 g']);
  expect(amounts('ginger-bug', '1.5 l')).toEqual(['water 900 ml', 'ginger 45 g', 'white-sugar 45 g']);
  // 0.5 of a litre; 1.6 % dried grains and 6 % sugar.
  expect(amounts('dried-kefir-grains', '1 l')).toEqual([
    'water 500 ml',
    'dried-kefir-grains 8 g',
    'cane-sugar 30 g',
  ]);
  expect(amounts('whey', '700 ml')).toEqual(['whey 200 ml']);
  expect(amounts('wine-yeast', '')).toEqual(['wine-yeast 5 g']);
  expect(amounts('ginger-bug', 'big')).toEqual(amounts('ginger-bug', '700 ml'));
  expect(amounts('ginger-bug', '5 ml')).toEqual(amounts('ginger-bug', '700 ml'));
});

test('a packet needs no jar, and holds what a packet holds', () => {
  const packet = (amount: string) =>
    readBegin({ way: 'wine-yeast', name: 'W', jar: '', portions: [{ what: 'wine-yeast', amount }] });
  expect(packet('5 g')).toMatchObject({ ok: true, value: { jarMl: 100 } });
  expect(packet('300 g')).toMatchObject({ ok: false, faults: { root: 'That is more than a packet holds.' } });
  expect(packet('0.1 g')).toMatchObject({ ok: false, faults: { root: 'Write what is in the packet.' } });
});

test('a packet was packed on its date, or two years before its best-before date', () => {
  const at = Date.UTC(2027, 5, 1, 12);
  const { culture } = chosenWay('wine-yeast');
  expect(packetBegunAt({ says: 'packed', at }, culture)).toBe(at);
  expect(new Date(packetBegunAt({ says: 'best-before', at }, culture)).toISOString().slice(0, 10)).toBe(
    '2025-06-01',
  );
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
