import type { LotEvent } from '../../lots/lot';
import type { Warmths } from '../../kitchen/places';
import { liquidChange, soluteOf, stretchOf } from './lot-stages';
import { solidsMl } from '../../matter/contents';
import { portionsContents } from '../../matter/portion';
import { nothing } from '../../matter/substances';
import { at, brew, happened, said, stages, warmths } from './stages.test-tool';

const moved = (hour: number, place: string) => happened(hour, { kind: 'moved', place });
const water = (hour: number, ml: number, lostMl = 0) =>
  happened(hour, { kind: 'added', portions: [{ what: 'water', ml }], lostMl });

describe('where a lot’s life is cut', () => {
  test('what comes after the stretch, or as it ends, is none of its business', () => {
    const lot = brew([water(24, 50), moved(30, 'fridge')]);
    expect(said(lot)).toEqual(['24 h 20 °C airlock']);
    expect(stages(lot, 0, 31).map(({ hours, liquidMl }) => [hours, Math.round(liquidMl!)])).toEqual([
      [24, 800],
      [6, 850],
      [1, 850],
    ]);
  });

  test('carried twice within three hours: cuts fall in the order of time', () => {
    const lot = brew([moved(4, 'fridge'), moved(5, 'counter')]);
    // To the fridge an hour, in between 12 °C; back again three hours at as much.
    expect(said(lot)).toEqual([
      '4 h 20 °C airlock',
      '1 h 12 °C airlock',
      '2 h 12 °C airlock',
      '1 h 12 °C airlock',
      '16 h 20 °C airlock',
    ]);
  });

  test('put where it stands already, nothing settles', () => {
    const lot = brew([moved(6, 'fridge'), moved(14, 'fridge')]);
    expect(said(lot).slice(2)).toEqual(['5 h 4 °C airlock', '3 h 4 °C airlock', '7 h 4 °C airlock']);
  });

  test('a place that grew warmer cuts only while the lot stands there', () => {
    const told: Warmths = {
      counter: [...warmths.counter!, { at: at(16), celsius: 24 }],
      fridge: [
        { at: at(-50), celsius: 4 },
        { at: at(5), celsius: 6 },
        { at: at(18), celsius: 8 },
      ],
    };
    expect(said(brew([moved(10, 'fridge')]), told)).toEqual([
      '10 h 20 °C airlock',
      '3 h 13 °C airlock',
      '5 h 6 °C airlock',
      '6 h 8 °C airlock',
    ]);
  });

  test('a settling that ends with the stretch, or beyond it, cuts nothing', () => {
    expect(said(brew([moved(21, 'fridge')]))).toEqual(['21 h 20 °C airlock', '3 h 12 °C airlock']);
    expect(said(brew([moved(23, 'fridge')]))).toEqual(['23 h 20 °C airlock', '1 h 12 °C airlock']);
  });

  test('a vent counts in the stage it ends, and in no other', () => {
    const vented = stages(
      brew([
        happened(5, { kind: 'stirred' }),
        happened(9, { kind: 'vented', long: false }),
        happened(13, { kind: 'tasted' }),
      ]),
    );
    expect(
      vented.map(({ hours, ventEveryHours, stirredOnce }) => [hours, ventEveryHours, stirredOnce]),
    ).toEqual([
      [5, null, undefined],
      [4, 4, true],
      [4, null, undefined],
      [11, null, undefined],
    ]);
  });

  test('before its first hour an event counts from that hour on', () => {
    const lot = brew([water(2, 100), happened(3, { kind: 'closed', closure: 'cloth' })]);
    const [only, ...rest] = stages(lot, 6, 12);
    expect(rest).toEqual([]);
    expect(only).toMatchObject({ hours: 6, vessel: 'open' });
    expect(only!.liquidMl).toBeCloseTo(900, 0);
    expect(only!.inflows).toHaveLength(1);
  });
});

describe('what is in the vessel', () => {
  test('a level that was measured says how much was found, more or less', () => {
    const read = (foundMl?: number) =>
      happened(6, { kind: 'read', readings: [], ...(foundMl === undefined ? {} : { foundMl }) });
    expect([read(-120), read(40), read()].map(liquidChange)).toEqual([-120, 40, 0]);
    expect(stages(brew([read(-120)])).map(({ liquidMl, headspaceMl }) => [liquidMl, headspaceMl])).toEqual([
      [800, 200],
      [680, 320],
    ]);
  });

  test('solids take of the headspace, and never leave less than none', () => {
    const { contents } = brew();
    const heaped = (grams: number) => ({
      ...contents,
      solids: portionsContents([{ what: 'ginger', grams }]).solids,
    });
    const headspace = (grams: number) => stages(brew([], { contents: heaped(grams) }))[0]!.headspaceMl;
    const of60 = solidsMl(heaped(60));
    expect(of60).toBeGreaterThan(20);
    expect(headspace(60)).toBeCloseTo(200 - of60, 1);
    expect(headspace(900)).toBe(0);
  });

  test('what comes dry brings nothing of a liquid; what comes alone fills its share', () => {
    const seen: LotEvent[] = [];
    const reads = (event: LotEvent, ml: number) => {
      seen.push(event);
      return soluteOf({ ...nothing, sucrose: 20 }, ml);
    };
    const dry = happened(3, { kind: 'added', portions: [{ what: 'ginger', grams: 0 }], lostMl: 0 });
    const ask = { from: at(0), to: at(6), afterEvent: 1, liquidMl: 1, warmths, reads };
    expect(stretchOf({ lot: brew([dry]), ...ask }).some(({ inflows }) => inflows)).toBe(false);
    expect(seen).toEqual([]);
    const came = happened(3, {
      kind: 'came',
      from: 'x',
      index: 0,
      contents: { liquid: { ...nothing, water: 998.203 }, solids: {} },
    });
    const [, after] = stretchOf({ lot: brew([came]), ...ask });
    expect(after!.liquidMl).toBeCloseTo(1001, 3);
    expect(after!.inflows![0]).toMatchObject({
      share: expect.closeTo(1000 / 1001, 6),
      sucrose: expect.closeTo(20, 6),
    });
  });
});
