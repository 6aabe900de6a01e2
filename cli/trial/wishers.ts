import { drawKitchen } from '../calibration/courses.ts';
import { cultures, type CultureOfTruth, type Kitchen, type Truth } from '../calibration/truths.ts';
import { trialCultures } from './cultures.ts';
import { jarHour, newJar, type Jar } from './jar.ts';
import { bug } from './scenes.ts';
import { writeActs } from '../today/write-acts.ts';
import { type ComposedAsk } from '../../src/core/brew/composed-question.ts';
import { dayMs } from '../../src/core/duration.ts';
import { everyLot, type Household } from '../../src/core/journal/household.ts';
import { emptyJournal } from '../../src/core/journal/journal.ts';
import type { Lot } from '../../src/core/lots/lot.ts';
import { simmered } from '../../src/core/recipes/library/methods.ts';

/** A kitchen of the trial that wishes for soda by a day. */
export interface Wisher {
  readonly truth: Truth;
  readonly kitchen: Kitchen;
  readonly celsius: number;
  readonly soda: Soda;
  /** The jar as it really is when the wish is made; null where it keeps none. */
  readonly jar: Jar | null;
  readonly household: Household;
  readonly now: number;
  readonly look: 'gauge' | 'squeeze';
  /** Whether it is out on working days. */
  readonly works: boolean;
}

/** What is wished: sugar and what brings it to life, as the app composes it and as it really ferments. */
interface Soda {
  readonly name: string;
  readonly culture: CultureOfTruth;
  /** g/L. */
  readonly sugar: number;
  /** Bottled as it is pitched, as its makers do. */
  readonly straight: boolean;
  readonly composed: (household: Household) => Pick<ComposedAsk, 'portions' | 'life' | 'base' | 'method'>;
}

/** Of each brew, ml. */
export const brewMl = 3000;

const sugarAndWater = (grams: number) => [
  { what: 'water', ml: 2900 },
  { what: 'white-sugar', grams },
];
const doseMl = 240;

const sodas: readonly Soda[] = [
  {
    name: 'ginger bug',
    culture: cultures.bug,
    sugar: 85,
    straight: false,
    composed: (household) => ({
      portions: sugarAndWater(272),
      life: { kind: 'lot', lot: jarOf(household), ml: doseMl },
      base: 'ginger-tea',
      method: simmered(),
    }),
  },
  {
    name: 'packaged yeast',
    culture: trialCultures.yeast,
    sugar: 88,
    straight: true,
    composed: () => ({
      portions: [...sugarAndWater(275), { what: 'wine-yeast', grams: 1.2 }],
      life: { kind: 'portion' },
      base: 'syrup',
      method: simmered(),
    }),
  },
];

const jarOf = (household: Household): Lot => everyLot(household)[0]!;

/** Days since its jar was begun, and the longest that it may have stood unfed when the wish is made. */
export const jarDays = 12;
const longestUnfed = 4;
/** Sugar of a feed, g. */
export const feedGrams = 20;

/** A jar that was fed each evening until some days ago, as it is and as its journal tells it. */
function kept(truth: Truth, celsius: number, now: number, uniform: () => number, normal: () => number) {
  const begun = now - jarDays * dayMs;
  const jar = newJar(700, 35);
  const unfed = Math.floor(longestUnfed * uniform());
  const begin = writeActs(
    emptyJournal,
    bug.begun(Math.round(celsius)).map((act, i) => ({ at: begun + i, ...act })),
  );
  if (!begin.ok) throw new Error(begin.problems.join('\n'));
  const lotId = begin.entries[1]!.id;
  const feeds: object[] = [];
  for (let day = 0; day < jarDays; day++) {
    for (let hour = 0; hour < 24; hour++) jarHour(jar, truth.warmth(celsius));
    if (day >= jarDays - 1 - unfed) continue;
    jar.sugar += feedGrams * (1 + 0.1 * normal());
    feeds.push({
      at: begun + (day + 1) * dayMs,
      kind: 'portions-added',
      lotId,
      portions: [
        { what: 'ginger', grams: feedGrams },
        { what: 'white-sugar', grams: feedGrams },
      ],
    });
  }
  const fed = writeActs(begin.journal, feeds);
  if (!fed.ok) throw new Error(fed.problems.join('\n'));
  return { jar, household: fed.journal.household };
}

/** A kitchen drawn with its soda, at the moment it wishes: in the evening of some day of the year. */
export function drawWisher(truths: readonly Truth[], uniform: () => number, normal: () => number): Wisher {
  const truth = truths[Math.floor(uniform() * truths.length)]!;
  const kitchen = drawKitchen(normal);
  const celsius = 19 + 6 * uniform();
  const now = new Date(2026, Math.floor(12 * uniform()), 1 + Math.floor(28 * uniform()), 18, 30).getTime();
  const soda = uniform() < 0.75 ? sodas[0]! : sodas[1]!;
  const look = uniform() < 0.5 ? 'gauge' : 'squeeze';
  const works = uniform() < 0.5;
  const { jar, household } = kept(truth, celsius, now, uniform, normal);
  return {
    truth,
    kitchen,
    celsius,
    soda,
    jar: soda.culture.id === 'ginger-bug' ? jar : null,
    household,
    now,
    look,
    works,
  };
}
