import { slots } from '../../ferment/state/state';
import { stageSpans } from '../../ferment/run/time-table';
import type { ForecastWarning } from './warnings';
import { weightedQuantiles } from '../read-off/weighted-quantiles';
import { rowAt, type StoredRun } from '../run/stored-run';

const { DEAD, LACTICS, YEAST, YEAST_READY } = slots;

/** From this share of dead cells on it is said, and from this warmth on it was heat that killed them. */
const manyDead = 0.3;
const hotFrom = 34;
/** Cold for so many hours, with so little readiness left, cells sleep. */
const longCold = 24 * 10;
const coldBelow = 8;
const asleepBelow = 3;
/** Of a dose that lives less than this it is said. */
const agedBelow = 0.8;

/** What heat, cold, hunger or age did to the cells of a run, said rather than left to be wondered at. */
export function conditionsSaid(run: StoredRun): ForecastWarning[] {
  if (!run.ferment.culture) return [];
  return [...aged(run), ...killed(run), ...asleep(run)];
}

const middle = (run: StoredRun, hourIndex: number, of: (at: number) => number): number =>
  weightedQuantiles(
    run.members.map((_, m) => of(rowAt(run, m, hourIndex))),
    run.weights,
    [0.5],
  )[0]!;

function aged({ ferment }: StoredRun): ForecastWarning[] {
  const { doseAlive } = ferment;
  if (doseAlive >= agedBelow) return [];
  return [{ code: 'dose.old', params: { alive: doseAlive } }];
}

function killed(run: StoredRun): ForecastWarning[] {
  const { rows, hours } = run;
  const share = (at: number) =>
    rows[at + DEAD]! / (rows[at + DEAD]! + rows[at + YEAST]! + rows[at + LACTICS]! + 1e-9);
  const indexAt = (hour: number) => Math.max(0, hours.filter((each) => each <= hour + 1e-6).length - 1);
  const hot = stageSpans(run.ferment.stages)
    .filter(({ stage }) => stage.celsius >= hotFrom)
    .map(({ stage, to }) => ({ stage, dead: middle(run, indexAt(to), share) }))
    .filter(({ dead }) => dead > manyDead);
  const starved = hot.length > 0 ? 0 : middle(run, hours.length - 1, share);
  const worst = hot.reduce((most, each) => (each.dead > most.dead ? each : most), hot[0]!);
  if (hot.length === 0 && starved <= manyDead) return [];
  return [
    hot.length > 0
      ? { code: 'cells.heat', params: { dead: worst.dead, celsius: worst.stage.celsius } }
      : { code: 'cells.hunger', params: { dead: starved } },
  ];
}

function asleep(run: StoredRun): ForecastWarning[] {
  const span = stageSpans(run.ferment.stages).find(
    ({ stage, from, to }) => stage.celsius <= coldBelow && to - from >= longCold,
  );
  if (!span) return [];
  const index = run.hours.filter((hour) => hour <= span.to + 1e-6).length - 1;
  const ready = middle(run, index, (at) => run.rows[at + YEAST_READY]!);
  if (ready >= asleepBelow) return [];
  return [{ code: 'cells.asleep', params: { days: Math.round((span.to - span.from) / 24) } }];
}
