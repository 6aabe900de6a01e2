import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { chanceOverLimit } from './chance';
import { refinedCare } from '../answer/refine';
import { weighedEnsemble, weighedFamily } from '../ensemble/ensemble';
import { loneFerment } from '../run/family';
import { counted, countedHours, manyAsked, looks, type Setting } from './counted.test-tool';
import type { StoredRun } from '../run/stored-run';
import { partOf } from '../../part-of.test-tool';
import type { FamilyQuestion } from '../question/family-question';

describe('against five thousand members, counted one by one', () => {
  type Runs = (ferment: ReturnType<typeof manyAsked>) => StoredRun;
  const usually: Runs = (ferment) => weighedEnsemble(ferment, stepper).run;
  /** As the app asks once nothing waits. */
  const refined: Runs = (ferment) => {
    const family = loneFerment(ferment);
    const lots = partOf<FamilyQuestion['lots']>([{ run: 0, limitBar: 2.8, sealedFromHour: 0, nowHour: 36 }]);
    const question = { rootId: 'soda', start: 0, family, lots, drawn: null };
    return weighedFamily(family, stepper, refinedCare(question)).runs[0]!;
  };
  /** Differences over the hours in which it is in doubt, points. */
  const differences = (celsius: number, readings: Setting['readings'] = [], runs: Runs = usually) => {
    const run = runs(manyAsked(720, celsius, readings));
    const shares = counted(celsius, readings);
    const out = countedHours.flatMap((hour, i) => {
      const share = shares[i]!;
      return share > 0.005 && share < 0.995 ? [100 * Math.abs(chanceOverLimit(run, 2.8, hour) - share)] : [];
    });
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

  const { gravity, squeeze, gauge } = looks;
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

  test.each([
    ['a gravity and a squeeze, at 22 °C', 22, [gravity, squeeze]],
    ['a gravity and a squeeze, at 23 °C', 23, [gravity, squeeze]],
    ['a gauge, at 22 °C', 22, [gauge]],
    ['a gauge, at 20 °C', 20, [gauge]],
  ] as const)('asked refined after %s: within 2 points at every hour', (_, celsius, readings) => {
    const { mean, worst, each } = differences(celsius, readings, refined);
    expect(each.length).toBeGreaterThan(7);
    expect(mean).toBeLessThan(0.8);
    expect(worst).toBeLessThan(2);
  });
});
