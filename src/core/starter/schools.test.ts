import type { Entry } from '../journal/entry';
import { bug, dawn, grainsJar, id } from './bug.test-tool';
import { usualFeed } from './feed-plan';
import { careWarnings, schoolsFor } from './school-warnings';
import { schoolOf, schools, type SchoolId } from './schools';
import { hourMs } from '../duration';
import { standIn } from '../part-of.test-tool';

const chosen = (n: number, value: Readonly<Record<string, string>>): Entry => ({
  id: id(n),
  at: dawn + hourMs,
  offset: 0,
  version: 3,
  kind: 'kept',
  thing: 'school',
  key: id(0),
  value,
});
const kinds = (lot: ReturnType<typeof bug>, hours = 2) =>
  careWarnings(lot, dawn + hours * hourMs).map(({ kind }) => kind);

test('each kind has the schools that there are for it', () => {
  expect(schoolsFor(bug())).toEqual(['feeds', 'skin', 'metal']);
  expect(schoolsFor(grainsJar().lot)).toEqual(['minerals', 'medium', 'additions', 'metal']);
  expect(schoolsFor({ ...bug(), culture: 'whey' })).toEqual([]);
  expect(schoolsFor({ ...bug(), culture: 'tea-mother' })).toEqual(['metal']);
});

test('the first way is taken until one is chosen; a way that is none is not', () => {
  expect(Object.keys(schools).map((school) => schoolOf({}, standIn<SchoolId>(school)))).toEqual([
    'dry',
    'minerals',
    'none',
    'unpeeled',
    'sugar-water',
    'plain',
  ]);
  expect(schoolOf({ schools: { feeds: 'water' } }, 'feeds')).toBe('water');
  expect(schoolOf({ schools: { feeds: 'wine' } }, 'feeds')).toBe('dry');
});

test('a choice is told to the jar, and undone when it is taken out', () => {
  expect(bug([chosen(3, { feeds: 'water', metal: 'brief' })]).schools).toEqual({
    feeds: 'water',
    metal: 'brief',
  });
  expect(bug([chosen(3, { feeds: 'water' }), chosen(4, { feeds: 'dry' })]).schools).toEqual({ feeds: 'dry' });
});

test('water with each feed: 8 % of the mark; it is said how many feeds fill the jar', () => {
  const wet = bug([chosen(3, { feeds: 'water' })]);
  const water = usualFeed(wet).find(({ what }) => what === 'water')!.ml!;
  // A mark of 436 ml or so: 35 ml.
  expect(Math.abs(water - 0.08 * wet.markMl)).toBeLessThanOrEqual(2.5);
  expect(usualFeed(bug()).map(({ what }) => what)).toEqual(['ginger', 'white-sugar']);
  const [grows] = careWarnings(wet, dawn);
  // 750 ml filled to nine tenths are 675; 13 + 13 + 35 ml a feed.
  const rise = 2 * Math.round(0.03 * wet.markMl) + water;
  expect(grows).toEqual({ kind: 'grows', feedsLeft: Math.floor((675 - wet.markMl) / rise) });
});

test('warnings are those of the school that was chosen', () => {
  expect(kinds(bug())).toEqual(['insects']);
  expect(kinds(bug([chosen(3, { skin: 'peeled', metal: 'brief' })]))).toEqual(['peeled', 'insects', 'steel']);
  expect(kinds({ ...bug(), closure: 'airlock' })).toEqual([]);
  expect(kinds({ ...bug(), closure: 'sealed' }, 19)).toEqual([]);
  expect(careWarnings({ ...bug(), closure: 'sealed' }, dawn + 21 * hourMs)).toEqual([
    { kind: 'vent', hours: 21 },
  ]);
  const grains = (value: Readonly<Record<string, string>>) => grainsJar(chosen(3, value)).lot;
  expect(kinds(grains({ minerals: 'white', medium: 'juice', additions: 'lemon-ginger' }))).toEqual([
    'minerals',
    'surplus',
    'surplus',
    'insects',
  ]);
  // Minerals chosen: a pinch in each water, 0.3 g a litre.
  const { lot } = grainsJar(chosen(3, { minerals: 'minerals' }));
  expect(usualFeed(lot, 0).find(({ what }) => what === 'baking-soda')!.grams).toBeCloseTo(
    0.3 * (lot.markMl / 1000),
    1,
  );
});

test('a sealed jar is counted from when it was last opened: burped, fed or stirred', () => {
  const after = (n: number, act: object): Entry =>
    ({ id: id(n), at: dawn + 20 * hourMs, offset: 0, version: 2, ...act }) as Entry;
  const hours = (...more: Entry[]) => {
    const [first] = careWarnings({ ...bug(more), closure: 'sealed' }, dawn + 41 * hourMs);
    return first?.kind === 'vent' ? first.hours : null;
  };
  expect(hours()).toBe(41);
  expect(hours(after(5, { kind: 'vented', lots: [id(0)], long: false }))).toBe(21);
  expect(hours(after(5, { kind: 'stirred', lots: [id(0)] }))).toBe(21);
  expect(
    hours(after(5, { kind: 'portions-added', lotId: id(0), portions: [{ what: 'ginger', grams: 9 }] })),
  ).toBe(21);
  expect(hours(after(5, { kind: 'observed', lotId: id(0), signs: { foam: 'good' } }))).toBe(41);
});

test('white sugar warns while nobody weighed, and when grains shrink; not when they grow', () => {
  const at = (n: number, hours: number, act: object): Entry =>
    ({ id: id(n), at: dawn + hours * hourMs, offset: 0, version: 2, lotId: id(0), ...act }) as Entry;
  const weighed = (n: number, hours: number, value: number) =>
    at(n, hours, { kind: 'measured', quantity: 'grams', value });
  const fed = at(6, 30, { kind: 'portions-added', portions: [{ what: 'white-sugar', grams: 60 }] });
  const minerals = (last: number) =>
    careWarnings(
      grainsJar(chosen(3, { minerals: 'white' }), weighed(5, 20, 60), fed, weighed(7, 50, last)).lot,
      dawn + 51 * hourMs,
    ).find(({ kind }) => kind === 'minerals');
  expect(minerals(54)).toEqual({ kind: 'minerals', shrinking: true });
  expect(minerals(66)).toBeUndefined();
  expect(
    careWarnings(grainsJar(chosen(3, { minerals: 'white' })).lot, dawn + 2 * hourMs).find(
      ({ kind }) => kind === 'minerals',
    ),
  ).toEqual({ kind: 'minerals', shrinking: false });
  expect(kinds({ ...bug(), place: 'fridge' })).toEqual([]);
});
