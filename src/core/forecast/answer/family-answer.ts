import type { Stepper } from '../../ferment/run/stepper';
import { bottleAdvice, type BottleAdvice } from '../advice/bottle-advice';
import type { ForecastWarning } from '../ensemble/warnings';
import { readFamily } from '../ensemble/ensemble';
import { refinedCare } from './refine';
import type { FamilyQuestion } from '../question/family-question';
import { bottlingRule, type JarRule } from '../advice/jar-advice';
import type { LotAsk } from '../question/lot-ask';
import { keepingOf, type ColdKeeping } from './keeping';
import type { KitchenPosterior } from '../ensemble/lessons';
import { seriesOf } from '../read-off/quantiles';
import { type FiveNumbers } from '../read-off/weighted-quantiles';
import { doseVigour } from '../starter/ripeness';
import { livelinessWhenDrawn } from '../starter/starter-answer';
import { firstPassageHours, passageQuantiles } from '../read-off/first-passage';
import { usualCare } from '../ensemble/picking';
import { pressureCourse, type PressureCourse } from '../read-off/pressure-course';
import { bytesOf, mostBytes, type StoredRun } from '../run/stored-run';
import { tellingLooks, type InformativeObservation } from '../advice/informative-observation';
import { chillWindow, tasteWindow, type ChillWindow, type Window } from '../advice/windows';

/** The courses a lot's page draws, five quantiles at each hour. */
export interface LotSeries {
  readonly sweet: readonly FiveNumbers[];
  /** CO2 held in the vessel as volumes: what is dissolved once cold and settled. */
  readonly fizz: readonly FiveNumbers[];
  readonly gauge: readonly FiveNumbers[];
  readonly ph: readonly FiveNumbers[];
  readonly alcohol: readonly FiveNumbers[];
}

/** What the forecast says of one lot. Hours count from the family's start. */
export interface LotAnswer {
  readonly lotId: string;
  readonly start: number;
  readonly hours: readonly number[];
  readonly series: LotSeries;
  readonly sealedFromHour: number | null;
  readonly limitBar: number | null;
  /** Another bottle of its batch has burst. */
  readonly burstBeside?: true;
  readonly wantedVolumes: number;
  readonly chill: ChillWindow | null;
  /** What is best done with a warm, sealed bottle; null for the rest, and where nobody knows what its glass bears. */
  readonly advice: BottleAdvice | null;
  readonly taste: Window | null;
  /** Of a jar: when to taste it, and from which taste on to bottle it. */
  readonly tasteRule?: JarRule;
  /** How long it keeps, when it is sealed and cold. */
  readonly keeping: ColdKeeping | null;
  /** Where the pressure of a sealed bottle is going. */
  readonly pressure: PressureCourse | null;
  /** Looks that would narrow the moment to chill or to bottle, for every second hour of the coming days. */
  readonly looks: readonly InformativeObservation[];
}

/** What the forecast says of a family. */
export interface FamilyAnswer {
  readonly rootId: string;
  readonly start: number;
  readonly lots: readonly LotAnswer[];
  readonly effectiveMembers: number;
  readonly members: number;
  /** What its readings say of the culture and the kitchen: lessons for the next. */
  readonly posterior: KitchenPosterior;
  readonly warnings: readonly ForecastWarning[];
  /** Liveliness the dose was taken to have, when it came from a kept jar. */
  readonly doseLiveliness: { readonly mean: number; readonly deviation: number } | null;
}

/** An answer with the runs behind it, one a distinct history, for what-ifs and dragging. */
export interface AnswerWithRuns {
  readonly answer: FamilyAnswer;
  readonly runs: readonly StoredRun[];
  /** Which run each lot's is; a lot whose run was let go is not in it. */
  readonly runOf: Readonly<Record<string, number>>;
}

/**
 * Runs the family and answers for every lot of it. Takes some hundred milliseconds: for a worker.
 *
 * @param keep the lot whose run is held in any case; the others' are, as long as all together stay within `bytes`. Null holds
 *   none
 */
