import type { Entry } from '../journal/entry';
import { lotOf } from '../journal/household';
import { journalOf } from '../journal/journal';
import { mostDrawableMl } from '../starter/draw-plan';
import { mostSugar, planBrew, suggestedDose } from './brew-plan';
import { felt, feltWords, pitchCheck, type Felt } from './pitch-check';
import { noDose, sourceName, sugarAccount, sugarRemark } from './sugar-account';
import { begunAlone, bug, bugEntry, dawn, grainsJar, id } from '../starter/bug.test-tool';

describe('the sugar account', () => {
  // Worked by hand: sugar over the volume water, sugar (0.62 ml/g) and the rest make together.
  test.each([
    [
      '100 g in 1 L',
      [
        { what: 'water', ml: 1000 },
        { what: 'white-sugar', grams: 100 },
      ],
      noDose,
      99.9 / 1.062,
      1062,
    ],
    [
      'with 80 ml of bug at 12 g/L',
      [
        { what: 'water', ml: 1000 },
        { what: 'white-sugar', grams: 90 },
      ],
      { ml: 80, residualSugar: 12 },
      (89.91 + 0.96) / 1.1358,
      1135.8,
    ],
    [
      'juice and water',
      [
        { what: 'water', ml: 500 },
        { what: 'apple-juice', ml: 500 },
      ],
      noDose,
      (522.5 * 0.1) / 0.9997,
      999.7,
    ],
    [
      'honey',
      [
        { what: 'water', ml: 900 },
        { what: 'honey', grams: 100 },
      ],
      noDose,
      79.5 / 0.9716,
      971.6,
    ],
    [
      'brown sugar and lemon',
      [
        { what: 'water', ml: 1000 },
        { what: 'brown-sugar', grams: 60 },
        { what: 'lemon-juice', ml: 30 },
      ],
      noDose,
      (58.14 + 0.7725) / 1.0667,
      1066.7,
    ],
    [
      'maple',
      [
        { what: 'water', ml: 700 },
        { what: 'maple-syrup', ml: 100 },
      ],
      noDose,
      87.78 / 0.7993,
      799.3,
    ],
    [
      'whey lends no sugar that ferments',
      [
        { what: 'water', ml: 1000 },
        { what: 'white-sugar', grams: 40 },
        { what: 'whey', ml: 30 },
      ],
      noDose,
      39.96 / 1.0546,
      1054.6,
    ],
    [
      'raisins, soaked',
      [
        { what: 'water', ml: 1000 },
        { what: 'raisin', grams: 50 },
      ],
      noDose,
      (50 * 0.585 * 0.6) / 1.0154,
      1015.4,
    ],
  ] as const)('%s, within 1 %%', (_, portions, dose, perLitre, ml) => {
    const account = sugarAccount(portions, dose);
    expect(Math.abs(account.totalGramsPerLitre / perLitre - 1)).toBeLessThan(0.01);
    expect(Math.abs(account.batchMl / ml - 1)).toBeLessThan(0.005);
  });

  test('gravity and Brix of 94 g/L, and the sources by size', () => {
    const account = sugarAccount(
      [
        { what: 'water', ml: 1000 },
        { what: 'white-sugar', grams: 90 },
        { what: 'honey', grams: 20 },
      ],
      { ml: 80, residualSugar: 12 },
    );
    expect(account.sources.map(({ what }) => what)).toEqual(['white-sugar', 'honey', 'starter']);
    expect(
      sugarAccount(
        [
          { what: 'water', ml: 1000 },
          { what: 'white-sugar', grams: 100 },
        ],
        noDose,
      ).gravity,
    ).toBeCloseTo(1.0363, 3);
    expect(
      sugarAccount(
        [
          { what: 'water', ml: 1000 },
          { what: 'white-sugar', grams: 100 },
        ],
        noDose,
      ).brix,
    ).toBeCloseTo(9.1, 1);
    expect(account.doseShare).toBeCloseTo(80 / account.batchMl, 9);
    expect([sugarRemark(40), sugarRemark(90), sugarRemark(130)].map((text) => text?.slice(0, 4))).toEqual([
      'Lean',
      undefined,
      'Rich',
    ]);
  });
});

