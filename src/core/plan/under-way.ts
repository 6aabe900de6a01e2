import { answerFamily } from '../forecast/answer/family-answer';
import type { FamilyQuestion } from '../forecast/question/family-question';
import type { LotAsk } from '../forecast/question/lot-ask';
import { quantileLevels } from '../forecast/read-off/weighted-quantiles';
import type { StoredRun } from '../forecast/run/stored-run';
import { pourAfterChill } from '../forecast/what-if/pour';
import { resampled } from '../forecast/what-if/resampled';
import type { Stepper } from '../ferment/run/stepper';
import { believed, believedOfBottles } from './believed';
import { chanceBy, quantileOf } from './choices';
import { bottledRun } from './fizz-hours';
import { lastFree, nextFree } from './free-hours';
import type { HeldSteps } from './held';
import { bottleLengths, lengthsOf, type Lengths } from './lengths';
import { hangsOn, spanOf, type Cause, type Step } from './outline';
import { coldHours, wayThrough, type Hands } from './way-through';
import { onClock } from '../calendar';
import { dayMs, hourMs } from '../duration';

/** A wish whose brew ferments already: plain data. */
export interface UnderWayAsk {
  readonly wishId: string;
  /** When it is to stand cold, ms. */
  readonly by: number;
  /** The family of its brew, as the forecast asks it. */
  readonly question: FamilyQuestion;
  /** The jar it ferments in, or the warm bottle that speaks for its batch. */
  readonly lotId: string;
  /** Hours that are held for bottling and for the fridge; null for none. */
  readonly held: HeldSteps;
}

/** What becomes of a wish whose brew is under way. Instants, ms. */
export interface UnderWay {
  readonly wishId: string;
  /** Chance, 0–1, that it stands cold and good in time. */
  readonly chance: number;
  /** When a glass can be poured: eight kitchens in ten lie between. Infinity is never. */
  readonly glass: { readonly from: number; readonly until: number };
  /** What is still to be done, and the glass. */
  readonly steps: readonly Step[];
  readonly hangsOn: Cause | null;
  /** The first noon or evening after it is wished at which it is clearly surer; null when none is, or when it is sure enough. */
  readonly surer: { readonly at: number; readonly chance: number } | null;
  /** What is poured when it is chilled in time whatever it is like then; null when that is not asked, or too late. */
  readonly inTime: InTime | null;
}

/** A glass that is poured in time, before it is as it was meant. */
export interface InTime {
  readonly chillAt: number;
  /** In the middle of all kitchens: volumes, and g/L as sucrose. */
  readonly volumes: number;
  readonly sweetness: number;
  readonly wantedVolumes: number;
  readonly wantedSweetness: number;
}

/** Kitchens that are asked, all alike likely. */
const kitchens = 96;
/** Below this something else is looked for, and clearly surer is so much more. */
const wanting = { below: 0.6, gain: 0.15 };
/** Nobody is told to leave a bottle warm until then with more of a chance, 0–1, that its working limit is passed. */
const overLimit = 0.05;
/** A later time is looked for within so many days, at noon and in the evening. */
const laterDays = 7;
const laterAt = [12 * 60, 20 * 60];

/** What was worked out of a family and a lot of it. */
interface Worked {
  readonly key: string;
  readonly run: StoredRun;
  readonly lot: LotAsk;
  readonly lengths: Lengths;
}

/** What was worked out last, by wish. */
export type UnderWayCache = Map<string, Worked>;

function workedOut(ask: UnderWayAsk, stepper: Stepper, cache: UnderWayCache): Worked {
  const { question, lotId } = ask;
  const key = JSON.stringify({ question, lotId });
  const known = cache.get(ask.wishId);
  if (known?.key === key) return known;
  const { runs, runOf } = answerFamily(question, stepper, lotId);
  const lot = question.lots.find((each) => each.lotId === lotId)!;
  const run = resampled(runs[runOf[lotId]!]!, kitchens);
  const meant = {
    wantedVolumes: lot.wantedVolumes,
    ceilingPercent: lot.ceilingPercent ?? null,
    fromHour: lot.nowHour,
  };
  const lengths =
    lot.sealedFromHour === null
      ? lengthsOf(run, { ...meant, wantedSweetness: lot.wantedSweetness, straight: false, pauseHours: 0 })
      : bottleLengths(run, lot.sealedFromHour, meant);
  const worked = { key, run, lot, lengths };
  cache.set(ask.wishId, worked);
  return worked;
}

