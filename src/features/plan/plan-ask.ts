import { makesInUse } from '@/core/bottling/empty-bottles';
import { everyLot, type Household } from '@/core/journal/household';
import type { PlanAsk } from '@/core/plan/answer';
import type { Busy } from '@/core/kitchen/busy';
import { joined } from '@/core/plan/free-hours';
import { lookToolOf } from '@/core/plan/look-tool';
import { nothingHeld, type Held } from '@/core/plan/held';
import { paceAhead } from '@/core/plan/pace';
import { openWishes } from '@/core/plan/wished';
import { workingSpans } from '@/core/settings/working-hours';
import { awayOf } from '@/core/settings/away';
import { busyTimesOf } from '@/core/settings/busy';
import { wakingOf } from '@/core/settings/waking-hours';
import type { Wish } from '@/core/settings/wish';
import { isLiving } from '@/core/lots/lineage';
import { fridgeRoomMl } from '@/core/settings/fridge-room';
import { dayMs, hourMs } from '@/core/duration';
import { holdsFizz } from '@/core/vessels/vessel-kinds';
import type { Forecasts } from '../forecasting/forecasts';
import { recipesFor, wayOf } from './ways';

/** How much of a bottle is filled, ml, where nobody said what bottles there are. */
const usualBottleMl = 500;
/** More than anybody plans with: nobody said how many there are. */
const enough = 1000;
/** Jars to brew in, and bottles, that stand empty; enough of what nobody said how many there are. */
function emptyVessels(household: Household): { readonly jars: number; readonly bottleMl: number } {
  const makes = makesInUse(household, everyLot(household));
  const sealed = makes.filter(({ make }) => holdsFizz(make.kind));
  const open = makes.filter(({ make }) => !holdsFizz(make.kind));
  return {
    jars: open.length === 0 ? enough : open.reduce((sum, { empty }) => sum + empty, 0),
    bottleMl:
      sealed.length === 0
        ? enough * usualBottleMl
        : sealed.reduce((sum, { make, empty }) => sum + empty * make.ml, 0),
  };
}

/** What stands in the fridge is drunk within so long, ms. */
const drunkWithin = 7 * dayMs;

/** Room in the fridge, ml, and what stands in it for now; enough where nobody said. */
function fridgeOf(household: Household, now: number): Pick<PlanAsk, 'fridge' | 'cold'> {
  const there = everyLot(household).filter(
    (lot) => isLiving(lot) && lot.role === 'bottle' && lot.place === 'fridge',
  );
  return {
    fridge: fridgeRoomMl(household) ?? enough * usualBottleMl,
    cold: {
      span: [now, now + drunkWithin],
      bottles: there.reduce((sum, { vessel }) => sum + vessel.ml, 0),
    },
  };
}

/** Working days are laid out so far ahead. */
const workingDays = 63;

/** When nobody has hands though awake: away, at work, and what the calendar holds. */
export function busyOf(household: Household, now: number): Busy[] {
  const away = awayOf(household);
  return joined([
    ...(away ? [{ from: away.from, until: away.to }] : []),
    ...workingSpans(household, now, workingDays),
    ...busyTimesOf(household),
  ]);
}

/** A brew day this long gone by has slipped, ms. */
export const slippedMs = 2 * hourMs;

/** What was taken is held while its brew day has not slipped. */
export function heldOf({ taken }: Pick<Wish, 'taken'>, now: number): Held {
  if (!taken || taken.pitchAt <= now - slippedMs) return nothingHeld;
  const { pitchAt, recipe, bottleAt = null, chillAt = null } = taken;
  return { pitchAt: Math.max(now, pitchAt), wayId: recipe, bottleAt, chillAt };
}

/** What is asked of the planner: every open wish with its ways. Bottles are counted in millilitres, so that makes of any size add up. */
export function planAsk(
  household: Household,
  forecasts: Pick<Forecasts, 'learnedFor'>,
  now: number,
): PlanAsk {
  const { jars, bottleMl } = emptyVessels(household);
  return {
    now,
    waking: wakingOf(household),
    busy: busyOf(household, now),
    look: lookToolOf(household),
    pace: paceAhead(household.warmths, now),
    jars,
    bottles: bottleMl,
    ...fridgeOf(household, now),
    wishes: openWishes(household, now).map((wish) => ({
      id: wish.id,
      by: wish.by,
      bottles: wish.ml,
      // What was promised for a date is defended first.
      weight: wish.taken ? 2 : 1,
      held: heldOf(wish, now),
      ways: recipesFor(wish, household).flatMap(
        (recipe) => wayOf(recipe, wish, household, forecasts, now) ?? [],
      ),
    })),
  };
}
