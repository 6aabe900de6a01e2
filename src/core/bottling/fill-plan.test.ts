import {
  bottlesOf,
  emptyMl,
  fillPlan,
  usualHeadspaceCm,
  usualHeadspaceMl,
  type EmptyBottles,
  FillPlan,
} from './fill-plan';
import { partOf } from '../part-of.test-tool';

test('whole bottles, and what is over', () => {
  expect(bottlesOf(2000, 500, 20)).toEqual({ bottles: 4, leftMl: 80 });
  expect(bottlesOf(1920, 500, 20)).toEqual({ bottles: 4, leftMl: 0 });
  expect(bottlesOf(479, 500, 20)).toEqual({ bottles: 0, leftMl: 479 });
  expect(bottlesOf(0.3, 0.1, 0)).toEqual({ bottles: 3, leftMl: expect.closeTo(0, 9) });
});

test('a twenty-fifth stays empty, to 5 ml, in small bottles to 1 ml, and never none', () => {
  expect([20, 50, 100, 124, 125, 250, 330, 500, 750, 1000, 5000].map(usualHeadspaceMl)).toEqual([
    1, 2, 4, 5, 5, 10, 15, 20, 30, 40, 200,
  ]);
});

const make = (stock: string, kind: EmptyBottles['kind'], ml: number, count: number): EmptyBottles => ({
  stock,
  kind,
  ml,
  count,
});
const plan = (batchMl: number, empty: readonly EmptyBottles[], more = {}) =>
  fillPlan({ batchMl, empty, headspaceCm: 4, pilot: true, ...more });
const sizes = ({ fills }: ReturnType<typeof fillPlan>) =>
  fills.map(({ ml, pilot }) => (pilot ? `p${ml}` : ml));

test('what stays empty: by the shape of the neck, 2 % at least', () => {
  expect(usualHeadspaceCm).toBe(4);
  expect(emptyMl('swing-top', 500, 4)).toBeCloseTo(15.37, 2);
  expect(emptyMl('swing-top', 500, 2)).toBeCloseTo(10.2, 6);
  expect(emptyMl('plastic-soda', 500, 4)).toBeCloseTo(22.37, 1);
});

describe('2.6 L into mixed bottles', () => {
  const shelf = [
    make('tall', 'swing-top', 750, 2),
    make('half', 'swing-top', 500, 3),
    make('small', 'crown-cap', 330, 6),
    make('soft', 'plastic-soda', 500, 2),
  ];

  test('the pilot first, then the bottles that leave least over, the fewest of them', () => {
    // At 4 cm 15.4 ml stay empty of a half-litre swing-top, 16.5 of a large one, 12.2 of a small crown cap, 22.4 of the
    // soft one. After its 477.6: 2122.4. Twice 733.5 and twice 317.8 take 2102.6; any other four or five take less.
    const { fills, leftMl, short, noPilot, refused } = plan(2600, shelf);
    expect(sizes(partOf<FillPlan>({ fills }))).toEqual(['p500', 750, 750, 330, 330]);
    expect(fills.map(({ fillMl }) => fillMl)).toEqual(
      [477.6, 733.5, 733.5, 317.8, 317.8].map((ml) => expect.closeTo(ml, 0)),
    );
    expect(leftMl).toBeCloseTo(2600 - fills.reduce((sum, { fillMl }) => sum + fillMl, 0), 6);
    expect({ short, noPilot, refused }).toEqual({ short: false, noPilot: false, refused: [] });
    expect(fills[0]).toMatchObject({
      stock: 'soft',
      kind: 'plastic-soda',
      ml: 500,
      headspaceMl: 22.4,
      pilot: true,
    });
    expect(fills.map((fill) => fill.headspaceCm)).toEqual([4, 4, 4, 4, 4]);
  });

  test('what is dosed takes its room: a tenth of juice, a tenth less from the jar', () => {
    const { fills } = plan(2600, [make('half', 'swing-top', 500, 9)], { doseShare: 0.1, pilot: false });
    // 484.6 · 0.9 = 436.2: five, and 419 over.
    expect(fills.map(({ fillMl }) => fillMl)).toEqual([436.2, 436.2, 436.2, 436.2, 436.2]);
  });

  test('no soft bottle: it says so and fills glass', () => {
    const { noPilot, fills } = plan(1000, [make('half', 'swing-top', 500, 3)]);
    expect(noPilot).toBe(true);
    // A soft one that is too big for what there is stands empty all the same.
    expect(plan(300, [make('soft', 'plastic-soda', 500, 1)])).toMatchObject({ noPilot: false, fills: [] });
    expect(fills).toHaveLength(2);
    expect(plan(1000, [make('half', 'swing-top', 500, 3)], { pilot: false }).noPilot).toBe(false);
    // A pilot larger than all there is stays empty.
    expect(sizes(plan(400, [make('soft', 'plastic-soda', 1000, 1), make('s', 'crown-cap', 330, 1)]))).toEqual(
      [330],
    );
  });

  test('preserving jars and decorative glass are left out and named', () => {
    const { fills, refused } = plan(3000, [
      make('preserving', 'preserving-jar', 1000, 4),
      make('vase', 'decorative', 750, 1),
      make('none', 'decorative', 250, 0),
      make('half', 'swing-top', 500, 2),
    ]);
    expect(fills.map(({ kind }) => kind)).toEqual(['swing-top', 'swing-top']);
    expect(refused).toEqual(['preserving-jar', 'decorative']);
  });

  test('short of bottles: how much is over, and what can be done', () => {
    const { leftMl, short, options } = plan(2600, [make('half', 'swing-top', 500, 3)], { pilot: false });
    expect(leftMl).toBeCloseTo(2600 - 3 * 484.6, 6);
    expect({ short, options }).toEqual({
      short: true,
      options: ['leave-in-jar', 'empty-first', 'drink-now', 'loose-lid'],
    });
    // A mouthful over is no shortage.
    expect(plan(1500, [make('half', 'swing-top', 500, 3)], { pilot: false })).toMatchObject({
      short: false,
      options: [],
    });
    expect(plan(500, [], { pilot: false })).toMatchObject({ fills: [], leftMl: 500, short: true });
  });

  test('soft bottles are kept for pilots', () => {
    const { fills } = plan(1450, [make('soft', 'plastic-soda', 500, 3), make('half', 'swing-top', 500, 3)]);
    expect(fills.map(({ kind }) => kind)).toEqual(['plastic-soda', 'swing-top', 'swing-top']);
  });

  test('of as few, the stronger ones; a large batch is planned to 5 ml', () => {
    const equal = [make('crown', 'crown-cap', 500, 1), make('wine', 'sparkling-wine', 500, 1)];
    expect(plan(500, equal, { pilot: false }).fills.map(({ kind }) => kind)).toEqual(['sparkling-wine']);
    const many = plan(10_000, [make('half', 'swing-top', 500, 30)], { pilot: false });
    expect(many.fills).toHaveLength(20);
    expect(many.leftMl).toBeCloseTo(10_000 - 20 * 484.6, 6);
  });
});

