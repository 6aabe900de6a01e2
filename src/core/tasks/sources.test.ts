import type { LotAnswer, LotSeries } from '../forecast/answer/family-answer';
import type { StarterAnswer } from '../forecast/starter/starter-answer';
import { mapOf } from '../journal/persistent-map';
import { addPortions } from '../lots/add';
import { emptyLot } from '../lots/begin';
import type { Lot, LotEvent } from '../lots/lot';
import { agenda } from './agenda';
import { type TaskAsk } from './task';
import { hourMs } from '../duration';
import { partOf } from '../part-of.test-tool';
import { type NewLot } from '../lots/records/new-lot';

const now = Date.UTC(2026, 5, 1, 12);
const at = (hour: number) => now + hour * hourMs;

const lotOf = (id: string, said: Partial<NewLot>, more: Partial<Lot> = {}): Lot => {
  const begun = addPortions(
    emptyLot(id, at(-100), {
      role: 'brew',
      name: id,
      vessel: { kind: 'jar', ml: 2000 },
      closure: 'cloth',
      place: 'counter',
      ...said,
    }),
    [
      { what: 'water', ml: 500 },
      { what: 'white-sugar', grams: 25 },
    ],
    { at: at(-100), entryId: id },
  );
  return { ...begun, ...more, events: [...begun.events, ...(more.events ?? [])] };
};

const yeast: LotEvent = {
  kind: 'added',
  at: at(-90),
  entryId: 'y',
  lostMl: 0,
  portions: [{ what: 'ale-yeast', grams: 1 }],
};

/** Asks for the agenda of some lots, with answers written by hand. */
function ask(
  lots: readonly Lot[],
  answers: Record<string, Partial<LotAnswer>> = {},
  starter: Partial<StarterAnswer> | null = null,
) {
  const asked: TaskAsk = {
    household: { lots: mapOf(lots.map((lot) => [lot.id, lot] as const)), warmths: {}, settings: {} },
    living: lots,
    lotAnswer: (id) => (answers[id] as LotAnswer) ?? null,
    starterAnswer: () => starter as StarterAnswer | null,
    now,
  };
  return agenda(asked);
}

const chill = (latest: number, more: object = {}) => ({
  start: at(0),
  chill: {
    earliest: latest - 10,
    best: latest - 5,
    latest,
    earliestSpread: 3,
    latestSpread: 6,
    closes: 'limit' as const,
    limitHour: latest,
    failureHour: Infinity,
    reached: true,
    ...more,
  },
});
const bottle = (id: string, more: Partial<Lot> = {}) =>
  lotOf(id, { role: 'bottle', vessel: { kind: 'swing-top', ml: 750 }, closure: 'sealed' }, more);

