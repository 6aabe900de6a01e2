import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { plainStepper } from '../../ferment/run/stepper';
import { brewed, pitched } from '../kitchen.test-tool';
import type { FamilyQuestion } from '../question/family-question';
import { bottleTable, chillTable } from './courses';
import { answerFamily } from './family-answer';
import { jarNow } from './jar-now';
import { RunStore } from './run-store';
import { suppose } from './suppose';

const few = (question: FamilyQuestion, members = 12): FamilyQuestion => ({
  ...question,
  family: { ...question.family, root: { ...question.family.root, members } },
});
const { kitchen, brew } = brewed(pitched);
const [bottle] = kitchen.bottles(24, brew, 2);
const question = few(kitchen.question(brew, 30));
const whole = answerFamily(question, stepper, bottle);
const runOf = (lotId: string) => whole.runs[whole.runOf[lotId]!]!;
const held = () => {
  const store = new RunStore(stepper);
  return { store, ...store.family('f1', question, bottle!) };
};

test('a held answer is the answer, with what a page shows of each run', () => {
  const { answer, runOf: infos } = held();
  expect(answer).toEqual(whole.answer);
  expect(Object.keys(infos).sort()).toEqual(Object.keys(whole.runOf).sort());
  expect(infos[brew]).toEqual({
    id: `f1/${whole.runOf[brew]}`,
    kitchens: runOf(brew).members.length,
    celsius: 22,
    dosed: true,
  });
});

test('tables are those of the run itself', () => {
  const { store, runOf: infos } = held();
  const hours = [40, 50];
  expect(store.chills(infos[bottle!]!.id, hours, 2.8, 90)).toEqual(
    chillTable(runOf(bottle!), hours, 2.8, 90),
  );
  expect(store.bottlings(infos[brew]!.id, hours, 2.5)).toEqual(bottleTable(runOf(brew), hours, 2.5));
  expect(store.jar(infos[brew]!.id, 20)).toEqual(jarNow(runOf(brew), 20));
});

test('a supposition has a run of its own, of which more is asked', () => {
  const { store, runOf: infos } = held();
  const lot = question.lots.find(({ lotId }) => lotId === bottle)!;
  const ask = { question, lot, nowHour: 30, supposition: { kind: 'warmer', degrees: 3 } } as const;
  const supposed = store.suppose(infos[bottle!]!.id, ask)!;
  const same = suppose(ask, runOf(bottle!));
  expect(supposed.answer).toEqual(same.answer);
  expect(supposed.run.celsius).toBeCloseTo(25, 9);
  expect(store.chills(supposed.run.id, [40], 2.8, 90)).toEqual(chillTable(same.run, [40], 2.8, 90));
});

test('what was let go is answered with null: the third family, the fifth supposition, a stranger', () => {
  const { store, runOf: infos } = held();
  const lot = question.lots.find(({ lotId }) => lotId === bottle)!;
  const { id } = infos[bottle!]!;
  const runs = [1, 2, 3, 4, 5].map(
    (degrees) =>
      store.suppose(id, { question, lot, nowHour: 30, supposition: { kind: 'warmer', degrees } })!.run,
  );
  expect(runs.map((run) => store.jar(run.id, 30) === null)).toEqual([true, false, false, false, false]);
  const other = few(kitchen.question(brew, 31), 4);
  store.family('f2', other, brew);
  expect(store.jar(id, 30)).not.toBeNull();
  store.family('f3', other, brew);
  expect([store.jar(id, 30), store.chills(id, [40], 2.8, 90), store.bottlings(id, [40], 2.5)]).toEqual([
    null,
    null,
    null,
  ]);
  expect([store.jar('stranger/0', 1), store.jar('f3/9', 1), store.jar('', 1)]).toEqual([null, null, null]);
});

test('runs handed over are held by the other store alone, and go on in its steps', () => {
  const { store, runOf: infos } = held();
  const other = new RunStore(plainStepper());
  const { id } = infos[bottle!]!;
  other.take(structuredClone(store.handOver('f1')));
  expect(store.jar(id, 30)).toBeNull();
  expect(other.jar(id, 30)).toEqual(jarNow(runOf(bottle!), 30));
  const pour = other.chills(id, [40], 2.8, 90)![0]!.pour;
  expect(pour.volumes[2]).toBeCloseTo(chillTable(runOf(bottle!), [40], 2.8, 90)[0]!.pour.volumes[2], 3);
});