describe('a brew worked out', () => {
  const sugar = (grams: number) => [{ what: 'white-sugar', grams }];
  test('by volume the water is what is left of it; by water the volume follows', () => {
    const plan = planBrew({
      ml: 2000,
      by: 'volume',
      portions: sugar(160),
      life: { kind: 'lot', lot: bug(), ml: 160 },
    });
    if (!plan.ok) throw new Error(plan.code);
    expect(plan.value.waterMl).toBeCloseTo(2000 - 160 - 160 * 0.62, 0);
    expect(plan.value.account.batchMl).toBeCloseTo(2000, 0);
    expect(plan.value.account.totalGramsPerLitre).toBeCloseTo((159.84 + 1.92) / 2, 1);
    expect(plan.value.jarMl).toBe(2200);
    const water = planBrew({ ml: 1000, by: 'water', portions: sugar(100), life: { kind: 'bare' } });
    expect(
      water.ok && [water.value.waterMl, Math.round(water.value.account.batchMl), water.value.draw],
    ).toEqual([1000, 1062, null]);
  });

  test.each([
    [{ ml: 100, by: 'volume', portions: sugar(200), life: { kind: 'bare' } }, 'brew.no-room'],
    [{ ml: 200, by: 'volume', portions: sugar(100), life: { kind: 'bare' } }, 'brew.thick'],
    [
      { ml: 2000, by: 'volume', portions: sugar(100), life: { kind: 'lot', lot: bug(), ml: 900 } },
      'draw.too-large',
    ],
    [
      { ml: 2000, by: 'volume', portions: sugar(100), life: { kind: 'lot', lot: bug(), ml: 1 } },
      'draw.nothing',
    ],
  ] as const)('what does not work is refused %#', (ask, code) =>
    expect(planBrew(ask)).toMatchObject({ ok: false, code }),
  );

  test('100 ml with 100 g of sugar is said to be too thick, not kept and lost', () => {
    expect(planBrew({ ml: 100, by: 'volume', portions: sugar(100), life: { kind: 'bare' } })).toMatchObject({
      ok: false,
      code: 'brew.thick',
    });
    expect(mostSugar).toBe(260);
  });

  test('the dose is 8 % of the batch, or what the jar can give', () => {
    expect(suggestedDose(bug(), 2000)).toBeCloseTo(160, 6);
    expect(suggestedDose(bug(), 50_000)).toBe(mostDrawableMl(bug()));
    // A litre: 8 % at 22 °C, 6 % a degree less in the heat and more in the cold, between 5 and 12 %.
    const litre = (celsius: number) => suggestedDose(bug(), 1000, celsius);
    expect([22, 18, 26, 40, 2].map(litre)).toEqual(
      [80, 80 * 1.06 ** 4, 80 * 1.06 ** -4, 50, 120].map((ml) => expect.closeTo(ml, 6)),
    );
  });

  test('a packet gives half a gram a litre, or what is left in it; grains’ liquid a tenth of the batch', () => {
    const packet = begunAlone({
      culture: 'wine-yeast',
      vessel: { kind: 'packet', ml: 20 },
      portions: [{ what: 'wine-yeast', grams: 5 }],
    });
    expect([suggestedDose(packet, 3000), suggestedDose(packet, 20_000)]).toEqual([1.5, expect.closeTo(5, 9)]);
    const { lot } = grainsJar();
    expect([suggestedDose(lot, 1500), suggestedDose(lot, 50_000)]).toEqual([150, mostDrawableMl(lot)]);
  });
  test('nothing alive goes in above 40 °C, and a warning comes above 30', () => {
    expect(pitchCheck(40.5)).toMatchObject({ code: 'pitch.too-hot' });
    expect(pitchCheck(30.5)).toMatchObject({
      ok: true,
      value: { warn: expect.stringContaining('stresses') },
    });
    expect(pitchCheck(30)).toEqual({ ok: true, value: { warn: undefined } });
  });
});

describe('sources of a brew’s sugar', () => {
  test('stand in order of weight, the dose among them, and what brings none is left out', () => {
    const { sources } = sugarAccount(
      [
        { what: 'water', ml: 1000 },
        { what: 'plum', grams: 100 },
        { what: 'white-sugar', grams: 80 },
      ],
      { ml: 100, residualSugar: 10 },
    );
    expect(sources.map(({ what }) => what)).toEqual(['white-sugar', 'plum', 'starter']);
    expect(sources.map(({ what }) => sourceName(what))).toEqual(['White sugar', 'Plum', 'Starter']);
    const undosed = sugarAccount([{ what: 'water', ml: 1000 }], noDose);
    expect(undosed.sources).toEqual([]);
  });

  test('acids weigh in the gravity of a base, of every kind', () => {
    const gravity = (what: string) => sugarAccount([{ what, ml: 100 }], noDose).gravity;
    expect(gravity('water')).toBeCloseTo(1, 6);
    expect(gravity('lemon-juice')).toBeCloseTo(1.0205, 4);
    expect(gravity('whey')).toBeCloseTo(1.00155, 4);
  });
});

describe('warmth at the pitch', () => {
  test('30 and 40 °C still pass, each in its way; beyond them it is warned and refused', () => {
    const said = (celsius: number) => {
      const check = pitchCheck(celsius);
      return check.ok ? (check.value.warn ? 'warned' : 'fine') : check.code;
    };
    expect([4, 30, 30.1, 40, 40.1].map(said)).toEqual(['fine', 'fine', 'warned', 'warned', 'pitch.too-hot']);
    const strong = pitchCheck(35.1);
    expect(strong.ok && strong.value.warn).toMatch(/kills a part/);
  });

  test('by the touch: cool is fine, lukewarm and warm are warned and refused for grains, hot is refused', () => {
    const said = (word: Felt, grains: boolean) => {
      const check = pitchCheck(felt[word].celsius, grains);
      return check.ok ? (check.value.warn ? 'warned' : 'fine') : check.code;
    };
    expect(feltWords.map((word) => said(word, false))).toEqual(['fine', 'warned', 'warned', 'pitch.too-hot']);
    expect(feltWords.map((word) => said(word, true))).toEqual(['fine', ...Array(3).fill('pitch.too-hot')]);
    for (const word of feltWords) expect(felt[word].celsius).toBeGreaterThanOrEqual(felt[word].range[0]);
  });
});

test('a cup of the last batch begins the next with a tenth of it, or with what there is', () => {
  const last: Entry[] = [
    {
      ...bugEntry()[0]!,
      id: id(40),
      role: 'brew',
      culture: null,
      recipe: { base: 'ginger-tea', wantedVolumes: 2.5 },
      vessel: { kind: 'jar', ml: 3000 },
      portions: [
        { what: 'water', ml: 2000 },
        { what: 'white-sugar', grams: 160 },
      ],
    } as Entry,
  ];
  const lot = lotOf(journalOf(last, dawn + 1e9).household, id(40))!;
  expect(suggestedDose(lot, 1500)).toBeCloseTo(150, 6);
  expect(suggestedDose(lot, 50_000)).toBeCloseTo(mostDrawableMl(lot), 6);
});
