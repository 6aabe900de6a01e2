import { refinedCare } from './refine';
import { needsRefinement } from './needs-refinement';
import { loneFerment, type Branch } from '../run/family';
import type { FamilyQuestion } from '../question/family-question';
import { askedSoda, risingBottles, warmBottle } from '../handmade.test-tool';
import { firstPassageHours } from '../read-off/first-passage';
import { valuesOverTime } from '../read-off/quantiles';
import { partOf } from '../../part-of.test-tool';
import type { PressureCourse } from '../read-off/pressure-course';
import type { Reading } from '../../ferment/scenario/ferment';

const squeeze = { kind: 'squeeze', hour: 40, value: 'firm' } as const;
const soda = (members: number, readings: readonly Reading[] = [squeeze]) =>
  askedSoda({
    members,
    readings: [...readings],
    stages: [{ hours: 90, vessel: 'sealed', celsius: 24, headspaceMl: 30 }],
  });
const bottle = { run: 0, limitBar: 3, sealedFromHour: 0, nowHour: 36 };
const asked = (root = soda(720), lots: readonly object[] = [bottle], branches: readonly Branch[] = []) =>
  partOf<FamilyQuestion>({
    rootId: 'soda',
    start: 0,
    family: { ...loneFerment(root), branches },
    lots,
    drawn: null,
  });

/** A lot whose limit is passed by a kitchen in twenty after so many hours. */
const passing = (hour: number) => ({
  pressure: {
    passes: partOf<PressureCourse['passes']>([
      { share: 0.7, hours: [1, 2, 3, 4, 5] },
      { share: 1, hours: [hour, 90, 95, 99, Infinity] },
    ]),
  },
  keeping: null,
});
const cold = (chanceAtEnd: number) => ({ pressure: null, keeping: { chanceAtEnd } });

describe('whether a limit is in doubt', () => {
  test.each([
    ['a kitchen in twenty passes it', asked(), [passing(60)], true],
    ['none does', asked(), [passing(Infinity)], false],
    ['no share of it is told', asked(), [{ pressure: { passes: [] }, keeping: null }], false],
    ['a cold bottle may', asked(), [cold(0.03)], true],
    ['a cold bottle may not', asked(), [cold(0.004)], false],
    ['a cold bottle surely does', asked(), [cold(0.996)], false],
    ['nothing was read', asked(soda(720, [])), [passing(60)], false],
    ['few kitchens are asked', asked(soda(199)), [passing(60)], false],
    ['not so few', asked(soda(200)), [passing(60)], true],
    ['it is not sealed', asked(soda(720), [{ ...bottle, sealedFromHour: null }]), [passing(60)], false],
    ['the second of two', asked(soda(720), [bottle, bottle]), [passing(Infinity), passing(60)], true],
    ['no limit is known', asked(), [{ pressure: null, keeping: null }], false],
  ] as const)('%s', (_, question, answers, expected) => {
    expect(needsRefinement(question, answers)).toBe(expected);
  });

  test('a reading on any lot of the family counts', () => {
    const branch: Branch = {
      lots: ['b'],
      parent: -1,
      fromHour: 20,
      liquidLitres: 0.5,
      stages: [warmBottle],
      readings: [squeeze],
    };
    expect(needsRefinement(asked(soda(720, []), [bottle], [branch]), [passing(60)])).toBe(true);
  });
});

describe('how it is refined', () => {
  test('four times the draws; ahead as far as four days beyond the last reading, and beyond now', () => {
    const { draws, foresight } = refinedCare(asked());
    expect([draws, foresight!.kitchens, foresight!.untilHour]).toEqual([4, 6, 136]);
    expect(refinedCare(asked(soda(720), [{ ...bottle, nowHour: 60 }])).foresight!.untilHour).toBe(156);
  });

  test('without a limit nothing is put in order', () => {
    const jar = { ...bottle, limitBar: null };
    expect(refinedCare(asked(soda(720), [jar, { ...bottle, sealedFromHour: null }])).foresight).toBeNull();
  });

  test('kitchens go by when they pass the limit, then by what they are short of it; all bottles together', () => {
    const run = risingBottles();
    const passes = firstPassageHours(run, 'gaugeBar', 3, 'rises');
    const last = valuesOverTime(run, 'gaugeBar').at(-1)!;
    // The slowest two never pass it within the hundred hours.
    expect([...passes].map(Number.isFinite)).toEqual([false, false, true, true, true]);
    const order = refinedCare(asked()).foresight!.order([run]);
    expect([...order]).toEqual([
      expect.closeTo(100 + 96 * (1 - last[0]! / 3), 9),
      expect.closeTo(100 + 96 * (1 - last[1]! / 3), 9),
      passes[2],
      passes[3],
      passes[4],
    ]);
    const strong = { ...bottle, run: 1, limitBar: 3.5 };
    const both = refinedCare(asked(soda(720), [bottle, strong])).foresight!.order([run, run]);
    const alone = refinedCare(asked(soda(720), [strong])).foresight!.order([run, run]);
    both.forEach((each, m) => expect(each).toBeCloseTo(order[m]! + alone[m]!, 9));
  });
});
