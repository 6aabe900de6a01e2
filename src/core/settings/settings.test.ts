import { example as ceiling, ceilingOf } from './alcohol-ceiling';
import { awayOf, example as away } from './away';
import { buildUpsOf, example as buildUp } from './build-up';
import { cautionOf, example as caution } from './caution';
import { ownIngredientsOf, ownSetting } from './own-ingredient';
import { example as pantry, inPantry } from './pantry';
import { example as person, peopleOf } from './person';
import { example as price, pricesOf } from './price';
import { example as recipe } from './recipe';
import { example as schools } from './schools';
import { settingRecords, withoutSetting, withSetting, type Settings, type Thing } from './settings';
import { example as spell, spellsOf } from './spell';
import { example as stock, makeOf, stockOf, type Stock } from './stock';
import { example as timer, leftOf, timerKey, timersOf } from './timer';
import { example as fridgeRoom, fridgeRoomMl } from './fridge-room';
import { busyTimesOf, example as busy } from './busy';
import { example as waking, wakingOf } from './waking-hours';
import { example as wish, wishesOf } from './wish';
import { example as working, workingOf, workingSpans } from './working-hours';
import { usualWaking } from '../kitchen/waking';

const t = Date.UTC(2026, 4, 4);
const nothing = { settings: {} };
const medlar = { name: 'Medlar', like: 'plum', sugar: 10.5, acid: null, cupGrams: 150 };

const examples: Readonly<Record<Thing, object>> = {
  'alcohol-ceiling': ceiling,
  away,
  'build-up': buildUp,
  busy,
  caution,
  'fridge-room': fridgeRoom,
  ingredient: ownSetting(medlar).value,
  pantry,
  person,
  price,
  recipe,
  school: schools,
  spell,
  stock,
  timer,
  waking,
  wish,
  working,
};

describe.each(Object.entries(examples))('a setting of %s', (thing, example) => {
  const schema = Object.entries(settingRecords).find(([each]) => each === thing)![1];

  test('has an example, which comes back as it went in', () => {
    expect(schema.parse(JSON.parse(JSON.stringify(example)))).toEqual(example);
  });

  test('is none with a field of another type', () => {
    for (const key of Object.keys(example))
      expect([key, schema.safeParse({ ...example, [key]: { odd: true } }).success]).toEqual([key, false]);
  });
});

test.each([
  ['stock', { kind: 'vase' }],
  ['stock', { ml: 19.9 }],
  ['stock', { ml: Infinity }],
  ['stock', { count: -1 }],
  ['stock', { since: 5 }],
  ['stock', { markedBar: 0 }],
  ['person', { stopsAt: 0 }],
  ['waking', { from: -1 }],
  ['waking', { to: 1440 }],
  ['spell', { place: 'moon' }],
  ['spell', { celsius: 46 }],
  ['spell', { to: 1e300 }],
  ['timer', { until: 1e300 }],
  ['price', { each: -1 }],
  ['caution', { caution: 'reckless' }],
  ['alcohol-ceiling', { percent: -0.1 }],
  ['away', { to: 1e12 * 9 }],
  ['wish', { ml: 99 }],
  ['working', { weekdays: [7] }],
  ['working', { to: 1441 }],
  ['wish', { by: 5 }],
  ['wish', { standing: { kind: 'every', days: 0, since: 1_799_000_000_000 } }],
  ['wish', { terms: { ceiling: 0 } }],
  ['fridge-room', { bottles: 2.5 }],
] as const)('a %s with %j is refused', (thing, change) => {
  expect(settingRecords[thing].safeParse({ ...examples[thing], ...change }).success).toBe(false);
});

