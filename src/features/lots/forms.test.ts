import { refusalWords } from '@/words/refusals';
import type { Entry } from '@/core/journal/entry';
import { addPortions } from '@/core/lots/add';
import { emptyLot } from '@/core/lots/begin';
import type { Lot } from '@/core/lots/lot';
import type { Portion } from '@/core/matter/portion';
import { amendDefaults, readAmend } from './amend-form';
import { readMeasured } from './measure-form';
import { availableMl, readBottleSizes, readPour, type PourValues } from './pour-form';
import { type NewLot } from '@/core/lots/records/new-lot';

const lot = (said: Partial<NewLot>, portions: readonly Portion[]): Lot =>
  addPortions(
    emptyLot('0mi81234000000ab1', 0, {
      role: 'brew',
      name: 'Plum',
      vessel: { kind: 'jar', ml: 3000 },
      closure: 'airlock',
      place: 'cupboard',
      recipe: { base: 'fruit', wantedVolumes: 2.2 },
      ...said,
    }),
    portions,
    { at: 0, entryId: 'x' },
  );
const plum = lot({}, [
  { what: 'water', ml: 1500 },
  { what: 'plum', grams: 300 },
]);
const bug = lot(
  { role: 'starter', name: 'Nib', culture: 'ginger-bug', recipe: null, vessel: { kind: 'jar', ml: 700 } },
  [
    { what: 'water', ml: 400 },
    { what: 'ginger', grams: 20 },
    { what: 'white-sugar', grams: 20 },
  ],
);

const typed: PourValues = {
  taken: 'liquid',
  where: 'bottles',
  amount: '',
  vessel: 'swing-top',
  count: '3',
  size: '500 ml',
  headspace: '',
  dose: '',
  doseOf: 'white-sugar',
  lotId: '',
  celsius: '',
  name: '',
  jar: '',
  role: 'brew',
};
const pour = (values: Partial<PourValues>, from = plum, taken = 0) =>
  readPour({ ...typed, ...values }, from, taken);
const faults = (reading: ReturnType<typeof pour>) => (reading.ok ? 'read' : reading.faults);

describe('pouring into bottles', () => {
  test('each gets its fill, its number and its headspace; closed tight where the glass is made for it', () => {
    const read = pour({}, plum, 2);
    if (!read.ok) throw new Error(JSON.stringify(read.faults));
    expect(read.value).toMatchObject({ from: plum.id, taken: 'liquid' });
    expect(read.value.targets.map(({ begin, ml }) => [begin!.name, begin!.closure, ml])).toEqual([
      ['3', 'sealed', 480],
      ['4', 'sealed', 480],
      ['5', 'sealed', 480],
    ]);
    expect(read.value.targets[0]).not.toHaveProperty('portions');
    const jarred = pour({ vessel: 'preserving-jar' });
    expect(jarred.ok && jarred.value.targets[0]!.begin!.closure).toBe('loose-lid');
    expect(pour({ vessel: 'decorative' }).ok).toBe(true);
  });

  test('a dose takes its own room: 4 g of sugar 2.5 ml', () => {
    const read = pour({ dose: '4 g', count: '1' });
    expect(read.ok && read.value.targets[0]).toMatchObject({
      ml: 477.5,
      portions: [{ what: 'white-sugar', grams: 4 }],
    });
    const juice = pour({ dose: '30 ml', doseOf: 'pear-juice', count: '1' });
    expect(juice.ok && juice.value.targets[0]!.ml).toBe(450);
    expect(pour({ dose: '0 g', count: '1' })).toMatchObject({ ok: true });
    expect(faults(pour({ dose: '250 g', count: '1' }))).toEqual({
      dose: 'That is much for one bottle: check the unit.',
    });
    expect(faults(pour({ dose: 'a bit' }))).toHaveProperty('dose');
  });

  test('what the jar does not hold is said as bottles it would fill', () => {
    // 1,500 ml and the juice of 300 g of plums, less what the fruit soaks up.
    expect(availableMl(plum, 'liquid')).toBeGreaterThan(1500);
    expect(faults(pour({ count: '4' }))).toEqual({ count: 'There is liquid for 3 of these.' });
    expect(faults(pour({ count: '9', size: '250 ml' }))).toEqual({
      count: 'There is liquid for 6 of these.',
    });
  });

  test.each([
    [{ count: '0' }, 'count', 'A whole number of bottles, 1 to 60.'],
    [{ count: '2.5' }, 'count', 'A whole number of bottles, 1 to 60.'],
    [{ count: '61' }, 'count', 'A whole number of bottles, 1 to 60.'],
    [{ size: '40 ml' }, 'size', 'Between 50 ml and 5 L a bottle.'],
    [{ size: '6 l' }, 'size', 'Between 50 ml and 5 L a bottle.'],
    [
      { headspace: '9 ml' },
      'headspace',
      'Leave at least 2 %: warmed and gassed the liquid swells by half a percent, and below that a few degrees decide over the pressure.',
    ],
    [{ headspace: '210 ml' }, 'headspace', 'More than two fifths empty: check the headspace.'],
  ])('%j is asked again at %s', (values, path, sentence) =>
    expect(faults(pour(values))).toEqual({ [path]: sentence }),
  );

  test('headspace left empty is the usual 4 %; at its edges it is taken', () => {
    expect(readBottleSizes(typed)).toEqual({ ok: true, value: { count: 3, size: 500, headspace: 20 } });
    expect(readBottleSizes({ ...typed, headspace: '10 ml' })).toMatchObject({ value: { headspace: 10 } });
    expect(readBottleSizes({ ...typed, headspace: '2 dl' })).toMatchObject({ value: { headspace: 200 } });
    expect(readBottleSizes({ ...typed, count: '60', size: '50 ml' })).toEqual({
      ok: true,
      value: { count: 60, size: 50, headspace: 2 },
    });
  });
});

