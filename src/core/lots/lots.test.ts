import { knownCultures, sedimentId, withGuest } from '../cultures/registry';
import { inventory, levelMl, liquidMl, solidGrams } from '../matter/contents';
import type { Portion } from '../matter/portion';
import { gramsIn } from '../matter/substances';
import { addPortions } from './add';
import { emptyLot, withinRim, contentsOf, type NewLot } from './begin';
import { canAdd, canTake } from './checks';
import { cameFrom, isDrained, isEmpty, isLiving, lastAt, wentTo } from './lineage';
import type { Lot } from './lot';
import { asMeasured } from './measure';
import { drawnFrom, livesAt, pitchOf } from './pitch';
import { copying, openShelf, writingInPlace } from './shelf';
import { isDiscard } from './signs';
import { carryOver, drainableMl, portionOf, soakedMl, targetLotId, type Transfer } from './transfer';

const jar: NewLot = {
  role: 'starter',
  name: 'Juno',
  vessel: { kind: 'jar', ml: 1000 },
  closure: 'cloth',
  place: 'counter',
  culture: 'ginger-bug',
};
const moment = (at: number) => ({ at, entryId: `e${at}` });
const filled = (said: Partial<NewLot>, portions: readonly Portion[], id = 'lot', at = 0): Lot =>
  addPortions(emptyLot(id, at, { ...jar, ...said }), portions, moment(at));
const water = (ml: number): Portion => ({ what: 'water', ml });
const grams = (what: string, amount: number): Portion => ({ what, grams: amount });

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
    const fed = addPortions(begun, [water(10)], moment(7), 31);
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
      sentence: 'That makes 902 ml; a 1000 ml vessel foams over above 900 ml.',
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
      sentence: 'Write at least one amount.',
    });
    expect(canAdd(half, [grams('white-sugar', 0), water(0)])).toMatchObject({ code: 'add.nothing' });
    const small = filled({ vessel: { kind: 'jar', ml: 100 } }, [water(1)]);
    // 131 g of sugar take 81 ml: they fit, yet nobody puts more than 1.3 g a millilitre into a jar.
    expect(canAdd(small, [grams('white-sugar', 129)])).toMatchObject({ ok: true });
    expect(canAdd(small, [grams('white-sugar', 131)])).toEqual({
      ok: false,
      code: 'add.too-much',
      sentence: '131 g into a 100 ml vessel: check the unit.',
    });
  });

  test('no more liquid can be taken than there is, to half a millilitre', () => {
    const there = liquidMl(half.contents);
    expect(canTake(half, 200)).toEqual({ ok: true, value: there - 200 });
    expect(canTake(half, there + 0.4)).toEqual({ ok: true, value: 0 });
    expect(canTake(half, there + 0.6)).toEqual({
      ok: false,
      code: 'take.too-much',
      sentence: 'There are 500 ml of liquid in Juno.',
    });
    expect([canTake(half, 0), canTake(half, NaN), canTake(half, -3)].map(({ ok }) => ok)).toEqual([
      false,
      false,
      false,
    ]);
  });
});

const transfer = (from: string, targets: Transfer['targets'], more: Partial<Transfer> = {}): Transfer => ({
  id: 'pour',
  at: 50,
  from,
  taken: 'liquid',
  targets,
  ...more,
});
const shelfOf = (...lots: Lot[]) => openShelf(new Map(lots.map((lot) => [lot.id, lot])));
const bottle: NewLot = {
  ...jar,
  role: 'bottle',
  name: '1',
  vessel: { kind: 'swing-top', ml: 500 },
  closure: 'sealed',
  culture: null,
};

