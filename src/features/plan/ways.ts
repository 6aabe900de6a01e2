import { hoursAt } from '@/core/kitchen/pace';
import { everyLot, lotOf, type Household } from '@/core/journal/household';
import { celsiusAt } from '@/core/kitchen/places';
import { isLiving, lastAt } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { pitchOf } from '@/core/lots/pitch';
import type { AskedWay } from '@/core/plan/answer';
import { recipeKey, type Recipe } from '@/core/recipes/recipe';
import { recipeVersions } from '@/core/recipes/recipe-versions';
import { ceilingOf } from '@/core/settings/alcohol-ceiling';
import { peopleOf } from '@/core/settings/person';
import { wakingOf } from '@/core/settings/waking-hours';
import type { Wish } from '@/core/settings/wish';
import { planBuildUp, type BuildUp } from '@/core/starter/build-up';
import { firstReadyAt } from '@/core/starter/beginning-run';
import { mostDrawableMl } from '@/core/starter/draw-plan';
import { keptCulture } from '@/core/starter/feed-plan';
import { hourMs } from '@/core/duration';
import { laidOut } from '../brews/worktop/state/lay-out';
import { composedAsk } from '../brews/worktop/state/composed-ask';
import { planned, type Planned } from '../brews/worktop/state/worktop-plan';
import type { Forecasts } from '../forecasting/forecasts';
import { ingredientOf } from '@/core/matter/ingredients/registry';

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

/** Infants and some households take none: told by its name, an own ingredient's too. */
const hasHoney = (what: string): boolean => /honey/i.test(`${what} ${ingredientOf(what)?.name ?? ''}`);

/** Recipes a wish can be met with: its own, or of whatever works those whose starter is here. */
export function recipesFor(
  { recipe, terms }: Pick<Wish, 'recipe' | 'terms'>,
  household: Household,
): Recipe[] {
  const all = newestRecipes(household).filter(
    ({ lines }) => !terms?.noHoney || !lines.some(({ what }) => hasHoney(what)),
  );
  if (recipe !== '')
    return all.filter((each) => recipeKey(each) === recipe || each.id === recipe.split('@')[0]);
  const cultures = new Set(livesHere(household).map(({ culture }) => culture));
  return all.filter(({ culture }) => cultures.has(culture)).slice(0, mostRecipes);
}

/** The feeds that bring a jar to a dose, at its peak at an instant or as soon after as can be; null when it gives it as it is. */
function buildUpFor(
  lot: Lot,
  doseMl: number,
  household: Household,
  now: number,
  wantedAt: number = now,
): BuildUp | null {
  if (!keptCulture(lot) || doseMl <= mostDrawableMl(lot)) return null;
  const celsius = celsiusAt(household.warmths, lot.place === 'fridge' ? 'counter' : lot.place, now);
  const fedAt = lastAt(lot, ({ kind }) => kind === 'added');
  const soonest = Math.max(now, fedAt + betweenFeedsMs);
  const waking = wakingOf(household);
  const at = Math.max(soonest, wantedAt);
  const built = planBuildUp(lot, { amount: doseMl, at, now: soonest, celsius, waking });
  return built.ok ? built.value : null;
}

/** What a wish means a recipe to be; a first ferment of no day is none. */
function meantBy({ method }: Recipe, terms: Wish['terms'], household: Household): AskedWay['meant'] {
  const ceilings = [terms?.ceiling, ceilingOf(household)].filter((each) => typeof each === 'number');
  const person = peopleOf(household).find(({ key }) => key === terms?.person);
  return {
    straight: method.days[1] === 0,
    ceilingPercent: ceilings.length > 0 ? Math.min(...ceilings) : null,
    sweetness: person?.stopsAt ?? null,
    pauseHours: method.infusion?.cold ? method.infusion.hours[0] : 0,
  };
}

/** As warm from now on as it is now: what comes is counted from the day on which it is brewed. */
const steadyFrom = (household: Household, now: number): Household => ({
  ...household,
  warmths: {
    ...household.warmths,
    counter: (household.warmths.counter ?? []).filter(({ at }) => at <= now),
  },
});

/** A way to meet a wish with a recipe; null while nothing here brings it to life. */
export function wayOf(
  recipe: Recipe,
  { ml, terms }: Pick<Wish, 'ml' | 'terms'>,
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
  const question = composedAsk(state, whole, steadyFrom(household, now), forecasts, now);
  if (!question) return null;
  const lot = life.kind === 'lot' ? life.lot : null;
  const built = lot && wanted > most ? buildUpFor(lot, wanted, household, now) : null;
  if (built && terms?.noFeeding) return null;
  const young = lot ? (firstReadyAt(lot, household.warmths, now) ?? now) : now;
  const rhythm = lot ? (keptCulture(lot)?.keeping.feed.everyHours ?? 24) : 24;
  return {
    id: recipeKey(recipe),
    question,
    meant: meantBy(recipe, terms, household),
    readyAt: Math.max(now, built?.readyAt ?? now, young),
    drawsFrom: lot ? { lotId: lot.id, againAfterHours: hoursAt(rhythm, celsius) } : null,
    actsBefore: built?.feeds.length ?? 0,
  };
}

/** The jar a recipe of a wish's size draws from, and how much; null where it draws from none. */
function drawnFor(ml: number, key: string, household: Household, now: number) {
  const recipe = newestRecipes(household).find((each) => recipeKey(each) === key);
  if (!recipe) return null;
  const lots = livesHere(household);
  const state = laidOut(recipe, ml, lots, celsiusAt(household.warmths, 'counter', now));
  const jar = lots.find(({ id }) => id === state.life);
  return jar ? { jar, amount: state.composition.dose } : null;
}

/** The jar that must be built up for a wish, and to how much; null where it gives enough. */
export function buildUpOf(
  { ml }: Pick<Wish, 'ml'>,
  key: string,
  household: Household,
  now: number,
): { readonly lotId: string; readonly amount: number } | null {
  const drawn = drawnFor(ml, key, household, now);
  if (!drawn) return null;
  const { jar, amount } = drawn;
  return buildUpFor(jar, amount, household, now) ? { lotId: jar.id, amount } : null;
}

/** When the starter is fed for a brew day, ms: none where it gives enough. */
export function feedsFor(
  { ml }: Pick<Wish, 'ml'>,
  key: string,
  household: Household,
  pitchAt: number,
  now: number,
): number[] {
  const drawn = drawnFor(ml, key, household, now);
  const built = drawn && buildUpFor(drawn.jar, drawn.amount, household, now, pitchAt);
  return built?.feeds.map(({ at }) => at) ?? [];
}
