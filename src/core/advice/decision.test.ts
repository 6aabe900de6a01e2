import { decide, type DecisionTable } from './decision';

const rows = (...values: number[][]) => values.map((row) => Float64Array.from(row));

/** Nothing that could break. */
const safe = (hours: number, kitchens: number) => ({
  risk: Array.from({ length: hours }, () => new Float64Array(kitchens)),
  borne: 0.001,
});

/** Two kitchens, one quick and one slow, as likely: the quick one is good at hour 1 and bursts by 2, the slow one is good at 3. */
const twoKitchens: Omit<DecisionTable<string>, 'look'> = {
  hours: [0, 1, 2, 3],
  weights: Float64Array.of(0.5, 0.5),
  worth: rows([0.4, 0.1], [1, 0.3], [-5, 0.6], [-9, 1]),
  ...safe(4, 2),
};
/** A look that tells them apart from hour 1 on, not before. */
const certain = (cost: number) => ({
  cost,
  fromHour: 0,
  results: ['firm', 'soft'],
  chances: [rows([0.5, 0.5], [0.5, 0.5]), rows([1, 0], [0, 1]), rows([1, 0], [0, 1]), rows([1, 0], [0, 1])],
});

describe('a decision', () => {
  test('without a look: the hour with the best expectation, by hand', () => {
    // (1 + 0.3) / 2 = 0.65 at hour 1; 0.25 at once; below nothing later.
    expect(decide({ ...twoKitchens, look: null })).toEqual({ act: { hour: 1, worth: 0.65 }, rule: null });
  });

  test('with a look that tells: each result has its own hour, and the look is paid', () => {
    const { act, rule } = decide({ ...twoKitchens, look: certain(0.02) });
    expect(act).toEqual({ hour: 1, worth: 0.65 });
    // Firm: act there, 1. Soft: at hour 3, 1. Less two hundredths.
    expect(rule!.worth).toBeCloseTo(0.98, 12);
    expect(rule).toMatchObject({
      hour: 1,
      branches: [
        { result: 'firm', chance: 0.5, next: 'act', hour: 1 },
        { result: 'soft', chance: 0.5, next: 'act', hour: 3 },
      ],
    });
  });

  test('a look that costs more than it brings is not asked for', () => {
    // It brings 1 − 0.65.
    expect(decide({ ...twoKitchens, look: certain(0.34) }).rule).not.toBeNull();
    expect(decide({ ...twoKitchens, look: certain(0.36) }).rule).toBeNull();
  });

  test('a look is not asked for before it may be made', () => {
    const late = { ...certain(0.02), fromHour: 2 };
    // At hour 2 the quick kitchen has burst: nothing is worth waiting for.
    expect(decide({ ...twoKitchens, look: late }).rule).toBeNull();
    expect(decide({ ...twoKitchens, look: { ...late, fromHour: 0.5 } }).rule!.hour).toBe(1);
    expect(decide({ ...twoKitchens, look: { ...late, fromHour: 9 } }).rule).toBeNull();
  });

  test('a result that leaves two cases open asks for another look', () => {
    // Three kitchens: the first look sets one apart, the second the other two.
    const table: DecisionTable<string> = {
      hours: [0, 1, 2, 3],
      weights: Float64Array.of(1, 1, 1),
      worth: rows([0.2, 0.2, 0.2], [1, 0.2, 0.2], [-9, 1, 0.2], [-9, -9, 1]),
      ...safe(4, 3),
      look: {
        cost: 0.01,
        fromHour: 0,
        results: ['firm', 'soft'],
        chances: [
          rows([0.5, 0.5, 0.5], [0.5, 0.5, 0.5]),
          rows([1, 0, 0], [0, 1, 1]),
          rows([1, 1, 0], [0, 0, 1]),
          rows([1, 1, 1], [0, 0, 0]),
        ],
      },
    };
    const { rule } = decide(table);
    expect(rule!.branches).toEqual([
      { result: 'firm', chance: expect.closeTo(1 / 3, 12), next: 'act', hour: 1 },
      { result: 'soft', chance: expect.closeTo(2 / 3, 12), next: 'look', hour: 2 },
    ]);
    // All three good; the first look by all, the second by two thirds of them.
    expect(rule!.worth).toBeCloseTo(1 - 0.01 - (0.01 * 2) / 3, 12);
  });

  test('a rule is never worth less than acting without one, and scales with the weights', () => {
    const { weights, ...rest } = twoKitchens;
    for (const cost of [0, 0.05, 0.2, 1]) {
      const one = decide({ ...rest, weights, look: certain(cost) });
      const many = decide({ ...rest, weights: weights.map((weight) => 7 * weight), look: certain(cost) });
      expect(many.act.worth).toBeCloseTo(one.act.worth, 12);
      expect([many.act.hour, many.rule?.branches]).toEqual([one.act.hour, one.rule?.branches]);
      if (one.rule) expect(one.rule.worth).toBeGreaterThan(one.act.worth);
    }
  });

  describe('a risk is never bought by what waiting is worth', () => {
    // Waiting pays in both; the quick kitchen breaks one in fifty at hour 2 and more after it.
    const risky: Omit<DecisionTable<string>, 'look'> = {
      hours: [0, 1, 2, 3],
      weights: Float64Array.of(0.5, 0.5),
      worth: rows([0.1, 0.1], [0.3, 0.2], [0.6, 0.5], [1, 1]),
      risk: rows([0, 0], [0.002, 0], [0.02, 0], [0.2, 0.1]),
      borne: 0.001,
    };

    test('the last hour whose mean risk is borne, to the very edge', () => {
      // Means 0, 0.001, 0.01, 0.15.
      expect(decide({ ...risky, look: null }).act.hour).toBe(1);
      expect(decide({ ...risky, borne: 0.00099, look: null }).act.hour).toBe(0);
      expect(decide({ ...risky, borne: 0.01, look: null }).act.hour).toBe(2);
      expect(decide({ ...risky, borne: 1, look: null }).act.hour).toBe(3);
    });

    test('where nothing is borne, at once', () => {
      const past = { ...risky, risk: rows([0.5, 0.5], [0.5, 0.5], [0.6, 0.6], [0.9, 0.9]) };
      expect(decide({ ...past, look: null })).toMatchObject({ act: { hour: 0 }, rule: null });
    });

    test('a rule keeps its mean risk within what is borne: the quick kitchen acts at the look, the slow one waits', () => {
      const look = certain(0.001);
      // At hour 1 firm: 0.002 of half the cases, which is borne; soft: to hour 2, where the slow kitchen risks nothing.
      const { rule } = decide({ ...risky, look });
      expect(rule).toMatchObject({
        hour: 1,
        branches: [
          { result: 'firm', next: 'act', hour: 1 },
          { result: 'soft', next: 'act', hour: 2 },
        ],
      });
      // Half of what is borne: no look at hour 1 or later keeps within it, and at hour 0 it tells nothing.
      expect(decide({ ...risky, borne: 0.0005, look }).rule).toBeNull();
    });
  });

  test('no hours and no weight are refused', () => {
    expect(() =>
      decide({ hours: [], weights: Float64Array.of(1), worth: [], ...safe(0, 1), look: null }),
    ).toThrow(RangeError);
    expect(() => decide({ ...twoKitchens, weights: new Float64Array(2), look: null })).toThrow(RangeError);
  });
});
