import { inventory, levelMl, liquidMl, solidGrams } from '../matter/contents';
import { gramsIn } from '../matter/substances';
import { addPortions } from './add';
import { emptyLot, withinRim, contentsOf } from './begin';
import { canAdd, canTake } from './checks';
import { isDrained, isEmpty, isLiving, lastAt } from './lineage';
import { type Lot } from './lot';
import { asMeasured } from './measure';
import { copyOnWrite, inPlaceWriter } from './lot-store';
import { isDiscard } from './signs';
import { carryOver } from './transfer';
import { jar, moment, filled, water, grams, transfer, shelfOf, bottle } from './lots.test-tool';

describe('a feed', () => {
  const begun = filled({}, [water(400), grams('ginger', 20), grams('white-sugar', 20)]);

  test('a new lot is marked where it stands, and keeps how and where it was begun', () => {
    // 399.2 g of water take 399.92 ml, 20 g of sugar 12.41 ml, 20 g of ginger 19.79 ml.
    expect(levelMl(begun.contents)).toBeCloseTo(432.12, 2);
    expect(begun).toMatchObject({
      markMl: 432,
      lostMl: 0,
      firstPlace: 'counter',
      firstClosure: 'cloth',
      begunAt: 0,
      recipe: null,
      opened: null,
      ended: null,
    });
  });

  test('of plants raises the level by the water and 0.3 ml a gram: the rest goes with the cloth', () => {
    const fed = addPortions(begun, [grams('ginger', 20), grams('white-sugar', 20), water(15)], moment(1));
    expect(levelMl(fed.contents) - levelMl(begun.contents)).toBeCloseTo(15 + 0.3 * 20, 9);
    expect(fed.lostMl).toBeCloseTo(
      levelMl(contentsOf([grams('ginger', 20), grams('white-sugar', 20), water(15)])) - 21,
      9,
    );
    expect(fed.markMl).toBe(432);
    // Only water is lost: every gram of sugar and ginger stays.
    expect(gramsIn(inventory(fed.contents)) - gramsIn(inventory(begun.contents))).toBeCloseTo(
      40 + 15 * 0.998 - fed.lostMl * 0.998203,
      6,
    );
    expect(solidGrams(fed.contents, 'ginger')).toBeCloseTo(2 * solidGrams(begun.contents, 'ginger'), 9);
  });

  test('of sugar alone raises a jar with plants by nothing; a jar of grains and a brew by all of it', () => {
    const level = (lot: Lot) => levelMl(lot.contents);
    const sugar = [grams('white-sugar', 50)];
    const grains = filled({ culture: 'water-kefir-grains' }, [water(400), grams('kefir-grains', 30)]);
    const brew = filled({ role: 'brew', culture: null }, [water(400), grams('ginger', 20)]);
    const taken = 50 * 0.999 * 0.62 + 50 * 0.001;
    expect(level(addPortions(begun, sugar, moment(1))) - level(begun)).toBeCloseTo(0, 9);
    expect(level(addPortions(grains, sugar, moment(1))) - level(grains)).toBeCloseTo(taken, 9);
    expect(level(addPortions(brew, sugar, moment(1))) - level(brew)).toBeCloseTo(taken, 9);
    expect(addPortions(brew, sugar, moment(1)).lostMl).toBe(0);
  });

  test('never dries a jar to less than half its water', () => {
    const nearlyDry = filled({}, [water(4), grams('ginger', 1)]);
    const fed = addPortions(nearlyDry, [grams('white-sugar', 300)], moment(1));
    expect(fed.contents.liquid.water).toBeCloseTo(nearlyDry.contents.liquid.water / 2, 9);
  });

  test('over the rim: liquid and solids flow off alike, and the loss is told', () => {
    const full = filled({ vessel: { kind: 'jar', ml: 300 } }, [water(400), grams('ginger', 20)]);
    expect(levelMl(full.contents)).toBeCloseTo(300, 9);
    expect(full.lostMl).toBeCloseTo(levelMl(contentsOf([water(400), grams('ginger', 20)])) - 300, 9);
    const { held, spilledMl } = withinRim(contentsOf([water(100)]), 200);
    expect([levelMl(held) > 99, spilledMl]).toEqual([true, 0]);
  });

  test('is written into the life of the lot with all that was said', () => {
    const fed = addPortions(begun, [water(10)], moment(7), { celsius: 31 });
    expect(fed.events.at(-1)).toEqual({
      at: 7,
      entryId: 'e7',
      kind: 'added',
      portions: [water(10)],
      celsius: 31,
      lostMl: 0,
    });
  });
});

