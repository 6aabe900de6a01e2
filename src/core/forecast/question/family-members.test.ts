import { knownCultures } from '../../cultures/registry';
import { lotOf } from '../../journal/household';
import type { Lot } from '../../lots/lot';
import { endOf, jarEnd, membersOf, rootOf } from './family-members';
import { brewed, dawn, pitched } from '../kitchen.test-tool';
import { hourMs } from '../../duration';
import { partOf } from '../../part-of.test-tool';
import type { Method } from '../../lots/records/method';

describe('who belongs to a family', () => {
  test('a bottle of a bottle hangs on it, and is run from it', () => {
    const { kitchen, brew } = brewed(pitched);
    const [first] = kitchen.bottles(24, brew, 1) as [string];
    const second = kitchen.at(36, {
      kind: 'transferred',
      from: first,
      taken: 'liquid',
      targets: [
        {
          begin: {
            role: 'bottle',
            name: 'half',
            vessel: { kind: 'swing-top', ml: 250 },
            closure: 'sealed',
            place: 'counter',
          },
          ml: 200,
        },
      ],
    });
    const { family, lots } = kitchen.question(brew, 40);
    expect(family.branches.map(({ lots: ids, parent, fromHour }) => [ids, parent, fromHour])).toEqual([
      [[first], -1, 24],
      [[`${second}-1`], 0, 36],
    ]);
    expect(lots.map(({ run }) => run)).toEqual([0, 1, 2]);
    const { household } = kitchen;
    const find = (id: string) => lotOf(household, id);
    expect(rootOf(find(`${second}-1`)!, find).id).toBe(brew);
    expect(membersOf(find(brew)!, find, knownCultures)).toHaveLength(2);
  });

  test('two bottles filled alike are one branch: the second of three is another only where it was looked at', () => {
    const { kitchen, brew } = brewed(pitched);
    const three = kitchen.bottles(24, brew, 3);
    expect(kitchen.question(brew, 30).family.branches.map(({ lots }) => lots)).toEqual([three]);
    expect(kitchen.question(brew, 30).lots.map(({ run }) => run)).toEqual([0, 1, 1, 1]);
    kitchen.at(32, { kind: 'observed', lotId: three[1]!, signs: { squeeze: 'firm' } });
    const { family, lots } = kitchen.question(brew, 33);
    expect(family.branches.map(({ lots: ids }) => ids)).toEqual([[three[0], three[2]], [three[1]]]);
    expect(lots.map(({ run }) => run)).toEqual([0, 1, 2, 1]);
    expect(lots.map(({ risk }) => risk?.bottles ?? null)).toEqual([null, 3, 3, 3]);
  });

  test('a brew drawn into another jar before it lived is no part of it', () => {
    const { kitchen, brew, bug } = brewed(() => undefined);
    const other = kitchen.brew(-1, 10, 200);
    kitchen.draw(-0.5, brew, other, 100);
    kitchen.draw(0, bug, brew, 150);
    const { household } = kitchen;
    const find = (id: string) => lotOf(household, id);
    expect(membersOf(find(brew)!, find, knownCultures)).toEqual([]);
    expect(kitchen.question(brew, 10).family.branches).toEqual([]);
  });
});

describe('how far a lot is followed', () => {
  const lot = (more: Partial<Lot> = {}): Lot =>
    ({ role: 'bottle', place: 'counter', opened: null, ended: null, events: [], ...more }) as Lot;
  const hours = (of: Lot, now = 30) => endOf(of, 0, now * hourMs) / hourMs;

  test('eight days ahead on the counter, four weeks in the fridge, in half-days', () => {
    expect([hours(lot()), hours(lot(), 36), hours(lot(), 36.1)]).toEqual([36 + 192, 36 + 192, 48 + 192]);
    expect(hours(lot({ place: 'fridge' }))).toBe(36 + 672);
    expect(hours(lot(), 24 * 500)).toBe(24 * 400);
  });

  test('an hour past its opening or its end', () => {
    expect(hours(lot({ opened: partOf<Lot['opened']>({ at: 50 * hourMs }) }))).toBe(51);
    expect(hours(lot({ ended: partOf<Lot['ended']>({ at: 60 * hourMs }) }))).toBe(61);
    expect(hours(lot({ ended: partOf<Lot['ended']>({ at: 24 * 600 * hourMs }) }))).toBe(24 * 400);
  });

  test('a brew that is meant to lie for weeks as long as that, and two days more', () => {
    const method = partOf<Method>({ days: [10, 14] });
    const lying = (role: 'brew' | 'bottle', days = method) =>
      hours(lot(partOf<Lot>({ role, recipe: { base: 'syrup', wantedVolumes: 2.5, method: days } })));
    expect([lying('brew'), lying('bottle')]).toEqual([16 * 24, 36 + 192]);
    expect(lying('brew', partOf<Method>({ days: [1, 3] }))).toBe(36 + 192);
  });

  test('a jar that everything left until an hour after its last drop went, never less than an hour', () => {
    const { kitchen, brew } = brewed(pitched);
    kitchen.at(10, { kind: 'transferred', from: brew, taken: 'liquid', targets: [{ ml: 1950 }] });
    const { household } = kitchen;
    const drained = lotOf(household, brew)!;
    const end = (from: number) => (jarEnd(drained, dawn + from * hourMs, dawn + 20 * hourMs) - dawn) / hourMs;
    expect([end(0), end(9.5), end(15)]).toEqual([11, 11, 16]);
  });
});