test('working hours of the coming days, by the local clock; none before they are said', () => {
  // Thursday 4 June 2026, 18:00: Friday, then Monday to Wednesday.
  const thursday = new Date(2026, 5, 4, 18).getTime();
  const household = { settings: { working: { working } } };
  const at = (day: number, hour: number, minutes = 0) => new Date(2026, 5, day, hour, minutes).getTime();
  expect(workingSpans(household, thursday, 7)).toEqual(
    [5, 8, 9, 10].map((day) => ({ from: at(day, 8, 30), until: at(day, 17) })),
  );
  expect(workingSpans(household, at(5, 9), 1)).toEqual([{ from: at(5, 8, 30), until: at(5, 17) }]);
  expect(workingOf(nothing).weekdays).toEqual([]);
  expect(workingSpans(nothing, thursday, 7)).toEqual([]);
});

test('wishes stand in order of their time, two of one time by their keys', () => {
  const settings = [
    ['b', 9],
    ['c', 4],
    ['a', 9],
  ] as const;
  const household = {
    settings: {
      wish: Object.fromEntries(settings.map(([key, day]) => [key, { ...wish, by: t + day }])),
    },
  };
  expect(wishesOf(household).map(({ key }) => key)).toEqual(['c', 'a', 'b']);
});

test('busy times are those of the one calendar; none without it', () => {
  expect(busyTimesOf(nothing)).toEqual([]);
  expect(busyTimesOf({ settings: { busy: { calendar: busy } } })).toEqual(busy.spans);
});

test('what is in the house is by its id, with or without an amount', () => {
  const one = withSetting({}, { thing: 'pantry', key: 'plum', value: {} });
  const two = withSetting(one, { thing: 'pantry', key: 'honey', value: { grams: 340 } });
  expect([...inPantry({ settings: two }).keys()].sort()).toEqual(['honey', 'plum']);
  const usedUp = withSetting(two, { thing: 'pantry', key: 'plum', value: null });
  expect([...inPantry({ settings: usedUp }).keys()]).toEqual(['honey']);
  expect(inPantry(nothing).size).toBe(0);
});

test('settings are set, replaced and taken out, and others stay as they are', () => {
  const one: Settings = withSetting({}, { thing: 'price', key: 'honey', value: { each: 12 } });
  const two = withSetting(one, { thing: 'price', key: 'plum', value: { each: 3 } });
  expect(
    pricesOf({ settings: withSetting(two, { thing: 'price', key: 'honey', value: { each: 9 } }) }),
  ).toEqual({
    honey: 9,
    plum: 3,
  });
  expect(withSetting(two, { thing: 'price', key: 'plum', value: null })).toEqual(one);
  expect(withoutSetting(two, 'price', 'plum')).toEqual(one);
  expect(withoutSetting(two, 'weather', 'plum')).toBe(two);
  expect([one, pricesOf(nothing)]).toEqual([{ price: { honey: { each: 12 } } }, {}]);
});

test('what was never set is not there, and the household is then careful and up by day', () => {
  expect([peopleOf(nothing), stockOf(nothing), spellsOf(nothing), timersOf(nothing)]).toEqual([
    [],
    [],
    [],
    [],
  ]);
  expect([buildUpsOf(nothing), awayOf(nothing), ceilingOf(nothing)]).toEqual([[], null, null]);
  expect([cautionOf(nothing), wakingOf(nothing)]).toEqual(['careful', usualWaking]);
  expect([
    cautionOf({ settings: { caution: { caution } } }),
    ceilingOf({ settings: { 'alcohol-ceiling': { 'alcohol-ceiling': ceiling } } }),
  ]).toEqual(['usual', 1]);
  expect(ceilingOf({ settings: { 'alcohol-ceiling': { 'alcohol-ceiling': { percent: 0 } } } })).toBeNull();
});

