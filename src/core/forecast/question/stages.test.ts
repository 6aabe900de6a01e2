import type { LotEvent } from '../../lots/lot';
import type { Warmths } from '../../kitchen/places';
import { nothing } from '../../matter/substances';
import { endOf, jarEnd } from './family-members';
import { readingsWithin } from './lot-readings';
import { cooledFrom, coolingHours, liquidChange, soluteOf, stretchOf, vesselStateOf } from './lot-stages';
import { at, brew, happened, said, stages, start, warmths } from './stages.test-tool';

describe('a lot’s life in stages', () => {
  test('nothing happens: one stage, with its headspace', () => {
    const [only, ...rest] = stages(brew());
    expect(only).toEqual({
      hours: 24,
      celsius: 20,
      headspaceMl: 200,
      vessel: 'airlock',
      ventEveryHours: null,
      stirred: false,
      liquidMl: 800,
    });
    expect(rest).toEqual([]);
  });

  test('a word on the temperature cuts it, one of another place does not', () => {
    const told: Warmths = {
      counter: [...warmths.counter!, { at: at(6), celsius: 24 }],
      fridge: [{ at: at(8), celsius: 6 }],
    };
    expect(said(brew(), told)).toEqual(['6 h 20 °C airlock', '18 h 24 °C airlock']);
  });

  test('a thermometer that writes every minute cuts it hourly; two hundred words are all taken', () => {
    const every = (minutes: number, count: number): Warmths => ({
      counter: Array.from({ length: count }, (_, i) => ({
        at: at(0) + i * minutes * 60_000,
        celsius: 20 + (i % 7) / 2,
      })),
    });
    expect(stages(brew(), 0, 24, every(1, 1440))).toHaveLength(24);
    // Every seven minutes and a bit: 24 h of them are 199 changes after the first.
    expect(stages(brew(), 0, 24, every(7.2, 200))).toHaveLength(200);
    // The first change is that of minute 1; the third stage begins at minute 121: 20 + (121 mod 7)/2.
    expect(stages(brew(), 0, 24, every(1, 1440))[2]!.celsius).toBe(21);
  });

  test('carried to the fridge it is three hours in between', () => {
    expect(coolingHours).toBe(3);
    expect(said(brew([happened(10, { kind: 'moved', place: 'fridge' })]))).toEqual([
      '10 h 20 °C airlock',
      '3 h 12 °C airlock',
      '11 h 4 °C airlock',
    ]);
    expect(said(brew([happened(10, { kind: 'moved', place: 'counter' })]))).toEqual([
      '10 h 20 °C airlock',
      '3 h 20 °C airlock',
      '11 h 20 °C airlock',
    ]);
  });

  test('closed another way, it has another access to air', () => {
    expect(vesselStateOf).toEqual({
      cloth: 'open',
      'loose-lid': 'airlock',
      airlock: 'airlock',
      sealed: 'sealed',
    });
    expect(said(brew([happened(12, { kind: 'closed', closure: 'cloth' })]))).toEqual([
      '12 h 20 °C airlock',
      '12 h 20 °C open',
    ]);
    // A jar's lid domes and seeps: only what is made for pressure is sealed.
    const shut = brew([happened(12, { kind: 'closed', closure: 'sealed' })]);
    expect(said(shut)).toEqual(['12 h 20 °C airlock', '12 h 20 °C airlock']);
    expect(said({ ...shut, vessel: { kind: 'swing-top', ml: shut.vessel.ml } })[1]).toBe('12 h 20 °C sealed');
  });

  test('a vent ends its stage; two within a minute are one cut', () => {
    const vented = stages(
      brew([happened(5, { kind: 'vented', long: false }), happened(5.01, { kind: 'stirred' })]),
    );
    expect(vented.map(({ hours, ventEveryHours }) => [Number(hours.toFixed(2)), ventEveryHours])).toEqual([
      [5, 5],
      [19, null],
    ]);
  });

  test('what comes in is a share of what is then there, g a litre of it', () => {
    const lot = brew([happened(6, { kind: 'added', portions: [{ what: 'water', ml: 200 }], lostMl: 0 })]);
    const [before, after] = stages(lot);
    expect(before!.inflows).toBeUndefined();
    expect(after!.liquidMl).toBeCloseTo(800 + 199.96, 1);
    expect(after!.inflows).toHaveLength(1);
    expect(after!.inflows![0]!.share).toBeCloseTo(199.96 / 999.96, 4);
    expect(after!.inflows![0]!.sucrose).toBeCloseTo(10 / 0.19996, 2);
    expect(after!.headspaceMl).toBeCloseTo(1000 - 999.96, 0);
  });

  test('what is poured off leaves headspace; never less than nothing is left', () => {
    const contents = { liquid: { ...nothing, water: 500 }, solids: {} };
    const went = happened(6, { kind: 'went', to: null, contents, taken: 'liquid', index: 0 });
    expect(liquidChange(went)).toBeCloseTo(-500 / 0.998203, 6);
    expect(stages(brew([went]))[1]!.liquidMl).toBeCloseTo(800 - 500 / 0.998203, 6);
    const all = { ...went, contents: { liquid: { ...nothing, water: 5000 }, solids: {} } } as LotEvent;
    expect(stages(brew([all]))[1]!.liquidMl).toBe(1);
    expect(liquidChange(happened(1, { kind: 'stirred' }))).toBe(0);
    expect(liquidChange(happened(1, { kind: 'came', from: 'x', contents, index: 0 }))).toBeCloseTo(
      500 / 0.998203,
      6,
    );
    expect(
      liquidChange(happened(1, { kind: 'added', portions: [{ what: 'water', ml: 100 }], lostMl: 30 })),
    ).toBeCloseTo(99.98 - 30, 1);
  });

  test('what happened before only sets the scene', () => {
    const events = [
      happened(-5, { kind: 'moved', place: 'fridge' }),
      happened(-4, { kind: 'closed', closure: 'cloth' }),
    ];
    const stretch = stretchOf({
      lot: brew(events),
      from: at(0),
      to: at(24),
      afterEvent: 3,
      liquidMl: 300,
      warmths,
      reads: () => null,
      firstInflows: [{ ...soluteOf(nothing, 100), share: 0.5 }],
    });
    expect(stretch).toEqual([
      expect.objectContaining({ hours: 24, celsius: 4, vessel: 'open', liquidMl: 300, headspaceMl: 700 }),
    ]);
    expect(stretch[0]!.inflows).toHaveLength(1);
  });
});