describe('warm bottles', () => {
  test('are chilled within their window, with its soft edges', () => {
    expect(ask([bottle('a')], { a: chill(9) })).toEqual([
      expect.objectContaining({
        id: 'chill-a',
        verb: 'chill',
        from: at(-1),
        until: at(9),
        fromSoftHours: 3,
        untilSoftHours: 6,
        portions: [],
        reason: 'limit',
      }),
    ]);
  });

  test('what would close at night closes before bed; in the night itself it is what it is', () => {
    expect(ask([bottle('a')], { a: chill(15) })[0]).toMatchObject({ from: at(5), until: at(9.5) });
    // Wholly in the night: it is met in the last hour and a half before it.
    expect(ask([bottle('a')], { a: chill(14, { earliest: 12 }) })[0]).toMatchObject({
      from: at(8),
      until: at(9.5),
    });
  });

  test('past what their glass may bear, say so instead of a window', () => {
    const hours = [0, 1, 2];
    const gauge = hours.map(() => [2, 2.5, 3, 3.5, 4] as const);
    const over = {
      ...chill(9),
      hours,
      limitBar: 2.8,
      series: partOf<LotSeries>({ gauge }),
      pressure: { passes: [], failure: [0, 0, 0] },
    };
    expect(ask([bottle('a')], { a: over })[0]!.reason).toBe('do-not-handle');
    const cold = bottle('a', { place: 'fridge' });
    expect(ask([cold], { a: { ...over, chill: null } })[0]!.reason).toBe('cold-do-not-handle');
    expect(ask([bottle('a')], { a: { ...over, limitBar: 3.5 } })[0]!.reason).toBe('limit');
  });

  test('say when the limit comes before the fizz, and when the fizz itself closes', () => {
    const reason = (more: object) => ask([bottle('a')], { a: chill(20, more) })[0]!.reason;
    expect([
      reason({ reached: false }),
      reason({ closes: 'fizz', reached: false }),
      reason({ closes: 'beyond-forecast' }),
    ]).toEqual(['limit-before-fizz', 'fizz', 'beyond-forecast']);
  });

  test('are one errand when a family’s windows close within four hours, and two beyond', () => {
    const root = lotOf('root', {}, { events: [yeast] });
    const of = (id: string) => bottle(id, { events: [] });
    const drawn = (id: string): Lot => ({
      ...of(id),
      events: [
        { kind: 'came', at: at(-20), entryId: 'p', from: 'root', contents: of(id).contents, index: 0 },
      ],
    });
    const [a, b, c] = [drawn('a'), drawn('b'), drawn('c')];
    const tasks = ask([root, a, b, c], { a: chill(20), b: chill(23.9), c: chill(24.1) });
    expect(tasks.map(({ lots }) => lots.map(({ id }) => id))).toEqual([['a', 'b'], ['c']]);
    // Strangers are never one errand.
    expect(ask([bottle('x'), bottle('y')], { x: chill(20), y: chill(21) })).toHaveLength(2);
  });

  test('in the fridge, or without an answer, ask for nothing of the kind', () => {
    expect(ask([bottle('a')])).toEqual([]);
    expect(ask([bottle('a')], { a: { start: at(0), chill: null } })).toEqual([]);
    const cold = bottle('a', { place: 'fridge' });
    expect(ask([cold], { a: chill(20) }).map(({ verb }) => verb)).toEqual(['open']);
  });
});

describe('cold bottles', () => {
  const moved = (hour: number): LotEvent => ({ kind: 'moved', at: at(hour), entryId: 'm', place: 'fridge' });
  const cold = (id: string, hour: number) => bottle(id, { place: 'fridge', events: [moved(hour)] });

  test('are opened from two days in the cold until the evening before two weeks are over', () => {
    expect(ask([cold('a', -30)])).toEqual([
      expect.objectContaining({
        id: 'open-a',
        from: at(18),
        // Fourteen days after thirty hours ago is the morning of the fourteenth.
        until: new Date(2026, 5, 13, 20).getTime(),
        fromSoftHours: 12,
        untilSoftHours: 72,
        reason: 'settled',
      }),
    ]);
  });

  test('lie beyond Today when they settle more than two days from now', () => {
    expect(ask([cold('a', -1)])).toHaveLength(1);
    expect(ask([cold('a', 1)])).toEqual([]);
  });
});

describe('brews', () => {
  test('mixed and lifeless: pitch within a day, or now when it stood longer', () => {
    const [fresh] = ask([lotOf('b', {}, { begunAt: at(-5) })]);
    expect(fresh).toMatchObject({
      id: 'pitch-b',
      from: at(-5),
      until: at(19),
      fromSoftHours: 0.5,
      untilSoftHours: 8,
      reason: 'mixed',
    });
    expect(ask([lotOf('b', {})])[0]).toMatchObject({ from: at(-100), until: now });
  });

  test('fermenting: bottle within the window of its sweetness, unless it rests in the fridge', () => {
    const taste = { earliest: 6, best: 10, latest: 16, earliestSpread: 2, latestSpread: 5 };
    const answer = { b: { start: at(-2), taste } };
    const living = lotOf('b', {}, { events: [yeast] });
    expect(ask([living], answer)).toEqual([
      expect.objectContaining({
        id: 'bottle-b',
        from: at(4),
        // The last moment awake before it.
        until: at(9.5),
        fromSoftHours: 2,
        untilSoftHours: 5,
        reason: 'sweetness',
      }),
    ]);
    expect(ask([living])).toEqual([]);
    expect(ask([{ ...living, place: 'fridge' }], answer)).toEqual([]);
  });

  test('under a closed lid: chilled in its jar, by its window or by its taste', () => {
    const taste = { earliest: 6, best: 10, latest: 16, earliestSpread: 2, latestSpread: 5 };
    const tasteRule = {
      kind: 'sweet' as const,
      hour: 8,
      worth: 0.9,
      branches: [{ result: '2', chance: 0.6, next: 'act' as const, hour: 8 }],
    };
    const closed = lotOf('b', {}, { events: [yeast], closure: 'sealed' });
    const bottling = (lot: Lot) =>
      ask([lot], { b: { start: at(-2), taste, tasteRule } }).find(({ verb }) => verb === 'bottle');
    const task = bottling(closed);
    expect(task).toMatchObject({ id: 'bottle-b', reason: 'closed-jar', from: at(4) });
    expect(task!.rule).toMatchObject({ then: 'chill', at: at(6) });
    expect(bottling({ ...closed, closure: 'airlock' })!.rule).toMatchObject({ then: 'bottle', at: at(6) });
  });
});

