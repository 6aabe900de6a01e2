import type { LotStage } from '../scenario/ferment';
import { bottle, inflow, jar } from './run.test-tool';
import { planSteps, type Pace } from './step-plan';
import { stretch } from './stretch';
import { reportHours } from './time-table';

const hourly: Pace = { limit: 1, long: false };
const long: Pace = { limit: 1, long: true };
/** Stretches as rows of numbers: steps, hours of each, the row reached, hours since the last. */
const planned = (stages: readonly LotStage[], reports: readonly number[], pace = hourly, begun = 0) => {
  const { legs, stretches, gaps, reports: count } = planSteps(stages, reports, pace, begun);
  const rows = Array.from({ length: stretches.length / stretch.SIZE }, (_, i) => [
    ...stretches.subarray(i * stretch.SIZE, (i + 1) * stretch.SIZE),
  ]);
  return { legs: legs.map(({ stage: _, ...leg }) => leg), rows, gaps, count };
};

test('by the hour: a row at the start, then one after every step', () => {
  expect(planned([{ ...jar, hours: 3 }], [0, 1, 2, 3])).toEqual({
    legs: [{ from: 0, to: 4, burpsBefore: [], ends: 3 }],
    rows: [
      [0, 0, 0, Infinity],
      [1, 1, 1, 1],
      [1, 1, 2, 1],
      [1, 1, 3, 1],
    ],
    gaps: [],
    count: 4,
  });
});

test('a transfer between two rows parts a step; the row after it tells of the whole hour', () => {
  const { legs, rows } = planned(
    [
      { ...jar, hours: 1.5 },
      { ...bottle, hours: 1.5 },
    ],
    [0, 1, 2, 3],
  );
  expect(rows).toEqual([
    [0, 0, 0, Infinity],
    [1, 1, 1, 1],
    [1, 0.5, -1, 0],
    [1, 0.5, 2, 1],
    [1, 1, 3, 1],
  ]);
  expect(legs).toEqual([
    { from: 0, to: 3, burpsBefore: [], ends: 1.5 },
    { from: 3, to: 5, burpsBefore: [], ends: 3 },
  ]);
});

test('a row at a transfer is the one before it, and opens no second', () => {
  const { legs, rows } = planned(
    [
      { ...jar, hours: 1 },
      { ...bottle, hours: 1 },
    ],
    [0, 1, 2],
  );
  expect(rows.map(([, , row]) => row)).toEqual([0, 1, 2]);
  expect(legs.map(({ from, to }) => [from, to])).toEqual([
    [0, 2],
    [2, 3],
  ]);
});

test('a burp comes before the row of its hour, and between rows by itself', () => {
  const vented = { ...bottle, hours: 3, ventEveryHours: 1.5 };
  const { legs, rows } = planned([vented], [0, 1, 2, 3]);
  expect(rows).toEqual([
    [0, 0, 0, Infinity],
    [1, 1, 1, 1],
    [1, 0.5, -1, 0],
    [1, 0.5, 2, 1],
    [1, 1, -1, 0],
    [0, 0, 3, 1],
  ]);
  expect(legs[0]!.burpsBefore).toEqual([3, 5]);
});

test('steps are no longer than asked; hours that are asked later are gone through at once', () => {
  expect(planned([{ ...jar, hours: 1 }], [0, 1], { limit: 0.25, long: false }).rows).toEqual([
    [0, 0, 0, Infinity],
    [4, 0.25, 1, 1],
  ]);
  expect(planned([{ ...jar, hours: 30 }], [30]).rows).toEqual([[30, 1, 0, 30]]);
});

describe('long steps', () => {
  const of = (stage: Partial<LotStage>, begun = 0) => {
    const whole = { ...bottle, ...stage };
    return planned([whole], reportHours(whole.hours, 1), long, begun);
  };
  const stepsAt = ({ rows }: ReturnType<typeof of>) => [...new Set(rows.slice(1).map(([, hours]) => hours))];

  test('in a bottle two hours from the third day after the last sugar, four from the eighth', () => {
    const { rows, gaps } = of({ hours: 180 });
    // 72 hourly rows, then every second to hour 168, then every fourth.
    expect(rows).toHaveLength(1 + 72 + 48 + 3);
    expect(rows[73]).toEqual([1, 2, 74, 2]);
    expect(rows.at(-1)).toEqual([1, 4, 180, 4]);
    expect(gaps).toHaveLength(48 + 3);
    expect([gaps[0], gaps.at(-1)]).toEqual([
      { first: 73, end: 74 },
      { first: 177, end: 180 },
    ]);
  });

  test('in an unsealed jar two from the fourth day; sugar begins the days anew', () => {
    const { rows } = of({ vessel: 'open', hours: 100 });
    expect(rows.filter(([, hours]) => hours === 2)).toHaveLength(2);
    const fed = [
      { ...bottle, hours: 80 },
      { ...bottle, hours: 20, inflows: [inflow({ sucrose: 30 })] },
    ];
    const { rows: after } = planned(fed, reportHours(100, 1), long);
    expect(after.filter(([, hours]) => hours === 2)).toHaveLength(4);
  });

  test('in the cold four at once, but for the first after the transfer; after four weeks three', () => {
    const cold = of({ celsius: 8, hours: 13 });
    expect(cold.rows.slice(0, 3)).toEqual([
      [0, 0, 0, Infinity],
      [1, 1, 1, 1],
      [1, 4, 5, 4],
    ]);
    expect(stepsAt(of({ celsius: 8.1, hours: 13 }))).toEqual([1]);
    expect(stepsAt(of({ hours: 13 }, 24 * 28 - 13))).toEqual([1]);
    expect(stepsAt(of({ hours: 13 }, 24 * 28 + 1))).toEqual([1, 3]);
  });

  test('whether steps may grow is looked at afresh once a day', () => {
    // Nothing is reported for four days: the stretch of the third day is not gone through as the first was.
    expect(planned([{ ...bottle, hours: 96 }], [96], long).rows).toEqual([
      [24, 1, -1, 0],
      [24, 1, -1, 0],
      [24, 1, -1, 0],
      [12, 2, 0, 96],
    ]);
  });
});