export function answerFamily(
  question: FamilyQuestion,
  stepper: Stepper,
  keep: string | null = question.rootId,
  bytes = mostBytes,
): AnswerWithRuns {
  const doseLiveliness = question.drawn ? livelinessWhenDrawn(question.drawn, stepper) : null;
  const { root } = question.family;
  const vigour = doseLiveliness ? doseVigour(doseLiveliness.mean) : 1;
  const unsure = doseLiveliness ? (0.55 * doseLiveliness.deviation) / vigour : 0;
  const dosed = {
    ...root,
    vigour: root.vigour * vigour,
    vigourSpread: Math.hypot(root.vigourSpread, unsure),
  };
  const family = { ...question.family, root: dosed };
  const found = new Map<string, LotAnswer>();
  const runs: StoredRun[] = [];
  const runOf: Record<string, number> = {};
  const kept = question.lots.find(({ lotId }) => lotId === keep)?.run;
  let left = bytes;
  const read = (run: StoredRun, index: number) => {
    const here = question.lots.filter((ask) => ask.run === index);
    const series = allSeries(run);
    for (const ask of here) found.set(ask.lotId, lotAnswer(ask, question.start, run, series));
    if (keep === null || (index !== kept && bytesOf(run) > left)) return;
    left -= bytesOf(run);
    for (const { lotId } of here) runOf[lotId] = runs.length;
    runs.push(run);
  };
  const weighed = readFamily(family, stepper, read, question.refined ? refinedCare(question) : usualCare);
  const lots = question.lots.map(({ lotId }) => found.get(lotId)!);
  return {
    answer: {
      rootId: question.rootId,
      start: question.start,
      lots,
      effectiveMembers: weighed.effectiveMembers,
      members: root.members,
      posterior: weighed.posterior,
      warnings: weighed.warnings,
      doseLiveliness,
    },
    runs,
    runOf,
  };
}

export const allSeries = (run: StoredRun): LotSeries => ({
  sweet: seriesOf(run, 'sweetnessGramsPerLitre'),
  fizz: seriesOf(run, 'heldVolumes'),
  gauge: seriesOf(run, 'gaugeBar'),
  ph: seriesOf(run, 'ph'),
  alcohol: seriesOf(run, 'abvPercent'),
});

/** What a run says of a lot: also asked of runs that suppose something changed. */
export function lotAnswer(
  ask: LotAsk,
  start: number,
  run: StoredRun,
  series: LotSeries = allSeries(run),
): LotAnswer {
  const { lotId, wantedVolumes, limitBar, sealedFromHour } = ask;
  const advice = adviceFor(ask, start, run);
  const taste = sealedFromHour === null ? tasteWindow(run, ask.wantedSweetness) : null;
  const tasteRule =
    taste && ask.waking
      ? bottlingRule(run, ask.wantedSweetness, { ...ask, waking: ask.waking, window: taste, start })
      : null;
  return {
    lotId,
    start,
    hours: run.hours,
    series,
    sealedFromHour,
    limitBar,
    ...(ask.burstBeside ? { burstBeside: ask.burstBeside } : {}),
    wantedVolumes,
    chill:
      sealedFromHour !== null && limitBar !== null
        ? chillWindow(run, wantedVolumes, limitBar, sealedFromHour, ask.risk, ask.laterHours, advice)
        : null,
    advice,
    taste,
    ...(tasteRule ? { tasteRule } : {}),
    keeping:
      ask.counterCelsius !== null && limitBar !== null
        ? keepingOf(run, {
            wantedVolumes,
            limitBar,
            nowHour: ask.nowHour,
            counterCelsius: ask.counterCelsius,
          })
        : null,
    pressure:
      sealedFromHour !== null && limitBar !== null
        ? pressureCourse(run, limitBar, ask.risk, Math.max(ask.nowHour, sealedFromHour))
        : null,
    looks: looksOf(ask, run),
  };
}

/** So few kitchens bear no rule of looks: only when to chill is asked of them. */
const enoughForRules = 40;

function adviceFor(ask: LotAsk, start: number, run: StoredRun): BottleAdvice | null {
  if (!ask.risk || !ask.waking || ask.sealedFromHour === null || run.members.length < 2) return null;
  return bottleAdvice(run, {
    wantedVolumes: ask.wantedVolumes,
    wantedSweetness: ask.pouredSweetness,
    risk: ask.risk,
    nowHour: Math.max(ask.nowHour, ask.sealedFromHour),
    start,
    waking: ask.waking,
    absence: ask.absence,
    lookedHour: ask.lookedHour,
    ceilingPercent: ask.ceilingPercent ?? null,
    looks: run.members.length < enoughForRules ? [] : ask.looks,
    neverFelt: ask.neverFelt ?? false,
  });
}

/** How far ahead a look is asked for, hours. */
const looksAhead = 48;

/** Looks that narrow when the wanted fizz is there, or the wanted sweetness of what is not sealed. */
function looksOf(ask: LotAsk, run: StoredRun): readonly InformativeObservation[] {
  if (ask.looks.length === 0 || run.members.length < 2) return [];
  const end = run.hours.at(-1)!;
  const passages =
    ask.sealedFromHour !== null
      ? firstPassageHours(run, 'heldVolumes', ask.wantedVolumes, 'rises', ask.sealedFromHour)
      : firstPassageHours(run, 'sweetnessGramsPerLitre', ask.wantedSweetness, 'falls');
  const moments = passages.map((hour) => Math.min(end, hour));
  const [late] = passageQuantiles(run, moments, [0.75]) as [number];
  const fromHour = Math.max(ask.nowHour, ask.sealedFromHour ?? 0);
  return tellingLooks(run, {
    kinds: ask.looks,
    moments,
    fromHour,
    untilHour: Math.min(late, fromHour + looksAhead),
  });
}