test('solutes: g a litre, malt sugar as glucose; nothing in nothing', () => {
  expect(soluteOf({ ...nothing, sucrose: 5, glucose: 2, maltose: 1, citric: 0.5, ethanol: 4 }, 250)).toEqual({
    sucrose: 20,
    glucose: 12,
    fructose: 0,
    citric: 2,
    malic: 0,
    lactic: 0,
    acetic: 0,
    ethanol: 16,
    yeast: 0,
    lactics: 0,
    acetics: 0,
  });
  expect(soluteOf({ ...nothing, sucrose: 5 }, 0).sucrose).toBe(0);
});

test('readings within the hours of a forecast, what only tells of care or amounts left out', () => {
  const lot = brew([
    happened(-1, { kind: 'read', readings: [{ kind: 'foam', value: 'some' }] }),
    happened(3, {
      kind: 'read',
      readings: [
        { kind: 'sg', value: 1.03 },
        { kind: 'colour', value: 'odd' },
        { kind: 'grams', value: 40 },
        { kind: 'ml', value: 700 },
        { kind: 'smell', value: 'sour' },
      ],
    }),
    happened(30, { kind: 'read', readings: [{ kind: 'foam', value: 'good' }] }),
  ]);
  expect(readingsWithin(lot, start, 24)).toEqual([
    { kind: 'sg', value: 1.03, hour: 3 },
    { kind: 'smell', value: 'sour', hour: 3 },
  ]);
  expect(readingsWithin(lot, start, 30)).toHaveLength(3);
});