describe('a transfer', () => {
  const fruit = () =>
    filled({ role: 'brew', name: 'Plum', culture: null }, [water(700), grams('plum', 200)], 'plum');

  test('fruit keeps half a millilitre a gram when it is strained; the rest runs off', () => {
    const { contents } = fruit();
    expect(soakedMl(contents)).toBeCloseTo(0.5 * solidGrams(contents, 'plum'), 9);
    expect(drainableMl(contents)).toBeCloseTo(liquidMl(contents) - soakedMl(contents), 9);
    expect(liquidMl(portionOf(contents, 'liquid', {}))).toBeCloseTo(drainableMl(contents), 9);
    expect(liquidMl(portionOf(contents, 'liquid', { ml: 120 }))).toBeCloseTo(120, 9);
    expect(drainableMl(contentsOf([grams('plum', 10)]))).toBeGreaterThanOrEqual(0);
  });

  test('a ladle of everything takes fruit and liquid alike; solids take what clings to them', () => {
    const { contents } = fruit();
    const ladle = portionOf(contents, 'everything', { ml: 200 });
    expect(levelMl(ladle)).toBeCloseTo(200, 9);
    expect(solidGrams(ladle) / solidGrams(contents)).toBeCloseTo(200 / levelMl(contents), 9);
    expect(levelMl(portionOf(contents, 'everything', {}))).toBeCloseTo(levelMl(contents), 9);
    const lifted = portionOf(contents, 'solids', { grams: 40 }, 'plum');
    expect([solidGrams(lifted), liquidMl(lifted)].map((value) => Number(value.toFixed(6)))).toEqual([40, 20]);
    expect(liquidMl(portionOf(contents, 'solids', { grams: 40 }))).toBeCloseTo(0.5 * 40, 6);
    expect(solidGrams(portionOf(contents, 'solids', {}, 'plum'))).toBeCloseTo(solidGrams(contents), 9);
    const grains = filled({ culture: 'water-kefir-grains' }, [water(500), grams('kefir-grains', 40)]);
    expect(liquidMl(portionOf(grains.contents, 'solids', { grams: 40 }, 'kefir-grains'))).toBeCloseTo(12, 6);
  });

  test('fills new bottles, each with its own dose, and takes the culture along', () => {
    const shelf = shelfOf({ ...fruit(), culture: 'whey' });
    const before = liquidMl(shelf.lot('plum')!.contents);
    carryOver(
      shelf,
      transfer(
        'plum',
        [
          { begin: bottle, ml: 300, portions: [grams('dextrose', 3)] },
          { begin: { ...bottle, name: '2' }, ml: 250 },
        ],
        { celsius: 19 },
      ),
    );
    const [one, two] = [shelf.lot('pour-1')!, shelf.lot('pour-2')!];
    expect([one.culture, two.name, one.begunAt]).toEqual(['whey', '2', 50]);
    expect(liquidMl(two.contents)).toBeCloseTo(250, 9);
    // 3 g of dextrose: 2.73 g sugar at 0.622 ml/g and 0.27 g water.
    expect(liquidMl(one.contents)).toBeCloseTo(300 + 2.73 * 0.622 + 0.27 / 0.998203, 9);
    expect(liquidMl(shelf.lot('plum')!.contents)).toBeCloseTo(before - 550, 9);
    expect(one.events.map((event) => event.kind)).toEqual(['came', 'added']);
    expect(one.events[0]).toMatchObject({ from: 'plum', celsius: 19, index: 0, entryId: 'pour' });
    expect([one.markMl, two.markMl]).toEqual([300, 250]);
    expect(wentTo(shelf.lot('plum')!).map(({ lotId, ml }) => [lotId, Math.round(ml)])).toEqual([
      ['pour-1', 300],
      ['pour-2', 250],
    ]);
    expect(cameFrom(one)).toEqual([
      { entryId: 'pour', at: 50, lotId: 'plum', ml: expect.closeTo(300, 6), solidGrams: 0 },
    ]);
    expect(targetLotId('pour', 4)).toBe('pour-5');
  });

  test('poured away leaves no lot; to a lot that is not there it is gone all the same', () => {
    const shelf = shelfOf(fruit());
    const before = liquidMl(shelf.lot('plum')!.contents);
    carryOver(shelf, transfer('plum', [{ ml: 100 }, { lotId: 'nowhere', ml: 50 }]));
    expect(liquidMl(shelf.lot('plum')!.contents)).toBeCloseTo(before - 150, 9);
    expect([...shelf.lots.keys()]).toEqual(['plum']);
    expect(wentTo(shelf.lot('plum')!).map(({ lotId }) => lotId)).toEqual([null, 'nowhere']);
    carryOver(shelf, transfer('nobody', [{ begin: bottle, ml: 10 }]));
    expect(shelf.lots.size).toBe(1);
  });

  test('into a vessel too small: what does not fit is lost, and told', () => {
    const shelf = shelfOf(fruit());
    carryOver(
      shelf,
      transfer('plum', [{ begin: { ...bottle, vessel: { kind: 'swing-top', ml: 330 } }, ml: 400 }]),
    );
    const small = shelf.lot('pour-1')!;
    expect([levelMl(small.contents), small.lostMl]).toEqual([expect.closeTo(330, 6), expect.closeTo(70, 6)]);
  });

  test('a source told before lends what it gave then; a target that is closed keeps what it has', () => {
    const shelf = shelfOf(fruit());
    carryOver(shelf, transfer('plum', [{ begin: bottle, ml: 300 }]));
    const source = shelf.lot('plum')!;
    const lots = new Map([['plum', source]]);
    const half = { ...openShelf(lots), isOpen: (id: string) => id !== 'plum' };
    carryOver(half, transfer('plum', [{ begin: bottle, ml: 9999 }]));
    expect(liquidMl(lots.get('pour-1')!.contents)).toBeCloseTo(300, 9);
    expect(lots.get('plum')).toBe(source);
    const shut = { ...openShelf(new Map([['plum', fruit()]])), isOpen: (id: string) => id === 'plum' };
    carryOver(shut, transfer('plum', [{ begin: bottle, ml: 300 }]));
    expect(shut.lot('pour-1')).toBeUndefined();
    carryOver(
      { ...half, isOpen: (id) => id !== 'plum' },
      transfer('plum', [{ begin: bottle, ml: 5 }], { id: 'other' }),
    );
    expect(lots.has('other-1')).toBe(false);
  });
});

