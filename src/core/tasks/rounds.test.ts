import { usualWaking } from '../kitchen/waking';
import { awakeTasks, rounds } from './rounds';
import { type Task, type TaskReason } from './task';
import { hourMs } from '../duration';
import { partOf } from '../part-of.test-tool';
import type { Lot } from '../lots/lot';

/** Local midnight of a day without a change of clocks. */
const midnight = new Date(2026, 5, 1).getTime();
const at = (hours: number) => midnight + hours * hourMs;
const hours = ({ from, until }: { from: number; until: number }) =>
  [from, until].map((each) => (each - midnight) / hourMs);
const task = (id: string, from: number, until: number, more: Partial<Task> = {}): Task => ({
  id,
  verb: 'feed',
  reason: 'hungry',
  lots: [partOf<Lot>({ id, name: id })],
  portions: [{ what: 'white-sugar', grams: 10 }],
  from: at(from),
  until: at(until),
  fromSoftHours: 1,
  untilSoftHours: 1,
  ...more,
});

describe('while somebody is up', () => {
  test('feeds and chilling come before bed, spoilt things and pitching stay, and what is due while nobody sleeps', () => {
    const moved = awakeTasks(
      [
        task('a', 20, 27),
        task('b', 20, 27, { verb: 'chill' }),
        task('s', 20, 27, { verb: 'discard' }),
        task('c', 2, 5),
      ],
      usualWaking,
      at(18),
    );
    expect(moved.map(hours)).toEqual([
      [20, 22.5],
      [20, 22.5],
      [20, 27],
      [2, 5],
    ]);
    // Asked at two at night, with three hours left: it is due now, not last evening.
    expect(hours(awakeTasks([task('a', 20, 29)], usualWaking, at(26))[0]!)).toEqual([20, 29]);
  });
});

describe('rounds', () => {
  test('feeds whose windows share an hour are one round, which lasts while all are open', () => {
    const [round, ...rest] = rounds([
      task('a', 8, 14),
      task('b', 12, 20),
      task('c', 13, 30),
      task('d', 21, 30),
    ]).reverse();
    expect(rest.map(({ id }) => id)).toEqual(['d']);
    expect(round).toMatchObject({ id: 'round-a-b-c', reason: 'round', portions: [] });
    expect(round!.parts!.map(({ id }) => id)).toEqual(['a', 'b', 'c']);
    expect(hours(round!)).toEqual([13, 14]);
  });

  test('stirs of several brews are one act, lids another; a taste of what steeps is nobody’s round', () => {
    const tend = (id: string, reason: TaskReason, from: number, until: number) =>
      task(id, from, until, { verb: 'tend', reason, portions: [] });
    const made = rounds([
      tend('a', 'stir', 8, 14),
      tend('b', 'vent', 8, 14),
      tend('c', 'stir', 10, 18),
      tend('d', 'vent', 9, 20),
      tend('e', 'infusion', 8, 14),
      tend('f', 'infusion', 8, 14),
      task('g', 8, 14),
      tend('h', 'stir', 17, 22),
    ]);
    const said = made.map((each) => [each.reason, each.lots.map(({ id }) => id), hours(each)]);
    expect(said).toEqual([
      ['infusion', ['e'], [8, 14]],
      ['infusion', ['f'], [8, 14]],
      ['hungry', ['g'], [8, 14]],
      ['stir', ['h'], [17, 22]],
      ['stir', ['a', 'c'], [10, 14]],
      ['vent', ['b', 'd'], [9, 14]],
    ]);
    expect(new Set(made.map(({ id }) => id)).size).toBe(made.length);
  });

  test('less than an hour together, or another reason, is no round', () => {
    const apart = [task('a', 8, 14), task('b', 13.1, 20)];
    expect(rounds(apart)).toEqual(apart);
    const planned = [
      task('a', 8, 14),
      task('b', 8, 14, { reason: 'build-up' }),
      task('c', 8, 14, { verb: 'rest' }),
    ];
    expect(rounds(planned)).toEqual(planned);
  });
});
