import type { FamilyQuestion } from '../question/family-question';
import { firstPassageHours } from '../read-off/first-passage';
import { lastReadHour, type Care } from '../ensemble/picking';
import { valuesOverTime } from '../read-off/quantiles';
import type { StoredRun } from '../run/stored-run';

/**
 * A question asked once more: where a limit is in doubt, chances are worked out from so many kitchens that they lie
 * within two points of what thousands say. It takes some four times as long as the answer that is waited for.
 */

/** Kitchens drawn and run ahead, for each that is run to the end: set by what brings chances within two points. */
const draws = 4;
const runAhead = 6;
/** How far beyond the last reading, and beyond now, kitchens are put in order by when they pass a limit, hours. */
const hoursAhead = 96;

/** The care with which it is worked out: kitchens are put in order by when the bottles pass their limits. */
export function refinedCare({ family, lots }: FamilyQuestion): Care {
  const watched = lots.flatMap(({ run, limitBar, sealedFromHour }) =>
    limitBar !== null && sealedFromHour !== null ? [{ run, limitBar, sealedFromHour }] : [],
  );
  if (watched.length === 0) return { draws, foresight: null };
  return {
    draws,
    foresight: {
      kitchens: runAhead,
      untilHour: Math.max(lastReadHour(family), ...lots.map(({ nowHour }) => nowHour)) + hoursAhead,
      order: (runs) => together(watched.map((each) => lateness(runs[each.run]!, each))),
    },
  };
}

interface Watched {
  readonly limitBar: number;
  readonly sealedFromHour: number;
}

/** When each kitchen passes a limit, hours; those that do not yet, after all that do, by what they are short of. */
function lateness(run: StoredRun, { limitBar, sealedFromHour }: Watched): Float64Array {
  const end = run.hours.at(-1)!;
  const last = valuesOverTime(run, 'gaugeBar').at(-1)!;
  return firstPassageHours(run, 'gaugeBar', limitBar, 'rises', sealedFromHour).map((hour, m) =>
    Number.isFinite(hour) ? hour : end + hoursAhead * Math.max(0, 1 - last[m]! / limitBar),
  );
}

/** All of a kitchen's bottles together: one that is late with one is late with the others. */
const together = (bottles: readonly Float64Array[]): Float64Array =>
  bottles[0]!.map((_, m) => bottles.reduce((sum, bottle) => sum + bottle[m]!, 0));
