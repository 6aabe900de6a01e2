import type { Beginning, BeginningStep } from '../cultures/guides/guide';
import { knownGuides, type GuideTable } from '../cultures/guides/registry';
import { knownCultures, type CultureTable } from '../cultures/registry';
import { celsiusAt, type Warmths } from '../kitchen/places';
import { begunDried, begunRipe } from '../lots/grains';
import { daysLived } from '../lots/days-lived';
import type { Lot, LotEvent } from '../lots/lot';
import { hoursAt } from '../kitchen/pace';
import { hourMs } from '../duration';

/** A step of a beginning on the clock. */
export interface RunStep {
  readonly step: BeginningStep;
  /** When it is or was due, ms. */
  readonly at: number;
  readonly state: 'past' | 'now' | 'coming';
  /** Whether a look said that it was reached. */
  readonly shown: boolean;
}

/** Where a jar stands in its first days. */
export interface BeginningRun {
  readonly steps: readonly RunStep[];
  /** Days at 22 °C that its own warmth and its looks come to. */
  readonly day: number;
  /** When it is given up if nothing lives, ms; null once something was seen to live. */
  readonly giveUpAt: number | null;
  /** Nothing was seen to live, and the day has passed. */
  readonly givenUp: boolean;
  readonly why: string;
}

/** The guide of a lot's beginning: what was lively already needs none, dried things have one of their own; a brew has one when it lives on its base alone. */
function beginningFor(lot: Lot, cultures: CultureTable, guides: GuideTable): Beginning | undefined {
  const culture = cultures(lot.culture);
  if (!culture || (lot.role !== 'starter' && (!culture.bare || lot.recipe?.planned))) return undefined;
  if (begunRipe(lot, culture)) return undefined;
  const guide = guides(culture.id);
  return begunDried(lot, culture) ? guide?.driedBeginning : guide?.beginning;
}

/** Which step the signs of a look show; −1 for none. */
function shownBy({ steps }: Beginning, event: Extract<LotEvent, { kind: 'read' }>): number {
  let reached = -1;
  for (const { kind, value } of event.readings)
    steps.forEach(({ shownBy: signs }, i) => {
      if (signs?.[kind]?.includes(String(value))) reached = Math.max(reached, i);
    });
  return reached;
}

/** Looks that say nothing lives yet. */
const nothingYet = (event: Extract<LotEvent, { kind: 'read' }>): boolean =>
  event.readings.some(
    ({ kind, value }) => (kind === 'foam' || kind === 'bubbles' || kind === 'hiss') && value === 'none',
  );

/**
 * A jar's first days on the clock: its steps at the pace of the temperatures it lived, moved by what was really seen. A look
 * that shows a later step brings the run there; one that shows nothing holds it before the first step that shows life.
 *
 * @param now ms; the days ahead are worked out at the present temperature
 * @returns null for kinds without a guided beginning
 */
export function beginningOf(
  lot: Lot,
  warmths: Warmths,
  now: number,
  cultures: CultureTable = knownCultures,
  guides: GuideTable = knownGuides,
): BeginningRun | null {
  const beginning = beginningFor(lot, cultures, guides);
  if (!beginning) return null;
  const { steps } = beginning;
  const firstLife = steps.findIndex(({ shownBy: signs }) => signs !== undefined);
  let day = 0;
  let at = lot.begunAt;
  let lived = 0;
  let reached = -1;
  for (const event of lot.events) {
    if (event.at > now || event.kind !== 'read') continue;
    const more = daysLived(lot, warmths, at, event.at);
    day += more;
    lived += more;
    at = event.at;
    const shown = shownBy(beginning, event);
    if (shown >= 0) {
      reached = Math.max(reached, shown);
      day = Math.max(day, steps[shown]!.day);
    } else if (nothingYet(event) && reached < 0 && firstLife >= 0) {
      day = Math.min(day, steps[firstLife]!.day);
    }
  }
  const last = daysLived(lot, warmths, at, now);
  day += last;
  lived += last;
  const perDay = hoursAt(24, celsiusAt(warmths, lot.place, now)) * hourMs;
  const clock = (of: number) => now + (of - day) * perDay;
  const current = steps.filter((step) => step.day <= day + 1e-9).length - 1;
  const giveUpAt = reached >= 0 ? null : now + (beginning.giveUpDay - lived) * perDay;
  return {
    day,
    steps: steps.map((step, i) => ({
      step,
      at: i === 0 ? lot.begunAt : clock(step.day),
      state: i < current ? 'past' : i === current ? 'now' : 'coming',
      shown: i <= reached,
    })),
    giveUpAt,
    givenUp: giveUpAt !== null && now >= giveUpAt,
    why: beginning.giveUpWhy,
  };
}

/**
 * Whether a jar is still in its first days: not past its last step by more than a day, and nothing drawn from it yet. Kinds
 * whose water is renewed are strained in their first days.
 */
export const isBeginning = (lot: Lot, run: BeginningRun, cultures: CultureTable = knownCultures): boolean =>
  !lot.ended &&
  (cultures(lot.culture)?.keeping?.renews === true ||
    !lot.events.some(({ kind }) => kind === 'went' || kind === 'came')) &&
  (run.day < run.steps.at(-1)!.step.day + 1 || run.givenUp);

/** Whether it was last seen to foam well: what is seen goes before any guide. */
function foamsWell({ events }: Lot, now: number): boolean {
  const seen = events.flatMap((event) =>
    event.kind === 'read' && event.at <= now ? event.readings.filter(({ kind }) => kind === 'foam') : [],
  );
  return ['good', 'riding'].includes(String(seen.at(-1)?.value));
}

/**
 * When a new jar is first to be drawn from, by the guide of its first days; the one answer for all who ask.
 *
 * @returns ms; null for a jar that has come so far, or has no first days (grains go straight in)
 */
export function firstReadyAt(
  lot: Lot,
  warmths: Warmths,
  now: number,
  cultures: CultureTable = knownCultures,
): number | null {
  const renews = cultures(lot.culture)?.keeping?.renews === true;
  const run = lot.role === 'starter' && !renews ? beginningOf(lot, warmths, now, cultures) : null;
  if (!run || !isBeginning(lot, run, cultures)) return null;
  if (foamsWell(lot, now)) return null;
  const last = run.steps.at(-1)!;
  return last.shown || last.at <= now ? null : last.at;
}