describe('what a vessel takes', () => {
  const half = filled({ role: 'brew', culture: null }, [water(500)]);

  test('a jar up to nine tenths, a bottle to the brim', () => {
    const room = 900 - levelMl(half.contents);
    expect(canAdd(half, [water(room - 1)])).toMatchObject({ ok: true });
    expect(canAdd(half, [water(room + 2)])).toEqual({
      ok: false,
      code: 'add.over-rim',
      params: { makes: expect.closeTo(902, 0), vessel: 1000, most: 900 },
    });
    const bottle = filled({ role: 'bottle', vessel: { kind: 'swing-top', ml: 500 }, culture: null }, [
      water(480),
    ]);
    expect(canAdd(bottle, [water(16)])).toMatchObject({ ok: true });
    expect(canAdd(bottle, [water(20)])).toMatchObject({ code: 'add.over-rim' });
  });

  test('a jar already over its nine tenths still takes a pinch', () => {
    const high = filled({ role: 'brew', culture: null }, [water(950)]);
    expect(canAdd(high, [grams('sea-salt', 1)])).toMatchObject({ ok: true });
    expect(canAdd(high, [water(5)])).toMatchObject({ code: 'add.over-rim' });
  });

  test('nothing at all, and a weight beyond reason, are asked again', () => {
    expect(canAdd(half, [])).toEqual({
      ok: false,
      code: 'add.nothing',
      params: null,
    });
    expect(canAdd(half, [grams('white-sugar', 0), water(0)])).toMatchObject({ code: 'add.nothing' });
    const small = filled({ vessel: { kind: 'jar', ml: 100 } }, [water(1)]);
    // 131 g of sugar take 81 ml: they fit, yet nobody puts more than 1.3 g a millilitre into a jar.
    expect(canAdd(small, [grams('white-sugar', 129)])).toMatchObject({ ok: true });
    expect(canAdd(small, [grams('white-sugar', 131)])).toEqual({
      ok: false,
      code: 'add.too-much',
      params: { grams: 131, vessel: 100 },
    });
  });

  test('no more liquid can be taken than there is, to half a millilitre', () => {
    const there = liquidMl(half.contents);
    expect(canTake(half, 200)).toEqual({ ok: true, value: there - 200 });
    expect(canTake(half, there + 0.4)).toEqual({ ok: true, value: 0 });
    expect(canTake(half, there + 0.6)).toEqual({
      ok: false,
      code: 'take.too-much',
      params: { lot: 'Juno', there },
    });
    expect([canTake(half, 0), canTake(half, NaN), canTake(half, -3)].map(({ ok }) => ok)).toEqual([
      false,
      false,
      false,
    ]);
  });
});

