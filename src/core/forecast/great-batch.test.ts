import { stepper } from '../ferment/run/compiled/stepper.test-tool';
import { answerFamily } from './answer/family-answer';
import type { FamilyQuestion } from './question/family-question';
import { brewed, pitched } from './kitchen.test-tool';
import { bytesOf } from './run/stored-run';

/** A batch whose bottles each got another dose, asked about six hours after they were filled. */
function unlike(count: number, squeezes = 0) {
  const { kitchen, brew } = brewed(pitched);
  const bottles = kitchen.bottles(24, brew, count, (index) => 1 + index / 10, 25);
  for (let i = 0; i < squeezes; i++)
    kitchen.at(24.5 + (5 * i) / squeezes, {
      kind: 'observed',
      lotId: bottles[0]!,
      signs: { squeeze: i < squeezes / 2 ? 'soft' : 'gives' },
    });
  return { question: kitchen.question(brew, 30), bottles, brew };
}

const withFew = (question: FamilyQuestion, members: number): FamilyQuestion => ({
  ...question,
  family: { ...question.family, root: { ...question.family.root, members } },
});

test('a batch of many unlike bottles is followed in fewer kitchens', () => {
  const kitchens = (count: number) => unlike(count).question.family.root.members;
  // 720 · 12/24 = 360; 720 · 12/60 = 144.
  expect([1, 12, 24, 60].map(kitchens)).toEqual([720, 720, 360, 144]);
});

test('runs are held within their bytes, the one that is asked for in any case; the answer is whole and the same', () => {
  const { question, bottles, brew } = unlike(5);
  const few = withFew(question, 8);
  const whole = answerFamily(few, stepper, brew);
  expect(whole.runs).toHaveLength(6);
  const each = bytesOf(whole.runs[1]!);
  const some = answerFamily(few, stepper, bottles[4]!, bytesOf(whole.runs[0]!) + 2.5 * each);
  expect(Object.keys(some.runOf)).toEqual([brew, bottles[0], bottles[1], bottles[4]]);
  expect(some.answer).toEqual(whole.answer);
  expect(some.runs[some.runOf[bottles[4]!]!]!.rows).toEqual(whole.runs[5]!.rows);
  const none = answerFamily(few, stepper, null);
  expect([none.runs, none.runOf]).toEqual([[], {}]);
  expect(none.answer).toEqual(whole.answer);
});

test('a thousand squeezes weigh as the twenty-four that are spread over them, and cut no stage', () => {
  const { question } = unlike(1, 1000);
  const [bottle] = question.family.branches;
  expect(bottle!.stages).toHaveLength(1);
  const hours = bottle!.readings.map(({ hour }) => hour);
  expect(hours).toHaveLength(24);
  // From the first at half an hour after filling to the last, 999/1000 of five hours later.
  expect(hours[0]).toBeCloseTo(24.5, 3);
  expect(hours.at(-1)).toBeCloseTo(24.5 + 4.995, 3);
  expect(bottle!.readings.filter(({ value }) => value === 'soft')).toHaveLength(12);
  const few = unlike(1, 24).question.family.branches[0]!.readings;
  expect(few).toHaveLength(24);
});
