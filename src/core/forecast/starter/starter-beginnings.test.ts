import { knownCultures } from '../../cultures/registry';
import { cardinal, temperatureResponse } from '../../ferment/relations/cardinal-temperature';
import { fedBug, TestKitchen } from '../kitchen.test-tool';

describe('a jar that begins with another', () => {
  test('takes of its cells what it takes of its liquid', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, -200, -1);
    const id = kitchen.at(0, {
      kind: 'transferred',
      from: bug,
      taken: 'liquid',
      targets: [
        {
          begin: {
            role: 'starter',
            name: 'second',
            vessel: { kind: 'jar', ml: 1000 },
            closure: 'cloth',
            place: 'counter',
            culture: 'ginger-bug',
          },
          ml: 100,
        },
      ],
    });
    kitchen.at(1, { kind: 'portions-added', lotId: `${id}-1`, portions: [{ what: 'water', ml: 300 }] });
    const { kept, liquidLitres } = kitchen.starterQuestion(`${id}-1`, 5, 24).ferment;
    // A tenth of a litre, all of it from the other jar: its cells as they stood, and the lag of a dose.
    expect(liquidLitres).toBeCloseTo(0.1, 3);
    expect(kept).toMatchObject({ lagWork: 1.45, fresh: { yeast: 5, lactics: 0.3, acetics: 0 } });
  });

  test('holds the sugar that the other had left, not what that was given', () => {
    const kitchen = new TestKitchen(22);
    const brew = kitchen.brew(0, 100, 1000);
    kitchen.at(0, { kind: 'portions-added', lotId: brew, portions: [{ what: 'wine-yeast', grams: 1 }] });
    const id = kitchen.at(24 * 12, {
      kind: 'transferred',
      from: brew,
      taken: 'sediment',
      targets: [
        {
          begin: {
            role: 'starter',
            name: 'grey cream',
            vessel: { kind: 'jar', ml: 100 },
            closure: 'loose-lid',
            place: 'fridge',
            culture: 'sediment',
          },
          ml: 60,
        },
      ],
    });
    // Twelve days with a gram of wine yeast: dry, where 94 g/L were mixed.
    const { sucrose, glucose, fructose } = kitchen.starterQuestion(`${id}-1`, 24 * 12 + 1, 24).ferment.sugars;
    expect(sucrose + glucose + fructose).toBeLessThan(3);
  });

  test('what is drawn into it later brings the cells of a settled jar', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, -200, -1);
    const other = kitchen.jar(0, 'ginger-bug', [
      { what: 'water', ml: 300 },
      { what: 'white-sugar', grams: 15 },
    ]);
    kitchen.draw(4, bug, other, 60);
    const { stages } = kitchen.starterQuestion(other, 8, 24).ferment;
    const inflow = stages.find(({ inflows }) => inflows?.length)!.inflows![0]!;
    expect(inflow).toMatchObject({ yeast: 5, lactics: 0.3, acetics: 0 });
    expect(inflow.share).toBeCloseTo(0.06 / (0.06 + 0.3 * 0.99979 + 0.015 * 0.62), 3);
  });

  test('a jar that is renewed meets its grains again; one that is only fed does not', () => {
    const kitchen = new TestKitchen(22);
    const begun = (culture: string, more: { what: string; grams: number }[]) =>
      kitchen.jar(0, culture, [{ what: 'water', ml: 800 }, { what: 'white-sugar', grams: 50 }, ...more]);
    const inflowOf = (id: string) => {
      kitchen.at(30, {
        kind: 'portions-added',
        lotId: id,
        portions: [
          { what: 'water', ml: 50 },
          { what: 'white-sugar', grams: 10 },
        ],
      });
      return kitchen.starterQuestion(id, 40, 24).ferment.stages.find(({ inflows }) => inflows?.length)!
        .inflows![0]!;
    };
    const grains = begun('water-kefir-grains', [{ what: 'kefir-grains', grams: 60 }]);
    const litres = (800 * 0.99979 + 49.95 * 0.62 + 0.05) / 1000;
    // Little was poured on: the grains still lie in all of the jar's liquid.
    const renewed = inflowOf(grains);
    expect(renewed.yeast).toBeGreaterThan(0.014 * 50 * (60 / (litres + 0.02) / 50) ** 0.55);
    expect(renewed.yeast).toBeLessThan(0.014 * 50 * (60 / (litres - 0.02) / 50) ** 0.55);
    expect(renewed.lactics / renewed.yeast).toBeCloseTo(0.0034 / 0.014, 9);
    expect(inflowOf(begun('tea-mother', []))).toMatchObject({ yeast: 0, lactics: 0, acetics: 0 });
    expect(inflowOf(begun('ginger-bug', [{ what: 'ginger', grams: 20 }]))).toMatchObject({ yeast: 0 });
  });

  test('dried grains wake by and by, from a lag of their own', () => {
    const kitchen = new TestKitchen(22);
    const id = kitchen.jar(0, 'water-kefir-grains', [
      { what: 'water', ml: 800 },
      { what: 'white-sugar', grams: 50 },
      { what: 'dried-kefir-grains', grams: 10 },
    ]);
    const { kept } = kitchen.starterQuestion(id, 8, 24).ferment;
    expect(kept).toMatchObject({ lagWork: 7, settled: null });
    // Ten grams swell to forty; at first a fiftieth of them lives.
    expect(kept!.fresh.yeast).toBeLessThan(0.014 * 1);
    expect(kept!.fresh.yeast).toBeGreaterThan(0.014 * 0.8 * 0.9);
    expect(kept!.yeastCapacity).toBeCloseTo(1.2 * 1.06, 9);
  });

  test('cells of a hungry jar die by half in the days its kind lasts, at 22 °C', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, 0, 30);
    const { kept } = kitchen.starterQuestion(bug, 40, 24).ferment;
    const days = knownCultures('ginger-bug')!.keeping!.hungryHalfLifeDays;
    const pace = temperatureResponse(22, cardinal.yeast);
    expect(Math.exp(-kept!.hungerDying * pace * 24 * days)).toBeCloseTo(0.5, 9);
  });
});
