import type { JarNow } from '@/core/bottling/jar-now';
import { bottlingActs } from './bottling-entries';
import {
  differs,
  dosePortion,
  emptyTable,
  laidOut,
  shareOf,
  withBottle,
  withChange,
  withoutBottle,
  withWay,
  worked,
} from './table-state';

const jar: JarNow = {
  sugarGramsPerLitre: [30, 36, 40, 44, 50],
  co2Volumes: [0.7, 0.8, 0.9, 1, 1.1],
  ethanolGramsPerLitre: [4, 5, 6, 7, 8],
  celsius: 22,
};
const empty = [
  { stock: 'half', kind: 'swing-top' as const, ml: 500, count: 4 },
  { stock: 'soft', kind: 'plastic-soda' as const, ml: 500, count: 1 },
  { stock: 'preserving', kind: 'preserving-jar' as const, ml: 1000, count: 2 },
];
const laid = (ml = 2000) => laidOut(emptyTable(2.5, 2), ml, empty);
const sugar = { what: 'white-sugar', perLitre: 6, unit: 'grams' as const };

test('laid out: the soft pilot first, numbers going on from those that were filled before', () => {
  const { bottles } = laid();
  expect(bottles.map(({ name, kind, pilot }) => [name, kind, pilot])).toEqual([
    ['3', 'plastic-soda', true],
    ['4', 'swing-top', false],
    ['5', 'swing-top', false],
    ['6', 'swing-top', false],
  ]);
  expect(new Set(bottles.map(({ key }) => key)).size).toBe(4);
});

test('each bottle worked out: from the jar, empty, dosed, over', () => {
  const { rows, usedMl, leftMl } = worked(laid(), 2000, jar);
  // 477.6 and three times 484.6 at 4 cm.
  expect(rows.map(({ fillMl }) => Math.round(fillMl))).toEqual([478, 485, 485, 485]);
  expect(usedMl).toBeCloseTo(477.6 + 3 * 484.6, 0);
  expect(leftMl).toBeCloseTo(2000 - usedMl, 6);
  expect(rows[1]!.charged.sugarGramsPerLitre).toBeCloseTo(40, 6);
  expect(rows[1]!.headspaceCm).toBeCloseTo(4, 1);
});

test('a dose of all, one of its own, and none at all', () => {
  const state = { ...laid(), dose: sugar };
  const [first, second, third] = state.bottles;
  const own = withChange(state, second!.key, { dose: { what: 'pear-juice', perLitre: 100, unit: 'ml' } });
  const none = withChange(own, third!.key, { dose: null });
  const { rows } = worked(none, 2000, jar);
  expect(rows.map(({ portions }) => portions)).toEqual([
    [{ what: 'white-sugar', grams: 2.9 }],
    [{ what: 'pear-juice', ml: 48 }],
    [],
    [{ what: 'white-sugar', grams: 2.9 }],
  ]);
  // The juice takes its room from the jar’s liquid; sugar takes a little.
  expect(rows[1]!.fillMl).toBeCloseTo(484.6 - 48, 0);
  expect(rows[0]!.fillMl).toBeCloseTo(477.6 - 2.9 * 0.62, 0);
  expect(first!.dose).toBeUndefined();
});

test('one that is other than the rest gets a mark nobody else has; a name alone does not', () => {
  const state = laid();
  const [a, b] = state.bottles;
  const one = withChange(state, a!.key, { chillDays: 1 });
  const two = withChange(one, b!.key, { pulp: true });
  expect(two.bottles.map(({ mark }) => mark)).toEqual(['ring', 'two-rings', null, null]);
  expect(withChange(state, a!.key, { name: 'late' }).bottles[0]!.mark).toBeNull();
  expect(withChange(two, a!.key, { mark: 'tag' }).bottles[0]!.mark).toBe('tag');
  expect(two.bottles.map(differs)).toEqual([true, true, false, false]);
});

test('one more and one less of a make', () => {
  const more = withBottle(laid(), empty[0]!);
  expect(more.bottles.at(-1)).toMatchObject({ name: '7', stock: 'half', pilot: false });
  expect(withBottle(laid(), empty[1]!).bottles.at(-1)!.pilot).toBe(true);
  expect(withoutBottle(more, 'half').bottles.map(({ name }) => name)).toEqual(['3', '4', '5', '6']);
  expect(withoutBottle(laid(), 'none').bottles).toHaveLength(4);
});

test('a dose for a litre in a bottle: to a tenth of a gram while it is small', () => {
  expect(dosePortion(sugar, 484.6)).toEqual({ what: 'white-sugar', grams: 2.9 });
  expect(dosePortion({ what: 'raspberry-puree', perLitre: 70, unit: 'grams' }, 484.6)).toEqual({
    what: 'raspberry-puree',
    grams: 34,
  });
  expect(dosePortion({ what: 'pear-juice', perLitre: 150, unit: 'ml', sugar: 11 }, 500)).toEqual({
    what: 'pear-juice',
    ml: 75,
    sugar: 11,
  });
  expect(shareOf(null)).toBe(0);
  expect(shareOf({ what: 'pear-juice', perLitre: 150, unit: 'ml' })).toBeCloseTo(0.15, 9);
});

test('a recipe that knows how its bottles are filled sets the table', () => {
  expect(withWay(laid(), { dose: sugar, headspaceCm: 5, warmDays: 2 })).toMatchObject({
    dose: sugar,
    headspaceCm: 5,
  });
  expect(withWay(laid(), null)).toEqual(laid());
});

test('the acts: one pouring of what is strained, one with its pulp, and what is drunk', () => {
  const base = laid();
  const other = withChange(base, base.bottles[3]!.key, {
    pulp: true,
    variant: ' with its pulp ',
    chillDays: -1,
  });
  const table = worked({ ...other, dose: sugar }, 2000, jar);
  const acts = bottlingActs('jar', table, 'drink');
  expect(acts.map((act) => act.kind === 'transferred' && [act.taken, act.targets.length])).toEqual([
    ['liquid', 3],
    ['everything', 1],
    ['liquid', 1],
  ]);
  expect(acts[0]).toMatchObject({
    from: 'jar',
    strained: 'coarse',
    targets: [
      {
        begin: {
          role: 'bottle',
          name: '3',
          vessel: { kind: 'plastic-soda', ml: 500, stock: 'soft' },
          closure: 'sealed',
          place: 'counter',
        },
        portions: [{ what: 'white-sugar', grams: 2.9 }],
      },
      {},
      {},
    ],
  });
  expect(acts[1]).toMatchObject({
    targets: [{ begin: { mark: 'ring', variant: 'with its pulp', chillDays: -1 } }],
  });
  expect(acts[2]).toMatchObject({ targets: [{ gone: 'drunk', ml: expect.closeTo(table.leftMl, 0) }] });
  expect(bottlingActs('jar', table, 'leave')).toHaveLength(2);
});

test('a preserving jar on the table is filled with its lid loose', () => {
  const state = withBottle({ ...laid(), bottles: [] }, empty[2]!);
  const [act] = bottlingActs('jar', worked(state, 2000, jar), 'leave');
  expect(act).toMatchObject({
    targets: [{ begin: { closure: 'loose-lid', vessel: { kind: 'preserving-jar' } } }],
  });
});