/**
 * What becomes of a wish whose brew is under way, by the ensemble that its readings narrowed down.
 *
 * @param cache what was worked out last; what is worked out now is put into it
 * @returns its chance as it is believed; and where it is wanting, a later time, and what is poured when it must be in time
 */
export function underWay(
  ask: UnderWayAsk,
  hands: Hands,
  stepper: Stepper,
  cache: UnderWayCache = new Map(),
): UnderWay {
  const worked = workedOut(ask, stepper, cache);
  const { lengths } = worked;
  const { start } = ask.question;
  const held = heldOf(ask, worked.lot, hands.now);
  const ways = Array.from(lengths.bottleFrom, (_, kitchen) =>
    wayThrough(lengths, kitchen, start, hands, held),
  );
  const isBottled = worked.lot.sealedFromHour !== null;
  const said = (by: number) =>
    isBottled ? believedOfBottles(chanceBy(ways, by)) : believed(chanceBy(ways, by), false);
  const chance = said(ask.by);
  const glasses = Float64Array.from(ways, ({ glassAt }) => glassAt).sort();
  const glass = spanOf(ways, ({ glassAt }) => glassAt);
  const isWanting = chance < wanting.below;
  return {
    wishId: ask.wishId,
    chance,
    glass,
    steps: [
      ...(isBottled ? [] : [{ kind: 'bottle' as const, ...spanOf(ways, ({ bottledAt }) => bottledAt) }]),
      { kind: 'chill', ...spanOf(ways, ({ chilledAt }) => chilledAt) },
      { kind: 'pour', ...glass },
    ],
    hangsOn: hangsOn(ways, ask.by),
    surer: isWanting ? surerAfter(ask.by, chance, said) : null,
    inTime: isWanting && quantileOf(glasses, 0.5) > ask.by ? inTimeOf(ask, worked, hands) : null,
  };
}

/** A bottle was filled when it was; hours that were held and have gone by hold no more. */
function heldOf({ question, held }: UnderWayAsk, { sealedFromHour }: LotAsk, now: number): HeldSteps {
  const ahead = (at: number | null) => (at !== null && at >= now ? at : null);
  return {
    bottleAt: sealedFromHour === null ? ahead(held.bottleAt) : question.start + sealedFromHour * hourMs,
    chillAt: ahead(held.chillAt),
  };
}

function surerAfter(by: number, chance: number, said: (by: number) => number): UnderWay['surer'] {
  for (let day = by; day <= by + laterDays * dayMs; day += dayMs)
    for (const minutes of laterAt) {
      const at = onClock(day, minutes);
      if (at > by && said(at) >= chance + wanting.gain) return { at, chance: said(at) };
    }
  return null;
}

/** Bottled at once where it is not yet, and chilled at the last moment; not where its pressure may pass the limit by then. */
function inTimeOf({ by, question }: UnderWayAsk, { run, lot }: Worked, { free, now }: Hands): InTime | null {
  const chillAt = lastFree(by - coldHours * hourMs, free);
  const bottleAt = nextFree(now, free);
  const isBottled = lot.sealedFromHour !== null;
  if (chillAt < (isBottled ? now : bottleAt + hourMs)) return null;
  const from = isBottled ? question.start : bottleAt;
  const closed = isBottled ? run : bottledRun(run, (bottleAt - question.start) / hourMs);
  const pour = pourAfterChill(closed, (chillAt - from) / hourMs, lot.limitBar ?? Infinity);
  if (pour.chanceOverLimit > overLimit) return null;
  const middle = quantileLevels.indexOf(0.5);
  return {
    chillAt,
    volumes: pour.volumes[middle]!,
    sweetness: pour.sweetnessGramsPerLitre[middle]!,
    wantedVolumes: lot.wantedVolumes,
    wantedSweetness: lot.pouredSweetness,
  };
}
