import { fillingAt, spanAt, stageSpans } from '../../ferment/run/time-table';
import { slots } from '../../ferment/state/state';
import { quantities, stillDissolved, sums, type RowContext, type Quantity } from '../run/quantities';
import { rowAt, rowOf, type StoredRun } from '../run/stored-run';
import { each, quantileLevels, weightedQuantiles, type FiveNumbers } from './weighted-quantiles';

const { ROW_SIZE } = slots;

/** Where the liquid of every member is at each reported hour. */
export function placesOf(run: StoredRun): readonly RowContext[] {
  const spans = stageSpans(run.ferment.stages);
  const liquidMl = run.ferment.liquidLitres * 1000;
  const still = stillDissolved(run.ferment);
  return run.hours.map((hour) => {
    const { stage } = spanAt(spans, hour);
    const filling = fillingAt(run.ferment.stages, hour, liquidMl);
    return { stage, celsius: stage.celsius, filling, still };
  });
}

/** Every member's value of a quantity at one reported hour. */
export function valuesAt(
  run: StoredRun,
  quantity: Quantity,
  hourIndex: number,
  place: RowContext,
): Float64Array {
  const values = new Float64Array(run.members.length);
  const sum = sums[quantity];
  if (sum) {
    for (const [slot, factor] of sum.of)
      for (let m = 0, at = rowAt(run, 0, hourIndex) + slot; m < values.length; m++, at += ROW_SIZE)
        values[m]! += factor * run.rows[at]!;
    if (sum.over) for (let m = 0; m < values.length; m++) values[m]! /= sum.over;
    return values;
  }
  // Nothing presses on a jar.
  if (quantity === 'gaugeBar' && place.stage.vessel !== 'sealed') return values;
  const of = quantities[quantity];
  const here = { ...place };
  for (let m = 0; m < values.length; m++) {
    here.celsius = run.celsius[rowOf(run, m, hourIndex)]!;
    values[m] = of(run.rows, rowAt(run, m, hourIndex), here);
  }
  return values;
}

const worked = new WeakMap<StoredRun, Map<Quantity, readonly Float64Array[]>>();

/** Every member's value of a quantity at every reported hour, one array an hour; kept as long as the run. */
export function valuesOverTime(run: StoredRun, quantity: Quantity): readonly Float64Array[] {
  const known = worked.get(run)?.get(quantity);
  if (known) return known;
  const places = placesOf(run);
  const values = acrossGaps(
    run,
    (hour) => valuesAt(run, quantity, hour, places[hour]!),
    (before, after, share) => before.map((value, m) => value + share * (after[m]! - value)),
  );
  const ofRun = worked.get(run) ?? new Map<Quantity, readonly Float64Array[]>();
  worked.set(run, ofRun.set(quantity, values));
  return values;
}

/** Five quantiles of a quantity at every reported hour. */
export function seriesOf(run: StoredRun, quantity: Quantity): FiveNumbers[] {
  const values = valuesOverTime(run, quantity);
  return acrossGaps(
    run,
    (hour) => weightedQuantiles(values[hour]!, run.weights, quantileLevels),
    (before, after, share) => each(before, (value, level) => value + share * (after[level]! - value)),
  );
}

/** Something of every reported hour: worked out where steps ended, on lines between in the hours that long steps passed over. */
function acrossGaps<T>(
  run: StoredRun,
  workedOut: (hour: number) => T,
  between: (before: T, after: T, share: number) => T,
): T[] {
  const { hours, gaps = [] } = run;
  const found: T[] = [];
  let next = 0;
  for (const { first, end } of [...gaps, { first: hours.length, end: hours.length }]) {
    for (; next < first; next++) found[next] = workedOut(next);
    if (end === hours.length) break;
    found[end] = workedOut(end);
    const span = hours[end]! - hours[first - 1]!;
    for (; next < end; next++)
      found[next] = between(found[first - 1]!, found[end]!, (hours[next]! - hours[first - 1]!) / span);
    next = end + 1;
  }
  return found;
}
