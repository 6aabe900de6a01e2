import { makesInUse } from '@/core/bottling/empty-bottles';
import { hoursAt } from '@/core/kitchen/pace';
import { everyLot, lotOf, type Household } from '@/core/journal/household';
import { celsiusAt } from '@/core/kitchen/places';
import { isLiving, lastAt } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { pitchOf } from '@/core/lots/pitch';
import type { Portion } from '@/core/matter/portion';
import { summed } from '@/core/measures/summed';
import type { AskedWay, PlanAsk } from '@/core/plan/answer';
import type { Busy } from '@/core/kitchen/busy';
import { joined } from '@/core/plan/free-hours';
import { openWishes } from '@/core/plan/wished';
import { portionOfLine, recipeKey, type Recipe } from '@/core/recipes/recipe';
import { recipeVersions } from '@/core/recipes/recipe-versions';
import { workingSpans } from '@/core/settings/working-hours';
import { awayOf } from '@/core/settings/away';
import { busyTimesOf } from '@/core/settings/busy';
import { wakingOf } from '@/core/settings/waking-hours';
import type { Wish } from '@/core/settings/wish';
import { planBuildUp, type BuildUp } from '@/core/starter/build-up';
import { firstReadyAt } from '@/core/starter/beginning-run';
import { mostDrawableMl } from '@/core/starter/draw-plan';
import { keptCulture } from '@/core/starter/feed-plan';
import { hourMs } from '@/core/duration';
import { holdsFizz } from '@/core/vessels/vessel-kinds';
import { laidOut } from '../brews/worktop/state/lay-out';
import { composedAsk } from '../brews/worktop/state/composed-ask';
import { planned, type Planned } from '../brews/worktop/state/worktop-plan';
import type { Forecasts } from '../forecasting/forecasts';

/** How much of a bottle is filled, ml, where nobody said what bottles there are. */
const usualBottleMl = 500;
/** More than anybody plans with: nobody said how many there are. */
const enough = 1000;
/** A jar that was just fed takes no other feed before, ms: Today asks for none either. */
const betweenFeedsMs = 5 * hourMs;
/** Of "whatever works" so many recipes are tried. */
const mostRecipes = 4;

/** What can be drawn from or brewed with. */
export const livesHere = (household: Household): Lot[] =>
  everyLot(household).filter(
    (lot) =>
      isLiving(lot) &&
      (lot.role === 'starter' ||
        (lot.role === 'brew' && pitchOf(lot, (id) => lotOf(household, id)) !== null)),
  );

/** The newest version of every recipe. */
export const newestRecipes = (household: Household): Recipe[] =>
  [...recipeVersions(household).values()].map((versions) => versions.at(-1)!);

/** Recipes a wish can be met with: its own, or of whatever works those whose starter is here. */
function recipesFor({ recipe }: Pick<Wish, 'recipe'>, household: Household): Recipe[] {
  const all = newestRecipes(household);
  if (recipe !== '')
    return all.filter((each) => recipeKey(each) === recipe || each.id === recipe.split('@')[0]);
  const cultures = new Set(livesHere(household).map(({ culture }) => culture));
  return all.filter(({ culture }) => cultures.has(culture)).slice(0, mostRecipes);
}

/** The feeds that bring a jar to a dose; null when it gives it as it is. */
function buildUpFor(lot: Lot, doseMl: number, household: Household, now: number): BuildUp | null {
  if (!keptCulture(lot) || doseMl <= mostDrawableMl(lot)) return null;
  const celsius = celsiusAt(household.warmths, lot.place === 'fridge' ? 'counter' : lot.place, now);
  const fedAt = lastAt(lot, ({ kind }) => kind === 'added');
  const soonest = Math.max(now, fedAt + betweenFeedsMs);
  const waking = wakingOf(household);
  const built = planBuildUp(lot, { amount: doseMl, at: soonest, now: soonest, celsius, waking });
  return built.ok ? built.value : null;
}

