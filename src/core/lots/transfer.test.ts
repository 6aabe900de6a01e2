import { levelMl, liquidMl, solidGrams } from '../matter/contents';
import { contentsOf } from './begin';
import { cameFrom, wentTo } from './lineage';
import { openStore } from './lot-store';
import { carryOver, drainableMl, portionOf, soakedMl, targetLotId } from './transfer';
import { filled, water, grams, transfer, shelfOf, bottle } from './lots.test-tool';

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
    const store = shelfOf({ ...fruit(), culture: 'whey' });
    const before = liquidMl(store.lot('plum')!.contents);
    carryOver(
      store,
      transfer(
        'plum',
        [
          { begin: bottle, ml: 300, portions: [grams('dextrose', 3)] },
          { begin: { ...bottle, name: '2' }, ml: 250 },
        ],
        { celsius: 19 },
      ),
    );
    const [one, two] = [store.lot('pour-1')!, store.lot('pour-2')!];
    expect([one.culture, two.name, one.begunAt]).toEqual(['whey', '2', 50]);
    expect(liquidMl(two.contents)).toBeCloseTo(250, 9);
    // 3 g of dextrose: 2.73 g sugar at 0.622 ml/g and 0.27 g water.
    expect(liquidMl(one.contents)).toBeCloseTo(300 + 2.73 * 0.622 + 0.27 / 0.998203, 9);
    expect(liquidMl(store.lot('plum')!.contents)).toBeCloseTo(before - 550, 9);
    expect(one.events.map((event) => event.kind)).toEqual(['came', 'added']);
    expect(one.events[0]).toMatchObject({ from: 'plum', celsius: 19, index: 0, entryId: 'pour' });
    expect([one.markMl, two.markMl]).toEqual([300, 250]);
    expect(wentTo(store.lot('plum')!).map(({ lotId, ml }) => [lotId, Math.round(ml)])).toEqual([
      ['pour-1', 300],
      ['pour-2', 250],
    ]);
    expect(cameFrom(one)).toEqual([
      { entryId: 'pour', at: 50, lotId: 'plum', ml: expect.closeTo(300, 6), solidGrams: 0 },
    ]);
    expect(targetLotId('pour', 4)).toBe('pour-5');
  });

  test('poured away leaves no lot; to a lot that is not there it is gone all the same', () => {
    const store = shelfOf(fruit());
    const before = liquidMl(store.lot('plum')!.contents);
    carryOver(store, transfer('plum', [{ ml: 100 }, { lotId: 'nowhere', ml: 50 }]));
    expect(liquidMl(store.lot('plum')!.contents)).toBeCloseTo(before - 150, 9);
    expect([...store.lots.keys()]).toEqual(['plum']);
    expect(wentTo(store.lot('plum')!).map(({ lotId }) => lotId)).toEqual([null, 'nowhere']);
    carryOver(store, transfer('nobody', [{ begin: bottle, ml: 10 }]));
    expect(store.lots.size).toBe(1);
  });

  test('into a vessel too small: what does not fit is lost, and told', () => {
    const store = shelfOf(fruit());
    carryOver(
      store,
      transfer('plum', [{ begin: { ...bottle, vessel: { kind: 'swing-top', ml: 330 } }, ml: 400 }]),
    );
    const small = store.lot('pour-1')!;
    expect([levelMl(small.contents), small.lostMl]).toEqual([expect.closeTo(330, 6), expect.closeTo(70, 6)]);
  });

  test('a source told before lends what it gave then; a target that is closed keeps what it has', () => {
    const store = shelfOf(fruit());
    carryOver(store, transfer('plum', [{ begin: bottle, ml: 300 }]));
    const source = store.lot('plum')!;
    const lots = new Map([['plum', source]]);
    const half = { ...openStore(lots), isOpen: (id: string) => id !== 'plum' };
    carryOver(half, transfer('plum', [{ begin: bottle, ml: 9999 }]));
    expect(liquidMl(lots.get('pour-1')!.contents)).toBeCloseTo(300, 9);
    expect(lots.get('plum')).toBe(source);
    const shut = { ...openStore(new Map([['plum', fruit()]])), isOpen: (id: string) => id === 'plum' };
    carryOver(shut, transfer('plum', [{ begin: bottle, ml: 300 }]));
    expect(shut.lot('pour-1')).toBeUndefined();
    carryOver(
      { ...half, isOpen: (id) => id !== 'plum' },
      transfer('plum', [{ begin: bottle, ml: 5 }], { id: 'other' }),
    );
    expect(lots.has('other-1')).toBe(false);
  });
});
