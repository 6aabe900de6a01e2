import type { Lot, LotEvent } from '../../lots/lot';
import { lotAsOf } from './as-of';
import { partOf, type PartOf } from '../../part-of.test-tool';

const event = (at: number, more: PartOf<LotEvent> = { kind: 'read' }) =>
  partOf<LotEvent>(Object.assign({ at }, more));
/** Begun at 100 on the shelf under cloth; sealed, moved twice, opened and ended in turn. */
const lot = partOf<Lot>({
  begunAt: 100,
  events: [
    event(100, { kind: 'added' }),
    event(110, { kind: 'closed', closure: 'sealed' }),
    event(120, { kind: 'moved', place: 'fridge' }),
    event(130, { kind: 'moved', place: 'counter' }),
    event(140, { kind: 'closed', closure: 'loose-lid' }),
    event(150),
  ],
  firstPlace: 'warm-shelf',
  place: 'counter',
  firstClosure: 'cloth',
  closure: 'loose-lid',
  opened: { at: 145 },
  ended: { at: 155 },
});
const stood = (at: number) => {
  const { events, place, closure, opened, ended } = lotAsOf(lot, at);
  return [events.length, place, closure, opened !== null, ended !== null];
};

test('what happened from an instant on is not known before it', () => {
  expect([101, 111, 121, 131, 141, 146, 156].map(stood)).toEqual([
    [1, 'warm-shelf', 'cloth', false, false],
    [2, 'warm-shelf', 'sealed', false, false],
    [3, 'fridge', 'sealed', false, false],
    [4, 'counter', 'sealed', false, false],
    [5, 'counter', 'loose-lid', false, false],
    [5, 'counter', 'loose-lid', true, false],
    [6, 'counter', 'loose-lid', true, true],
  ]);
});

test('what happened at the very instant is not known yet', () => {
  expect(stood(110)).toEqual([1, 'warm-shelf', 'cloth', false, false]);
  expect(stood(145)).toEqual([5, 'counter', 'loose-lid', false, false]);
  expect(stood(155)).toEqual([6, 'counter', 'loose-lid', true, false]);
});

test('at its own beginning, and before, it is as it is', () => {
  expect(lotAsOf(lot, 100)).toBe(lot);
  expect(lotAsOf(lot, 50)).toBe(lot);
});

test('one that was never opened nor ended stays so', () => {
  const living = { ...lot, opened: null, ended: null };
  expect(lotAsOf(living, 200)).toMatchObject({ opened: null, ended: null, place: 'counter' });
});
