import { lotOf } from '../../journal/household';
import { dawn, fedBug, TestKitchen } from '../kitchen.test-tool';
import { liquidsOf } from './root-ferment';
import { mixedSugar, sugarLeft, livingLiquid } from './living-liquid';
import { hourMs } from '../../duration';

const at = (hour: number) => dawn + hour * hourMs;
const leftIn = (kitchen: TestKitchen, id: string, hour: number): number => {
  const { household } = kitchen;
  return sugarLeft(lotOf(household, id)!, liquidsOf(household), at(hour))!;
};

/** 54 g of grains in 900 ml of water with 58 g of sugar. */
function grains(kitchen: TestKitchen, hour: number): string {
  return kitchen.jar(hour, 'water-kefir-grains', [
    { what: 'water', ml: 900 },
    { what: 'kefir-grains', grams: 54 },
    { what: 'white-sugar', grams: 58 },
  ]);
}

describe('what is left in a living jar', () => {
  test('nothing is eaten of a jar that was just begun: 58 g in 900 ml, the sugar and the grains’ water', () => {
    const kitchen = new TestKitchen(22);
    const jar = grains(kitchen, 0);
    expect(leftIn(kitchen, jar, 0)).toBeCloseTo(58 / (0.8998 + 58 * 0.00062), 0);
  });

  test('grains eat a third to two thirds in a day and a half at 22 °C, and it never rises unfed', () => {
    const kitchen = new TestKitchen(22);
    const jar = grains(kitchen, 0);
    const course = [0, 6, 12, 24, 36, 60, 96].map((hour) => leftIn(kitchen, jar, hour));
    for (const [i, value] of course.entries()) if (i > 0) expect(value).toBeLessThanOrEqual(course[i - 1]!);
    expect(course[4]! / course[0]!).toBeGreaterThan(0.25);
    expect(course[4]! / course[0]!).toBeLessThan(0.75);
  });

  test('a bug fed 3 % a day at 22 °C has little left before its next feed', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, 0, 8 * 24);
    expect(leftIn(kitchen, bug, 8 * 24 + 0.1)).toBeGreaterThan(25);
    expect(leftIn(kitchen, bug, 9 * 24 - 0.1)).toBeLessThan(8);
  });

  test('what is strained off carries what its jar had then, and its alcohol', () => {
    const kitchen = new TestKitchen(22);
    const jar = grains(kitchen, 0);
    const poured = kitchen.at(36, {
      kind: 'transferred',
      from: jar,
      taken: 'liquid',
      targets: [
        {
          begin: {
            role: 'brew',
            name: 'Off',
            vessel: { kind: 'jar', ml: 1500 },
            closure: 'airlock',
            place: 'counter',
            recipe: { base: 'mineral-sugar', wantedVolumes: 2.5 },
          },
          ml: 850,
        },
      ],
    });
    kitchen.at(36, { kind: 'portions-added', lotId: jar, portions: [{ what: 'white-sugar', grams: 58 }] });
    const { household } = kitchen;
    const off = lotOf(household, `${poured}-1`)!;
    const before = leftIn(kitchen, jar, 35.99);
    expect(mixedSugar(off, liquidsOf(household))).toBeCloseTo(before, 0);
    const { root } = kitchen.question(off.id, 40).family;
    const { sucrose, glucose, fructose } = root.sugars;
    expect(sucrose + glucose + fructose).toBeCloseTo(before, 0);
    expect(root.brought!.ethanol).toBeGreaterThan(3);
    expect(root.brought!.ethanol).toBeCloseTo(
      livingLiquid(lotOf(household, jar)!, liquidsOf(household), { at: at(36), entryId: poured })!.ethanol,
      1,
    );
    // It goes on from there: a day later less is left, and never more.
    expect(leftIn(kitchen, off.id, 60)).toBeLessThan(before);
  });

  test('a cup of a brew that was strained to another jar is as far as the brew', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, -96, -1, 2);
    const brew = kitchen.brew(0, 160);
    kitchen.draw(0, bug, brew, 150);
    const moved = kitchen.at(48, {
      kind: 'transferred',
      from: brew,
      taken: 'liquid',
      targets: [
        {
          begin: {
            role: 'brew',
            name: 'Second jar',
            vessel: { kind: 'jar', ml: 2000 },
            closure: 'airlock',
            place: 'counter',
          },
          ml: 1000,
        },
      ],
    });
    const stayed = leftIn(kitchen, brew, 72);
    expect(leftIn(kitchen, `${moved}-1`, 72) / stayed).toBeCloseTo(1, 1);
  });

  test('poured to and fro within one minute it neither hangs nor grows', () => {
    const kitchen = new TestKitchen(22);
    const bug = fedBug(kitchen, -96, -1, 2);
    const [a, b] = [kitchen.brew(0, 120), kitchen.brew(0, 60)];
    kitchen.draw(1, bug, a, 100);
    for (let i = 0; i < 6; i++) {
      kitchen.draw(2, a, b, 200);
      kitchen.draw(2, b, a, 200);
    }
    const { household } = kitchen;
    for (const id of [a, b])
      expect(mixedSugar(lotOf(household, id)!, liquidsOf(household))).toBeLessThan(120 / 1.87 + 1);
  });

  test('strained and fed in one minute: the fresh sugar counts at once', () => {
    const kitchen = new TestKitchen(21);
    const jar = grains(kitchen, 0);
    kitchen.at(36, { kind: 'transferred', from: jar, taken: 'liquid', targets: [{ ml: 915 }] });
    const before = leftIn(kitchen, jar, 36);
    kitchen.at(36, {
      kind: 'portions-added',
      lotId: jar,
      portions: [
        { what: 'white-sugar', grams: 59 },
        { what: 'water', ml: 910 },
      ],
    });
    // 59 g in 910 ml and 36 ml of their own, and what was left: 21 ml about the grains.
    expect(leftIn(kitchen, jar, 36)).toBeGreaterThan(before);
    expect(leftIn(kitchen, jar, 36)).toBeCloseTo(60, -1);
    const mixed = kitchen.brew(40, 100);
    kitchen.draw(41, jar, mixed, 100);
    expect(leftIn(kitchen, mixed, 41)).toBeGreaterThan(40);
  });

  test('what does not live has no figure', () => {
    const kitchen = new TestKitchen(22);
    const syrup = kitchen.brew(0, 100, 400, 'syrup');
    expect(sugarLeft(lotOf(kitchen.household, syrup)!, liquidsOf(kitchen.household), at(5))).toBeNull();
  });
});

test('a room that was only felt leaves twice the doubt about its warmth', () => {
  const deviationOf = (felt: boolean) => {
    const kitchen = new TestKitchen(22);
    if (felt) kitchen.at(-0.5, { kind: 'temperature-set', place: 'counter', celsius: 25, felt: true });
    const bug = fedBug(kitchen, -96, -1, 2);
    const brew = kitchen.brew(-2, 160);
    kitchen.draw(0, bug, brew, 150);
    return kitchen.question(brew, 20).family.root.kitchen?.offset.deviation;
  };
  expect(deviationOf(false)).toBeUndefined();
  expect(deviationOf(true)).toBeCloseTo(2.2, 9);
});
