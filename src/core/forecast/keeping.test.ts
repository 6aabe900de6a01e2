import { Scenario } from '../ferment/scenario';
import { fermentOf } from '../ferment/ferment';
import { weighedEnsemble } from './ensemble';
import { handmadeRun, warmBottle } from './handmade.test-tool';
import { keepingOf } from './keeping';
import { gramsPerVolume } from '../gas/co2-solubility';

const bottled = (warmHours: number, cold: number, readings: unknown[] = []) =>
  weighedEnsemble({
    ...fermentOf(
      Scenario.parse({
        schema: 'yuzet.scenario/1',
        members: 200,
        liquidLitres: 0.48,
        base: 'ginger-tea',
        sugars: { sucrose: 90 },
        starter: { kind: 'ginger-bug', amountPerLitre: 80 },
        stages: [
          { hours: warmHours, vessel: 'sealed', celsius: 21, headspaceMl: 20 },
          { hours: cold, vessel: 'sealed', celsius: 4, headspaceMl: 20 },
        ],
        readings,
      }),
    ),
    longSteps: true,
  }).run;

describe('a bottle in the fridge, worked out on paper', () => {
  const cold = { ...warmBottle, celsius: 4, hours: 400 };
  // Ten kitchens that gain 0.001 to 0.010 volumes an hour from 2 volumes on, cold and without air.
  const hours = Array.from({ length: 201 }, (_, i) => 2 * i);
  const run = handmadeRun({
    hours,
    members: 10,
    stages: [cold],
    row: (m, hour) => ({ CO2: (2 + 0.001 * (m + 1) * hour) * gramsPerVolume, PH: 4 }),
  });
  const ask = { wantedVolumes: 2, limitBar: 9, nowHour: 0, counterCelsius: 21 };

  test('it is opened before half hold half as much again as wanted', () => {
    // 3 volumes are there after 1/(0.001·n) hours: 100, 111, 125, 143, 167, 200 … The middle of ten lies between 167 and 200.
    const keeping = keepingOf(run, ask);
    expect(keeping.closes).toBe('fizz');
    expect(keeping.openBy).toBeGreaterThan(167);
    expect(keeping.openBy).toBeLessThan(200);
    expect(keeping.chanceAtEnd).toBeCloseTo(0, 9);
  });

  test('or before one in twenty is past the limit, whatever comes first', () => {
    const keeping = keepingOf(run, { ...ask, wantedVolumes: 9, limitBar: 1.1 });
    expect(keeping.closes).toBe('limit');
    expect(keeping.chanceAtEnd).toBeGreaterThan(0.05);
    expect(keeping.openBy).toBeLessThan(400);
    const later = keepingOf(run, { ...ask, wantedVolumes: 9, limitBar: 1.1, nowHour: 399 });
    expect(later.openBy).toBeGreaterThanOrEqual(398);
  });

  test('nothing comes: it keeps as far as the forecast looks', () => {
    const keeping = keepingOf(run, { ...ask, wantedVolumes: 9, limitBar: 99 });
    expect([keeping.closes, keeping.openBy, keeping.endHour, keeping.chanceAtEnd]).toEqual([
      'beyond-forecast',
      400,
      400,
      0,
    ]);
    expect(keeping.counter.limitHours).toEqual([Infinity, Infinity]);
  });
});

describe('a soda chilled after sixty hours, then four weeks cold', () => {
  const run = bottled(60, 24 * 28);
  const ask = { wantedVolumes: 2.5, limitBar: 2.8, nowHour: 72, counterCelsius: 21 };
  const keeping = keepingOf(run, ask);

  test('it goes on, the edge beyond a swing-top: an open-by moment is given', () => {
    expect(keeping.closes).toBe('limit');
    expect(keeping.openBy).toBeLessThan(60 + 24 * 28);
    expect(keeping.chanceAtEnd).toBeGreaterThan(0.2);
  });

  test('on the counter again it passes its limit within hours, and more so after a look that showed it firm', () => {
    const { limitHours, gaugeAfterDay } = keeping.counter;
    expect(limitHours[0]).toBeLessThan(12);
    expect(gaugeAfterDay[2]).toBeGreaterThan(3);
    expect(gaugeAfterDay[2]).toBeGreaterThan(gaugeAfterDay[1]);
    const firm = bottled(60, 24 * 28, [{ hour: 59, kind: 'squeeze', value: 'rock' }]);
    expect(keepingOf(firm, ask).counter.gaugeAfterDay[2]).toBeGreaterThan(gaugeAfterDay[2]);
  });

  test('a strong bottle keeps longer, an early chilled one too', () => {
    const strong = keepingOf(run, { ...ask, limitBar: 6 });
    expect(strong.openBy).toBeGreaterThan(keeping.openBy);
    const early = keepingOf(bottled(24, 24 * 28), { ...ask, nowHour: 36 });
    expect(early.openBy).toBeGreaterThan(keeping.openBy - 36);
  });

  test('opened after weeks it teaches how cold and how slow the fridge was', () => {
    const held = (run_: typeof run) =>
      run_.members.reduce((sum, member, m) => sum + run_.weights[m]! * Math.log(member.coldActivity), 0);
    const quiet = bottled(60, 24 * 28, [
      { hour: 60, kind: 'gaugeBar', value: 2.6 },
      { hour: 720, kind: 'gaugeBar', value: 1.6 },
    ]);
    const lively = bottled(60, 24 * 28, [
      { hour: 60, kind: 'gaugeBar', value: 2.6 },
      { hour: 720, kind: 'gaugeBar', value: 4.5 },
    ]);
    expect(held(lively) - held(quiet)).toBeGreaterThan(0.4);
  });
});
