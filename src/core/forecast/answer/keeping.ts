import type { LotStage } from '../../ferment/scenario/ferment';
import { spanAt, stageSpans } from '../../ferment/run/time-table';
import { hourIndexAt } from '../run/hour-index';
import { chanceOverLimit } from '../read-off/chance';
import { firstPassageHours, passageQuantiles } from '../read-off/first-passage';
import { valuesOverTime } from '../read-off/quantiles';
import { quantileLevels, weightedQuantiles, type FiveNumbers } from '../read-off/weighted-quantiles';
import type { StoredRun } from '../run/stored-run';
import { whatIf } from '../what-if/what-if';
import { acceptedRisk } from '../advice/windows';

/** What a chilled bottle would come to on the counter again. */
interface CounterAgain {
  readonly celsius: number;
  /** Hours on the counter until one kitchen in twenty, and one in two, is past the working limit; Infinity when none is. */
  readonly limitHours: readonly [oneInTwenty: number, oneInTwo: number];
  /** Gauge, bar, and gas held, volumes, after a day there. */
  readonly gaugeAfterDay: FiveNumbers;
  readonly volumesAfterDay: FiveNumbers;
}

/** How long a chilled bottle keeps. Hours from the run's start. */
export interface ColdKeeping {
  /** Open it before: one kitchen in twenty is then past the limit, or half hold much more fizz than wanted. */
  readonly openBy: number;
  readonly closes: 'limit' | 'fizz' | 'beyond-forecast';
  /** How soft that is: hours within which half of the kitchens come there. */
  readonly openBySpread: number;
  /** Chance, 0–1, that the limit has been passed by the end of the forecast, and where that ends. */
  readonly chanceAtEnd: number;
  readonly endHour: number;
  readonly counter: CounterAgain;
}

/** So much more fizz than wanted is opened with care and half lost. */
const tooFizzy = 1.5;
/** Hours on the counter that are followed, and the steps that tell when a limit is passed. */
const counterHours = 96;
const counterSteps = 2;

/**
 * How long a bottle in the fridge keeps, and what it would come to on the counter again.
 *
 * @param run the bottle's run, cold to its end
 * @param nowHour hours from the run's start
 * @param counterCelsius temperature of the counter
 */
export function keepingOf(
  run: StoredRun,
  ask: {
    readonly wantedVolumes: number;
    readonly limitBar: number;
    readonly nowHour: number;
    readonly counterCelsius: number;
  },
): ColdKeeping {
  const { wantedVolumes, limitBar, nowHour } = ask;
  const endHour = run.hours.at(-1)!;
  // What it came to while it was warm is over: it counts from when it has cooled.
  const from = Math.min(Math.max(nowHour, coldFrom(run)), endHour);
  const over = firstPassageHours(run, 'gaugeBar', limitBar, 'rises', from);
  const lively = firstPassageHours(run, 'heldVolumes', wantedVolumes * tooFizzy, 'rises', from);
  const [limitHour] = passageQuantiles(run, over, [acceptedRisk]) as [number];
  const [fizzHour] = passageQuantiles(run, lively, [0.5]) as [number];
  const openBy = Math.min(limitHour, fizzHour, endHour);
  const [low, high] = passageQuantiles(run, openBy === limitHour ? over : lively, [0.25, 0.75]) as [
    number,
    number,
  ];
  return {
    openBy,
    closes: openBy === limitHour ? 'limit' : openBy === endHour ? 'beyond-forecast' : 'fizz',
    openBySpread: Number.isFinite(high) ? Math.max(12, high - low) : 7 * 24,
    chanceAtEnd: chanceOverLimit(run, limitBar, endHour, from),
    endHour,
    counter: counterAgain(run, from, limitBar, ask.counterCelsius),
  };
}

const coldBelow = 8;

/** Hour from which the run stands cold to its end; 0 when it never does. */
function coldFrom(run: StoredRun): number {
  const spans = stageSpans(run.ferment.stages);
  const warm = spans.filter(({ stage }) => stage.celsius > coldBelow).at(-1);
  return warm && warm !== spans.at(-1) ? warm.to : 0;
}

function counterAgain(run: StoredRun, fromHour: number, limitBar: number, celsius: number): CounterAgain {
  const { stage } = spanAt(stageSpans(run.ferment.stages), fromHour);
  const { addSugars: _stirredIn, inflows: _cameIn, ...still } = stage;
  const warm: LotStage = { ...still, hours: counterHours, celsius, ventEveryHours: null };
  const again = whatIf(run, { fromHour, stages: [warm], members: 96, stepHours: counterSteps });
  const limits = passageQuantiles(again, firstPassageHours(again, 'gaugeBar', limitBar, 'rises'), [
    acceptedRisk,
    0.5,
  ]);
  const day = hourIndexAt(again.hours, 24);
  const five = (quantity: 'gaugeBar' | 'heldVolumes') =>
    weightedQuantiles(valuesOverTime(again, quantity)[day]!, again.weights, quantileLevels);
  return {
    celsius,
    limitHours: limits,
    gaugeAfterDay: five('gaugeBar'),
    volumesAfterDay: five('heldVolumes'),
  };
}
