import { keptKinds } from '../cultures/registry';
import { causes, lateness, type CauseId } from './causes';
import type { JarFacts } from './jar-facts';

const bugs = keptKinds.find(({ id }) => id === 'ginger-bug')!;

/** A kind with round numbers, so that every factor can be worked out on paper. */
const keeping: (typeof bugs)['keeping'] = {
  ...bugs.keeping,
  ripensDays: [3, 5, 7],
  begin: { ...bugs.keeping.begin, sugarShare: [0.04, 0.08] },
  feed: { ...bugs.keeping.feed, everyHours: 24, sugarShare: 0.02 },
  restsWeeks: 4,
  mustStay: 0.25,
  renews: false,
  settledAcetics: 0,
};
const facts: JarFacts = {
  ageDays: 3,
  fedHoursAgo: 24,
  celsius: 22,
  warmest: 24,
  coldDays: 0,
  leastLevel: 0.9,
  sweetenerPercent: 6,
  minerals: true,
  grainsPerSugar: null,
  stirredHoursAgo: 10,
};
const told = (cause: CauseId, changed: Partial<JarFacts>, kind: Partial<typeof keeping> = {}): number[] =>
  causes
    .find(({ id }) => id === cause)!
    .evidence({ ...facts, ...changed }, { ...keeping, ...kind })
    .map(({ times }) => times);

/** Cause, what the ledger says, and the factors worked out by hand. */
const byHand: readonly [CauseId, Partial<JarFacts>, readonly number[]][] = [
  // 2.2^(2.5·(1 − age over 5 days)); an eighth less ripe for each degree colder.
  ['too-young', { ageDays: 2.5 }, [2.67934]],
  ['too-young', { ageDays: 2.5, celsius: 24 }, [2.08515]],
  ['too-young', { ageDays: 5 }, [1]],
  ['too-young', { ageDays: 0 }, [6]],
  ['too-young', { ageDays: 40 }, [0.05]],
  // 1.55 for each degree below 18.5 °C.
  ['too-cold', { celsius: 18.5 }, [1]],
  ['too-cold', { celsius: 16.5 }, [2.4025]],
  ['too-cold', { celsius: 25 }, [0.12]],
  ['too-cold', { celsius: 10 }, [9]],
  // 1.5 for each degree above 30 °C.
  ['too-hot', { warmest: 33 }, [3.375]],
  ['too-hot', { warmest: 20 }, [0.08]],
  ['too-hot', { warmest: 40 }, [14]],
  // 0.6 · lateness^1.4: two days late at 22 °C, twice two days and a third at 20 °C; six weeks in the cold are twice three.
  ['starved', { fedHoursAgo: 48 }, [1.58341]],
  ['starved', { fedHoursAgo: 63.48, celsius: 20 }, [1.58341]],
  ['starved', { fedHoursAgo: 1344, coldDays: 10 }, [1.58341, 0.4]],
  ['starved', { fedHoursAgo: 504, coldDays: 14 }, [0.40109]],
  ['starved', { fedHoursAgo: 2 }, [0.1]],
  ['starved', { fedHoursAgo: 505 }, [9, 0.4]],
  // Half of eighteen days, half of the four weeks it rests in the cold.
  ['neglected', { fedHoursAgo: 216 }, [0.176777]],
  ['neglected', { fedHoursAgo: 336, coldDays: 10 }, [0.176777]],
  ['neglected', { fedHoursAgo: 216, coldDays: 9 }, [0.176777]],
  ['neglected', { fedHoursAgo: 24 }, [0.03]],
  ['neglected', { fedHoursAgo: 2400 }, [12]],
  ['drawn-low', { leastLevel: 0.5 }, [0.176777]],
  ['drawn-low', { leastLevel: 0.25 }, [1]],
  ['drawn-low', { leastLevel: 0.2 }, [1.74693]],
  ['drawn-low', { leastLevel: 0 }, [9]],
  ['drawn-low', { leastLevel: 1 }, [0.1]],
  // Half of how far off cubed: 2 % is half of the least, 16 % twice the most, 10 % a quarter over.
  ['thin-feed', { sweetenerPercent: null }, [0.5]],
  ['thin-feed', { sweetenerPercent: 4 }, [0.2]],
  ['thin-feed', { sweetenerPercent: 8 }, [0.2]],
  ['thin-feed', { sweetenerPercent: 2 }, [4]],
  ['thin-feed', { sweetenerPercent: 0 }, [10]],
  ['thin-feed', { sweetenerPercent: 10 }, [0.256]],
  ['thin-feed', { sweetenerPercent: 16 }, [0.1]],
  ['rich-feed', { sweetenerPercent: null }, [0.5, 0.9]],
  ['rich-feed', { sweetenerPercent: 6, celsius: 18.9 }, [0.2, 1.5]],
  ['rich-feed', { sweetenerPercent: 10, celsius: 19 }, [0.976563, 0.9]],
  ['rich-feed', { sweetenerPercent: 16 }, [4, 0.9]],
  ['rich-feed', { sweetenerPercent: 2 }, [0.1, 0.9]],
  // Twice the square of age over seven days, an eighth sooner for each degree, four at most.
  ['lifeless-plant', { ageDays: 7 }, [2]],
  ['lifeless-plant', { ageDays: 3.5 }, [0.5]],
  ['lifeless-plant', { ageDays: 1 }, [0.15]],
  ['lifeless-plant', { ageDays: 7, celsius: 24 }, [3.14704]],
  ['lifeless-plant', { ageDays: 7, celsius: 27 }, [4.95193]],
  ['lifeless-plant', { ageDays: 7, celsius: 30 }, [4.95193]],
  ['lifeless-plant', { ageDays: 7, celsius: 10 }, [0.326243]],
  ['lifeless-plant', { ageDays: 35 }, [5]],
  ['lifeless-plant', { ageDays: 35.1 }, [0.15]],
  ['treated-water', {}, []],
  ['too-few-minerals', { minerals: true }, [0.2]],
  ['too-few-minerals', { minerals: false }, [4]],
  ['overcrowded', { grainsPerSugar: null }, [1]],
  ['overcrowded', { grainsPerSugar: 3 }, [4]],
  ['overcrowded', { grainsPerSugar: 0.3 }, [0.1]],
  ['overcrowded', { grainsPerSugar: 6 }, [9]],
  ['too-much-air', { fedHoursAgo: 48 }, [1.414214]],
  ['too-much-air', { fedHoursAgo: 2 }, [0.5]],
  ['too-much-air', { fedHoursAgo: 480 }, [3]],
  ['kahm', { stirredHoursAgo: 30 }, [1]],
  ['kahm', { stirredHoursAgo: 60 }, [1.741101]],
  ['kahm', { stirredHoursAgo: 0 }, [0.6]],
  ['kahm', { stirredHoursAgo: Infinity }, [4]],
  ['mould', {}, []],
  ['nothing-wrong', { ageDays: 2.9 }, [0.4]],
  ['nothing-wrong', { ageDays: 3 }, [1]],
];