describe('which bottles are taken', () => {
  test('no make of which there is none, in what is filled or in what is refused', () => {
    const planned = plan(950, [
      make('half', 'swing-top', 500, 2),
      make('none', 'swing-top', 950, 0),
      make('deco', 'decorative', 500, 0),
    ]);
    expect(sizes(planned)).toEqual([500]);
    expect(planned).toMatchObject({ refused: [], short: false, noPilot: true });
  });

  test('the smallest soft bottle is the pilot, though a larger one stands before it', () => {
    const planned = plan(2500, [
      make('big', 'plastic-soda', 1000, 1),
      make('little', 'plastic-soda', 330, 2),
      make('half', 'swing-top', 500, 3),
    ]);
    expect(planned.fills[0]).toMatchObject({ stock: 'little', pilot: true });
    // One of the two little ones is the pilot: at most one more is filled.
    expect(planned.fills.filter(({ stock }) => stock === 'little').length).toBeLessThanOrEqual(2);
  });

  test('of those that leave as much the fewest, and of those the stronger', () => {
    const same = { headspaceCm: 2, pilot: false };
    // Two per cent stay empty of each: a litre takes one bottle of 1000 or two of 500.
    expect(sizes(plan(980, [make('a', 'swing-top', 500, 2), make('b', 'swing-top', 1000, 1)], same))).toEqual(
      [1000],
    );
    const strong = plan(490, [make('a', 'swing-top', 500, 1), make('b', 'sparkling-wine', 500, 1)], same);
    expect(strong.fills.map(({ kind }) => kind)).toEqual(['sparkling-wine']);
  });

  test('over six litres volumes are told apart by 5 ml: nothing is overfilled for it', () => {
    const { fills, leftMl } = plan(9000, [make('half', 'swing-top', 500, 40)], { pilot: false });
    // 484.6 each: eighteen take 8723.
    expect(fills.length).toBe(18);
    expect(leftMl).toBeCloseTo(9000 - 18 * 484.6, 0);
  });

  test('short only when every bottle is full and a glass and more is over', () => {
    const half = make('half', 'swing-top', 500, 1);
    expect(plan(584, [half], { pilot: false })).toMatchObject({ short: false, options: [] });
    expect(plan(585, [half], { pilot: false })).toMatchObject({ short: true });
    expect(plan(585, [half], { pilot: false }).options).toContain('loose-lid');
  });
});
