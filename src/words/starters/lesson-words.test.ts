import { learn } from '@/core/forecast/ensemble/lessons';
import { lessonWords } from './lesson-words';

const nothing = learn([], { culture: 'ginger-bug', starter: null, now: 0, kindSpread: 0.28 });
const kitchen = (offset: number, fridge = 0) => ({
  ...nothing.kitchen,
  offset: { mean: offset, deviation: 0.8 },
  fridge: { mean: fridge, deviation: 1.2 },
});

test('nothing finished: nothing said', () => {
  expect(lessonWords(nothing, 22)).toEqual([]);
});

test('a brisk starter: how brisk, how sure, and that the next one is sooner', () => {
  expect(lessonWords({ ...nothing, vigour: 1.25, spread: 0.17, batches: 3 }, 22)).toEqual([
    'Learned from 3 finished batches: about 125 % (± 17 %) of the usual vigour.',
    'The next one is therefore expected about 20 % sooner than if nothing were known.',
  ]);
});

test('one batch that says the usual: no word of sooner or later', () => {
  expect(lessonWords({ ...nothing, vigour: 1.01, spread: 0.24, batches: 1 }, 22)).toEqual([
    'Learned from 1 finished batch: about 101 % (± 24 %) of the usual vigour.',
  ]);
});

test('a cool room slows the next one by what its degrees cost, and is doubted less', () => {
  // At 20 °C yeast works at 0.395 of its best pace, at 18.5 °C at 0.333.
  const words = lessonWords({ ...nothing, kitchen: kitchen(-1.5) }, 20);
  expect(words[0]).toBe('The room seems 1.5 °C cooler than written, give or take 0.8 °C.');
  expect(words[1]).toMatch(/^The next one is therefore expected about 1[5-9] % later than/);
  expect(words[2]).toBe('Its temperature is known 27 % closer.');
});

test('a fridge, warm and cold', () => {
  expect(lessonWords({ ...nothing, kitchen: kitchen(0, 1.9) }, 22)[0]).toBe(
    'The fridge seems 1.9 °C warmer than written, give or take 1.2 °C: bottles there go on faster, and keep less long.',
  );
  expect(lessonWords({ ...nothing, kitchen: kitchen(0.2, -1) }, 22)[0]).toContain(
    '1.0 °C colder than written, give or take 1.2 °C: bottles there go on more slowly.',
  );
});
