import { believed } from './believed';
import { onClock } from '../calendar';
import { isFreeFor } from './free-hours';
import type { HeldSteps } from './held';
import type { Choice, Household, PlannedWish, Way } from './problem';
import { wayThrough, type Hands, type WayThrough } from './way-through';
import { dayMs, hourMs } from '../duration';

/** Hours of the day at which a brew day is tried, and how long one takes. */
const triedAt = [9, 14, 18];
export const brewDayHours = 1.5;
/** A chance below this is none. */
const least = 0.02;
/** What a day of standing about in the fridge, and an act, take off, of a chance of 1: they only decide between equals. */
const cost = { day: 0.002, act: 0.004 };
/** Longer in the cold than this it is past its best, ms. */
const keepsMs = 21 * dayMs;

/** Moments at which somebody is free for a whole brew day, in order. */
export function brewMoments({ now, free }: Pick<Household, 'now' | 'free'>, until: number): number[] {
  const out: number[] = [];
  for (let day = now; day < until + dayMs; day += dayMs)
    for (const hour of triedAt) {
      const at = onClock(day, hour * 60);
      if (at >= now && at < until && isFreeFor(at, brewDayHours * hourMs, free)) out.push(at);
    }
  return isFreeFor(now, brewDayHours * hourMs, free) ? [now, ...out.filter((at) => at > now)] : out;
}

/** The share of values that lie below, of those sorted; never is last. */
export function quantileOf(sorted: Float64Array, share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.max(0, Math.ceil(share * sorted.length) - 1))]!;
}

/** Every kitchen's way through when a way is pitched at an instant. */
export const waysThrough = (way: Way, pitchAt: number, hands: Hands, held?: HeldSteps): WayThrough[] =>
  Array.from(way.lengths.bottleFrom, (_, kitchen) => wayThrough(way.lengths, kitchen, pitchAt, hands, held));

/** Share of kitchens in which it stands cold and good by a time, and not for too long. */
export const chanceBy = (ways: readonly WayThrough[], by: number): number =>
  ways.filter(({ glassAt, good }) => good && glassAt <= by && glassAt >= by - keepsMs).length /
  Math.max(1, ways.length);

/** A jar is tasted, and bottles are looked at, about once a day; the first day nobody does. */
const daily = (from: number, until: number): number => Math.max(0, Math.floor((until - from) / dayMs));

/** Times somebody has hands on it: feeds, brew day, tastes, steeping, bottling, looks, fridge. */
function actsOf({ lengths, actsBefore }: Way, pitchAt: number, bottled: number, chilled: number): number {
  const { straight, pauseHours } = lengths;
  const jar = straight ? 0 : 1 + daily(pitchAt, bottled - pauseHours * hourMs);
  return actsBefore + 1 + jar + Number(pauseHours > 0) + daily(bottled, chilled) + 1;
}

/** What pitching a way of a wish at an instant comes to. */
export function choiceAt(wish: PlannedWish, way: Way, pitchAt: number, household: Household): Choice {
  const ways = waysThrough(way, pitchAt, household, wish.held);
  const chance = believed(chanceBy(ways, wish.by), way.lengths.straight);
  const sorted = (of: (each: WayThrough) => number) => Float64Array.from(ways, of).sort();
  const bottled = sorted(({ bottledAt }) => bottledAt);
  const chilled = sorted(({ chilledAt }) => chilledAt);
  const glass = quantileOf(
    sorted(({ glassAt }) => glassAt),
    0.5,
  );
  const standing = Math.max(0, wish.by - Math.min(glass, wish.by)) / dayMs;
  return {
    wishId: wish.id,
    way,
    pitchAt,
    chance,
    worth: wish.weight * (chance - cost.day * standing - cost.act * way.actsBefore),
    jar: [pitchAt, Math.min(quantileOf(bottled, 0.9), wish.by)],
    filled: [quantileOf(bottled, 0.1), Math.max(wish.by, glass)],
    chilled: [quantileOf(chilled, 0.1), Math.max(wish.by, glass)],
    acts: actsOf(way, pitchAt, quantileOf(bottled, 0.5), quantileOf(chilled, 0.5)),
    bottles: wish.bottles,
  };
}

/** All that can be chosen for a wish, the best first; a brew day that is held stands alone, whatever is sure. */
export function choicesFor(wish: PlannedWish, household: Household): Choice[] {
  const { pitchAt, wayId } = wish.held;
  const heldWays = wish.ways.filter(({ id }) => id === wayId);
  return (heldWays.length > 0 ? heldWays : wish.ways)
    .flatMap((way) =>
      (pitchAt === null ? brewMoments(household, wish.by).filter((at) => at >= way.readyAt) : [pitchAt]).map(
        (at) => choiceAt(wish, way, at, household),
      ),
    )
    .filter(({ chance, worth }) => worth > 0 && (pitchAt !== null || chance >= least))
    .sort((a, b) => b.worth - a.worth || a.pitchAt - b.pitchAt);
}
