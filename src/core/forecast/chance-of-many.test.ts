import { chanceOverLimit, peakGauges } from './chance';
import { weighedEnsemble } from './ensemble';
import { askedSoda } from './handmade.test-tool';

describe('against five thousand members, counted one by one', () => {
  const asked = (members: number, celsius: number, readings: readonly object[]) => ({
    ...askedSoda({
      sugars: { sucrose: 80 },
      members,
      seed: 3,
      stages: [{ hours: 110, vessel: 'sealed', celsius, headspaceMl: 40 }],
      readings: readings as never,
    }),
    longSteps: true,
  });
  /** Differences over the hours in which it is in doubt, points. */
  const differences = (celsius: number, readings: readonly object[] = []) => {
    const { run } = weighedEnsemble(asked(720, celsius, readings));
    const { run: many } = weighedEnsemble(asked(5000, celsius, readings));
    const out: number[] = [];
    for (let hour = 10; hour <= 110; hour += 5) {
      const counted = peakGauges(many, hour).reduce(
        (sum, bar, m) => sum + (bar > 2.8 ? many.weights[m]! : 0),
        0,
      );
      if (counted > 0.005 && counted < 0.995)
        out.push(100 * Math.abs(chanceOverLimit(run, 2.8, hour) - counted));
    }
    return {
      each: out,
      mean: out.reduce((sum, point) => sum + point, 0) / out.length,
      worst: Math.max(...out),
    };
  };

  test.each([22, 27])('at %s °C, unread: within 2 points at every hour, 1 in the mean', (celsius) => {
    const { mean, worst } = differences(celsius);
    expect(mean).toBeLessThan(1);
    expect(worst).toBeLessThan(2);
  });

  const gravity = { kind: 'sg', value: 1.026, hour: 24 };
  const squeeze = { kind: 'squeeze', value: 'firm', hour: 36 };
  const gauge = { kind: 'gaugeBar', value: 1.2, hour: 40 };
  test('read: within 2 points at nineteen hours of twenty, and never beyond 3', () => {
    const all = [
      differences(22, [gravity, squeeze]),
      differences(23, [gravity, squeeze]),
      differences(22, [gauge]),
      differences(20, [gauge]),
    ];
    for (const { mean } of all) expect(mean).toBeLessThan(1);
    const points = all.flatMap(({ each }) => each);
    expect(points.length).toBeGreaterThan(40);
    // 5,000 kitchens of other seeds differ by a point themselves.
    expect(points.filter((point) => point > 2).length).toBeLessThanOrEqual(points.length / 20);
    expect(Math.max(...points)).toBeLessThan(3);
  });
});