describe('what is still looked after', () => {
  const brew = filled({ role: 'brew', culture: null }, [water(1000)], 'brew');
  const poured = (ml: number) => {
    const store = shelfOf(
      filled({ role: 'brew', culture: null, vessel: { kind: 'jar', ml: 2000 } }, [water(1000)], 'brew'),
    );
    carryOver(store, transfer('brew', [{ ml }]));
    return store.lot('brew')!;
  };

  test('a brew lives until all but an eighth or so has gone on', () => {
    const { length } = [860, 879, 881, 950].filter((ml) => isDrained(poured(ml)));
    expect(length).toBe(2);
    expect([isDrained(brew), isLiving(poured(870)), isLiving(poured(890))]).toEqual([false, true, false]);
  });

  test('what is empty, ended, or an opened bottle lives no more', () => {
    expect(isEmpty(poured(1000))).toBe(true);
    expect(isEmpty(brew)).toBe(false);
    const ended = { at: 1, how: 'drunk', why: '', entryId: 'x' } as const;
    const opened = { at: 1, how: 'lively', entryId: 'x' } as const;
    const full = filled({ ...bottle }, [water(300)]);
    expect([
      isLiving(full),
      isLiving({ ...full, opened }),
      isLiving({ ...full, ended }),
      isLiving({ ...brew, opened }),
    ]).toEqual([true, false, false, true]);
    expect(isLiving(emptyLot('x', 0, jar))).toBe(true);
    expect(isEmpty(filled({}, [water(0.4)]))).toBe(true);
    expect(isEmpty(filled({}, [water(0.6)]))).toBe(false);
  });

  test('when something last happened: its beginning when it never did', () => {
    const stirred: Lot = {
      ...brew,
      events: [
        ...brew.events,
        { kind: 'stirred', at: 5, entryId: 'a' },
        { kind: 'stirred', at: 9, entryId: 'b' },
      ],
    };
    expect([
      lastAt(stirred, ({ kind }) => kind === 'stirred'),
      lastAt(brew, ({ kind }) => kind === 'stirred'),
    ]).toEqual([9, 0]);
  });

  test('mould, a foul smell and an odd colour mean: throw it out; nothing else does', () => {
    expect(
      (
        [
          ['film', 'fuzzy'],
          ['smell', 'foul'],
          ['colour', 'odd'],
          ['film', 'pellicle'],
          ['smell', 'egg'],
          ['colour', 'darker'],
          ['foam', 'fuzzy'],
        ] as const
      ).map(([kind, value]) => isDiscard(kind, value)),
    ).toEqual([true, true, true, false, false, false, false]);
  });
});

test('a writer in place writes on its own copies only', () => {
  const lot = filled({}, [water(100)]);
  const pen = inPlaceWriter();
  const first = pen.change(lot, { name: 'One' });
  const second = pen.change(first, { name: 'Two' });
  expect([lot.name, first.name, second === first, first === lot]).toEqual(['Juno', 'Two', true, false]);
  const list = pen.grow([1], 2);
  expect([pen.grow(list, 3), list]).toEqual([
    [1, 2, 3],
    [1, 2, 3],
  ]);
  const kept = copyOnWrite.grow([1], 2);
  expect([copyOnWrite.grow(kept, 3), kept, copyOnWrite.change(lot, { name: 'X' }).name, lot.name]).toEqual([
    [1, 2, 3],
    [1, 2],
    'X',
    'Juno',
  ]);
});

describe('a measured level or weight', () => {
  const fruit = filled({ role: 'brew', culture: null }, [
    water(700),
    grams('plum', 200),
    grams('white-sugar', 50),
  ]);

  test('the liquid is more or less than worked out, as it is; solids stay', () => {
    const lower = asMeasured(fruit, 'ml', 600);
    expect(levelMl(lower)).toBeCloseTo(600, 9);
    expect(lower.solids).toBe(fruit.contents.solids);
    expect(lower.liquid.sucrose / lower.liquid.water).toBeCloseTo(
      fruit.contents.liquid.sucrose / fruit.contents.liquid.water,
      12,
    );
    expect(levelMl(asMeasured(fruit, 'ml', 990))).toBeCloseTo(990, 9);
    expect(levelMl(asMeasured(fruit, 'ml', 5000))).toBeCloseTo(1000, 9);
    expect(liquidMl(asMeasured(fruit, 'ml', 3))).toBe(0);
    const empty = emptyLot('e', 0, jar);
    expect(asMeasured(empty, 'ml', 300)).toBe(empty.contents);
  });

  test('grains are as many as they weigh; fruit is not weighed in its jar', () => {
    const grains = filled({ culture: 'water-kefir-grains' }, [
      water(500),
      grams('kefir-grains', 40),
      grams('dried-fig', 20),
    ]);
    const heavier = asMeasured(grains, 'grams', 52);
    expect(solidGrams(heavier, 'kefir-grains')).toBeCloseTo(52, 9);
    expect(solidGrams(heavier, 'dried-fig')).toBeCloseTo(solidGrams(grains.contents, 'dried-fig'), 9);
    expect(heavier.liquid).toBe(grains.contents.liquid);
    expect(asMeasured(fruit, 'grams', 52)).toBe(fruit.contents);
    expect(asMeasured(grains, 'sg', 1.03)).toBe(grains.contents);
    expect(asMeasured(grains, 'celsius', 22)).toBe(grains.contents);
  });
});
