import { learn } from './lessons';
import { lotOf } from '../journal/household';
import { liquidMl } from '../matter/contents';
import { dawn, hourMs, TestKitchen, dosedHousehold } from './kitchen.test-tool';
import { paceAt, starterQuestion } from './starter-question';

describe('the question about a jar', () => {
  const { kitchen, bug } = dosedHousehold();
  const ask = (now: number, more: Partial<Parameters<typeof starterQuestion>[0]> = {}) => {
    const { household: told } = kitchen;
    return starterQuestion({
      lot: lotOf(told, bug)!,
      warmths: told.warmths,
      learned: {
        ...learn([], { culture: 'ginger-bug', starter: null, now: 0, kindSpread: 0.28 }),
        vigour: 1.1,
        spread: 0.2,
      },
      now: dawn + now * hourMs,
      aheadHours: 48,
      ...more,
    });
  };

  test('follows it from its beginning: feeds, draws and the temperatures it lived', () => {
    const question = ask(5)!;
    expect(question).toMatchObject({
      lotId: bug,
      start: dawn - 96 * hourMs,
      settledMass: expect.closeTo(5.3, 9),
      nowHour: 101,
      fedHour: 72,
      drawnHour: 96,
      restHours: 24,
    });
    expect(question.feedEveryHours).toBeCloseTo(24, 6);
    const { ferment } = question;
    expect(ferment.stages.reduce((sum, { hours }) => sum + hours, 0)).toBeCloseTo(102 + 48, 6);
    expect(ferment).toMatchObject({
      vigour: 1.1,
      vigourSpread: 0.2,
      members: 64,
      stepHours: 2,
      base: 'raw-ginger',
      amountPerLitre: 0,
    });
    expect(ferment.kept).toMatchObject({ starving: 0.092, airing: 0.03, settled: null, lagWork: 2.4 });
    expect(ferment.kept!.yeastCapacity).toBeCloseTo(5 * 1.06, 9);
    expect(ferment.kept!.lacticCapacity).toBeCloseTo(0.3 * 1.1, 9);
    expect(ferment.kept!.fresh).toEqual({ yeast: 6e-4, lactics: 3e-4, acetics: 0 });
    // 25 g of sugar and a little of the ginger's own in half a litre.
    expect(ferment.sugars.sucrose).toBeCloseTo(24.975 / ferment.liquidLitres, 0);
  });

  test('is of no lot that is not kept, and of none before it was begun', () => {
    expect(ask(-97)).toBeNull();
    const { household: told } = kitchen;
    expect(ask(5, { lot: { ...lotOf(told, bug)!, role: 'brew' } })).toBeNull();
    expect(ask(5, { lot: { ...lotOf(told, bug)!, culture: 'ale-yeast' } })).toBeNull();
    expect(ask(5, { lot: { ...lotOf(told, bug)!, events: [] } })).toBeNull();
  });

  test('what lies further back than eighteen days shows only in how it stands', () => {
    const question = ask(24 * 30)!;
    expect(question.start).toBe(dawn - 24 * hourMs);
    expect(question.ferment.kept!.settled).toEqual({
      yeast: 5,
      lactics: 0.3,
      acetics: 0,
      ready: 1.5,
      ethanol: 8,
      lactic: 2,
    });
    expect(question.ferment.stepHours).toBe(2);
    expect(ask(24 * 60)!.ferment.stepHours).toBe(6);
  });

  test('a closure lets its own share of the alcohol go', () => {
    const { household: told } = kitchen;
    const lot = lotOf(told, bug)!;
    expect(
      (['cloth', 'loose-lid', 'airlock', 'sealed'] as const).map(
        (closure) => ask(5, { lot: { ...lot, closure } })!.ferment.kept!.airing,
      ),
    ).toEqual([0.03, 0.012, 0.002, 0]);
  });

  test('pace against 22 °C: half again as slow at 18, a third faster at 25, crawling in the fridge', () => {
    expect([paceAt(22), paceAt(18), paceAt(25)].map((pace) => Number(pace.toFixed(3)))).toEqual([
      1, 0.672, 1.259,
    ]);
    expect(paceAt(4)).toBeCloseTo(0.036 / (8000 / 14336), 6);
    expect(paceAt(44)).toBe(0.01);
  });

  test('grains hold their cells whatever the water; a renewal meets them all', () => {
    const shelf = new TestKitchen(22);
    const grains = shelf.jar(0, 'water-kefir-grains', [
      { what: 'water', ml: 800 },
      { what: 'kefir-grains', grams: 60 },
      { what: 'white-sugar', grams: 50 },
    ]);
    shelf.at(36, { kind: 'transferred', from: grains, taken: 'liquid', targets: [{ ml: 700 }] });
    shelf.at(36.2, {
      kind: 'portions-added',
      lotId: grains,
      portions: [
        { what: 'water', ml: 700 },
        { what: 'white-sugar', grams: 45 },
      ],
    });
    const lot = lotOf(shelf.household, grains)!;
    const question = starterQuestion({
      lot,
      warmths: shelf.household.warmths,
      learned: null,
      now: dawn + 40 * hourMs,
      aheadHours: 24,
    })!;
    const { kept, stages } = question.ferment;
    // 60 g in about 831 ml: 72 g/L crowd to 50·(72/50)^0.55.
    const dose = 50 * (60 / question.ferment.liquidLitres / 50) ** 0.55;
    expect(kept!.fresh.yeast).toBeCloseTo(0.0084 * dose, 3);
    expect(kept!.lagWork).toBe(0.7);
    const renewal = stages.find(({ inflows }) => inflows?.length)!.inflows![0]!;
    expect(renewal.yeast).toBeGreaterThan(0.0084 * 50);
    expect(renewal.sucrose).toBeCloseTo(44.955 / ((700 * 0.99979 + 44.955 * 0.62) / 1000), 0);
    expect(question.fedHour).toBeCloseTo(36.2, 6);
    expect(liquidMl(lot.contents)).toBeGreaterThan(800);
  });
});
