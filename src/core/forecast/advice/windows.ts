import type { BottleAdvice } from './bottle-advice';
import { firstPassageHours, passageQuantiles } from '../read-off/first-passage';
import { accepted, failureHour, type Risk } from '../read-off/failure';
import type { StoredRun } from '../run/stored-run';

/** When something is good: not before `earliest`, at its best at `best`, too far after `latest`. Hours from the run's start. */
export interface Window {
  readonly earliest: number;
  readonly best: number;
  readonly latest: number;
  /** How soft the edges are: hours within which half of the plausible kitchens cross them. */
  readonly earliestSpread: number;
  readonly latestSpread: number;
}

export interface ChillWindow extends Window {
  /** What closes the window: the working limit's edge, the chance that a bottle of the batch bursts, too much fizz, or too much alcohol. */
  readonly closes: 'limit' | 'strength' | 'fizz' | 'alcohol' | 'beyond-forecast';
  /** Hour by which the accepted share of kitchens has passed the working limit; Infinity when none does. */
  readonly limitHour: number;
  /** Hour by which the accepted share of batches has lost a bottle; Infinity when it never comes so far, or is not asked. */
  readonly failureHour: number;
  /** Whether four fifths of the wanted fizz are more likely there than not by the latest moment. */
  readonly reached: boolean;
}

/** Share of plausible kitchens that may pass the limit before the advice says "chill", for who is careful. */
export const acceptedRisk = accepted.careful.limit;

const spreadOf = (run: StoredRun, hours: Float64Array): number => {
  const [low, high] = passageQuantiles(run, hours, [0.25, 0.75]);
  return Number.isFinite(high!) && Number.isFinite(low!) ? high! - low! : 24;
};

const closedBy = { burst: 'strength', alcohol: 'alcohol', pour: 'fizz' } as const;

/**
 * When to chill a sealed bottle for a wanted fizz.
 *
 * Opens when four fifths of the fizz are more likely there than not; best at the median; closes when one kitchen in twenty
 * has passed the working limit (or the share its maker accepts), a bottle of the batch may have burst with the chance its
 * maker accepts, or a quarter more fizz than wanted is likely, whichever is first.
 *
 * @param run the bottle left warm, from pitching on
 * @param wantedVolumes 0.5–5
 * @param limitBar working limit, bar gauge
 * @param sealedFromHour hour of sealing
 * @param risk what the glass bears and how careful its maker is; careful, and the limit alone, when left out
 * @param laterHours how much later than at its best it is meant to be chilled; earlier when below 0
 * @param advice what was decided by what is poured: the window is then its own, and the working limit only the fence where it
 *   is null
 */
export function chillWindow(
  run: StoredRun,
  wantedVolumes: number,
  limitBar: number,
  sealedFromHour: number,
  risk: Risk | null = null,
  laterHours = 0,
  advice: BottleAdvice | null = null,
): ChillWindow {
  const end = run.hours[run.hours.length - 1]!;
  const passing = (volumes: number) =>
    firstPassageHours(run, 'heldVolumes', volumes, 'rises', sealedFromHour);
  const over = firstPassageHours(run, 'gaugeBar', limitBar, 'rises', sealedFromHour);
  const may = accepted[risk?.caution ?? 'careful'];
  const [limitHour] = passageQuantiles(run, over, [may.limit]) as [number];
  const breaks = risk ? failureHour(run, risk, may.failure) : Infinity;
  const median = (hours: Float64Array) => passageQuantiles(run, hours, [0.5])[0]!;
  const wanted = passing(wantedVolumes);
  const tooFizzy = passing(wantedVolumes * 1.25);
  const nearly = passing(wantedVolumes * 0.8);
  if (advice) {
    const { from, hour, until, ends } = advice.chill;
    return {
      earliest: from,
      best: Math.min(until, Math.max(from, hour + laterHours)),
      latest: until,
      earliestSpread: spreadOf(run, nearly),
      latestSpread: spreadOf(run, ends === 'burst' ? over : tooFizzy),
      closes: until >= end - 1 ? 'beyond-forecast' : closedBy[ends],
      limitHour,
      failureHour: breaks,
      reached: median(nearly) <= until,
    };
  }
  const latest = Math.max(sealedFromHour, Math.min(limitHour, breaks, median(tooFizzy), end));
  const closes =
    latest >= limitHour
      ? 'limit'
      : latest >= breaks
        ? 'strength'
        : latest === end
          ? 'beyond-forecast'
          : 'fizz';
  // A bottle whose limit comes before the fizz is chilled at the limit, for as much fizz as it may hold.
  const opensInTime = median(nearly) < latest - 1;
  const earliest = opensInTime
    ? median(nearly)
    : Math.max(sealedFromHour, latest - Math.max(2, 0.15 * (latest - sealedFromHour)));
  const best = Math.min(Math.max(median(wanted) + laterHours, earliest), latest);
  return {
    earliest,
    best,
    latest,
    earliestSpread: spreadOf(run, nearly),
    latestSpread: closes === 'limit' || closes === 'strength' ? spreadOf(run, over) : spreadOf(run, tooFizzy),
    closes,
    limitHour,
    failureHour: breaks,
    reached: opensInTime,
  };
}

/**
 * When to taste or bottle a first ferment: from a third of the sweetness gone to a bit past the wanted sweetness.
 *
 * @param wantedSweetness g/L as sucrose
 */
export function tasteWindow(run: StoredRun, wantedSweetness: number): Window {
  const end = run.hours[run.hours.length - 1]!;
  const falling = (level: number) => firstPassageHours(run, 'sweetnessGramsPerLitre', level, 'falls');
  const start = falling(wantedSweetness * 1.15);
  const middle = falling(wantedSweetness);
  const over = falling(wantedSweetness * 0.75);
  const [earliest] = passageQuantiles(run, start, [0.5]) as [number];
  const [best] = passageQuantiles(run, middle, [0.5]) as [number];
  const [latest] = passageQuantiles(run, over, [0.5]) as [number];
  return {
    earliest: Math.min(earliest, end),
    best: Math.min(best, end),
    latest: Math.min(latest, end),
    earliestSpread: spreadOf(run, start),
    latestSpread: spreadOf(run, over),
  };
}
