import { plainStepper } from './stepper';
import { lactateShare } from '../relations/acid-balance';
import { beginRun, resumeRun } from './ferment-run';
import type { Ferment, LotStage } from '../scenario/ferment';
import { nominalMember } from '../state/member';
import { bottle, inflow, jar, soda } from './run.test-tool';
import { followAll } from './simulate';
import { slots } from '../state/state';

const { CO2, ESCAPED, ETHANOL, GAS_RATE, GLUCOSE, LACTIC, NITROGEN, PH, ROW_SIZE, SUCROSE } = slots;

const stepper = plainStepper();

describe('following stages', () => {
  const followed = (
    stages: readonly LotStage[],
    hours: readonly number[],
    more: Partial<Ferment> = {},
    limit = 1,
    long = false,
  ) => {
    const run = beginRun(soda({ stages, ...more }), nominalMember);
    const rows = new Float64Array(hours.length * ROW_SIZE);
    const celsius = new Float64Array(hours.length);
    followAll([run], stages, hours, { rows, celsius, first: 0 }, { limit, long }, stepper);
    return { run, celsius, at: (index: number, slot: number) => rows[index * ROW_SIZE + slot]! };
  };

  test('a row at each hour asked for; at a boundary the one before the transfer', () => {
    const warm = { ...jar, hours: 6 };
    const sweet = { ...bottle, hours: 6, celsius: 18, addSugars: { sucrose: 10, glucose: 0, fructose: 0 } };
    const { at, celsius, run } = followed([warm, sweet], [0, 6, 6.5, 12]);
    expect([...celsius]).toEqual([22, 22, 18, 18]);
    expect(at(0, SUCROSE)).toBe(80);
    expect(at(2, SUCROSE) - at(1, SUCROSE)).toBeGreaterThan(5);
    expect(at(1, NITROGEN)).toBe(0);
    expect(at(2, NITROGEN)).toBeGreaterThan(0);
    expect(run.hour).toBe(12);
    expect(at(3, PH)).toBeLessThan(at(0, PH));
  });

  test('the rate of gas is what was made since the row before, whatever left', () => {
    const { at } = followed([{ ...jar, hours: 20 }], [0, 8, 20]);
    const made = (index: number) => at(index, CO2) + at(index, ESCAPED);
    expect(at(0, GAS_RATE)).toBe(0);
    expect(at(1, GAS_RATE)).toBeCloseTo((made(1) - made(0)) / 8, 9);
    expect(at(2, GAS_RATE)).toBeCloseTo((made(2) - made(1)) / 12, 9);
  });

  test('a vent falls on its hours', () => {
    const burped = { ...bottle, hours: 30, ventEveryHours: 12 };
    const { at } = followed([burped], [0, 11, 12, 13, 24, 25], { culture: null, co2Volumes: 3 });
    // The row of a vent's hour is the one after it.
    expect([at(0, ESCAPED), at(1, ESCAPED)]).toEqual([0, 0]);
    expect(at(2, ESCAPED)).toBeGreaterThan(0);
    expect(at(3, ESCAPED)).toBe(at(2, ESCAPED));
    expect(at(4, ESCAPED)).toBeGreaterThan(at(3, ESCAPED));
    expect(at(5, ESCAPED)).toBe(at(4, ESCAPED));
  });

  describe('long steps', () => {
    const hourly = (until: number) => Array.from({ length: until + 1 }, (_, hour) => hour);
    /** Greatest difference of a quantity from quarter-hour steps, against its greatest value. */
    const off = (stages: readonly LotStage[], slot: number, long: boolean) => {
      const hours = hourly(stages.reduce((sum, stage) => sum + stage.hours, 0));
      const fine = followed(stages, hours, {}, 0.25);
      const coarse = followed(stages, hours, {}, 1, long);
      const values = hours.map((_, i) => fine.at(i, slot));
      const most = Math.max(...values);
      return Math.max(...hours.map((_, i) => Math.abs(coarse.at(i, slot) - values[i]!))) / most;
    };

    test('a warm bottle’s gas, sugar and acid stay within 0.7 % at every hour, those passed over too', () => {
      const warm = [{ ...bottle, hours: 240 }];
      for (const slot of [CO2, SUCROSE, LACTIC]) expect(off(warm, slot, true)).toBeLessThan(0.007);
    });

    test('a jar that stands open, then is bottled and chilled', () => {
      const stages = [
        { ...jar, hours: 110 },
        { ...bottle, hours: 60 },
        { ...bottle, hours: 200, celsius: 4 },
      ];
      expect(off(stages, ETHANOL, true)).toBeLessThan(0.01);
      expect(off(stages, CO2, true) - off(stages, CO2, false)).toBeLessThan(0.02);
    });

    test('are taken in the cold, four weeks on, and three days after the last sugar; not before, and only where allowed', () => {
      const at = (stages: readonly LotStage[], until: number, long: boolean) =>
        followed(stages, [0, until], {}, 1, long).at(1, CO2);
      const cold = [{ ...bottle, hours: 240, celsius: 4 }];
      expect(at(cold, 240, true)).not.toBe(at(cold, 240, false));
      const warm = [{ ...bottle, hours: 73 }];
      expect(at(warm, 72, true)).toBe(at(warm, 72, false));
      const later = [{ ...bottle, hours: 80 }];
      expect(at(later, 80, true)).not.toBe(at(later, 80, false));
      const fed = [
        { ...bottle, hours: 20 },
        { ...bottle, hours: 60, addSugars: { sucrose: 5, glucose: 0, fructose: 0 } },
      ];
      expect(at(fed, 80, true)).toBe(at(fed, 80, false));
    });

    test('the row after a transfer is reached, not drawn from before it', () => {
      const stages = [
        { ...bottle, hours: 24 },
        { ...bottle, hours: 24, celsius: 4, headspaceMl: 200 },
      ];
      const coarse = followed(stages, hourly(48), {}, 1, true);
      const fine = followed(stages, hourly(48), {}, 1);
      expect(coarse.at(25, NITROGEN)).toBeCloseTo(fine.at(25, NITROGEN), 9);
      expect(coarse.at(26, CO2) / fine.at(26, CO2)).toBeCloseTo(1, 3);
    });
  });

  test('taken up from a recorded row it goes on as if nothing had interrupted it', () => {
    const stages = [
      { ...jar, hours: 12, inflows: [inflow({ citric: 2, malic: 1, share: 0.1 })] },
      { ...bottle, hours: 24 },
    ];
    const whole = followed(stages, [0, 12, 20, 36]);
    const rows = new Float64Array(ROW_SIZE);
    for (let slot = 0; slot < ROW_SIZE; slot++) rows[slot] = whole.at(2, slot);
    const again = resumeRun(soda({ stages }), nominalMember, stages[1]!, 20, rows, 0);
    expect([again.hour, again.vessel, again.filling.headspaceRatio, again.liquidMl]).toEqual([
      20,
      'sealed',
      0.04,
      500,
    ]);
    expect(again.acids.citric).toBeCloseTo(whole.run.acids.citric, 12);
    // Ginger tea's own minerals and the salts of 0.32 g/L of lactic acid that the bug brought at pH 3.6.
    const salts = (0.32 / 90.078) * lactateShare(3.6);
    expect(again.acids.mineralCharge).toBeCloseTo((0.00508 + salts) * 0.9, 12);
    const rest = new Float64Array(ROW_SIZE);
    const into = { rows: rest, celsius: new Float64Array(1), first: 0 };
    followAll([again], [{ ...bottle, hours: 16 }], [16], into, { limit: 1, long: false }, stepper);
    expect(rest[CO2]! / whole.at(3, CO2)).toBeCloseTo(1, 6);
    // The acidity is taken up from its last figure, solved to two thousandths.
    expect(rest[SUCROSE]! + rest[GLUCOSE]!).toBeCloseTo(whole.at(3, SUCROSE) + whole.at(3, GLUCOSE), 5);
  });
});
