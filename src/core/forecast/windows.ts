import { passageHours, passageQuantiles } from './passage';
import type { StoredRun } from './stored-run';

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
  /** What closes the window. */
  readonly closes: 'limit' | 'fizz' | 'beyond-forecast';
  /** Hour by which one kitchen in twenty has passed the working limit; Infinity when none does. */
  readonly limitHour: number;
  /** Median fizz held at the latest moment, volumes. */
  readonly reached: boolean;
}

/** Share of plausible kitchens that may pass the limit before the advice says "chill". */
export const acceptedRisk = 0.05;

const spreadOf = (run: StoredRun, hours: Float64Array): number => {
  const [low, high] = passageQuantiles(run, hours, [0.25, 0.75]);
  return Number.isFinite(high!) && Number.isFinite(low!) ? high! - low! : 24;
};

/**
 * When to chill a sealed bottle for a wanted fizz.
 *
 * Opens when four fifths of the fizz are more likely there than not; best at the median; closes when one kitchen in twenty
 * has passed the working limit, or a quarter more fizz than wanted is likely, whichever is first.
 *
 * @param run the bottle left warm, from pitching on
 * @param wantedVolumes 0.5–5
 * @param limitBar working limit, bar gauge
 * @param sealedFromHour hour of sealing
 */
export function chillWindow(
  run: StoredRun,
  wantedVolumes: number,
  limitBar: number,
  sealedFromHour: number,
): ChillWindow {
  const end = run.hours[run.hours.length - 1]!;
  const passing = (volumes: number) => passageHours(run, 'heldVolumes', volumes, 'rises', sealedFromHour);
  const over = passageHours(run, 'gaugeBar', limitBar, 'rises', sealedFromHour);
  const [limitHour] = passageQuantiles(run, over, [acceptedRisk]) as [number];
  const median = (hours: Float64Array) => passageQuantiles(run, hours, [0.5])[0]!;
  const wanted = passing(wantedVolumes);
  const tooFizzy = passing(wantedVolumes * 1.25);
  const nearly = passing(wantedVolumes * 0.8);
  const latest = Math.min(limitHour, median(tooFizzy), end);
  const closes = latest === limitHour ? 'limit' : latest === end ? 'beyond-forecast' : 'fizz';
  // A bottle whose limit comes before the fizz is chilled at the limit, for as much fizz as it may hold.
  const opensInTime = median(nearly) < latest - 1;
  const earliest = opensInTime
    ? median(nearly)
    : Math.max(sealedFromHour, latest - Math.max(2, 0.15 * (latest - sealedFromHour)));
  const best = Math.min(Math.max(median(wanted), earliest), latest);
  return {
    earliest,
    best,
    latest,
    earliestSpread: spreadOf(run, nearly),
    latestSpread: closes === 'limit' ? spreadOf(run, over) : spreadOf(run, tooFizzy),
    closes,
    limitHour,
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
  const falling = (level: number) => passageHours(run, 'sweetnessGramsPerLitre', level, 'falls');
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
