import type { Scenario } from '../ferment/scenario';
import { stageSpans } from '../ferment/time-table';
import type { ForecastWarning } from './contradictions';
import { weighedEnsemble } from './ensemble';
import { seriesOf, type FiveNumbers } from './quantiles';
import type { StoredRun } from './stored-run';
import { chillWindow, tasteWindow, type ChillWindow, type Window } from './windows';

/** What the interface asks of a forecast. */
export interface BatchAsk {
  readonly scenario: Scenario;
  readonly wantedVolumes: number;
  /** Working limit of the bottle, bar gauge; null for the jar of a first ferment. */
  readonly limitBar: number | null;
  /** Sweetness at which the maker wants to bottle, g/L. */
  readonly wantedSweetness: number;
}

/** Everything a batch's screen shows, with the stored run behind it for what-ifs. */
export interface BatchAnswer {
  readonly run: StoredRun;
  readonly series: {
    readonly sweet: readonly FiveNumbers[];
    /** CO2 held in the vessel as volumes: what is dissolved once cold and settled. */
    readonly fizz: readonly FiveNumbers[];
    readonly gauge: readonly FiveNumbers[];
    readonly ph: readonly FiveNumbers[];
    readonly alcohol: readonly FiveNumbers[];
  };
  readonly sealedFromHour: number | null;
  readonly chill: ChillWindow | null;
  readonly taste: Window | null;
  readonly effectiveMembers: number;
  readonly logVigour: { readonly mean: number; readonly deviation: number };
  readonly warnings: readonly ForecastWarning[];
}

/** Hour at which the vessel was sealed for good, or null. */
export function sealedFrom(scenario: Scenario): number | null {
  const first = stageSpans(scenario.stages).find((span) => span.stage.vessel === 'sealed');
  return first ? first.from : null;
}

/** Runs the ensemble and answers. Takes a few hundred milliseconds: for a worker. */
export function answerBatch({ scenario, wantedVolumes, limitBar, wantedSweetness }: BatchAsk): BatchAnswer {
  const { run, effectiveMembers, logVigour, warnings } = weighedEnsemble(scenario);
  const sealed = sealedFrom(scenario);
  return {
    run,
    series: {
      sweet: seriesOf(run, 'sweetnessGramsPerLitre'),
      fizz: seriesOf(run, 'heldVolumes'),
      gauge: seriesOf(run, 'gaugeBar'),
      ph: seriesOf(run, 'ph'),
      alcohol: seriesOf(run, 'abvPercent'),
    },
    sealedFromHour: sealed,
    chill: sealed !== null && limitBar !== null ? chillWindow(run, wantedVolumes, limitBar, sealed) : null,
    taste: sealed === null ? tasteWindow(run, wantedSweetness) : null,
    effectiveMembers,
    logVigour,
    warnings,
  };
}
