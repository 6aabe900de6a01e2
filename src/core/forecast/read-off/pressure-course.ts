import { failureCourse, type Risk } from './failure';
import { firstPassageHours, passageQuantiles } from './first-passage';
import { quantileLevels, type FiveNumbers } from './weighted-quantiles';
import type { StoredRun } from '../run/stored-run';

/** Shares of a working limit that a pressure watch names. */
const watchShares = [0.7, 0.9, 1] as const;
export type WatchShare = (typeof watchShares)[number];

/** Where a sealed bottle's pressure is going. Hours from the run's start. */
export interface PressureCourse {
  /** When it passes each share of its working limit, five quantiles; Infinity where kitchens never get there. */
  readonly passes: readonly { readonly share: WatchShare; readonly hours: FiveNumbers }[];
  /** Chance that a bottle of the batch has burst by each reported hour. */
  readonly failure: readonly number[];
}

/**
 * Where a sealed bottle's pressure is going, as it stands now.
 *
 * @param fromHour what lies before is over: a bottle that has been chilled is not past what it was warm
 */
export function pressureCourse(
  run: StoredRun,
  limitBar: number,
  risk: Risk | null,
  fromHour: number,
): PressureCourse {
  return {
    passes: watchShares.map((share) => ({
      share,
      hours: passageQuantiles(
        run,
        firstPassageHours(run, 'gaugeBar', share * limitBar, 'rises', fromHour),
        quantileLevels,
      ),
    })),
    failure: risk ? failureCourse(run, risk) : [],
  };
}
