import type { JarNow } from '@/core/forecast/answer/jar-now';
import { bottlingActs } from './bottling-entries';
import {
  differs,
  dosePortion,
  emptyTable,
  laidOut,
  shareOf,
  spareOf,
  withPart,
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

test('too little for any bottle: the smallest that is made for fizz, filled in part', () => {
  const shelf = [empty[0]!, { ...empty[1]!, ml: 1000 }, empty[2]!];
  const state = laidOut(emptyTable(2.5, 0), 310, shelf);
  expect(state.bottles).toMatchObject([{ kind: 'swing-top', ml: 500, name: '1', takesRest: true }]);
  const { rows, leftMl } = worked(state, 310, jar);
  expect([rows[0]!.fillMl, rows[0]!.headspaceMl, leftMl]).toEqual([310, 190, 0]);
  // A sip is no bottle; a preserving jar never takes it.
  expect(laidOut(emptyTable(2.5, 0), 90, shelf).bottles).toEqual([]);
  expect(laidOut(emptyTable(2.5, 0), 310, [empty[2]!]).bottles).toEqual([]);
});

test('nothing left for the one that takes the rest, and a jar that has just been emptied: said, never thrown', () => {
  const all = withPart(laid(1950), empty[0]!);
  const { rows, leftMl } = worked(all, 1950, jar);
  expect(rows.at(-1)!.fillMl).toBe(20);
  // Four bottles take 1,931 ml; 20 more than the 19 ml that are over are wanted.
  expect(leftMl).toBeCloseTo(1950 - 477.6 - 3 * 484.6 - 20, 0);
  const emptied = worked({ ...all, primed: true, doses: [sugar] }, 0, jar);
  expect(emptied.rows.every(({ charged }) => Number.isFinite(charged.potentialBar))).toBe(true);
  expect(emptied.leftMl).toBeLessThan(-1);
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
  const state = { ...laid(), doses: [sugar] };
  const [first, second, third] = state.bottles;
  const own = withChange(state, second!.key, { doses: [{ what: 'pear-juice', perLitre: 100, unit: 'ml' }] });
  const none = withChange(own, third!.key, { doses: [] });
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
  expect(first!.doses).toBeUndefined();
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
  const juice = { what: 'pear-juice', perLitre: 150, unit: 'ml' as const };
  expect(shareOf({ doses: [], primed: false })).toBe(0);
  expect(shareOf({ doses: [juice], primed: true })).toBe(0);
  expect(shareOf({ doses: [juice], primed: false })).toBeCloseTo(0.15, 9);
});

test('a recipe that knows how its bottles are filled sets the table', () => {
  expect(withWay(laid(), { dose: sugar, headspaceCm: 5, warmDays: 2 })).toMatchObject({
    doses: [sugar],
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
  const table = worked({ ...other, doses: [sugar] }, 2000, jar);
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

test('juice and sugar and a spice in one bottle: all take their room', () => {
  const state = {
    ...laid(),
    doses: [
      { what: 'pear-juice', perLitre: 100, unit: 'ml' as const },
      sugar,
      { what: 'cinnamon', perLitre: 2, unit: 'grams' as const },
    ],
  };
  const [, row] = worked(state, 2000, jar).rows;
  expect(row!.portions).toEqual([
    { what: 'pear-juice', ml: 48 },
    { what: 'white-sugar', grams: 2.9 },
    { what: 'cinnamon', grams: 1 },
  ]);
  // 484.6 less 48 of juice, 1.8 of sugar and about 1 of bark.
  expect(row!.fillMl).toBeCloseTo(484.6 - 48 - 1.8 - 1, 0);
});

test('the whole jar primed: 6 g a litre into 2 L are 12 g, all bottles alike, and the jar holds that much more', () => {
  const table = worked({ ...laid(), doses: [sugar], primed: true }, 2000, jar);
  expect(table.stirredIn).toEqual([{ what: 'white-sugar', grams: 12 }]);
  expect(table.rows.every(({ portions }) => portions.length === 0)).toBe(true);
  // 80 g and 12 g in 2,007.5 ml.
  expect(table.rows[1]!.charged.sugarGramsPerLitre).toBeCloseTo(92 / 2.0075, 1);
  expect(table.usedMl + table.leftMl).toBeCloseTo(2007.5, 0);
  const [first, second] = bottlingActs('jar', table, 'leave');
  expect(first).toEqual({
    kind: 'portions-added',
    lotId: 'jar',
    portions: [{ what: 'white-sugar', grams: 12 }],
  });
  expect(second).toMatchObject({ kind: 'transferred', targets: [{ ml: 477.6 }, {}, {}, {}] });
});

test('one more bottle takes what is over, in part', () => {
  const state = laid(2200);
  const { leftMl } = worked(state, 2200, jar);
  const spare = spareOf(state, empty)!;
  expect(leftMl).toBeCloseTo(2200 - 477.6 - 3 * 484.6, 0);
  const more = withPart(state, spare);
  const row = worked(more, 2200, jar).rows.at(-1)!;
  expect([row.bottle.ml, Math.round(row.fillMl), Math.round(row.headspaceMl)]).toEqual([500, 268, 232]);
  expect(worked(more, 2200, jar).leftMl).toBeCloseTo(0, 6);
  // It follows the others: with juice in them it takes more, and never more than it holds.
  const juicy = { ...more, doses: [{ what: 'pear-juice', perLitre: 60, unit: 'ml' as const }] };
  const last = worked(juicy, 2200, jar).rows.at(-1)!;
  expect(last.fillMl).toBeCloseTo(268 + 0.06 * (477.6 + 3 * 484.6), -1);
  expect(worked(more, 4000, jar).rows.at(-1)!.fillMl).toBeCloseTo(484.6, 0);
  expect(spareOf({ ...more, bottles: [...more.bottles, ...laid().bottles] }, empty)).toBeUndefined();
});