test.each(byHand)('%s of %j', (cause, changed, factors) => {
  const times = told(cause, changed);
  expect(times).toHaveLength(factors.length);
  times.forEach((factor, i) => expect(factor).toBeCloseTo(factors[i]!, 5));
});

test('every cause stands in the table', () => {
  expect(new Set(byHand.map(([cause]) => cause))).toEqual(new Set(causes.map(({ id }) => id)));
});

test('kinds whose numbers are small or nothing', () => {
  // One that ripens within hours counts as half a day; one fed oftener than every twelve hours as if every twelve.
  expect(told('too-young', { ageDays: 0.25 }, { ripensDays: [0, 0.1, 1] })[0]).toBeCloseTo(2.67934, 5);
  expect(
    told('too-much-air', { fedHoursAgo: 24 }, { feed: { ...keeping.feed, everyHours: 6 } })[0],
  ).toBeCloseTo(1.414214, 5);
  // One that takes no sugar cannot get the wrong percent.
  const sugarless = { begin: { ...keeping.begin, sugarShare: [0, 0] as const } };
  expect(told('thin-feed', { sweetenerPercent: 30 }, sugarless)).toEqual([0.2]);
});

test('warmth counts for late feeds within eight degrees of 22', () => {
  const late = (celsius: number) => lateness({ ...facts, fedHoursAgo: 24, celsius }, keeping);
  expect(late(30)).toBeCloseTo(1.15 ** 8, 9);
  expect(late(38)).toBeCloseTo(1.15 ** 8, 9);
  expect(late(8)).toBeCloseTo(1.15 ** -8, 9);
  const cold = (coldDays: number) => lateness({ ...facts, fedHoursAgo: 672, coldDays }, keeping);
  expect([cold(9), cold(10)]).toEqual([28, 1]);
});

test('what can befall a kind', () => {
  const befalls = (unit: 'g' | 'ml', kind: Partial<typeof keeping>) =>
    causes
      .filter(({ befalls: can }) => can({ ...bugs, unit, keeping: { ...keeping, ...kind } }))
      .map(({ id }) => id);
  const anyKind = ['too-young', 'too-cold', 'too-hot', 'neglected', 'treated-water', 'kahm', 'mould', 'nothing-wrong']; // prettier-ignore
  const fed = ['starved', 'thin-feed', 'rich-feed'];
  const unfed = { feed: { ...keeping.feed, sugarShare: 0 }, mustStay: 0, settledAcetics: 0.1 };
  const sorted = (...ids: string[]) => [...anyKind, ...ids].sort();
  expect(befalls('ml', {}).sort()).toEqual(sorted(...fed, 'drawn-low', 'lifeless-plant', 'too-much-air'));
  expect(befalls('ml', { ...unfed, renews: true }).sort()).toEqual(sorted());
  expect(befalls('g', { ...unfed, renews: true }).sort()).toEqual(sorted('too-few-minerals', 'overcrowded'));
  expect(befalls('g', { ...unfed, renews: false }).sort()).toEqual(sorted());
  expect(befalls('ml', { ...unfed, settledAcetics: 0.09, renews: true }).sort()).toEqual(
    sorted('too-much-air'),
  );
});
