import { at, drawBatch } from '../calibration/courses.ts';
import { stepper } from '../stepper.ts';
import { jarHour } from './jar.ts';
import { bottledRun, squeezing, yuzet } from './policies.ts';
import { isGood } from './tally.ts';
import { atWork, homeFrom, workWeek } from './week.ts';
import { brewMl, feedGrams, jarDays, type Wisher } from './wishers.ts';
import {
  chilledAt,
  filledFrom,
  sipError,
  standing,
  sweetStep,
  type Bottles,
  type StandingJar,
} from './world.ts';
import { composedQuestion } from '../../src/core/brew/composed-question.ts';
import type { Reading } from '../../src/core/ferment/scenario/scenario.ts';
import { answerFamily } from '../../src/core/forecast/answer/family-answer.ts';
import type { FamilyQuestion } from '../../src/core/forecast/question/family-question.ts';
import { lotOf } from '../../src/core/journal/household.ts';
import { neverAbsent } from '../../src/core/kitchen/absence.ts';
import { nextAwake, usualWaking } from '../../src/core/kitchen/waking.ts';
import { resampled } from '../../src/core/forecast/what-if/resampled.ts';
import { believedOfBottles } from '../../src/core/plan/believed.ts';
import { chanceBy, choicesFor } from '../../src/core/plan/choices.ts';
import { bottleLengths, lengthsOf } from '../../src/core/plan/lengths.ts';
import { nothingHeld } from '../../src/core/plan/held.ts';
import type { Choice } from '../../src/core/plan/problem.ts';
import { coldHours, wayThrough } from '../../src/core/plan/way-through.ts';
import { dayMs, hourMs } from '../../src/core/duration.ts';

/** What the plan asks of its forecast. */
function questionOf({ soda, household, celsius, now }: Wisher): FamilyQuestion {
  const question = composedQuestion({
    ...soda.composed(household),
    place: 'counter',
    wantedVolumes: 2.5,
    jarMl: 4000,
    find: (id) => lotOf(household, id),
    warmths: { counter: [{ at: now - jarDays * dayMs, celsius: Math.round(celsius) }] },
    learned: () => null,
    now,
  });
  if (!question) throw new Error(`${soda.name} does not live`);
  return question;
}

export interface PlannedWish {
  readonly choices: readonly Choice[];
  readonly wantedSweetness: number;
  readonly by: number;
}

/** Everything that could be chosen for a wish in so many days. */
export function planned(wisher: Wisher, days: number): PlannedWish {
  const { soda, now } = wisher;
  const question = questionOf(wisher);
  const { runs } = answerFamily(question, stepper);
  const [lot] = question.lots;
  const lengths = lengthsOf(runs[0]!, {
    ...lot!,
    straight: soda.straight,
    ceilingPercent: null,
    pauseHours: 0,
  });
  const by = new Date(now + days * dayMs).setHours(18, 0, 0, 0);
  const household = {
    ...handsOf(wisher, days + 30),
    jars: 9,
    bottles: 1e6,
    fridge: 1e6,
    cold: { span: [now, now] as const, bottles: 0 },
  };
  const way = { id: wisher.soda.name, lengths, readyAt: now, drawsFrom: null, actsBefore: 0 };
  const wish = { id: 'wish', by, bottles: brewMl, weight: 1, held: nothingHeld, ways: [way] };
  return { choices: choicesFor(wish, household), wantedSweetness: lot!.wantedSweetness, by };
}

/** Nobody looks more often than this. */
const mostLooks = 14;
/** Nobody bottles before, and nobody sips more often, hours. */
const leastHours = 12;
const betweenSips = 9;
/** A jar stands so long at most, hours. */
const longest = 10 * 24;

type Luck = readonly [uniform: () => number, normal: () => number];

/** What came of a brew. */
export interface Kept {
  /** The chance that is said once it is bottled, 0–1; of one that was led by what Yuzet says. */
  readonly saidOnceBottled?: number;
  /** Instant at which it is cold and settled, ms. */
  readonly glassAt: number;
  readonly isGood: boolean;
}

/** The first moment at which somebody is there. */
const homeThen = ({ works }: Wisher, at: number): number =>
  works ? homeFrom(at) : nextAwake(at, usualWaking);

/** Cells that a jar brings on a brew day, against its best: Today asks for a feed a day until then. */
function cellsOf({ jar, truth, celsius, now }: Wisher, pitchAt: number): number {
  if (!jar) return 1;
  const then = { ...jar };
  for (let hour = 0; hour < (pitchAt - now) / hourMs; hour++) {
    if (hour % 24 === 0) then.sugar += feedGrams;
    jarHour(then, truth.warmth(celsius));
  }
  return Math.max(0.05, then.alive) ** 0.5;
}