describe('where a forecast ends', () => {
  test('eight days ahead warm, four weeks cold, in half days; where the lot ended; never beyond 400 days', () => {
    expect(endOf(brew(), start, at(0))).toBe(at(8 * 24));
    expect(endOf(brew(), start, at(1))).toBe(at(12 + 8 * 24));
    expect(endOf(brew(), start, at(12))).toBe(at(12 + 8 * 24));
    expect(endOf(brew([], { place: 'fridge' }), start, at(13))).toBe(at(24 + 28 * 24));
    expect(endOf(brew([], { opened: { at: at(50), how: 'still', entryId: 'o' } }), start, at(99))).toBe(
      at(51),
    );
    expect(
      endOf(brew([], { ended: { at: at(40), how: 'drunk', why: '', entryId: 'o' } }), start, at(99)),
    ).toBe(at(41));
    expect(endOf(brew(), start, at(24 * 900))).toBe(at(24 * 400));
    // A tea mother’s fortnight and two days more, from its pitching; later the usual look ahead is the longer one.
    expect(endOf(brew(), start, at(0), 14)).toBe(at(16 * 24));
    expect(endOf(brew(), start, at(10 * 24), 14)).toBe(at(18 * 24));
  });

  test('a jar that everything left is followed an hour past its last pour', () => {
    const contents = { liquid: { ...nothing, water: 798 }, solids: {} };
    const drained = brew([happened(30, { kind: 'went', to: null, contents, taken: 'liquid', index: 0 })], {
      contents: { liquid: { ...nothing, water: 0.4 }, solids: {} },
    });
    expect(jarEnd(drained, start, at(48))).toBe(at(31));
    expect(jarEnd(brew(), start, at(0))).toBe(at(8 * 24));
    expect(jarEnd(drained, at(60), at(60))).toBe(at(61));
  });
});

describe('a liquid that begins warmer than its place', () => {
  const room = {
    hours: 24,
    celsius: 20,
    headspaceMl: 100,
    vessel: 'airlock',
    ventEveryHours: null,
    stirred: false,
  } as const;

  test('cools by Newton’s law in pieces: five litres from 40 °C in 2.8 hours to a third of the way', () => {
    const pieces = cooledFrom([{ ...room, stirredOnce: true }], 40, 5000);
    expect(pieces.map(({ hours }) => Number(hours.toFixed(2)))).toEqual([0.84, 1.12, 1.68, 2.52, 3.64, 14.2]);
    expect(pieces.reduce((sum, { hours }) => sum + hours, 0)).toBeCloseTo(24, 9);
    // Means of 20 + 20·e^(−t/2.8) over each piece.
    const mean = (from: number, to: number) => 20 + (20 * (Math.exp(-from) - Math.exp(-to))) / (to - from);
    const edges = [0, 0.3, 0.7, 1.3, 2.2, 3.5];
    pieces
      .slice(0, 5)
      .forEach(({ celsius }, i) => expect(celsius).toBeCloseTo(mean(edges[i]!, edges[i + 1]!), 9));
    expect(pieces[5]!.celsius).toBe(20);
    expect(pieces.map(({ stirredOnce }) => stirredOnce ?? false)).toEqual([
      true,
      false,
      false,
      false,
      false,
      false,
    ]);
  });

  test('a litre is quicker by the cube root; within three degrees it is as its place', () => {
    const pieces = cooledFrom([room], 34, 1000);
    expect(pieces[0]!.hours).toBeCloseTo(0.3 * 2.8 * Math.cbrt(0.2), 9);
    expect(cooledFrom([room], 23, 1000)).toEqual([room]);
    expect(cooledFrom([], 40, 1000)).toEqual([]);
    expect(cooledFrom([room], 4, 1000)[0]!.celsius).toBeLessThan(7);
  });

  test('a stir is felt in the stage after it, and only there', () => {
    const stirred = stages(brew([happened(5, { kind: 'stirred' })]));
    expect(stirred.map(({ hours, stirredOnce }) => [hours, stirredOnce ?? false])).toEqual([
      [5, false],
      [19, true],
    ]);
  });
});
