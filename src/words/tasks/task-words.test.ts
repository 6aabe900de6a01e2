import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Task, TaskReason } from '@/core/tasks/task';
import { taskWords } from './task-words';
import { answer, bottles, brew, bug, household, now, task } from '../household.test-tool';
import { hourMs } from '@/core/duration';

const said = (of: Task, chill: LotAnswer | null = null) => taskWords(of, household, chill, now);

describe('what a card says', () => {
  test('chill: one bottle by its number, several counted; before, within and after the window', () => {
    expect(said(task('chill', [bottles[0]!], 2, 8), answer('limit'))).toEqual({
      over: 'Pressure watch, bottle 1',
      title: '1: chill between 20:15 and tomorrow 2:15',
      because:
        'At 22.5 °C one batch in twenty passes 2.8 bar, what swing-top, pressure-rated is good for, from then on.',
      span: 'Good from 20:15 until tomorrow 2:15.',
    });
    expect(said(task('chill', bottles, -2, 8))).toMatchObject({
      over: 'Pressure watch, 2 bottles',
      title: '1: chill by tomorrow 2:15',
      because: '',
    });
    expect(said(task('chill', bottles, -9, -1)).title).toBe('1: chill now, where they stand');
    // Nobody is told to have done it by a quarter of an hour that is past.
    expect(said(task('chill', bottles, -2, 0.02)).title).toBe('1: chill now, where they stand');
  });

  test('chill: where a look decides, the look is the order, and who does not look has the window', () => {
    const rule = {
      kind: 'squeeze' as const,
      then: 'chill' as const,
      lot: bottles[1]!,
      at: now + 2 * hourMs,
      branches: [
        { result: 'soft', chance: 0.6, next: 'look' as const, at: now + 14 * hourMs },
        { result: 'rock', chance: 0.4, next: 'act' as const, at: now + 2 * hourMs },
      ],
    };
    expect(said(task('chill', bottles, -2, 8, { rule }))).toEqual({
      over: 'Pressure watch, 2 bottles',
      title: '1: squeeze bottle 2 at 20:15',
      lines: ['Soft: leave it, look again tomorrow 8:15.', 'Rock hard: chill at once.'],
      because: 'Without a look: chill by tomorrow 2:15.',
      span: 'Good from 16:15 until tomorrow 2:15.',
    });
  });

  test('feed: the amounts, and why by then', () => {
    const portions = [
      { what: 'ginger', grams: 12 },
      { what: 'white-sugar', grams: 12 },
    ];
    expect(said(task('feed', [bug], -1, 3, { portions }))).toEqual({
      over: 'Ginger bug “Nib”',
      title: 'Feed 12 g (2 tbsp) fresh ginger and 12 g (1 tbsp) white sugar',
      because: 'before 21:15: by then it has eaten its last feed.',
      span: 'Good from 17:15 until 21:15.',
    });
    expect(said(task('feed', [bug], -1, 3, { reason: 'resting' })).because).toBe(
      'before 21:15: even at rest in the fridge it starves after some weeks.',
    );
    expect(said(task('feed', [{ ...bug, culture: null }], -1, 3)).over).toBe('Starter “Nib”');
  });

  test('what is late is said as late: by how much, what became of it, and what to do', () => {
    expect(said(task('feed', [bug], -150, -144))).toMatchObject({
      because: '6 days late: its yeast starves and thins out. Feed it now; one to three feeds bring it back.',
      span: '6 days late.',
    });
    expect(said(task('bottle', [brew], -20, -3)).because).toBe(
      '3 hours late: drier, sourer and stronger by now. Taste it first; if it is too sour, cook with it.',
    );
    expect(said(task('feed', [bug], -9, -0.5)).because).toMatch(/^before /);
  });

  test('pitch: the dose that was planned', () => {
    expect(said(task('pitch', [brew], 0, 24))).toMatchObject({
      over: 'Mixed, not yet alive',
      title: 'Pitch 150 ml (10 tbsp) into Plum and bay',
      because: 'once it is below 30 °C, and before wild guests find the sugar.',
    });
    expect(said(task('pitch', [{ ...brew, recipe: null }], 0, 24)).title).toBe('Pitch Plum and bay');
  });

  test('tend: a stir, the lid, what steeps', () => {
    const tend = (reason: TaskReason) => said(task('tend', [brew], -1, 3, { reason }));
    expect(tend('stir')).toMatchObject({
      over: 'First ferment',
      title: 'Stir Plum and bay',
      because: 'before 21:15: what lies dry on top grows fuzz, and gas must find its way.',
    });
    expect(tend('vent').title).toBe('Lift the lid of Plum and bay');
    const both = (reason: TaskReason) =>
      said(task('tend', [brew, { ...brew, name: 'Quince' }], -2, 4, { reason })).title;
    expect([both('stir'), both('vent'), both('shake')]).toEqual([
      'Stir Plum and bay and Quince',
      'Lift the lids of Plum and bay and Quince',
      'Shake Plum and bay and Quince, and open their lids',
    ]);
    expect(tend('infusion')).toMatchObject({
      over: 'It steeps',
      title: 'Taste Plum and bay; strain out what steeps',
      because: 'by 21:15 at the latest: too long overwhelms.',
    });
  });

  test('chill: what must be done by bedtime says so', () => {
    const bed = new Date(2026, 4, 4, 22, 30).getTime();
    const until = (at: number, from: number) =>
      said({ ...task('chill', [bottles[0]!], from, 2), until: at }, answer('limit')).title;
    expect(until(bed, -2)).toBe('1: chill before bed');
    expect(until(bed + 24 * hourMs, -2)).toBe('1: chill before bed tomorrow');
    expect(until(bed + 48 * hourMs, 20)).toBe('1: chill from tomorrow 14:15, before bed Wed');
    expect(said(task('chill', bottles, -9, -1, { reason: 'do-not-handle' })).title).toBe('1: do not handle');
    expect(said(task('open', bottles, -9, 40, { reason: 'cold-do-not-handle' })).title).toBe(
      '1: leave it cold, do not handle',
    );
  });

  test('bottle and open: from when, or now', () => {
    expect(said(task('bottle', [brew], 3, 9)).title).toBe('Taste Plum and bay from 21:15');
    expect(said(task('bottle', [brew], -3, 9)).title).toBe('Taste Plum and bay; bottle it if you like it');
    expect(said(task('open', bottles, 20, 90))).toMatchObject({
      over: '2 bottles in the fridge',
      title: '1 settles until tomorrow 14:15',
      because:
        'at its best until about Fri 12:15: two days of cold let the gas dissolve, weeks make it drier.',
    });
    expect(said(task('open', bottles, -1, 90)).title).toBe('Open 1');
  });

  test('discard: no way round it', () => {
    expect(said(task('discard', [bug], -1, 0))).toMatchObject({
      over: 'Spoilt',
      title: 'Discard Nib',
      because: expect.stringContaining('Never skim and drink'),
    });
  });
});