describe('pouring elsewhere', () => {
  const there = '0mi81234500000ab1';

  test('away: what is written, or all that runs off', () => {
    expect(pour({ where: 'away', amount: '2 dl' })).toEqual({
      ok: true,
      value: { from: plum.id, taken: 'liquid', targets: [{ ml: 200 }] },
    });
    const all = pour({ where: 'away' });
    expect(all.ok && all.value.targets[0]!.ml).toBeCloseTo(availableMl(plum, 'liquid'), 0);
    expect(faults(pour({ where: 'away', amount: '0 ml' }))).toEqual({ amount: 'Write how much.' });
    expect(faults(pour({ where: 'away', amount: '3 l' }))).toEqual({
      amount: `There are ${Math.round(availableMl(plum, 'liquid'))} ml in Plum.`,
    });
    const empty = lot({}, []);
    expect(faults(pour({ where: 'away' }, empty))).toEqual({ amount: 'Plum is empty.' });
  });

  test('solids are weighed; there must be some', () => {
    const solid = (values: Partial<PourValues>, from = plum) =>
      pour({ where: 'away', taken: 'solids', ...values }, from);
    expect(solid({ amount: '40 g' })).toMatchObject({ value: { taken: 'solids', targets: [{ grams: 40 }] } });
    expect(solid({})).toMatchObject({ value: { targets: [{}] } });
    expect(faults(solid({ amount: '4 dl' }))).toEqual({ amount: 'Solids are weighed: write grams.' });
    expect(faults(solid({ amount: '900 g' }))).toEqual({
      amount: expect.stringMatching(/^There are about \d+ g of solids in it\.$/),
    });
    expect(faults(solid({}, lot({}, [{ what: 'water', ml: 9 }])))).toEqual({
      amount: 'There are no solids in it.',
    });
  });

  test('into another lot: a starter keeps what it needs, a brew gives at least 5 ml, hot liquid is refused', () => {
    const into = (values: Partial<PourValues>, from = bug) =>
      pour({ where: 'lot', lotId: there, ...values }, from);
    expect(into({ amount: '120 ml' })).toEqual({
      ok: true,
      value: { from: bug.id, taken: 'liquid', targets: [{ lotId: there, ml: 120 }] },
    });
    expect(faults(into({ amount: '300 ml' }))).toEqual({ amount: expect.stringContaining('At most 255 ml') });
    expect(faults(into({ amount: '4 ml' }, plum))).toEqual({ amount: 'At least 5 ml.' });
    expect(faults(into({ amount: '20 ml', lotId: '' }))).toEqual({ lotId: 'Choose where it goes.' });
    expect(faults(into({ amount: '20 ml', lotId: bug.id }))).toEqual({
      lotId: 'Into another vessel than its own.',
    });
    expect(into({ amount: '20 ml', celsius: '27,5' })).toMatchObject({ value: { celsius: 27.5 } });
    expect(faults(into({ amount: '20 ml', celsius: '41' }))).toEqual({
      celsius: expect.stringContaining('kills a starter'),
    });
    expect(faults(into({ amount: '20 ml', celsius: 'warm' }))).toEqual({
      celsius: 'Write the temperature in °C.',
    });
    expect(faults(into({ amount: '20 ml', celsius: '101' }))).toEqual({
      celsius: 'Write the temperature in °C.',
    });
  });

  test('into a new jar: it stands where the old one does; a brew keeps its recipe, a starter its kind', () => {
    const jar = (values: Partial<PourValues>, from = plum) =>
      pour({ where: 'jar', amount: '500 ml', jar: '1 l', name: ' Second ', ...values }, from);
    const read = jar({});
    expect(read.ok && read.value.targets[0]).toEqual({
      ml: 500,
      begin: {
        role: 'brew',
        name: 'Second',
        vessel: { kind: 'jar', ml: 1000 },
        closure: 'airlock',
        place: 'cupboard',
        culture: null,
        recipe: { base: 'fruit', wantedVolumes: 2.2 },
      },
    });
    const starter = jar({ role: 'starter', amount: '100 ml' }, bug);
    expect(starter.ok && starter.value.targets[0]!.begin).toMatchObject({
      closure: 'cloth',
      culture: 'ginger-bug',
      recipe: null,
    });
    expect(faults(jar({ jar: '90 ml' }))).toEqual({ jar: 'Between 100 ml and 50 L.' });
    expect(faults(jar({ jar: '51 l' }))).toEqual({ jar: 'Between 100 ml and 50 L.' });
    expect(faults(jar({ jar: '400 ml' }))).toEqual({ jar: 'The new jar does not hold that much.' });
    expect(faults(jar({ name: '\u200b' }))).toEqual({ name: 'Give it a name.' });
    expect(faults(jar({ name: 'x'.repeat(81) }))).toEqual({ name: 'At most 80 letters.' });
  });
});

