import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { Scenario } from '../../ferment/scenario/scenario';
import { fermentOf } from '../../ferment/scenario/ferment';
import { weighedEnsemble } from '../ensemble/ensemble';
import { keepingOf } from './keeping';

const bottled = (warmHours: number, cold: number, readings: unknown[] = []) =>
  weighedEnsemble(
    {
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
    },
    stepper,
  ).run;

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
