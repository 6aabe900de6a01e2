import { recordOf } from '../../record-of';
import { lanes, type Course } from './course';
import { spanAt, stageSpans } from '../../ferment/run/time-table';
import type { LotSeries } from './family-answer';
import { firstPassageHours, passageQuantiles } from '../read-off/first-passage';
import { pourAfterChill, type Pour } from '../what-if/pour';
import { placesOf, seriesOf, valuesAt } from '../read-off/quantiles';
import { quantileLevels, weightedQuantiles, type FiveNumbers } from '../read-off/weighted-quantiles';
import type { Quantity } from '../run/quantities';
import { hourIndexAt } from '../run/hour-index';
import { type StoredRun } from '../run/stored-run';
import { chillStages, whatIf } from '../what-if/what-if';

const quantityOf: Record<keyof LotSeries, Quantity> = {
  sweet: 'sweetnessGramsPerLitre',
  fizz: 'heldVolumes',
  gauge: 'gaugeBar',
  ph: 'ph',
  alcohol: 'abvPercent',
};

const membersShown = 32;

/** What follows when a bottle goes into the fridge at an hour: hours after it, and the lanes there. */
function chilledTail(run: StoredRun, chillHour: number, untilHour: number): Course {
  const from = run.hours[hourIndexAt(run.hours, chillHour)]!;
  const { stage } = spanAt(stageSpans(run.ferment.stages), from);
  const cold = 6 * Math.ceil(Math.max(12, untilHour - from) / 6) + 3;
  const after = whatIf(run, {
    fromHour: from,
    stages: chillStages(stage, cold),
    members: membersShown,
    stepHours: 6,
  });
  return {
    hours: after.hours.slice(1).map((hour) => from + hour),
    series: recordOf(lanes, (name) => seriesOf(after, quantityOf[name]).slice(1)),
  };
}

/** What chilling at an hour gives: the glass, and the lanes from then on. */
export interface ChilledThen {
  readonly hour: number;
  readonly pour: Pour;
  readonly tail: Course;
}

/**
 * What chilling at each of several hours gives, worked out beforehand: whoever drags the moment only looks it up. About ten
 * milliseconds an hour: for a worker.
 */
export const chillTable = (
  run: StoredRun,
  hours: readonly number[],
  limitBar: number,
  untilHour: number,
): ChilledThen[] =>
  hours.map((hour) => ({
    hour,
    pour: pourAfterChill(run, hour, limitBar),
    tail: chilledTail(run, hour, untilHour),
  }));

/** What bottling a first ferment at an hour would give. */
export interface BottledThen {
  readonly hour: number;
  /** Hours after bottling until the wanted fizz: quarter, half and three quarters of plausible kitchens. */
  readonly hoursToFizz: readonly [number, number, number];
  readonly sweetnessAtBottling: FiveNumbers;
  readonly sweetnessThen: FiveNumbers;
  readonly abvThen: FiveNumbers;
}

/**
 * Bottling at an hour, in half-litre bottles with a usual headspace, left at the jar's temperature for up to a week.
 *
 * @param wantedVolumes 0.5–5
 */
export function bottledAt(run: StoredRun, bottleHour: number, wantedVolumes: number): BottledThen {
  const { stage } = spanAt(stageSpans(run.ferment.stages), bottleHour);
  const headspaceMl = run.ferment.liquidLitres * 1000 * 0.04;
  const sealed = {
    ...stage,
    vessel: 'sealed' as const,
    headspaceMl,
    liquidMl: run.ferment.liquidLitres * 1000,
    hours: 168,
    ventEveryHours: null,
  };
  const after = whatIf(run, { fromHour: bottleHour, stages: [sealed], members: membersShown, stepHours: 4 });
  const passages = firstPassageHours(after, 'heldVolumes', wantedVolumes, 'rises');
  const quarters = passageQuantiles(after, passages, [0.25, 0.5, 0.75]);
  const middle = Math.min(168, quarters[1]!);
  const index = hourIndexAt(after.hours, middle);
  const places = placesOf(after);
  const five = (quantity: Quantity, at: number) =>
    weightedQuantiles(valuesAt(after, quantity, at, places[at]!), after.weights, quantileLevels);
  return {
    hour: bottleHour,
    hoursToFizz: quarters,
    sweetnessAtBottling: five('sweetnessGramsPerLitre', 0),
    sweetnessThen: five('sweetnessGramsPerLitre', index),
    abvThen: five('abvPercent', index),
  };
}

/** What bottling at each of several hours gives, worked out beforehand as `chillTable`; some milliseconds an hour: for a worker. */
export const bottleTable = (run: StoredRun, hours: readonly number[], wantedVolumes: number): BottledThen[] =>
  hours.map((hour) => bottledAt(run, hour, wantedVolumes));
