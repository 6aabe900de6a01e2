import { knownCultures, type CultureTable } from '../cultures/registry';
import { hoursAt } from '../kitchen/pace';
import { lastAwake, type WakingHours } from '../kitchen/waking';
import { feedRiseMlPerGram } from '../lots/add';
import { begunRipe } from '../lots/grains';
import type { Lot } from '../lots/lot';
import { levelMl, solidGrams } from '../matter/contents';
import type { Portion } from '../matter/portion';
import { sensibleGrams, sensibleMillilitres } from '../measures/sensible';
import { refusal, success, type Result } from '../result';
import { leastDrawMl } from './draw-plan';
import { keptCulture, usualFeed } from './feed-plan';
import { hourMs } from '../duration';

/** One feed of a build-up. */
interface PlannedFeed {
  readonly at: number;
  readonly portions: readonly Portion[];
  /** Level, or grains in g, that it leaves in the jar or makes by the next feed. */
  readonly comesTo: number;
}

export interface BuildUp {
  readonly feeds: readonly PlannedFeed[];
  /** When it comes out of the fridge, ms; null when it is not in it. */
  readonly wakeAt: number | null;
  /** When it is at its peak, ms: the wanted time, or the soonest when that is later. */
  readonly readyAt: number;
  readonly soonest: number;
  /** What may be drawn then: ml of liquid, or g of grains, as asked for. */
  readonly amount: number;
}

/** What is wanted of a jar: so much liquid (ml) or so many grains (g), at its peak at an instant. */
export interface Wanted {
  readonly amount: number;
  readonly at: number;
  readonly now: number;
  readonly celsius: number;
  /** When somebody is up: a feed that would fall in the night is given before it. */
  readonly waking?: WakingHours;
}

/** A jar that is lively doubles by the next feed; more water would drown it. Practice. */
const mostGrowth = 2;
/** Share by which grains grow in a good cycle: anything from nothing to doubling; planned with little. Practice. */
const grainsGrow = 0.2;
/** Share of the feeding rhythm after which a fed jar peaks: the evening before for a jar fed daily. Practice. */
const peaksAfter = 0.45;
/** A jar is filled to nine tenths. */
const fullest = 0.9;

/**
 * Which feeds, and when, bring a jar to a wanted amount at its peak at a wanted time; planned backwards from there.
 *
 * The jar may double with each feed, its last feed lies a peak's length before the wanted time, the others one feeding rhythm
 * apart at the place's temperature. What must stay to regrow is counted on top of what is drawn.
 *
 * @returns the plan, for the soonest time when the wanted one cannot be met; refusals `build.too-much` (with the jar it would
 *   take), `build.nothing` and `build.not-kept`
 * @example // 400 ml, of which 40 % of the mark stay: 300 ml in four days take two feeds
 */
export function planBuildUp(
  lot: Lot,
  wanted: Wanted,
  cultures: CultureTable = knownCultures,
): Result<BuildUp> {
  const culture = keptCulture(lot, cultures);
  if (!culture || culture.keeping.feed.everyHours > 24 * 9)
    return refusal('build.not-kept', { lot: lot.name });
  if (!(wanted.amount >= leastDrawMl))
    return refusal('build.nothing', { least: leastDrawMl, unit: culture.unit });
  const { keeping } = culture;
  const grains = culture.unit === 'g' && keeping.renews;
  const here = grains ? solidGrams(lot.contents, keeping.begin.body) : levelMl(lot.contents);
  const stays = grains ? 0 : keeping.mustStay * lot.markMl;
  const goal = grains ? wanted.amount + Math.min(here, wanted.amount) * 0.5 : wanted.amount + stays;
  if (!(here > 0)) return refusal('build.empty', { lot: lot.name });
  if (!grains && goal > lot.vessel.ml * fullest) {
    return refusal('build.too-much', {
      wanted: wanted.amount,
      jar: Math.ceil(goal / fullest / 50) * 50,
      stays,
      most: Math.max(0, Math.floor((lot.vessel.ml * fullest - stays) / 5) * 5),
    });
  }
  const growth = grains ? 1 + grainsGrow : mostGrowth;
  const feeds = Math.max(1, Math.ceil(Math.log(goal / here) / Math.log(growth) - 1e-9));
  const rhythm = hoursAt(keeping.feed.everyHours, wanted.celsius) * hourMs;
  const peak = peaksAfter * rhythm;
  const asleep = lot.place === 'fridge' ? rhythm : 0;
  const ripensHours = begunRipe(lot, culture) ? 0 : 24 * keeping.ripensDays[1];
  const ripe = lot.begunAt + hoursAt(ripensHours, wanted.celsius) * hourMs;
  const needs = asleep + (feeds - 1) * rhythm + peak;
  const soonest = Math.max(wanted.now + needs, ripe);
  const readyAt = Math.max(wanted.at, soonest);
  const first = readyAt - needs + asleep;
  let level = here;
  return success({
    amount: wanted.amount,
    readyAt,
    soonest,
    wakeAt: asleep > 0 ? Math.max(wanted.now, first - asleep) : null,
    feeds: Array.from({ length: feeds }, (_, i) => {
      const comesTo = Math.max(level, Math.min(goal, level * growth));
      const portions = grains ? cycleOf(lot, level, cultures) : feedTo(lot, level, comesTo, cultures);
      level = comesTo;
      const at = first + i * rhythm;
      return {
        at: Math.max(wanted.now, wanted.waking ? lastAwake(at, wanted.waking) : at),
        portions,
        comesTo,
      };
    }),
  });
}

/** A feed that also fills up: sugar and plant for the level it comes to, and the water that is missing. */
function feedTo(lot: Lot, level: number, comesTo: number, cultures: CultureTable): readonly Portion[] {
  const { feed } = keptCulture(lot, cultures)!.keeping;
  const usual = usualFeed(lot, lot.markMl, cultures);
  const scaled = usual
    .filter(({ what }) => what !== 'water')
    .map((portion) => ({ ...portion, grams: sensibleGrams((portion.grams ?? 0) * (comesTo / lot.markMl)) }));
  const rise = feed.bodyShare * comesTo * feedRiseMlPerGram;
  const water = sensibleMillilitres(Math.max(0, comesTo - level - rise));
  return water > 0 ? [...scaled, { what: 'water', ml: water }] : scaled;
}

/** A cycle of grains: the usual sugar water, more of it as they grow. */
function cycleOf(lot: Lot, grams: number, cultures: CultureTable): readonly Portion[] {
  const body = keptCulture(lot, cultures)!.keeping.begin.body;
  const now = Math.max(1, solidGrams(lot.contents, body));
  return usualFeed(lot, 0, cultures).map((portion) => ({
    ...portion,
    ...(portion.grams === undefined ? {} : { grams: sensibleGrams(portion.grams * (grams / now)) }),
    ...(portion.ml === undefined ? {} : { ml: sensibleMillilitres(portion.ml * (grams / now)) }),
  }));
}