describe('how a base came alive', () => {
  const find =
    (...lots: Lot[]) =>
    (id: string) =>
      lots.find((lot) => lot.id === id);
  const bug = filled({}, [water(400), grams('ginger', 20)], 'bug');
  const base = (recipe?: NewLot['recipe'], culture: string | null = null) =>
    filled({ role: 'brew', culture, recipe }, [water(600), grams('white-sugar', 60)], 'base', 10);
  const dosed = (
    target: Lot,
    source: Lot,
    taken: Transfer['taken'] = 'liquid',
    amount: object = { ml: 50 },
  ) => {
    const shelf = shelfOf(target, source);
    carryOver(shelf, transfer(source.id, [{ lotId: target.id, ...amount }], { taken, celsius: 27 }));
    return shelf;
  };

  test('by a dose of a starter: its kind, its ml, where from and how warm', () => {
    const shelf = dosed(base(), bug);
    const brew = shelf.lot('base')!;
    expect(pitchOf(brew, (id) => shelf.lot(id))).toMatchObject({
      at: 50,
      entryId: 'pour',
      amount: expect.closeTo(50, 9),
      fromLotId: 'bug',
      celsius: 27,
      culture: { id: 'ginger-bug' },
    });
    expect([livesAt(brew, 49, (id) => shelf.lot(id)), livesAt(brew, 50, (id) => shelf.lot(id))]).toEqual([
      false,
      true,
    ]);
    expect(livesAt(bug, -99, find())).toBe(true);
    expect(drawnFrom(brew, (id) => shelf.lot(id))).toBeNull();
  });

  test('by a packet or grains stirred in: in g; by whey: in ml', () => {
    const yeast = addPortions(base(), [grams('ale-yeast', 0.5)], moment(20), 24);
    expect(pitchOf(yeast, find())).toMatchObject({
      at: 20,
      amount: 0.5,
      fromLotId: null,
      celsius: 24,
      culture: { id: 'ale-yeast' },
    });
    const whey = addPortions(base(), [grams('whey', 51)], moment(20));
    expect(pitchOf(whey, find())).toMatchObject({
      amount: expect.closeTo(50, 9),
      celsius: null,
      culture: { id: 'whey' },
    });
    expect(pitchOf(base(), find())).toBeNull();
  });

  test('by grains: their grams count; by their liquid alone: the liquid kind', () => {
    const grains = filled(
      { culture: 'water-kefir-grains' },
      [water(400), grams('kefir-grains', 60)],
      'grains',
    );
    const withGrains = dosed(base(), grains, 'solids', { grams: 30 });
    expect(pitchOf(withGrains.lot('base')!, (id) => withGrains.lot(id))).toMatchObject({
      amount: expect.closeTo(30, 9),
      culture: { id: 'water-kefir-grains' },
    });
    const withLiquid = dosed(base(), grains);
    expect(pitchOf(withLiquid.lot('base')!, (id) => withLiquid.lot(id))).toMatchObject({
      amount: expect.closeTo(50, 9),
      culture: { id: 'water-kefir-liquid' },
    });
  });

  test('by fruit of a starter in a dose of ml: half its grams count', () => {
    const shelf = dosed(base(), bug, 'everything', { ml: 100 });
    const came = shelf.lot('base')!.events.at(-1)!;
    if (came.kind !== 'came') throw new Error('nothing came');
    expect(pitchOf(shelf.lot('base')!, (id) => shelf.lot(id))!.amount).toBeCloseTo(
      liquidMl(came.contents) + 0.5 * solidGrams(came.contents),
      9,
    );
  });

  test('by a cup of a living batch, or by its sediment; by nothing of a dead one', () => {
    const first = dosed({ ...base(), id: 'first' }, bug).lot('first')!;
    const all = (...lots: Lot[]) => find(...lots, bug);
    const cup = dosed(base(), first);
    expect(pitchOf(cup.lot('base')!, all(cup.lot('first')!))).toMatchObject({
      culture: { id: 'last-batch' },
      fromLotId: 'first',
    });
    const dregs = dosed(base(), first, 'sediment');
    expect(pitchOf(dregs.lot('base')!, all(dregs.lot('first')!))!.culture.id).toBe(sedimentId);
    const dead = dosed(base(), { ...base(), id: 'dead' });
    expect(pitchOf(dead.lot('base')!, all(dead.lot('dead')!))).toBeNull();
  });

  test('by what lives on the base itself, from its beginning, unless a starter is planned', () => {
    expect(pitchOf(base(undefined, 'bare'), find())).toMatchObject({
      at: 10,
      entryId: 'base',
      amount: 0,
      culture: { id: 'bare' },
    });
    const recipe = { base: 'raw-ginger', wantedVolumes: 2, planned: { lotId: 'bug', ml: 50 } };
    expect(pitchOf(base(recipe, 'bare'), find())).toBeNull();
    expect(pitchOf(base(undefined, 'ginger-bug'), find())).toBeNull();
    const guest = { ...knownCultures('bare')!, id: 'skin', bare: { yeast: 1, lactics: 1 } };
    expect(pitchOf(base(undefined, 'skin'), find(), withGuest(guest))!.culture).toBe(guest);
  });

  test('batches that dose one another in a ring are no riddle without end', () => {
    const ring = (id: string, from: string): Lot => ({
      ...base(),
      id,
      events: [{ kind: 'came', at: 1, entryId: 'x', from, contents: contentsOf([water(10)]), index: 0 }],
    });
    const [a, b] = [ring('a', 'b'), ring('b', 'a')];
    expect(pitchOf(a, find(a, b))).toBeNull();
  });

  test('a bottle is drawn from its brew; a second run on old fruit is a brew of its own', () => {
    const first = dosed(base(), bug).lot('base')!;
    const shelf = shelfOf(first, bug);
    carryOver(
      shelf,
      transfer('base', [{ begin: bottle, ml: 300, portions: [grams('dextrose', 2)] }], { id: 'b' }),
    );
    carryOver(
      shelf,
      transfer(
        'base',
        [{ begin: { ...jar, role: 'brew', culture: null }, ml: 100, portions: [water(300)] }],
        { id: 'c' },
      ),
    );
    expect(drawnFrom(shelf.lot('b-1')!, (id) => shelf.lot(id))).toMatchObject({
      at: 50,
      entryId: 'b',
      source: { id: 'base' },
    });
    expect(drawnFrom(shelf.lot('c-1')!, (id) => shelf.lot(id))).toBeNull();
    expect(drawnFrom(shelf.lot('bug')!, (id) => shelf.lot(id))).toBeNull();
  });
});

describe('what is still looked after', () => {
  const brew = filled({ role: 'brew', culture: null }, [water(1000)], 'brew');
  const poured = (ml: number) => {
    const shelf = shelfOf(
      filled({ role: 'brew', culture: null, vessel: { kind: 'jar', ml: 2000 } }, [water(1000)], 'brew'),
    );
    carryOver(shelf, transfer('brew', [{ ml }]));
    return shelf.lot('brew')!;
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

test('a pen that writes in place writes on its own copies only', () => {
  const lot = filled({}, [water(100)]);
  const pen = writingInPlace();
  const first = pen.change(lot, { name: 'One' });
  const second = pen.change(first, { name: 'Two' });
  expect([lot.name, first.name, second === first, first === lot]).toEqual(['Juno', 'Two', true, false]);
  const list = pen.grow([1], 2);
  expect([pen.grow(list, 3), list]).toEqual([
    [1, 2, 3],
    [1, 2, 3],
  ]);
  const kept = copying.grow([1], 2);
  expect([copying.grow(kept, 3), kept, copying.change(lot, { name: 'X' }).name, lot.name]).toEqual([
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

  test('the liquid is more or less than reckoned, as it is; solids stay', () => {
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
