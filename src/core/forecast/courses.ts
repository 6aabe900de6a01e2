import { spanAt, stageSpans } from '../ferment/time-table';
import type { LotSeries } from './family-answer';
import { passageHours, passageQuantiles } from './passage';
import {
  placesOf,
  quantileLevels,
  seriesOf,
  valuesAt,
  weightedQuantiles,
  type FiveNumbers,
} from './quantiles';
import type { Quantity } from './quantities';
import { hourIndexAt } from './between-hours';
import { type StoredRun } from './stored-run';
import { chillStages, whatIf } from './what-if';

type Lanes = LotSeries;

/** A course over hours of a forecast, for drawing. */
export interface Course {
  readonly hours: readonly number[];
  readonly series: Lanes;
}

const quantityOf: Record<keyof Lanes, Quantity> = {
  sweet: 'sweetnessGramsPerLitre',
  fizz: 'heldVolumes',
  gauge: 'gaugeBar',
  ph: 'ph',
  alcohol: 'abvPercent',
};

const membersShown = 32;

/**
 * The course of a bottle that goes into the fridge at an hour: the stored run up to then, the cold after it.
 *
 * @param chillHour a whole reported hour of the run
 * @param untilHour how far to follow it
 */
export function chilledCourse(run: StoredRun, series: Lanes, chillHour: number, untilHour: number): Course {
  const index = hourIndexAt(run.hours, chillHour);
  const from = run.hours[index]!;
  const { stage } = spanAt(stageSpans(run.ferment.stages), from);
  const cold = 6 * Math.ceil(Math.max(12, untilHour - from) / 6) + 3;
  const after = whatIf(run, {
    fromHour: from,
    stages: chillStages(stage, cold),
    members: membersShown,
    stepHours: 6,
  });
  const lane = (name: keyof Lanes) => [
    ...series[name].slice(0, index + 1),
    ...seriesOf(after, quantityOf[name]).slice(1),
  ];
  return {
    hours: [...run.hours.slice(0, index + 1), ...after.hours.slice(1).map((hour) => from + hour)],
    series: {
      sweet: lane('sweet'),
      fizz: lane('fizz'),
      gauge: lane('gauge'),
      ph: lane('ph'),
      alcohol: lane('alcohol'),
    },
  };
}

/** What bottling a first ferment at an hour would give. */
export interface BottledThen {
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
  const passages = passageHours(after, 'heldVolumes', wantedVolumes, 'rises');
  const quarters = passageQuantiles(after, passages, [0.25, 0.5, 0.75]);
  const middle = Math.min(168, quarters[1]!);
  const index = hourIndexAt(after.hours, middle);
  const places = placesOf(after);
  const five = (quantity: Quantity, at: number) =>
    weightedQuantiles(
      valuesAt(after, quantity, at, places[at]!),
      after.weights,
      quantileLevels,
    ) as unknown as FiveNumbers;
  return {
    hoursToFizz: quarters as unknown as [number, number, number],
    sweetnessAtBottling: five('sweetnessGramsPerLitre', 0),
    sweetnessThen: five('sweetnessGramsPerLitre', index),
    abvThen: five('abvPercent', index),
  };
}
