import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { slots } from '../../ferment/state/state';
import { knownCultures } from '../../cultures/registry';
import { fermentOf } from '../../ferment/scenario/ferment';
import { Scenario } from '../../ferment/scenario/scenario';
import { conditionsSaid } from './conditions-said';
import { weighedEnsemble } from './ensemble';
import { handmadeRun, warmBottle, warmJar, type Row } from '../handmade.test-tool';

const said = (row: (hour: number) => Row, stages = [warmBottle], doseAlive = 1) => {
  const run = handmadeRun({ hours: [0, 12, 24, 264, 300], members: 3, row: (_, hour) => row(hour), stages });
  return conditionsSaid({
    ...run,
    ferment: { ...run.ferment, culture: knownCultures('ginger-bug'), doseAlive },
  });
};
const awake: Row = { YEAST: 1, YEAST_READY: 50 };

describe('what became of the cells is said', () => {
  test('nothing of a quiet ferment, nor of one in which nothing lives', () => {
    expect(said(() => awake)).toEqual([]);
    const lifeless = handmadeRun({ hours: [0], members: 1, row: () => ({ DEAD: 1 }) });
    expect(conditionsSaid({ ...lifeless, ferment: { ...lifeless.ferment, culture: null } })).toEqual([]);
  });

  test('heat: how many died by the end of the hot hours, and at what', () => {
    const stages = [
      { ...warmJar, hours: 24, celsius: 41 },
      { ...warmJar, hours: 276, celsius: 21 },
    ];
    const [first, ...rest] = said((hour) => ({ ...awake, DEAD: hour === 0 ? 0 : hour < 24 ? 1 : 4 }), stages);
    expect(rest).toEqual([]);
    expect(first).toEqual({ code: 'cells.heat', params: { dead: expect.closeTo(0.8, 1), celsius: 41 } });
    const all = said((hour) => ({ YEAST: 0.001, YEAST_READY: 9, DEAD: hour === 0 ? 0 : 1 }), stages);
    expect(all[0]).toMatchObject({ params: { dead: expect.closeTo(0.999, 3) } });
    const most = said((hour) => ({ YEAST: 0.05, YEAST_READY: 9, DEAD: hour === 0 ? 0 : 1 }), stages);
    expect(most[0]).toMatchObject({ params: { dead: expect.closeTo(0.952, 3) } });
  });

  test('hunger, when it was never hot; and nothing when fewer than three in ten died', () => {
    const starved = said((hour) => ({ ...awake, DEAD: hour / 300 }), [{ ...warmJar, hours: 300 }]);
    expect(starved[0]).toEqual({ code: 'cells.hunger', params: { dead: expect.closeTo(0.5, 1) } });
    expect(said(() => ({ ...awake, DEAD: 0.4 }))).toEqual([]);
  });

  test('sleep after ten days in the cold, if they are asleep', () => {
    const cold = [
      { ...warmBottle, hours: 24 },
      { ...warmBottle, hours: 240, celsius: 4 },
      { ...warmBottle, hours: 36 },
    ];
    const of = (ready: number, stages = cold) =>
      said((hour) => ({ YEAST: 1, YEAST_READY: hour === 264 ? ready : 60 }), stages);
    expect(of(2)).toEqual([
      {
        code: 'cells.asleep',
        params: { days: 10 },
      },
    ]);
    expect(of(3.5)).toEqual([]);
    expect(of(2, [cold[0]!, { ...cold[1]!, hours: 239 }, { ...cold[2]!, hours: 37 }])).toEqual([]);
  });

  test('a dose that waited', () => {
    expect(said(() => awake, [warmBottle], 0.85)).toEqual([]);
    expect(said(() => awake, [warmBottle], 0.43)).toEqual([{ code: 'dose.old', params: { alive: 0.43 } }]);
  });
});

describe('heat, rest and age in a whole ferment', () => {
  const ask = (starter: object, stages: readonly object[]) =>
    weighedEnsemble(
      {
        ...fermentOf(
          Scenario.parse({
            schema: 'yuzet.scenario/1',
            members: 100,
            base: 'ginger-tea',
            sugars: { sucrose: 90 },
            starter: { kind: 'ginger-bug', amountPerLitre: 80, ...starter },
            stages,
          }),
        ),
        longSteps: true,
      },
      stepper,
    );
  const stage = (hours: number, celsius: number) => ({ hours, celsius, vessel: 'sealed', headspaceMl: 40 });
  const sugarLeft = ({ run }: ReturnType<typeof ask>) => {
    const last = run.hours.length - 1;
    return run.members.reduce((sum, _, m) => {
      const at = (last * run.members.length + m) * slots.ROW_SIZE;
      return sum + run.weights[m]! * (run.rows[at]! + run.rows[at + 1]! + run.rows[at + 2]!);
    }, 0);
  };

  test('a day at 45 °C leaves nearly nothing to ferment with for days, and it says so', () => {
    const hot = ask({}, [stage(24, 45), stage(72, 21)]);
    const mild = ask({}, [stage(24, 21), stage(72, 21)]);
    expect(hot.warnings.map(({ code }) => code)).toEqual(['cells.heat']);
    expect(sugarLeft(hot)).toBeGreaterThan(88);
    expect(sugarLeft(mild)).toBeLessThan(78);
    expect(mild.warnings).toEqual([]);
  });

  test('pitched at 42 °C and cooling it is late', () => {
    const hot = ask({}, [stage(6, 42), stage(2, 36), stage(56, 21)]);
    const kind = ask({}, [stage(8, 24), stage(56, 21)]);
    expect(hot.warnings.map(({ code }) => code)).toEqual(['cells.heat']);
    expect(90 - sugarLeft(hot)).toBeLessThan(0.75 * (90 - sugarLeft(kind)));
  });

  test('a packet two years old works, later than a fresh one', () => {
    const packet = (ageDays: number) =>
      ask({ kind: 'wine-yeast', amountPerLitre: 0.5, unit: 'g', ageDays }, [stage(20, 21)]);
    const [old, fresh] = [packet(730), packet(0)];
    expect(old.warnings.map(({ code }) => code)).toEqual(['dose.old']);
    expect((90 - sugarLeft(old)) / (90 - sugarLeft(fresh))).toBeGreaterThan(0.4);
    expect((90 - sugarLeft(old)) / (90 - sugarLeft(fresh))).toBeLessThan(0.9);
  });
});
