import { knownCultures } from '../../cultures/registry';
import { addPortions } from '../../lots/add';
import { emptyLot } from '../../lots/begin';
import type { Lot, LotEvent } from '../../lots/lot';
import type { Closure } from '../../vessels/vessel-kinds';
import { strengthOf } from '../../vessels/strength';
import { isUnderPressure, lotAsk } from './lot-ask';
import { hourMs } from '../../duration';
import { partOf } from '../../part-of.test-tool';
import { type Vessel } from '../../vessels/records/vessel';

const start = Date.UTC(2026, 4, 1);
const at = (hour: number) => start + hour * hourMs;
const warmths = { counter: [{ at: at(-50), celsius: 21.5 }] };

const lotOf = (vessel: Vessel, closure: Closure, begun = 0, more: Partial<Lot> = {}): Lot => ({
  ...addPortions(
    emptyLot('x', at(begun), { role: 'brew', name: 'x', vessel, closure, place: 'counter' }),
    [
      { what: 'water', ml: 400 },
      { what: 'white-sugar', grams: 40 },
    ],
    { at: at(begun), entryId: 'x' },
  ),
  ...more,
});
const jar = lotOf({ kind: 'jar', ml: 1000 }, 'airlock');
const bottle = (more: Partial<Lot> = {}, begun = 24) =>
  lotOf({ kind: 'swing-top', ml: 500 }, 'sealed', begun, more);
const asked = (
  lot: Lot,
  now = 30,
  root = jar,
  bottles = 3,
  household?: Parameters<typeof lotAsk>[0]['household'],
) =>
  lotAsk(
    { root, find: () => undefined, now: at(now), warmths, ...(household ? { household } : {}) },
    lot,
    2,
    start,
    knownCultures,
    bottles,
  );
const opened = partOf<Lot['opened']>({ at: at(40), entryId: 'o', how: 'lively' });

describe('what is asked of a lot', () => {
  test('a jar: no limit, no seal, no glass; a sip and its foam can be looked at', () => {
    const { wantedSweetness, pouredSweetness, ...rest } = asked(jar);
    expect(rest).toEqual({
      lotId: 'x',
      run: 2,
      wantedVolumes: 2.5,
      limitBar: null,
      sealedFromHour: null,
      nowHour: 24,
      counterCelsius: null,
      looks: ['sweet', 'foam'],
      risk: null,
      waking: { from: 420, to: 1350 },
      lookedHour: null,
      laterHours: 0,
    });
    // Two thirds of what it began with (40 g in 400 ml and what they swell it by), and what becomes 2.5 volumes.
    const mixed = (40 * 0.999) / (0.4 + 0.04 * 0.62);
    expect(pouredSweetness).toBeCloseTo(0.66 * mixed, 1);
    expect(wantedSweetness).toBeGreaterThan(0.66 * mixed + 8);
    expect(wantedSweetness).toBeLessThan(0.66 * mixed + 12);
    // What a bottle was given itself is there to be tasted too; what primes a brew that lay until it was dry is not.
    const dosed = { ...bottle(), id: 'y' };
    expect(asked(dosed).pouredSweetness).toBeCloseTo(0.66 * 2 * mixed, 1);
    const long = { ...jar, recipe: partOf<Lot['recipe']>({ method: { days: [14, 21] } }) };
    expect(asked(dosed, 30, long).pouredSweetness).toBeCloseTo(0.1 * mixed, 1);
  });

  test('a swing-top: 2.8 bar, sealed as it was filled, of three bottles of unknown age', () => {
    expect(asked(bottle())).toMatchObject({
      limitBar: 2.8,
      sealedFromHour: 24,
      looks: ['hiss'],
      risk: { strength: strengthOf('swing-top'), bottles: 3, caution: 'careful' },
    });
    expect(asked(bottle(), 30, jar, 0).risk!.bottles).toBe(1);
    const usual = { settings: { caution: { caution: { caution: 'usual' } } } } as const;
    expect(asked(bottle(), 30, jar, 3, usual).risk!.caution).toBe('usual');
  });

  test('sealed later counts from then, sealed before the first hour from it', () => {
    const closing = partOf<LotEvent>({ kind: 'closed', at: at(31), entryId: 'c', closure: 'sealed' });
    const airing = partOf<LotEvent>({ kind: 'closed', at: at(27), entryId: 'c', closure: 'cloth' });
    const late = bottle({ firstClosure: 'loose-lid' });
    expect(asked({ ...late, events: [...late.events, airing, closing] }).sealedFromHour).toBe(31);
    // Closed again, it counts from its filling.
    expect(asked({ ...bottle(), events: [...bottle().events, closing] }).sealedFromHour).toBe(24);
    expect(asked(bottle({}, -5)).sealedFromHour).toBe(0);
  });

  test('the hour is asked in half-days, of a warm bottle in quarters, never before the start', () => {
    const at = [-3, 0, 11.9, 12, 29];
    expect(at.map((now) => asked(bottle(), now).nowHour)).toEqual([0, 0, 6, 12, 24]);
    expect(at.map((now) => asked(jar, now).nowHour)).toEqual([0, 0, 0, 12, 24]);
    // After a look from the look on: nothing can be done before it any more.
    const felt = partOf<LotEvent>({
      kind: 'read',
      at: start + 27.2 * hourMs,
      entryId: 'f',
      readings: [{ kind: 'squeeze', value: 'firm' }],
    });
    const looked = { ...bottle(), events: [...bottle().events, felt] };
    expect([28, 31].map((now) => asked(looked, now).nowHour)).toEqual([27.2, 30]);
  });

  test('a cold bottle is asked what the counter would do to it, and no look; one that is over neither', () => {
    const cold = bottle({ place: 'fridge' });
    expect(asked(cold)).toMatchObject({ counterCelsius: 21.5, looks: [] });
    expect(asked({ ...cold, opened })).toMatchObject({ counterCelsius: null, looks: [] });
    expect(asked(bottle({ opened })).looks).toEqual([]);
    expect(asked(bottle({ ended: partOf<Lot['ended']>({ at: at(40) }) })).looks).toEqual([]);
    expect(asked({ ...jar, place: 'fridge' }).counterCelsius).toBeNull();
  });

  test('what its recipe wants, and how much later its variant is chilled', () => {
    const root = { ...jar, recipe: { base: 'ginger-tea', wantedVolumes: 3.2 } } as Lot;
    const { wantedVolumes, laterHours, wantedSweetness } = asked(bottle({ chillDays: 2 }), 30, root);
    expect([wantedVolumes, laterHours]).toEqual([3.2, 48]);
    expect(wantedSweetness).toBeGreaterThan(asked(bottle()).wantedSweetness);
  });
});

test('under pressure is what is sealed, not opened and not over', () => {
  expect(isUnderPressure(bottle())).toBe(true);
  expect(
    [jar, bottle({ opened }), bottle({ ended: partOf<Lot['ended']>({ at: at(9) }) })].map(isUnderPressure),
  ).toEqual([false, false, false]);
});
