import type { LotAnswer } from '../forecast/answer/family-answer';
import { lotAsOf } from '../forecast/question/as-of';
import { ordinalScales } from '../forecast/ensemble/ordinal-scales';
import type { Lot, OpeningKind, TasteKind } from '../lots/lot';
import { calibrationOf, checkedOf, mishapOf, seasonOf, type MishapFacts } from './looking-back';
import { stepLevels } from './palate';
import { hourMs } from '../duration';
import { partOf, standIn } from '../part-of.test-tool';

const start = Date.UTC(2026, 3, 1);
const before = partOf<LotAnswer>({
  start,
  hours: [0, 50, 100],
  series: {
    gauge: [
      [0, 0, 0, 0, 0],
      [0.8, 1, 1.2, 1.4, 1.6],
      [9, 9, 9, 9, 9],
    ],
    sweet: [
      [0, 0, 0, 0, 0],
      [40, 45, 50, 55, 60],
      [9, 9, 9, 9, 9],
    ],
    fizz: [
      [0, 0, 0, 0, 0],
      [2, 2.2, 2.4, 2.6, 2.8],
      [9, 9, 9, 9, 9],
    ],
  },
});
const opened = (how: OpeningKind, scores: Partial<Record<TasteKind, number>> = {}): Lot =>
  partOf<Lot>({
    id: 'a',
    opened: { at: start + 60 * hourMs, how, entryId: 'e' },
    events: [
      {
        kind: 'read',
        at: start + 60 * hourMs,
        entryId: 'e',
        readings: Object.entries(scores).map(([kind, value]) => ({ kind: standIn<TasteKind>(kind), value })),
      },
    ],
  });

test('a word is a span; the band held when they meet', () => {
  const held = (how: OpeningKind, scores: Partial<Record<TasteKind, number>> = {}) =>
    checkedOf(opened(how, scores), before).map((each) => each.held);
  // Forecast 0.8–1.6 bar: a lively hiss is 0.7–2.2, a faint one 0.12–0.7, a gusher over 2.2.
  expect([held('still'), held('gentle'), held('lively'), held('gusher')]).toEqual([
    [false],
    [false],
    [true],
    [false],
  ]);
  // 40–60 g/L: a three is 32–55, a four 55–82, a two 15–32. 2–2.8 volumes: a three is 1.7–2.5, a five over 3.3.
  expect(held('lively', { sweet: 3, fizz: 3 })).toEqual([true, true, true]);
  expect(held('lively', { sweet: 2, fizz: 5 })).toEqual([true, false, false]);
  expect(checkedOf(opened('lively', { sweet: 4 }), before)[1]).toEqual({
    lotId: 'a',
    kind: 'sweet',
    band: [40, 50, 60],
    seen: [55, 82],
    held: true,
  });
  expect(checkedOf({ ...opened('lively'), opened: null }, before)).toEqual([]);
});

test('each level a palate knows lies within its step of the scale the forecast reads', () => {
  for (const kind of ['sweet', 'fizz'] as const)
    stepLevels[kind].forEach((level, i) => {
      expect(level).toBeGreaterThan([0, ...ordinalScales[kind].edges][i]!);
      expect(level).toBeLessThan([...ordinalScales[kind].edges, Infinity][i]!);
    });
  stepLevels.sour.forEach((level, i) => {
    expect(-level).toBeGreaterThan([-Infinity, ...ordinalScales.sour.edges][i]!);
    expect(-level).toBeLessThan([...ordinalScales.sour.edges, Infinity][i]!);
  });
});

test('nine times in ten? Wilson’s interval, by hand for 9 of 10 and none', () => {
  const nine = calibrationOf(Array.from({ length: 10 }, (_, i) => ({ held: i > 0 })));
  // z² = 2.706: (0.9 + 0.1353 ± 1.645·√(0.009 + 0.006765)) / 1.2706.
  expect(nine).toMatchObject({ held: 9, of: 10 });
  expect(nine.low).toBeCloseTo((1.0353 - 1.645 * Math.sqrt(0.015765)) / 1.2706, 3);
  expect(nine.high).toBeCloseTo((1.0353 + 1.645 * Math.sqrt(0.015765)) / 1.2706, 3);
  expect(calibrationOf([])).toEqual({ held: 0, of: 0, low: 0, high: 1 });
});

test('seasons by the calendar, and turned round in the south', () => {
  const months = Array.from({ length: 12 }, (_, month) => seasonOf(new Date(2026, month, 15).getTime()));
  expect(months.join(' ')).toBe(
    'winter winter spring spring spring summer summer summer autumn autumn autumn winter',
  );
  expect(seasonOf(new Date(2026, 0, 15).getTime(), true)).toBe('summer');
});

const facts: MishapFacts = {
  warmHours: 60,
  pulp: false,
  headspaceCm: 4,
  openedCold: true,
  volumes: 2.5,
  sugar: 40,
  wantedVolumes: 2.5,
  celsius: 21,
};
const causes = (how: OpeningKind, more: Partial<MishapFacts> = {}) =>
  mishapOf(opened(how), { ...facts, ...more })?.causes;

test('why a bottle gushed', () => {
  expect(causes('gusher', { openedCold: false, pulp: true })).toEqual(['opened-warm', 'pulp']);
  expect(causes('gusher', { volumes: 3.1, headspaceCm: 1.9 })).toEqual(['too-long-warm', 'too-full']);
  expect(causes('gusher')).toEqual(['too-long-warm']);
  expect(causes('gusher', { volumes: null })).toEqual(['too-long-warm']);
});

test('why a bottle was flat', () => {
  // It should have held gas: it leaked.
  expect(causes('still')).toEqual(['leaky']);
  expect(causes('still', { volumes: 0.9, sugar: 1, celsius: 15 })).toEqual([
    'no-sugar-left',
    'too-cold',
    'too-short',
  ]);
  expect(causes('still', { volumes: null, sugar: null })).toEqual(['leaky']);
  expect(causes('lively')).toBeUndefined();
});

test('a lot as it stood before it was opened knows nothing of that', () => {
  const lot = partOf<Lot>({
    ...opened('lively', { sweet: 3 }),
    begunAt: start,
    firstPlace: 'counter',
    firstClosure: 'sealed',
    place: 'warm-shelf',
    closure: 'cloth',
    ended: { at: start + 61 * hourMs },
    events: [
      { kind: 'moved', at: start + 20 * hourMs, entryId: 'm', place: 'fridge' },
      ...opened('lively').events,
      { kind: 'moved', at: start + 70 * hourMs, entryId: 'n', place: 'warm-shelf' },
    ],
  });
  const then = lotAsOf(lot, start + 60 * hourMs);
  expect(then).toMatchObject({ opened: null, ended: null, place: 'fridge', closure: 'sealed' });
  expect(then.events).toHaveLength(1);
  expect(lotAsOf(lot, start + 65 * hourMs).opened).not.toBeNull();
  // What was not there yet is given as it is.
  expect(lotAsOf(lot, start)).toBe(lot);
});
