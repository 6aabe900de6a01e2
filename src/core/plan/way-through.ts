import type { FreeHours } from './free-hours';
import { isFree, lastFree, nextFree } from './free-hours';
import type { LookTool } from './fizz-hours';
import type { Lengths } from './lengths';
import { nothingHeld, type HeldSteps } from './held';
import { instantAfter, paceHours, type PaceStep } from './pace';
import { hourMs } from '../duration';

/** When somebody has hands, what they tell pressure by, and how fast it goes meanwhile. */
export interface Hands {
  readonly free: FreeHours;
  readonly look: LookTool;
  /** Heat and cold to come. */
  readonly pace: readonly PaceStep[];
  /** Nothing is done before, ms. */
  readonly now: number;
}

/** One plausible kitchen's way from the pitch to a glass, by hands that have other things to do. Instants, ms; Infinity is never. */
export interface WayThrough {
  readonly bottledAt: number;
  readonly chilledAt: number;
  readonly glassAt: number;
  /** Whether it was bottled and chilled while it was good to. */
  readonly good: boolean;
}

/** In the cold until its gas is dissolved, hours. */
export const coldHours = 24;
/** One act in five is done so many hours late: life gets in the way. Practice. */
const late = { every: 5, hours: 4 };

/**
 * What a kitchen comes to when its jar is tasted and its bottles are looked at whenever somebody is free: bottled at the first free
 * moment at which it tastes right, or at the last that was followed; chilled at the first at which it feels as it is wanted, or
 * before somebody leaves when it would feel too much as they come home.
 *
 * @param kitchen index into the lengths
 * @param pitchAt ms
 * @param held done then, whatever it tastes or feels like
 */
export function wayThrough(
  lengths: Lengths,
  kitchen: number,
  pitchAt: number,
  { free, look, pace, now }: Hands,
  held: HeldSteps = nothingHeld,
): WayThrough {
  const never = { bottledAt: Infinity, chilledAt: Infinity, glassAt: Infinity, good: false };
  const last = lengths.bottledAt.at(-1);
  if (last === undefined) return never;
  // What never tastes right is bottled in the end, sweeter than it was meant.
  const ready = Math.min(lengths.bottleFrom[kitchen]!, last);
  const { pauseHours } = lengths;
  const pauseMs = pauseHours * hourMs;
  const tasted = Math.max(now, instantAfter(pitchAt, ready, pace) + pauseMs);
  const bottledAt = held.bottleAt ?? acted(tasted, kitchen, free);
  if (bottledAt < pitchAt + pauseMs) return never;
  const hour = paceHours(pitchAt, bottledAt - pauseMs, pace);
  const at = between(lengths.bottledAt, hour);
  const after = (rows: readonly Float64Array[]) => instantAfter(bottledAt, at(rows, kitchen), pace);
  const { fizz } = lengths;
  const feels = lengths.felt[look];
  const firm = after(feels.wanted);
  if (!Number.isFinite(firm) && held.chillAt === null) return { ...never, bottledAt };
  const leaving = isFree(firm, free) ? firm : lastFree(firm, free);
  const enough = after(feels.enough);
  // Who leaves knows how far it is, not how fast this one goes: the usual pace is supposed.
  const far = (leaving - enough) / (firm - enough || 1);
  const { toWanted, toOver } = usualAt(lengths, hour);
  const tooMuch = instantAfter(leaving, (1 - far) * toWanted + toOver, pace);
  const early = far >= 0 && nextFree(firm, free) > tooMuch;
  // What is too far already is chilled as soon as somebody is there.
  const felt = early ? leaving : acted(Math.max(now, firm), kitchen + 2, free);
  const chilledAt = held.chillAt ?? (felt < now ? nextFree(now, free) : felt);
  if (chilledAt < bottledAt) return { ...never, bottledAt };
  const warm = paceHours(bottledAt, chilledAt, pace);
  return {
    bottledAt,
    chilledAt,
    glassAt: nextFree(chilledAt + coldHours * hourMs, free),
    good:
      hour >= (held.bottleAt === null ? 0 : lengths.bottleSoonest[kitchen]!) &&
      hour <= lengths.bottleUntil[kitchen]! &&
      warm >= at(fizz.enough, kitchen) &&
      warm <= at(fizz.over, kitchen),
  };
}

/** When it is done that should be done at an instant: at the next free moment, now and then later. */
function acted(at: number, kitchen: number, free: FreeHours): number {
  const soon = isFree(at, free) ? at : nextFree(at, free);
  return kitchen % late.every === 0 ? nextFree(soon + late.hours * hourMs, free) : soon;
}

/** The usual pace of what was bottled at an hour: of the next bottling that was followed. */
const usualAt = ({ bottledAt, usual }: Lengths, hour: number) =>
  usual[
    Math.min(
      usual.length - 1,
      Math.max(
        0,
        bottledAt.findIndex((each) => each >= hour),
      ),
    )
  ]!;

/** Values at an hour, in proportion between the hours that were followed. */
function between(hours: readonly number[], hour: number) {
  const next = hours.findIndex((each) => each >= hour);
  const above = next < 0 ? hours.length - 1 : next;
  const below = Math.max(0, above - 1);
  const span = hours[above]! - hours[below]!;
  const share = span > 0 ? Math.min(1, Math.max(0, (hour - hours[below]!) / span)) : 0;
  return (rows: readonly Float64Array[], kitchen: number): number => {
    const [low, high] = [rows[below]![kitchen]!, rows[above]![kitchen]!];
    if (share === 0) return low;
    if (share === 1) return high;
    // Never beside a number is never; no mean is taken of it.
    return Number.isFinite(low) && Number.isFinite(high) ? low + share * (high - low) : Infinity;
  };
}
