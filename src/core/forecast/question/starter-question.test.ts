import { learn } from '../ensemble/lessons';
import { lotOf } from '../../journal/household';
import { liquidMl } from '../../matter/contents';
import { dawn, dosedHousehold, fedBug, TestKitchen } from '../kitchen.test-tool';
import { paceAt, starterQuestion } from './starter-question';
import { hourMs } from '../../duration';

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
    expect(ferment.kept!.yeastCapacity).toBeCloseTo(5 * 1.25, 9);
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
    expect(kept!.fresh.yeast).toBeCloseTo(0.014 * dose, 3);
    expect(kept!.lagWork).toBe(0.85);
    const renewal = stages.find(({ inflows }) => inflows?.length)!.inflows![0]!;
    expect(renewal.yeast).toBeGreaterThan(0.014 * 50);
    expect(renewal.sucrose).toBeCloseTo(44.955 / ((700 * 0.99979 + 44.955 * 0.62) / 1000), 0);
    expect(question.fedHour).toBeCloseTo(36.2, 6);
    expect(liquidMl(lot.contents)).toBeGreaterThan(800);
  });
});

/** What is asked of a jar of a kitchen at an hour, a day ahead. */
const of = (kitchen: TestKitchen, id: string, hour: number) => kitchen.starterQuestion(id, hour, 24);

describe('what counts as a feed, a draw and a beginning', () => {
  const sugar = (kitchen: TestKitchen, id: string, hour: number, grams: number) =>
    kitchen.at(hour, { kind: 'portions-added', lotId: id, portions: [{ what: 'white-sugar', grams }] });

  test('a feed brings sugar, a pinch of it is none, and what comes later is not known yet', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, 0, 30);
    sugar(kitchen, bug, 40, 0.5);
    kitchen.at(42, { kind: 'portions-added', lotId: bug, portions: [{ what: 'water', ml: 20 }] });
    sugar(kitchen, bug, 60, 10);
    expect(of(kitchen, bug, 50).fedHour).toBe(24);
    expect(of(kitchen, bug, 60).fedHour).toBe(60);
    expect(of(kitchen, bug, 70).fedHour).toBe(60);
    sugar(kitchen, bug, 65, 0.6);
    expect(of(kitchen, bug, 70).fedHour).toBe(65);
    // Nothing sweet ever came in: it was fed when it was begun.
    const peel = kitchen.jar(5, 'ginger-bug', [{ what: 'water', ml: 300 }]);
    expect(of(kitchen, peel, 20)).toMatchObject({ fedHour: 0, nowHour: 15, drawnHour: null });
  });

  test('a draw is known from the hour it was made', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, 0, 80);
    for (const hour of [50, 90])
      kitchen.at(hour, { kind: 'transferred', from: bug, taken: 'liquid', targets: [{ ml: 50 }] });
    expect([49, 50, 70, 90, 99].map((hour) => of(kitchen, bug, hour).drawnHour)).toEqual([
      null,
      50,
      50,
      90,
      90,
    ]);
  });

  test('at the very instant it was begun it can be asked', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, 0, 1);
    expect(of(kitchen, bug, 0)).toMatchObject({ nowHour: 0, fedHour: 0, start: dawn });
  });

  test('after eighteen days it is followed from the last feed before them, whatever was drawn since', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, 0, 100);
    kitchen.at(110, { kind: 'transferred', from: bug, taken: 'liquid', targets: [{ ml: 50 }] });
    sugar(kitchen, bug, 24 * 30, 12);
    const days = (hour: number) => (of(kitchen, bug, hour).start - dawn) / hourMs;
    // From its beginning until that lies back eighteen days; then from its feeds at 24, 48, 72 and 96 h, in turn.
    expect([24 * 18, 24 * 18 + 1, 24 * 19, 24 * 20, 24 * 24].map(days)).toEqual([0, 24, 24, 48, 96]);
    expect(days(24 * 48)).toBe(24 * 30);
    expect(days(24 * 48 - 1)).toBe(96);
    // What it held then is what stood in it with that feed, and only that feed was sweet.
    const late = of(kitchen, bug, 24 * 20).ferment;
    expect(late.sugars.sucrose * late.liquidLitres).toBeGreaterThan(14.9);
    expect(late.sugars.sucrose * late.liquidLitres).toBeLessThan(15.6);
    // Half a litre of water, 25 g and 15 g of sugar swollen, and what the ginger gave and soaked up.
    expect(late.liquidLitres).toBeGreaterThan(0.495);
    expect(late.liquidLitres).toBeLessThan(0.52);
    expect(late.stages.filter(({ inflows }) => inflows?.length)).toHaveLength(2);
  });

  test('one that was fed only after eighteen days is followed from that feed', () => {
    const kitchen = new TestKitchen(22);
    const bug = kitchen.jar(0, 'ginger-bug', [
      { what: 'water', ml: 300 },
      { what: 'white-sugar', grams: 15 },
    ]);
    expect(of(kitchen, bug, 24 * 30).start).toBe(dawn);
    sugar(kitchen, bug, 24 * 25, 12);
    expect((of(kitchen, bug, 24 * 30).start - dawn) / hourMs).toBe(24 * 25);
  });

  test('its rhythm slows with its pace, to four weeks at most', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, 0, 30);
    kitchen.at(31, { kind: 'temperature-set', place: 'counter', celsius: 18 });
    expect(of(kitchen, bug, 40).feedEveryHours).toBeCloseTo(24 / paceAt(18), 6);
    const cold = new TestKitchen(22);
    const sleeping = fedBug(cold, 0, 30);
    cold.at(31, { kind: 'moved', lots: [sleeping], place: 'fridge' });
    expect(of(cold, sleeping, 40).feedEveryHours).toBeCloseTo(24 / paceAt(4), 6);
    expect(24 / paceAt(4)).toBeLessThan(24 * 28);
    const tea = cold.jar(32, 'tea-mother', [
      { what: 'water', ml: 900 },
      { what: 'white-sugar', grams: 60 },
    ]);
    cold.at(33, { kind: 'moved', lots: [tea], place: 'fridge' });
    expect(of(cold, tea, 40).feedEveryHours).toBe(24 * 28);
  });

  test('the end lies so far ahead of the next sixth hour', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, 0, 30);
    const hours = (now: number) =>
      of(kitchen, bug, now).ferment.stages.reduce((sum, stage) => sum + stage.hours, 0);
    expect([30, 30.1, 36].map(hours)).toEqual([54, 60, 60].map((all) => expect.closeTo(all, 6)));
  });
});
