import { knownCultures, sedimentId, withGuest } from '../cultures/registry';
import { liquidMl, solidGrams } from '../matter/contents';
import { addPortions } from './add';
import { contentsOf } from './begin';
import { type Lot } from './lot';
import { drawnFrom, livesAt, pitchOf } from './pitch';
import { carryOver, type Transfer } from './transfer';
import { jar, moment, filled, water, grams, transfer, shelfOf, bottle } from './lots.test-tool';
import { type NewLot } from './records/new-lot';

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
    const store = shelfOf(target, source);
    carryOver(store, transfer(source.id, [{ lotId: target.id, ...amount }], { taken, celsius: 27 }));
    return store;
  };

  test('by a dose of a starter: its kind, its ml, where from and how warm', () => {
    const store = dosed(base(), bug);
    const brew = store.lot('base')!;
    expect(pitchOf(brew, (id) => store.lot(id))).toMatchObject({
      at: 50,
      entryId: 'pour',
      amount: expect.closeTo(50, 9),
      fromLotId: 'bug',
      celsius: 27,
      culture: { id: 'ginger-bug' },
    });
    expect([livesAt(brew, 49, (id) => store.lot(id)), livesAt(brew, 50, (id) => store.lot(id))]).toEqual([
      false,
      true,
    ]);
    expect(livesAt(bug, -99, find())).toBe(true);
    expect(drawnFrom(brew, (id) => store.lot(id))).toBeNull();
  });

  test('by a packet or grains stirred in: in g; by whey: in ml', () => {
    const yeast = addPortions(base(), [grams('ale-yeast', 0.5)], moment(20), { celsius: 24 });
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
    const store = dosed(base(), bug, 'everything', { ml: 100 });
    const came = store.lot('base')!.events.at(-1)!;
    if (came.kind !== 'came') throw new Error('nothing came');
    expect(pitchOf(store.lot('base')!, (id) => store.lot(id))!.amount).toBeCloseTo(
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
    const recipe = { base: 'raw-ginger' as const, wantedVolumes: 2, planned: { lotId: 'bug', ml: 50 } };
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
    const store = shelfOf(first, bug);
    carryOver(
      store,
      transfer('base', [{ begin: bottle, ml: 300, portions: [grams('dextrose', 2)] }], { id: 'b' }),
    );
    carryOver(
      store,
      transfer(
        'base',
        [{ begin: { ...jar, role: 'brew', culture: null }, ml: 100, portions: [water(300)] }],
        { id: 'c' },
      ),
    );
    expect(drawnFrom(store.lot('b-1')!, (id) => store.lot(id))).toMatchObject({
      at: 50,
      entryId: 'b',
      source: { id: 'base' },
    });
    expect(drawnFrom(store.lot('c-1')!, (id) => store.lot(id))).toBeNull();
    expect(drawnFrom(store.lot('bug')!, (id) => store.lot(id))).toBeNull();
  });
});