/** A brew in its jar, pitched at an instant. */
function jarOf(wisher: Wisher, pitchAt: number, [, normal]: Luck): StandingJar {
  const { truth, kitchen, celsius, soda } = wisher;
  const drawn = drawBatch(kitchen, normal);
  const cells = drawn.cells * cellsOf(wisher, pitchAt);
  const batch = { truth, culture: soda.culture, kitchen: { ...drawn, cells }, sugar: soda.sugar, celsius };
  return standing(batch, longest, normal);
}

/** When somebody has hands. */
const handsOf = ({ works, look, now }: Wisher, days: number) => ({
  now,
  free: { waking: usualWaking, busy: works ? workWeek(now, days) : [] },
  look,
  pace: [],
});

/** The chance that is said of bottles as they are closed. */
function saidOf(wisher: Wisher, bottles: Bottles, sips: readonly Reading[], pitchAt: number, by: number) {
  const { sealedFrom, wanted } = bottles;
  const run = resampled(bottledRun(bottles, sips), saidBy);
  const lengths = bottleLengths(run, sealedFrom, {
    wantedVolumes: wanted,
    ceilingPercent: null,
    fromHour: sealedFrom,
  });
  const bottleAt = pitchAt + sealedFrom * hourMs;
  const hands = { ...handsOf(wisher, (pitchAt - wisher.now) / dayMs + 60), now: bottleAt };
  const ways = Array.from(lengths.bottleFrom, (_, kitchen) =>
    wayThrough(lengths, kitchen, pitchAt, hands, { bottleAt, chillAt: null }),
  );
  return believedOfBottles(chanceBy(ways, by));
}
/** Kitchens that are asked, as the app does. */
const saidBy = 96;

/** A brew that is led by what Yuzet says: tasted until it is sweet as meant, then looked at by its rule. */
export function advised(
  wisher: Wisher,
  pitchAt: number,
  { wantedSweetness, by }: Pick<PlannedWish, 'wantedSweetness' | 'by'>,
  luck: Luck,
): Kept {
  const [uniform, normal] = luck;
  const { soda, works, look } = wisher;
  const jar = jarOf(wisher, pitchAt, luck);
  const sips: Reading[] = [];
  let hour = soda.straight ? 0.5 : leastHours;
  while (!soda.straight) {
    hour = (homeThen(wisher, pitchAt + hour * hourMs) - pitchAt) / hourMs;
    if (hour >= longest) break;
    const taste = at(jar.course.sugar, hour) + sipError * normal();
    sips.push({ hour, kind: 'sweet', value: sweetStep(taste) });
    if (taste <= 1.05 * wantedSweetness) break;
    hour += betweenSips;
  }
  const policy = yuzet('careful', look === 'gauge' ? 'gaugeBar' : 'squeeze', 'swing-top', mostLooks);
  const filled = fill(jar, hour + 0.3, luck);
  const kept = poured(wisher, pitchAt, wantedSweetness, filled, (bottles) =>
    policy(bottles, {
      uniform,
      normal,
      start: pitchAt,
      sips,
      home: { from: (then) => homeThen(wisher, then), absence: works ? atWork : neverAbsent },
    }),
  );
  return { ...kept, saidOnceBottled: saidOf(wisher, filled, sips, pitchAt, by) };
}

/** Days in the jar without advice; evenings on which the soft bottle is squeezed. */
const habitDays = 2;
const habit = squeezing([20], ['firm', 'rock']);

/** A brew by habit: bottled after two days, or at once, and chilled on the evening on which it feels firm. */
export function byHabit(wisher: Wisher, pitchAt: number, wantedSweetness: number, luck: Luck): Kept {
  const [uniform, normal] = luck;
  const hours = wisher.soda.straight ? 0 : 24 * habitDays;
  const hour = (homeThen(wisher, pitchAt + hours * hourMs) - pitchAt) / hourMs + 0.3;
  const bottles = fill(jarOf(wisher, pitchAt, luck), hour, luck);
  return poured(wisher, pitchAt, wantedSweetness, bottles, (filled) =>
    habit(filled, { uniform, normal, start: pitchAt }),
  );
}

const fill = (jar: StandingJar, hour: number, [uniform, normal]: Luck): Bottles =>
  filledFrom(jar, { hour, dose: 0, glass: 'swing-top' }, uniform, normal);

/** Fizz takes its sugar before it is poured, g/L. */
const sugarOfFizz = 10;

function poured(
  wisher: Wisher,
  pitchAt: number,
  wantedSweetness: number,
  filled: Bottles,
  policy: (bottles: Bottles) => { readonly hour: number },
): Kept {
  const bottles = { ...filled, wantedSweetness: wantedSweetness - sugarOfFizz };
  const { hour } = policy(bottles);
  return {
    glassAt: homeThen(wisher, pitchAt + (hour + coldHours) * hourMs),
    isGood: isGood(bottles, chilledAt(bottles, hour)),
  };
}