describe('an instrument’s reading', () => {
  test.each([
    ['sg', '1.034', 1.034],
    ['sg', '1,034', 1.034],
    ['sg', '1034', 1.034],
    ['sg', ' 998 ', 0.998],
    ['brix', '8,5', 8.5],
    ['ph', '3.4', 3.4],
    ['celsius', '21.5', 21.5],
    ['gaugeBar', '.5', 0.5],
    ['ml', '1 500', 1500],
    ['grams', '48', 48],
  ] as const)('%s typed as “%s” is %d', (quantity, text, value) =>
    expect(readMeasured(quantity, text)).toEqual({ ok: true, value }),
  );

  test.each([
    ['sg', '1.3', 'Between 0.98 and 1.2.'],
    ['sg', '0x10', 'Write a number.'],
    ['sg', '', 'Write a number.'],
    ['brix', '46', 'Between 0 and 45 °Brix.'],
    ['ph', 'sour', 'Write a number.'],
    ['celsius', '101', 'Between -5 and 100 °C.'],
    ['gaugeBar', 'x', 'Write a number in bar.'],
  ] as const)('%s typed as “%s” is asked again', (quantity, text, sentence) => {
    const read = readMeasured(quantity, text);
    expect(read.ok || refusalWords(read)).toBe(sentence);
  });
});

