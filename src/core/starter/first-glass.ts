import type { Culture } from '../cultures/culture';
import type { Guide, WayToBegin } from '../cultures/guides/guide';
import { hoursAt } from '../kitchen/pace';
import type { Portion } from '../matter/portion';
import { summed } from '../measures/summed';
import { beginAmounts } from './begin-amounts';
import { dayMs, hourMs } from '../duration';

/** A length of time as makers report it, days at 22 °C. */
type Days = readonly [early: number, usual: number, late: number];

/** What is waited for on the way to a first glass, and what is done when it is there. */
type WayStage = 'begin' | 'brew' | 'bottle' | 'chill' | 'glass';

/** When a stage comes: the usual instant, and between which two it lies nine times in ten, ms. */
export interface StageTime {
  readonly stage: WayStage;
  readonly early: number;
  readonly usual: number;
  readonly late: number;
}

/** Warm days in the bottle until it is lively, and days in the cold until its gas is dissolved. Practice. */
const inBottle: Days = [1.5, 2.5, 4];
const inCold: Days = [1, 1, 2];

/** Days until what is begun can be drawn from, strained or pitched. */
function ripening(way: WayToBegin, culture: Culture, guide: Guide | undefined): Days {
  if (way.makes !== 'jar' || !culture.keeping) return [0, 0, 0];
  const has = (what: string | undefined) =>
    what !== undefined && way.parts.some((part) => part.what === what);
  if (has(culture.ripe)) return [0, 0, 0];
  if (!has(culture.dried?.ingredient)) return culture.keeping.ripensDays;
  const last = guide?.driedBeginning?.steps.at(-1)?.day ?? culture.dried!.days;
  return [last - 1.5, last, last + 1.5];
}

/** Days of first ferment: the recipe's, or of what ferments on its own the last two steps of its guide. */
function firstFerment(
  way: WayToBegin,
  guide: Guide | undefined,
  recipeDays: readonly [number, number] | null,
): Days {
  const steps = way.makes === 'brew' ? (guide?.beginning?.steps ?? []) : [];
  const [from, to] = steps.length > 1 ? [steps.at(-2)!.day, steps.at(-1)!.day] : (recipeDays ?? [2, 4]);
  return [from, (from + to) / 2, to];
}

/**
 * The way from what somebody has to a first glass, on the clock. Lengths are what makers report; that all of them are short, or
 * all long, is as unlikely as they are independent, so their spreads add as squares.
 *
 * @param recipeDays days of first ferment of what is to be drunk, at 22 °C; null where nothing is chosen
 * @param celsius of the place it will stand in, counted between 12 and 34
 * @param now ms
 * @returns stages in order; what ferments on its own is not brewed
 * @example // a new ginger bug at 22 °C and two to four days of first ferment: a glass after 9 to 14 days, usually 11
 */
export function firstGlass(
  way: WayToBegin,
  culture: Culture,
  guide: Guide | undefined,
  recipeDays: readonly [number, number] | null,
  celsius: number,
  now: number,
): StageTime[] {
  const lengths: readonly Length[] = [
    ...(way.makes === 'brew' ? [] : [['brew', ripening(way, culture, guide), true] as const]),
    ['bottle', firstFerment(way, guide, recipeDays), true],
    ['chill', inBottle, true],
    ['glass', inCold, false],
  ];
  return stagesOf(lengths, celsius, now);
}

/**
 * When a glass of a brew could be poured that is begun at an instant with a starter that is ready.
 *
 * @param recipeDays days of first ferment, at 22 °C
 * @param celsius of the place it will stand in, counted between 12 and 34
 * @param at ms
 */
export function glassAfter(
  recipeDays: readonly [number, number],
  celsius: number,
  at: number,
): Omit<StageTime, 'stage'> {
  const [from, to] = recipeDays;
  const lengths: readonly Length[] = [
    ['bottle', [from, (from + to) / 2, to], true],
    ['chill', inBottle, true],
    ['glass', inCold, false],
  ];
  return stagesOf(lengths, celsius, at).at(-1)!;
}

type Length = readonly [stage: WayStage, days: Days, warm: boolean];

/** Lengths one after another, on the clock. */
function stagesOf(lengths: readonly Length[], celsius: number, now: number): StageTime[] {
  const out: StageTime[] = [{ stage: 'begin', early: now, usual: now, late: now }];
  let usual = 0;
  let [before, after] = [0, 0];
  for (const [stage, days, warm] of lengths) {
    const [early, middle, late] = days.map((each) =>
      warm ? (hoursAt(24 * each, celsius) * hourMs) / dayMs : each,
    );
    usual += middle!;
    before += (middle! - early!) ** 2;
    after += (late! - middle!) ** 2;
    out.push({
      stage,
      early: now + (usual - Math.sqrt(before)) * dayMs,
      usual: now + usual * dayMs,
      late: now + (usual + Math.sqrt(after)) * dayMs,
    });
  }
  return out;
}

/**
 * What a first glass takes: what the jar is begun with, its feeds until it is ready, and the brew.
 *
 * @param brewed what the brew takes; nothing for what ferments on its own
 * @param jarMl what the first jar holds to the brim, ml
 * @param feedDays days for which a jar that is fed daily is fed
 * @returns portions, each thing once and no water: what must be bought, and how much of what somebody has already; a packet or a
 * jar that lives is had whole
 */
export function firstShopping(
  way: WayToBegin,
  culture: Culture,
  brewed: readonly Portion[],
  jarMl: number,
  feedDays: number,
): { readonly bought: Portion[]; readonly had: Portion[] } {
  const begun = beginAmounts(way, jarMl);
  const isHad = ({ what }: Portion) => way.parts.some((part) => part.what === what && part.had);
  const liquid = begun.reduce((sum, { ml = 0 }) => sum + ml, 0);
  const { keeping } = culture;
  const daily = way.makes === 'jar' && keeping !== null && !keeping.renews;
  const feeds = daily ? Math.ceil((feedDays * 24) / keeping.feed.everyHours) : 0;
  const fed: Portion[] = daily
    ? [
        { what: keeping.begin.body, grams: feeds * keeping.feed.bodyShare * liquid },
        { what: 'white-sugar', grams: feeds * keeping.feed.sugarShare * liquid },
      ]
    : [];
  const taken = [...begun.filter((each) => !isHad(each)), ...fed, ...brewed];
  return {
    bought: summed(taken.filter(({ what }) => what !== 'water')),
    had: begun.filter((each) => isHad(each) && way.makes !== 'packet' && each.what !== culture.ripe),
  };
}
