import { cholesky, logDeterminant, whitenedSquare } from './linear-algebra';
import { knownCultures } from '../cultures/registry';
import { memberOf, UNKNOWNS } from './priors';
import { addDensities, drawPoints, fittedProposal, priorProposal } from './proposal';
import { seededUniform } from './random';
import { effectiveMembers, normalised, withoutCollapse } from './weigh';

const spreadOf = (kind: string) => knownCultures(kind)!.vigourSpread;
const uniform = seededUniform(41);

describe('looking where the likely kitchens are', () => {
  // A reading with error 0.2 says that the first unknown is 1: its posterior is known in closed form.
  const error = 0.2;
  const truth = { mean: 1 / (1 + error ** 2), deviation: error / Math.sqrt(1 + error ** 2) };
  const weigh = (points: Float64Array, count: number, proposal = priorProposal) => {
    const densities = new Float64Array(count);
    addDensities(proposal, points, densities);
    return normalised(
      densities.map((density, m) => -(((points[m * UNKNOWNS]! - 1) / error) ** 2) / 2 - Math.log(density)),
    );
  };
  const moments = (points: Float64Array, weights: Float64Array) => {
    const mean = weights.reduce((sum, w, m) => sum + w * points[m * UNKNOWNS]!, 0);
    return {
      mean,
      deviation: Math.sqrt(weights.reduce((sum, w, m) => sum + w * (points[m * UNKNOWNS]! - mean) ** 2, 0)),
    };
  };

  test('a second search finds the same answer with more members behind it', () => {
    const first = drawPoints(priorProposal, 3000, uniform);
    const w1 = weigh(first, 3000);
    const proposal = fittedProposal(first, w1);
    const second = drawPoints(proposal, 3000, uniform);
    const w2 = weigh(second, 3000, proposal);
    expect(effectiveMembers(w2)).toBeGreaterThan(effectiveMembers(w1));
    for (const [points, weights] of [
      [first, w1],
      [second, w2],
    ] as const) {
      const { mean, deviation } = moments(points, weights);
      expect(Math.abs(mean - truth.mean)).toBeLessThan(0.04);
      expect(Math.abs(deviation - truth.deviation)).toBeLessThan(0.04);
    }
  });

  test('weights that would hang on one member are flattened', () => {
    const logs = Float64Array.from({ length: 100 }, (_, i) => -i * 5);
    expect(effectiveMembers(normalised(logs))).toBeLessThan(2);
    const { weights, power } = withoutCollapse(logs, 10);
    expect(effectiveMembers(weights)).toBeGreaterThanOrEqual(10);
    expect(power).toBeLessThan(1);
    expect(withoutCollapse(new Float64Array(100), 10).power).toBe(1);
  });
});

describe('the linear algebra behind it', () => {
  test('a factor multiplies back, and whitening undoes it', () => {
    const a = Float64Array.from([4, 2, 2, 3]);
    const { outcome, value: l } = cholesky(a, 2);
    expect(outcome).toBe('positive-definite');
    expect([l[0]! ** 2, l[2]! * l[0]!, l[2]! ** 2 + l[3]! ** 2]).toEqual(
      [4, 2, 3].map((x) => expect.closeTo(x, 9)),
    );
    expect(whitenedSquare(l, [2, 1], 2, new Float64Array(2))).toBeCloseTo(1, 9);
    expect(logDeterminant(l, 2)).toBeCloseTo(Math.log(Math.sqrt(8)), 9);
  });

  test('what is not positive definite is said', () => {
    expect(cholesky(Float64Array.from([1, 2, 2, 1]), 2).outcome).toBe('not-positive-definite');
  });
});

describe('kitchens before anything was seen', () => {
  test('the middle one is nominal, and a tenth leak', () => {
    expect(memberOf(new Float64Array(UNKNOWNS), 0, 0.28)).toMatchObject({
      vigour: 1,
      lag: 1,
      capacity: 1,
      bacteria: 1,
      growth: 1,
      cells: 1,
      shape: 0,
      offset: 0,
      leak: 0,
    });
    const points = drawPoints(priorProposal, 4000, uniform);
    const members = Array.from({ length: 4000 }, (_, m) => memberOf(points, m * UNKNOWNS, 0.28));
    const leaky = members.filter(({ leak }) => leak > 0).length / 4000;
    expect(leaky).toBeGreaterThan(0.08);
    expect(leaky).toBeLessThan(0.12);
    expect(members.every(({ swing, swingPhase }) => swing >= 0 && swingPhase >= 0 && swingPhase <= 24)).toBe(
      true,
    );
  });

  test('wild cultures vary more than a kept bug', () => {
    expect(spreadOf('ginger-bug')).toBeLessThan(spreadOf('wild'));
  });
});