describe('a correction', () => {
  const stamp = { id: '0mi81234500000ab1', at: 1_800_000_000_000, offset: 60, version: 2 } as const;
  const fed: Entry = {
    ...stamp,
    kind: 'portions-added',
    lotId: bug.id,
    portions: [
      { what: 'ginger', grams: 12, form: 'grated', typed: '1 tbsp' },
      { what: 'white-sugar', grams: 12 },
    ],
    note: 'Tired',
  };
  const bottled: Entry = {
    ...stamp,
    kind: 'transferred',
    from: plum.id,
    taken: 'liquid',
    targets: [{ lotId: bug.id, ml: 120.04 }, { lotId: bug.id }],
  };

  test('shows what was written, in the words it was typed', () => {
    expect(amendDefaults(fed)).toEqual({
      portions: [
        { what: 'ginger', amount: '1 tbsp', form: 'grated' },
        { what: 'white-sugar', amount: '12 g' },
      ],
      targets: [],
      value: '',
      note: 'Tired',
    });
    expect(amendDefaults(bottled).targets).toEqual([{ amount: '120 ml' }, { amount: '' }]);
    expect(
      amendDefaults({ ...stamp, kind: 'measured', lotId: bug.id, quantity: 'ph', value: 3.4 }).value,
    ).toBe('3.4');
    expect(amendDefaults({ ...stamp, kind: 'temperature-set', place: 'counter', celsius: 21 }).value).toBe(
      '21',
    );
    expect(amendDefaults({ ...stamp, kind: 'noted', lotId: null, text: 'Cloudy' }).note).toBe('Cloudy');
  });

  test('left as it was it corrects nothing; only what changed goes in', () => {
    const defaults = amendDefaults(fed);
    expect(
      readAmend({ ...defaults, portions: [{ what: 'ginger', amount: '12 g' }, defaults.portions[1]!] }, fed),
    ).toMatchObject({
      ok: true,
    });
    expect(readAmend({ ...defaults, note: ' Lively ' }, fed)).toMatchObject({ value: { note: 'Lively' } });
    const more = readAmend(
      { ...defaults, portions: [{ what: 'ginger', amount: '15 g' }, defaults.portions[1]!] },
      fed,
    );
    expect(more.ok && more.value.portions).toEqual([
      expect.objectContaining({ what: 'ginger', grams: 15 }),
      expect.objectContaining({ what: 'white-sugar', grams: 12 }),
    ]);
    expect(readAmend({ ...defaults, portions: [{ what: 'ginger', amount: 'lots' }] }, fed)).toMatchObject({
      ok: false,
      faults: { 'portions.0.amount': expect.any(String) },
    });
  });

  test('of a pour: each amount by itself, an empty one stays', () => {
    const read = (amounts: string[]) =>
      readAmend({ ...amendDefaults(bottled), targets: amounts.map((amount) => ({ amount })) }, bottled);
    expect(read(['100 ml', ''])).toEqual({
      ok: true,
      value: { targets: [{ lotId: bug.id, ml: 100 }, { lotId: bug.id }] },
    });
    expect(read(['', '2 dl'])).toMatchObject({ value: { targets: [{ ml: 120.04 }, { ml: 200 }] } });
    expect(read(['x', ''])).toMatchObject({ ok: false, faults: { 'targets.0.amount': expect.any(String) } });
    const lifted: Entry = { ...bottled, taken: 'solids', targets: [{ lotId: bug.id, grams: 30 }] };
    expect(readAmend({ ...amendDefaults(lifted), targets: [{ amount: '25 g' }] }, lifted)).toMatchObject({
      value: { targets: [{ grams: 25 }] },
    });
  });

  test('of a reading and of a note', () => {
    const read: Entry = { ...stamp, kind: 'measured', lotId: bug.id, quantity: 'sg', value: 1.03 };
    expect(readAmend({ ...amendDefaults(read), value: '1028' }, read)).toMatchObject({
      value: { value: 1.028 },
    });
    expect(readAmend(amendDefaults(read), read)).toEqual({ ok: true, value: {} });
    expect(readAmend({ ...amendDefaults(read), value: '2' }, read)).toMatchObject({
      faults: { value: 'Between 0.98 and 1.2.' },
    });
    const note: Entry = { ...stamp, kind: 'noted', lotId: null, text: 'Cloudy' };
    expect(readAmend({ ...amendDefaults(note), note: 'Clear' }, note)).toEqual({
      ok: true,
      value: { text: 'Clear' },
    });
  });
});
