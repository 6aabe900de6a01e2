import type { LotAnswer } from '@/core/forecast/family-answer';
import type { StarterAnswer } from '@/core/forecast/starter-answer';
import { firstKind } from '@/core/cultures/registry';
import { tableOf } from '@/core/journal/entry-table';
import type { Entry } from '@/core/journal/entry';
import type { Household } from '@/core/journal/household';
import { addPortions } from '@/core/lots/add';
import { emptyLot, type NewLot } from '@/core/lots/begin';
import type { Lot } from '@/core/lots/lot';
import type { Task } from '@/core/tasks/task';
import { entryWords } from './entry-words';
import { signSaid } from './names';
import { drawReason } from './draw-reason';
import { counterWords, keepingWords } from './keeping-words';
import { chillReason, drivers, livelyWord } from './reasons';
import { askedLook, lookWords } from './look-words';
import { moment } from './moment';
import { taskWords } from './task-words';

const now = new Date(2026, 4, 4, 18, 20).getTime();
const hourMs = 3_600_000;
const lot = (id: string, said: Partial<NewLot>): Lot =>
  addPortions(
    emptyLot(id, now, {
      role: 'brew',
      name: 'Plum and bay',
      vessel: { kind: 'jar', ml: 2000 },
      closure: 'airlock',
      place: 'counter',
      ...said,
    }),
    [{ what: 'water', ml: 500 }],
    { at: now, entryId: id },
  );
const bottle = (id: string, name: string) =>
  lot(id, { role: 'bottle', name, vessel: { kind: 'swing-top', ml: 750 }, closure: 'sealed' });
const brew = lot('brew', {
  recipe: { base: 'fruit', wantedVolumes: 2, planned: { lotId: 'bug', ml: 149.6 } },
});
const bug = lot('bug', { role: 'starter', name: 'Nib', culture: 'ginger-bug' });
const bottles = [bottle('b1', '1'), bottle('b2', '2')];
const household: Household = {
  lots: tableOf([brew, bug, ...bottles].map((each) => [each.id, each] as const)),
  warmths: { counter: [{ at: now - hourMs, celsius: 22.5 }] },
  kept: {},
};