describe('jars', () => {
  const jar = (more: Partial<Lot> = {}) => lotOf('j', { role: 'starter', culture: 'ginger-bug' }, more);
  const feed = { earliest: 3, best: 8, latest: 12, earliestSpread: 2, latestSpread: 4 };

  test('are fed within the window of their hunger, with what their level wants', () => {
    const [task] = ask([jar()], {}, { start: at(-1), feed });
    expect(task).toMatchObject({
      id: 'feed-j',
      from: at(2),
      // The last moment awake before it.
      until: at(9.5),
      fromSoftHours: 2,
      untilSoftHours: 4,
      reason: 'hungry',
    });
    // Begun with 500 ml and 25 g: marked at 515 ml; three per cent of it each.
    expect(task!.portions).toEqual([
      { what: 'ginger', grams: expect.any(Number) },
      { what: 'white-sugar', grams: expect.any(Number) },
    ]);
    expect(task!.portions.every(({ grams }) => Math.abs(grams! - 0.03 * 515) < 1)).toBe(true);
    expect(ask([jar()])).toEqual([]);
  });

  test('resting in the fridge: within the last week of the four they last', () => {
    const weekMs = 7 * 24 * hourMs;
    const rested = jar({ place: 'fridge', begunAt: now - 3.5 * weekMs });
    const old = { ...rested, events: rested.events.map((event) => ({ ...event, at: now - 3.5 * weekMs })) };
    expect(ask([old])).toEqual([
      expect.objectContaining({
        reason: 'resting',
        // One at night, so from seven on, and until half past ten the evening before.
        from: now - 0.5 * weekMs + 6 * hourMs,
        until: now + 0.5 * weekMs - 2.5 * hourMs,
        fromSoftHours: 48,
        untilSoftHours: 96,
      }),
    ]);
  });

  test('of a kind that is never fed ask for nothing', () => {
    expect(ask([lotOf('w', { role: 'starter', culture: 'whey' })], {}, { start: at(0), feed })).toEqual([]);
    expect(ask([lotOf('n', { role: 'starter', culture: null })], {}, { start: at(0), feed })).toEqual([]);
  });
});

test('order: what is spoilt, then pressure, then everything by closing time; beyond two days nothing', () => {
  const fuzzy: LotEvent = {
    kind: 'read',
    at: at(-1),
    entryId: 'f',
    readings: [{ kind: 'film', value: 'fuzzy' }],
  };
  const sour: LotEvent = {
    kind: 'read',
    at: at(-1),
    entryId: 'f',
    readings: [{ kind: 'smell', value: 'sour' }],
  };
  const lots = [
    lotOf('mixed', {}, { begunAt: at(-5), events: [sour] }),
    lotOf('jar', { role: 'starter', culture: 'ginger-bug' }),
    bottle('near'),
    bottle('soon'),
    bottle('far'),
    lotOf('bad', { role: 'starter', culture: 'whey' }, { events: [fuzzy] }),
  ];
  const tasks = ask(
    lots,
    { near: chill(40), soon: chill(30), far: chill(60) },
    { start: at(0), feed: { earliest: 1, best: 2, latest: 3, earliestSpread: 1, latestSpread: 1 } },
  );
  expect(tasks.map(({ id }) => id)).toEqual([
    'discard-bad',
    'chill-soon',
    'chill-near',
    'feed-jar',
    'pitch-mixed',
  ]);
  expect(tasks[0]).toMatchObject({
    from: at(-1),
    until: now,
    fromSoftHours: 1,
    untilSoftHours: 1,
    reason: 'spoilt',
    portions: [],
  });
});