/** A way to meet a wish with a recipe; null while nothing here brings it to life. */
function wayOf(
  recipe: Recipe,
  ml: number,
  household: Household,
  forecasts: Pick<Forecasts, 'learnedFor'>,
  now: number,
): AskedWay | null {
  const lots = livesHere(household);
  const celsius = celsiusAt(household.warmths, 'counter', now);
  const state = laidOut(recipe, ml, lots, celsius);
  const wanted = state.composition.dose;
  const jar = lots.find(({ id }) => id === state.life);
  const most = jar && jar.role === 'starter' ? Math.max(1, mostDrawableMl(jar)) : wanted;
  // What is built up before the brew day is not in the jar yet.
  const worked = planned(
    { ...state, composition: { ...state.composition, dose: Math.min(wanted, most) } },
    lots,
  );
  if (!worked.ok) return null;
  const { plan, life } = worked.value;
  const whole: Planned = { plan, life: life.kind === 'lot' ? { ...life, ml: wanted } : life };
  const question = composedAsk(state, whole, household, forecasts, now);
  if (!question) return null;
  const lot = life.kind === 'lot' ? life.lot : null;
  const built = lot && wanted > most ? buildUpFor(lot, wanted, household, now) : null;
  const young = lot ? (firstReadyAt(lot, household.warmths, now) ?? now) : now;
  const rhythm = lot ? (keptCulture(lot)?.keeping.feed.everyHours ?? 24) : 24;
  return {
    id: recipeKey(recipe),
    question,
    readyAt: Math.max(now, built?.readyAt ?? now, young),
    drawsFrom: lot ? { lotId: lot.id, againAfterHours: hoursAt(rhythm, celsius) } : null,
    actsBefore: built?.feeds.length ?? 0,
  };
}

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

/** Working days are laid out so far ahead. */
const workingDays = 63;

/** When nobody has hands though awake: away, at work, and what the calendar holds. */
function busyOf(household: Household, now: number): Busy[] {
  const away = awayOf(household);
  return joined([
    ...(away ? [{ from: away.from, until: away.to }] : []),
    ...workingSpans(household, now, workingDays),
    ...busyTimesOf(household),
  ]);
}

/** A brew day this long gone by has slipped, ms. */
export const slippedMs = 2 * hourMs;

/** The brew day that was taken, while it has not slipped. */
const takenAt = ({ taken }: Wish, now: number): number | null =>
  taken && taken.pitchAt > now - slippedMs ? Math.max(now, taken.pitchAt) : null;

/**
 * What is asked of the planner: every open wish with its ways. Bottles are counted in millilitres, so that makes of any size add up.
 *
 * @param held wishes whose brew day stands, by key
 */
export function planAsk(
  household: Household,
  forecasts: Pick<Forecasts, 'learnedFor'>,
  now: number,
  held: Readonly<Record<string, number>> = {},
): PlanAsk {
  const { jars, bottleMl } = emptyVessels(household);
  return {
    now,
    waking: wakingOf(household),
    busy: busyOf(household, now),
    jars,
    bottles: bottleMl,
    wishes: openWishes(household, now).map((wish) => ({
      id: wish.key,
      by: wish.by,
      bottles: wish.ml,
      // What was promised for a date is defended first.
      weight: wish.taken ? 2 : 1,
      heldAt: held[wish.key] ?? takenAt(wish, now),
      ways: recipesFor(wish, household).flatMap(
        (recipe) => wayOf(recipe, wish.ml, household, forecasts, now) ?? [],
      ),
    })),
  };
}

/** The jar that must be built up for a wish, and to how much; null where it gives enough. */
export function buildUpOf(
  wish: Pick<Wish, 'ml'>,
  key: string,
  household: Household,
  now: number,
): { readonly lotId: string; readonly amount: number } | null {
  const recipe = newestRecipes(household).find((each) => recipeKey(each) === key);
  if (!recipe) return null;
  const lots = livesHere(household);
  const state = laidOut(recipe, wish.ml, lots, celsiusAt(household.warmths, 'counter', now));
  const jar = lots.find(({ id }) => id === state.life);
  const amount = state.composition.dose;
  return jar && buildUpFor(jar, amount, household, now) ? { lotId: jar.id, amount } : null;
}

/** What the chosen ways of open wishes take together, each thing once, without water. */
export function shoppingFor(
  wishes: readonly Wish[],
  chosen: readonly { readonly wishId: string; readonly outline: { readonly wayId: string } }[],
  household: Household,
): Portion[] {
  const recipes = newestRecipes(household);
  const portions = chosen.flatMap(({ wishId, outline }) => {
    const wish = wishes.find(({ key }) => key === wishId);
    const recipe = recipes.find((each) => recipeKey(each) === outline.wayId);
    return wish && recipe ? recipe.lines.map((line) => portionOfLine(line, wish.ml / 1000)) : [];
  });
  return summed(portions.filter(({ what }) => what !== 'water'));
}
