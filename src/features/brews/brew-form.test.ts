import { withAdded } from './brew-form';
import { addPortions } from '@/core/lots/add';
import { emptyLot } from '@/core/lots/begin';
import { doseFor, planTyped, readBrew, wantedMl, type BrewValues } from './brew-form';

const bug = addPortions(
  emptyLot('0mi81234000000ab1', 0, {
    role: 'starter',
    name: 'Nib',
    vessel: { kind: 'jar', ml: 700 },
    closure: 'cloth',
    place: 'counter',
    culture: 'ginger-bug',
  }),
  [
    { what: 'water', ml: 400 },
    { what: 'ginger', grams: 20 },
    { what: 'white-sugar', grams: 20 },
  ],
  { at: 0, entryId: 'x' },
);
const typed: BrewValues = {
  name: 'Elder and pepper',
  base: 'herb-tea',
  by: 'litres',
  volume: '2 l',
  count: '4',
  size: '500 ml',
  portions: [
    { what: 'white-sugar', amount: '150 g' },
    { what: 'black-pepper', amount: '' },
  ],
  life: bug.id,
  dose: '160 ml',
  volumes: '2.5',
};
const read = (values: Partial<BrewValues>) => readBrew({ ...typed, ...values }, [bug]);
const faults = (values: Partial<BrewValues>) => {
  const reading = read(values);
  return reading.ok ? 'read' : reading.faults;
};

test('a brew as it is typed: its water makes the volume up, empty rows are passed over', () => {
  const reading = read({});
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const { plan, life, ...rest } = reading.value;
  expect(rest).toEqual({ name: 'Elder and pepper', base: 'herb-tea', wantedVolumes: 2.5 });
  expect(life).toEqual({ kind: 'lot', lot: bug, ml: 160 });
  // 150 g of sugar take 93 ml and the dose 160: 1,747 ml of water are left of two litres.
  const water = plan.portions.find(({ what }) => what === 'water')!;
  expect(water.ml).toBeGreaterThan(1735);
  expect(water.ml).toBeLessThan(1755);
  expect(plan.portions.map(({ what }) => what)).not.toContain('black-pepper');
});

test('the volume wanted: litres, bottles less their headspace, or the water at hand', () => {
  expect(wantedMl(typed)).toEqual({ ml: 2000 });
  expect(wantedMl({ ...typed, by: 'bottles' })).toEqual({ ml: 4 * 480 });
  expect(wantedMl({ ...typed, by: 'bottles', count: '60', size: '0.75 l' })).toEqual({ ml: 60 * 720 });
  expect(wantedMl({ ...typed, by: 'water', volume: '1.5' })).toEqual({ ml: 1500 });
  expect([
    wantedMl({ ...typed, volume: '99 ml' }),
    wantedMl({ ...typed, volume: '51 l' }),
    wantedMl({ ...typed, by: 'bottles', count: '0' }),
    wantedMl({ ...typed, by: 'bottles', count: '1.5' }),
    wantedMl({ ...typed, by: 'bottles', size: '49 ml' }),
  ]).toEqual([
    { path: 'volume', message: 'Between 100 ml and 50 L.' },
    { path: 'volume', message: 'Between 100 ml and 50 L.' },
    { path: 'count', message: 'A whole number of bottles, 1 to 60.' },
    { path: 'count', message: 'A whole number of bottles, 1 to 60.' },
    { path: 'size', message: 'Between 50 ml and 5 L a bottle.' },
  ]);
  expect(wantedMl({ ...typed, volume: '100 ml' })).toEqual({ ml: 100 });
  expect(wantedMl({ ...typed, volume: '50 l' })).toEqual({ ml: 50_000 });
});

test('the usual dose follows the volume: 8 % of it', () => {
  expect(doseFor(typed, bug)).toBe('160 ml');
  expect(doseFor({ ...typed, volume: '1.5 l' }, bug)).toBe('120 ml');
  expect([doseFor(typed, undefined), doseFor({ ...typed, volume: 'much' }, bug)]).toEqual(['', '']);
});

test('each fault stands at its field', () => {
  expect(faults({ name: ' ' })).toEqual({ name: 'Give it a name.' });
  expect(faults({ volumes: '0.4' })).toEqual({ volumes: 'Between 0.5 and 5 volumes.' });
  expect(faults({ volumes: '5.1' })).toEqual({ volumes: 'Between 0.5 and 5 volumes.' });
  expect(faults({ volumes: '5' })).toBe('read');
  expect(faults({ base: 'beer' as never })).toEqual({ root: 'Choose a base.' });
  expect(faults({ life: 'nobody' })).toEqual({ dose: 'Choose what brings it to life.' });
  expect(faults({ dose: '' })).toHaveProperty('dose');
  expect(faults({ dose: '300 ml' })).toEqual({ dose: expect.stringContaining('At most 255 ml') });
  expect(faults({ portions: [{ what: 'white-sugar', amount: 'some' }] })).toHaveProperty([
    'portions.0.amount',
  ]);
  expect(faults({ portions: [{ what: 'white-sugar', amount: '61 kg' }] })).toEqual({
    'portions.0.amount': 'More than 60 kg: check the unit.',
  });
  expect(faults({ name: '', volumes: '9', volume: 'x' })).toEqual({
    name: 'Give it a name.',
    volumes: 'Between 0.5 and 5 volumes.',
    volume: expect.any(String),
  });
});

test('life of its own, or of a packet in the list', () => {
  const bare = read({ life: 'bare', dose: '' });
  expect(bare.ok && bare.value.life).toEqual({ kind: 'bare' });
  expect(faults({ life: 'portion' })).toEqual({
    root: 'Add the yeast, grains or whey to the list, with its amount.',
  });
  const yeast = planTyped(
    { ...typed, life: 'portion', portions: [...typed.portions, { what: 'ale-yeast', amount: '1 g' }] },
    [],
  );
  expect(yeast.ok && yeast.value.life).toEqual({ kind: 'portion' });
});

test('100 ml with 100 g of sugar is refused before it is written, not after', () => {
  expect(
    faults({ volume: '100 ml', portions: [{ what: 'white-sugar', amount: '100 g' }], dose: '5 ml' }),
  ).not.toBe('read');
});

test('what the workbook sends fills its row, or makes one; nonsense and water are left out', () => {
  const rows = [{ what: 'white-sugar', amount: '' }];
  expect(withAdded(rows, 'white-sugar~120 g')).toEqual([{ what: 'white-sugar', amount: '120 g' }]);
  expect(withAdded(rows, 'honey~3 tbsp')).toEqual([...rows, { what: 'honey', amount: '3 tbsp' }]);
  for (const add of [undefined, '', 'honey', 'honey~much', 'stone~3 g', 'water~1 l'])
    expect(withAdded(rows, add)).toEqual(rows);
});
