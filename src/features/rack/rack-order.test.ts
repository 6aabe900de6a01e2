import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Lot } from '@/core/lots/lot';
import { shelve } from './rack-order';
import { hourMs } from '@/core/duration';
import { partOf } from '@/core/part-of.test-tool';
import type { PlaceId } from '@/core/kitchen/places';

const now = 1_800_000_000_000;
/** Bottles chilled just now, those that are cold. */
const bottle = (id: string, place: PlaceId = 'counter') =>
  partOf<Lot>({
    id,
    role: 'bottle',
    place,
    begunAt: now,
    events: [{ kind: 'moved', place, at: now }],
  });
const answer = (bar: number, latest: number, openBy = 0) =>
  partOf<LotAnswer>({
    start: now,
    hours: [0, 1],
    limitBar: 2,
    chill: { latest },
    keeping: { openBy, closes: 'fizz' },
    series: {
      gauge: [
        [0, 0, bar, 0, bar * 1.5],
        [0, 0, bar, 0, bar * 1.5],
      ],
    },
    pressure: { passes: [], failure: [] },
  });
const answers: Record<string, LotAnswer> = {
  a: answer(1, 10),
  b: answer(1.2, 30),
  c: answer(0.2, 99, 5),
};
const ids = (order: 'limit' | 'closing') =>
  shelve(
    [bottle('d'), bottle('a'), bottle('b'), bottle('c', 'fridge'), { id: 'j', role: 'starter' } as Lot],
    (id) => answers[id] ?? null,
    now,
    order,
  );

test('nearest the limit first, by the edge of what is likely; what nothing was worked out last', () => {
  expect(ids('limit').map(({ lot }) => lot.id)).toEqual(['b', 'a', 'c', 'd']);
  expect(ids('limit')[0]!.watch!.edge).toBeCloseTo(0.9, 9);
});

test('by closing: warm ones are chilled by, cold ones opened by', () => {
  expect(ids('closing').map(({ lot }) => lot.id)).toEqual(['c', 'a', 'b', 'd']);
  expect(ids('closing').map(({ closesAt }) => (closesAt - now) / hourMs)).toEqual([5, 10, 30, Infinity]);
});

test('siblings that are alike stand as they were filled, whatever the last digits of their answers', () => {
  const siblings = ['x-10', 'x-2', 'x-1'];
  const order = (edges: readonly number[]) =>
    shelve(
      siblings.map((id) => bottle(id)),
      (id) => answer(1 + edges[siblings.indexOf(id)]!, 10),
      now,
      'limit',
    ).map(({ lot }) => lot.id);
  expect(order([0, 1e-4, 2e-4])).toEqual(['x-1', 'x-2', 'x-10']);
  expect(order([2e-4, 0, 1e-4])).toEqual(['x-1', 'x-2', 'x-10']);
});