const task = (
  verb: Task['verb'],
  lots: readonly Lot[],
  from: number,
  until: number,
  more: Partial<Task> = {},
): Task => ({
  id: 'x',
  verb,
  lots,
  portions: [],
  from: now + from * hourMs,
  until: now + until * hourMs,
  fromSoftHours: 1,
  untilSoftHours: 1,
  reason: '',
  ...more,
});
const answer = (closes: 'limit' | 'strength' | 'fizz' | 'beyond-forecast', reached = true) =>
  ({
    start: now,
    chill: { closes, reached, latest: 8 },
    wantedVolumes: 2.4,
    limitBar: 2.8,
    hours: [0, 6, 10],
    series: {
      fizz: [
        [0, 0, 1, 2, 3],
        [0, 0, 1.4, 2, 3],
        [0, 0, 1.8, 2, 3],
      ],
    },
  }) as unknown as LotAnswer;
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

  test('feed: the amounts, and why by then', () => {
    const portions = [
      { what: 'ginger', grams: 12 },
      { what: 'white-sugar', grams: 12 },
    ];
    expect(said(task('feed', [bug], -1, 3, { portions }))).toEqual({
      over: 'Ginger bug “Nib”',
      title: 'Feed 12 g (2 tbsp) fresh ginger and 12 g (1 tbsp) white sugar',
      because: 'before 21:15: its last feed is nearly eaten; fed now, it peaks for tomorrow.',
      span: 'Good from 17:15 until 21:15.',
    });
    expect(said(task('feed', [bug], -1, 3, { reason: 'resting' })).because).toBe(
      'before 21:15: even at rest in the fridge it starves after some weeks.',
    );
    expect(said(task('feed', [{ ...bug, culture: null }], -1, 3)).over).toBe('Starter “Nib”');
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
    const tend = (reason: string) => said(task('tend', [brew], -1, 3, { reason }));
    expect(tend('stir')).toMatchObject({
      over: 'First ferment',
      title: 'Stir Plum and bay',
      because: 'before 21:15: what lies dry on top grows fuzz, and gas must find its way.',
    });
    expect(tend('vent').title).toBe('Lift the lid of Plum and bay');
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

describe('why', () => {
  test('a chill window closes by what its maker accepts, and says which it was', () => {
    expect(chillReason(answer('strength'), 'swing-top', 24)).toBe(
      'at 24.0 °C the chance that one of the batch bursts reaches 1 in 200 then, what you accept of glass this old.',
    );
    expect(chillReason(answer('strength'), 'swing-top', 24, false)).toMatch(/reaches 1 in 50 then/);
    expect(chillReason(answer('limit'), 'swing-top', 24)).toMatch(
      /^at 24\.0 °C one batch in twenty passes 2\.8 bar/,
    );
    expect(chillReason(answer('limit'), 'swing-top', 24, false)).toMatch(
      /^at 24\.0 °C half of such batches pass 2\.8 bar/,
    );
  });

  test('a chill window closes for one of three reasons', () => {
    expect(chillReason(answer('limit', false), 'swing-top', 24)).toBe(
      'at 24.0 °C one in twenty is past 2.8 bar then, though it likely holds only 1.6 of the 2.4 volumes wanted: chilled in time and on the flat side, or look again before.',
    );
    expect(chillReason(answer('fizz'), 'swing-top', 24)).toBe(
      'at 24.0 °C it passes 3.0 volumes then, a quarter more than you want.',
    );
    expect(chillReason(answer('beyond-forecast'), 'swing-top', 24)).toBe(
      'at 24.0 °C it stays under the limit as far as the forecast looks.',
    );
    expect(chillReason({ chill: null } as LotAnswer, 'jar', 24)).toBe('');
  });

  const cold = (closes: 'limit' | 'fizz' | 'beyond-forecast', openBy: number, more: object = {}) =>
    ({
      start: now,
      wantedVolumes: 2.5,
      limitBar: 2.8,
      keeping: {
        openBy,
        closes,
        chanceAtEnd: 0.034,
        counter: {
          celsius: 22.5,
          limitHours: [5.2, 60],
          gaugeAfterDay: [2.1, 3.2, 3.6, 4.1, 4.9],
          ...more,
        },
      },
    }) as unknown as LotAnswer;

  test('a chilled bottle: by when to open it, in the evening before when it is days off', () => {
    // 18:15 and 200 hours is a quarter past two at night: the evening before.
    expect(keepingWords(cold('limit', 200), now)).toEqual({
      title: `Open by ${moment(new Date(now + 176 * 3_600_000).setHours(20, 0, 0, 0), now)}`,
      because: 'even cold it goes on: by then one in twenty like it is past the 2.8 bar it is good for.',
    });
    expect(keepingWords(cold('limit', -3), now)).toEqual({
      title: 'Open it soon, cold and slowly',
      because: 'even cold it goes on: by now one in twenty like it is past the 2.8 bar it is good for.',
    });
    expect(keepingWords(cold('fizz', 20), now)!.because).toMatch(
      /it likely holds 3\.8 volumes, half as much again/,
    );
    expect(keepingWords(cold('beyond-forecast', 20), now)!.because).toBe(
      'it goes on slowly; the chance that it passes 2.8 bar by then is about 3 %.',
    );
    expect(keepingWords({ ...cold('fizz', 2), keeping: null } as LotAnswer, now)).toBeNull();
  });

  test('back on the counter: what it comes to and when it is past its limit, before it is moved', () => {
    expect(counterWords(cold('fizz', 20))).toEqual({
      text: 'Back at 22.5 °C it would come to about 3.6 bar within a day, perhaps 2.1, perhaps 4.9. One in twenty like it is past the 2.8 bar it is good for after 5 hours, half of them after 3 days.',
      danger: true,
    });
    expect(counterWords(cold('fizz', 20, { limitHours: [0, Infinity] }))!.text).toMatch(
      /as soon as it is warm\.$/,
    );
    expect(counterWords(cold('fizz', 20, { limitHours: [Infinity, Infinity] }))).toMatchObject({
      text: expect.stringMatching(/It stays under 2\.8 bar for four days there\.$/),
      danger: false,
    });
    expect(counterWords(cold('fizz', 20, { limitHours: [72, Infinity] }))!.danger).toBe(false);
  });

  test('the one look asked for: telling, awake, before the window closes', () => {
    const look = (hour: number, gain: number, decides: [number, number] = [5, 20]) => ({
      kind: 'squeeze' as const,
      hour,
      gain,
      decides,
    });
    const asked = (looks: readonly object[], latest = 40) =>
      askedLook({ start: now, chill: { latest }, looks } as unknown as LotAnswer, now);
    // It is a quarter past six in the evening: in 2 hours somebody is up, in 8 nobody is.
    expect(asked([look(2, 0.2), look(8, 0.5), look(16, 0.4)])).toMatchObject({ hour: 16 });
    expect(asked([look(2, 0.2), look(16, 0.4)], 10)).toMatchObject({ hour: 2 });
    expect(asked([look(2, 0.14)])).toBeNull();
    expect(asked([look(2, 0.5, [5, 8])])).toBeNull();
    expect(asked([look(-4, 0.5)])).toBeNull();
    // Closed already: then now, whatever the hour.
    expect(asked([look(0, 0.3)], -1)).toMatchObject({ hour: 0 });
    expect(lookWords(look(16, 0.4), bottles[0]!, { start: now } as LotAnswer, now)).toBe(
      `Squeeze bottle 1 tomorrow 10:15: it decides between 23:15 and tomorrow 14:15.`,
    );
    expect(lookWords({ ...look(0, 0.4), kind: 'sweet' }, brew, { start: now } as LotAnswer, now)).toMatch(
      /^Sip Plum and bay now: /,
    );
  });

  test('what a forecast was driven by, with its readings counted', () => {
    expect([drivers(22.46, 91.6, 0), drivers(22.4, 91, 1), drivers(22.4, 91, 4)]).toEqual([
      'Driven by 22.5 °C, 92 g/L of sugar and the starter; no reading yet, so the range is wide.',
      'Driven by 22.4 °C, 91 g/L of sugar and the starter; 1 reading.',
      'Driven by 22.4 °C, 91 g/L of sugar and the starter; 4 readings.',
    ]);
  });

  const starter = (opens: StarterAnswer['opens'], middle: number) =>
    ({ opens, now: [0, 0, middle, 1, 1] }) as unknown as StarterAnswer;

  test('a new jar takes its days, more of them in the cold', () => {
    expect(drawReason(starter('ripening', 0), firstKind, 22)).toBe(
      'a new ginger bug takes 3 to 7 days at 22 °C; at 22.0 °C about 3 to 7 in all, fed as it should be.',
    );
    // At 18 °C a bug lives at (18−42)·16²/(32·(32·(−16)+8·0)) = 0.375 of its best, at 22 °C at 0.558: 1.49 times the days.
    expect(drawReason(starter('ripening', 0), firstKind, 18)).toContain('about 4 to 10 in all');
    expect(drawReason(starter('resting', 0), firstKind, 22)).toContain('regrows for a day');
    expect(drawReason(starter('waking', 0), firstKind, 22)).toContain(
      'wakes with a feed and warmth; at 22.0 °C',
    );
    expect(drawReason(starter('open', 0), firstKind, 22)).toContain('lively until its last feed is eaten');
  });

  test('liveliness in a word', () => {
    const word = (middle: number, opens: StarterAnswer['opens'] = 'waking') =>
      livelyWord(starter(opens, middle), false);
    expect([
      word(0.85),
      word(0.84),
      word(0.6),
      word(0.59),
      word(0.35),
      word(0.34),
      word(0.5, 'ripening'),
    ]).toEqual(['at its liveliest', 'lively', 'lively', 'tiring', 'tiring', 'hungry', 'ripening']);
    expect([livelyWord(null, false), livelyWord(null, true)]).toEqual([
      'being reckoned',
      'resting in the fridge',
    ]);
  });
});

describe('entries the demo does not have', () => {
  const stamp = { id: 'e'.repeat(17), at: now, offset: 60, version: 2 } as const;
  const words = (entry: object, seenFrom?: string) =>
    entryWords({ ...stamp, ...entry } as Entry, household, seenFrom);

  test.each([
    [{ kind: 'stirred', lots: ['brew'] }, 'Stirred: Plum and bay'],
    [{ kind: 'vented', lots: ['b1'], long: false }, 'Burped: Bottle 1'],
    [{ kind: 'vented', lots: ['b1'], long: true }, 'Vented until still: Bottle 1'],
    [{ kind: 'closed', lots: ['brew'], closure: 'loose-lid' }, 'Closed: loose lid: Plum and bay'],
    [{ kind: 'ended', lots: ['brew'], how: 'given', why: 'to Ida' }, 'Given away: to Ida'],
    [{ kind: 'ended', lots: ['brew'], how: 'eaten', why: '' }, 'Eaten'],
    [{ kind: 'step-taken', lotId: 'brew', step: 'Strain', done: false }, 'Brew day: Strain, skipped'],
    [{ kind: 'step-taken', lotId: 'brew', step: 'Strain', done: true }, 'Brew day: Strain'],
    [{ kind: 'noted', lotId: null, text: 'Cloudy' }, 'Cloudy'],
    [{ kind: 'pictured', lotId: 'brew', sha256: '' }, 'A photo'],
    [{ kind: 'kept', thing: 'person', key: 'ida', value: { name: 'Ida' } }, 'Person “ida”'],
    [{ kind: 'kept', thing: 'stock', key: 'tea', value: null }, 'Stock “tea” taken out'],
    [{ kind: 'amended', targetId: 'x', patch: {} }, 'A correction'],
    [{ kind: 'undone', targetId: 'x' }, 'Taken back'],
    [{ kind: 'measured', lotId: 'brew', quantity: 'gaugeBar', value: 1.24 }, 'Gauge 1.2 bar'],
    [{ kind: 'measured', lotId: 'brew', quantity: 'sg', value: 1.0304 }, 'Specific gravity 1.030'],
    [{ kind: 'measured', lotId: 'brew', quantity: 'ml', value: 450 }, 'Level 450 ml'],
    [
      { kind: 'tasted', lotId: 'brew', sweet: 4, liking: 5, by: 'Ida' },
      'Tasted: sweet 4 of 5, liking 5 of 5, by Ida',
    ],
    [{ kind: 'opened', lotId: 'b1', how: 'gusher' }, 'Opened, gusher'],
    [
      { kind: 'observed', lotId: 'bug', signs: { foam: 'good', smell: 'yeasty' } },
      'Looked: good foam, smell yeasty',
    ],
  ])('%j is “%s”', (entry, sentence) => expect(words(entry)).toBe(sentence));

  const poured = (more: object) => ({
    kind: 'transferred',
    from: 'bug',
    taken: 'liquid',
    targets: [{ lotId: 'brew', ml: 120 }],
    ...more,
  });

  test('a transfer, told from where one stands', () => {
    expect(words(poured({}))).toBe('120 ml (8 tbsp) drawn to Plum and bay');
    expect(words(poured({ celsius: 27.5 }), 'brew')).toBe('120 ml (8 tbsp) drawn from Nib at 27.5 °C');
    expect(
      words(
        poured({ targets: [{ lotId: 'brew', ml: 120, portions: [{ what: 'white-sugar', grams: 4 }] }] }),
        'brew',
      ),
    ).toBe('120 ml (8 tbsp) drawn from Nib, with 4 g (1 tsp) white sugar');
    expect(words(poured({ taken: 'solids', targets: [{ lotId: 'brew', grams: 30 }, {}] }))).toBe(
      '30 g of solids moved to Plum and bay; all of it of solids thrown out',
    );
    expect(words(poured({ taken: 'sediment' }))).toBe('120 ml (8 tbsp) of sediment to Plum and bay');
    expect(words(poured({ targets: [{ ml: 90 }] }))).toBe('90 ml (6 tbsp) poured away');
    expect(words(poured({ taken: 'everything' }))).toBe('120 ml (8 tbsp) ladled to Plum and bay');
  });

  test('bottles filled: alike they are counted with their kind, unlike only counted; a dose is said', () => {
    const filled = (ml: number, portions?: object[]) => ({
      begin: {
        role: 'bottle',
        name: '1',
        vessel: { kind: 'swing-top', ml },
        closure: 'sealed',
        place: 'counter',
      },
      ml: 480,
      ...(portions ? { portions } : {}),
    });
    const dose = [{ what: 'honey', grams: 5 }];
    expect(words(poured({ targets: [filled(500, dose), filled(500, dose)] }))).toBe(
      'Bottled 2 × 500 ml, swing-top, pressure-rated, each with 5 g (¾ tsp) honey',
    );
    expect(words(poured({ targets: [filled(500), filled(750)] }))).toBe('Bottled 2 bottles');
  });

  test('a sign says its name unless its word does', () => {
    expect([
      signSaid('foam', 'none'),
      signSaid('foam', 'some'),
      signSaid('lid', 'domed'),
      signSaid('smell', 'odd'),
    ]).toEqual(['foam flat', 'some foam', 'lid domed', 'smell odd']);
  });
});
