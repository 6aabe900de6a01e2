import { cholesky, logDeterminant, whitenedSquare } from './linear-algebra';
import { knownCultures } from '../../cultures/registry';
import { memberOf } from './priors';
import { unknownCount } from './unknowns';
import { addDensities, drawPoints, fittedProposal, priorProposal } from './proposal';
import { seededUniform } from '../run/random';
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
      densities.map(
        (density, m) => -(((points[m * unknownCount]! - 1) / error) ** 2) / 2 - Math.log(density),
      ),
    );
  };
  const moments = (points: Float64Array, weights: Float64Array) => {
    const mean = weights.reduce((sum, w, m) => sum + w * points[m * unknownCount]!, 0);
    return {
      mean,
      deviation: Math.sqrt(
        weights.reduce((sum, w, m) => sum + w * (points[m * unknownCount]! - mean) ** 2, 0),
      ),
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

  test('mean, spread and correlation of even points, each drawn back by its sampling noise', () => {
    // 256 points of sixteen signs that are at right angles to each other (Walsh); the first two made to lean on one sign.
    const count = 256;
    const sign = (m: number, mask: number) => {
      let odd = 0;
      for (let bits = m & mask; bits > 0; bits &= bits - 1) odd ^= 1;
      return odd === 0 ? 1 : -1;
    };
    const points = new Float64Array(count * unknownCount);
    for (let m = 0; m < count; m++) {
      for (let i = 0; i < unknownCount; i++) points[m * unknownCount + i] = sign(m, i + 1);
      points[m * unknownCount] = 1 + 0.5 * sign(m, 1);
      points[m * unknownCount + 1] = 0.6 * sign(m, 1) + 0.8 * sign(m, 2);
    }
    const { mean, factor, prior } = fittedProposal(points, new Float64Array(count).fill(1 / count));
    expect(prior).toBe(0.15);
    // 1 strays by 0.5/16; a spread of a half by √(2/256) in its square; a correlation of 0.6 by 1/16.
    expect(mean[0]).toBeCloseTo(1 - (0.5 / 16) ** 2, 12);
    expect([...mean.subarray(1)]).toEqual(Array.from({ length: unknownCount - 1 }, () => 0));
    const narrow = 1 - 0.75 * (1 - 2 / 256 / 0.75 ** 2);
    const reach = 1.25 * narrow + 0.03;
    const shared = 0.6 * (1 - (1 / 16 / 0.6) ** 2);
    expect(reach).toBeCloseTo(0.35552, 5);
    expect(factor[0]).toBeCloseTo(Math.sqrt(reach), 12);
    expect(factor[unknownCount]).toBeCloseTo(shared, 12);
    expect(factor[unknownCount + 1]).toBeCloseTo(Math.sqrt(1 - shared ** 2), 12);
    for (let i = 2; i < unknownCount; i++) expect(factor[i * unknownCount + i]).toBeCloseTo(1, 12);
    // Its density over the prior's where the first unknown is 1.5 and the rest nothing, and the share of the prior.
    const sums = Float64Array.of(2);
    const at = new Float64Array(unknownCount);
    at[0] = 1.5;
    addDensities({ mean, factor, prior }, at, sums);
    const away = (1.5 - mean[0]!) / Math.sqrt(reach);
    const beside = (0 - shared * away) / Math.sqrt(1 - shared ** 2);
    const here =
      Math.exp((1.5 ** 2 - away ** 2 - beside ** 2) / 2) / Math.sqrt(reach) / Math.sqrt(1 - shared ** 2);
    expect(sums[0]).toBeCloseTo(2 + 0.15 + 0.85 * here, 10);
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
    expect(memberOf(new Float64Array(unknownCount), 0, 0.28)).toMatchObject({
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
    const members = Array.from({ length: 4000 }, (_, m) => memberOf(points, m * unknownCount, 0.28));
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
