import { mapOf } from '../journal/persistent-map';
import { addPortions } from '../lots/add';
import { emptyLot } from '../lots/begin';
import type { Lot, LotEvent } from '../lots/lot';
import type { Closure } from '../vessels/vessel-kinds';
import { tendingTasks } from './sources/tending';
import { hourMs } from '../duration';

const begun = Date.UTC(2026, 5, 1, 8);
const at = (hour: number) => begun + hour * hourMs;
const rind = { what: 'pineapple-rind', grams: 300 };

/** A brew that lives on its peel, with what happened to it. */
function brew(closure: Closure, events: readonly object[] = [], more: Partial<Lot> = {}): Lot {
  const said = { role: 'brew', name: 'Rind', vessel: { kind: 'jar', ml: 3000 }, closure, place: 'counter', culture: 'peel', recipe: { base: 'peel', wantedVolumes: 2 } } as const; // prettier-ignore
  const lot = addPortions(emptyLot('rind', begun, said), [{ what: 'water', ml: 1500 }, rind], {
    at: begun,
    entryId: 'rind',
  });
  return { ...lot, ...more, events: [...lot.events, ...(events as LotEvent[])] };
}

const tasksOf = (lot: Lot, hour = 20) =>
  tendingTasks({
    household: { lots: mapOf([[lot.id, lot]]), warmths: {}, settings: {} },
    living: [lot],
    lotAnswer: () => null,
    starterAnswer: () => null,
    now: at(hour),
  }).map(({ verb, reason, from, until }) => [
    verb,
    reason,
    (from - begun) / hourMs,
    (until - begun) / hourMs,
  ]);

const stirred = (hour: number) => ({ kind: 'stirred', at: at(hour), entryId: `s${hour}` });

test('peel is stirred twice a day, counted from the last stir; six hours before to ten after it is due', () => {
  expect(tasksOf(brew('cloth'))).toEqual([['tend', 'stir', 6, 22]]);
  expect(tasksOf(brew('cloth', [stirred(9)]))).toEqual([['tend', 'stir', 15, 31]]);
});

test('put off, it is to be done within two hours', () => {
  expect(tasksOf(brew('cloth'), 40)).toEqual([['tend', 'stir', 6, 42]]);
});

test('a lid is lifted when that is due before the stir', () => {
  const clear = { contents: { liquid: brew('cloth').contents.liquid, solids: {} } };
  expect(tasksOf(brew('loose-lid', [], clear))).toEqual([['tend', 'vent', 18, 34]]);
  // A closed jar as often as a loose lid, and in the fridge too.
  expect(tasksOf(brew('sealed', [], clear))).toEqual([['tend', 'vent', 18, 34]]);
  expect(tasksOf(brew('sealed', [], { ...clear, place: 'fridge' }))).toEqual([['tend', 'vent', 18, 34]]);
  expect(tasksOf(brew('airlock', [], clear))).toEqual([]);
  expect(tasksOf(brew('loose-lid', [stirred(20)]))).toEqual([['tend', 'vent', 18, 34]]);
});

test('what is in the fridge, or was never pitched, wants no hand; what steeps is tasted from and taken out until', () => {
  expect(tasksOf(brew('cloth', [], { place: 'fridge' }))).toEqual([]);
  expect(tasksOf(brew('cloth', [], { culture: null }))).toEqual([]);
  const later = [{ when: 'infusion' as const, portion: { what: 'thyme', grams: 4 } }];
  const steeping = {
    place: 'fridge' as const,
    recipe: { base: 'peel' as const, wantedVolumes: 2, later },
    steps: { infuse: { done: true, at: at(30) } },
  };
  expect(tasksOf(brew('cloth', [], steeping))).toEqual([['tend', 'infusion', 42, 66]]);
});

test('a flower starter is shaken and opened every day, counted from the last shake or feed; a bug with its feed', () => {
  const starter = (culture: string, events: readonly object[] = [], place = 'counter') =>
    ({ ...brew('loose-lid', events), role: 'starter', culture, place }) as Lot;
  expect(tasksOf(starter('wild'))).toEqual([['tend', 'shake', 18, 34]]);
  expect(tasksOf(starter('wild', [stirred(10)]))).toEqual([['tend', 'shake', 28, 44]]);
  expect(tasksOf(starter('wild', [], 'fridge'))).toEqual([]);
  expect(tasksOf(starter('ginger-bug'))).toEqual([]);
});