test('makes of bottles, the smallest first, of one size by their key', () => {
  const make = (ml: number, count: number): Omit<Stock, 'key'> => ({ ...stock, ml, count });
  const household = { settings: { stock: { b: make(500, 1), tall: make(750, 6), a: make(500, 2) } } };
  expect(stockOf(household).map(({ key, count }) => [key, count])).toEqual([
    ['a', 2],
    ['b', 1],
    ['tall', 6],
  ]);
  expect(makeOf({ kind: 'swing-top', ml: 750, stock: 'tall' }, household)?.count).toBe(6);
  expect(makeOf({ kind: 'swing-top', ml: 750, stock: 'none' }, household)).toBeNull();
  expect(makeOf({ kind: 'swing-top', ml: 750 }, household)).toBeNull();
});

test('timers, the next to ring first; one that ends before it begins is none', () => {
  const clock = (step: string, from: number, until: number) => ({
    lotId: 'a',
    step,
    label: step,
    from,
    until,
  });
  const timers = timersOf({
    settings: {
      timer: {
        'a:simmer': clock('simmer', t, t + 900),
        'a:cool': clock('cool', t, t + 500),
        'a:now': clock('now', t + 600, t + 600),
        'a:back': clock('back', t + 900, t + 100),
      },
    },
  });
  expect(timers.map(({ step }) => step)).toEqual(['cool', 'now', 'simmer']);
  expect([leftOf(timers[0]!, t + 300), leftOf(timers[0]!, t + 501)]).toEqual([200, 0]);
  expect(timerKey('a', 'cool')).toBe(timers[0]!.key);
});

test('people by name; one without a name is none', () => {
  const settings = {
    person: {
      b: { name: 'Ida', stopsAt: 30 },
      a: { name: 'Bo', stopsAt: null },
      c: { name: '', stopsAt: 4 },
    },
  };
  expect(peopleOf({ settings })).toEqual([
    { key: 'a', name: 'Bo', stopsAt: null },
    { key: 'b', name: 'Ida', stopsAt: 30 },
  ]);
});

test('build-ups and spells in order of time; a span that ends as it begins is none', () => {
  expect(
    buildUpsOf({
      settings: { 'build-up': { b2: { amount: 300, at: t + 20 }, b1: { amount: 100, at: t + 10 } } },
    }),
  ).toEqual([
    { lotId: 'b1', amount: 100, at: t + 10 },
    { lotId: 'b2', amount: 300, at: t + 20 },
  ]);
  const hot = (from: number, to: number) =>
    ({ place: 'counter', from: t + from, to: t + to, celsius: 34 }) as const;
  const spells = spellsOf({
    settings: { spell: { a: hot(30, 40), b: hot(10, 20), c: hot(5, 5), d: hot(20, 10) } },
  });
  expect(spells.map(({ from }) => from)).toEqual([t + 10, t + 30]);
  expect(awayOf({ settings: { away: { away: { from: t, to: t + 1 } } } })).toEqual({ from: t, to: t + 1 });
  expect(awayOf({ settings: { away: { away: { from: t, to: t } } } })).toBeNull();
});

test('waking hours as they were said, from midnight to midnight; hours of no length are not said', () => {
  const said = (from: number, to: number) => wakingOf({ settings: { waking: { waking: { from, to } } } });
  expect([said(300, 1200), said(0, 1439), said(720, 120)]).toEqual([
    { from: 300, to: 1200 },
    { from: 0, to: 1439 },
    { from: 720, to: 120 },
  ]);
  expect(said(300, 300)).toBe(usualWaking);
});

test('a described ingredient is kept under its name, and one of the household’s list by it', () => {
  const setting = ownSetting(medlar);
  expect(setting.key).toBe('medlar');
  const sorrel = ownSetting({ ...medlar, name: 'Bog myrtle' });
  const settings = { ingredient: { medlar: setting.value, odd: { id: 'own:nothing' }, bog: sorrel.value } };
  expect(ownIngredientsOf({ settings })).toEqual([sorrel.value.id, setting.value.id]);
});

test('the fridge holds so many half litres, or nobody said', () => {
  expect(fridgeRoomMl(nothing)).toBeNull();
  expect(fridgeRoomMl({ settings: { 'fridge-room': { fridge: { bottles: 9 } } } })).toBe(4500);
});
